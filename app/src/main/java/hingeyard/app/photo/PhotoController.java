package hingeyard.app.photo;

import hingeyard.app.command.Commands;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import java.io.IOException;
import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Pictures in and out. */
@RestController
class PhotoController {

    private static final CacheControl FOR_EVER = CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable();
    private static final int LONGEST_CAPTION = 200;

    private final Photos photos;
    private final Commands commands;

    PhotoController(Photos photos, Commands commands) {
        this.photos = photos;
        this.commands = commands;
    }

    @PostMapping(path = "/api/jobs/{number}/photos", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    @PreAuthorize("hasAnyRole('MANAGER', 'TECHNICIAN')")
    PhotoCard add(@PathVariable(name = "number") long number, @RequestPart(name = "file") MultipartFile file, @RequestParam(name = "subject") String subject,
                  @RequestParam(name = "caption", defaultValue = "") String caption, @RequestHeader(name = "Idempotency-Key", required = false) String key) throws IOException {
        if (caption.length() > LONGEST_CAPTION) {
            throw Refused.input("caption", caption.length() + " letters", "at most " + LONGEST_CAPTION + " letters");
        }
        byte[] bytes = file.getBytes();
        String name = file.getOriginalFilename() == null ? "the file" : file.getOriginalFilename();
        return commands.once(key, PhotoCard.class, () -> photos.add(number, subject, caption, bytes, name, SignedIn.name()));
    }

    @GetMapping(path = "/api/photos/{id}/picture", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> picture(@PathVariable(name = "id") long id) {
        return ResponseEntity.ok().cacheControl(FOR_EVER).body(photos.bytes(id, false));
    }

    @GetMapping(path = "/api/photos/{id}/small", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> small(@PathVariable(name = "id") long id) {
        return ResponseEntity.ok().cacheControl(FOR_EVER).body(photos.bytes(id, true));
    }

    @DeleteMapping("/api/photos/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @PreAuthorize("hasAnyRole('MANAGER', 'TECHNICIAN')")
    void remove(@PathVariable(name = "id") long id) {
        commands.once(null, Boolean.class, () -> {
            photos.remove(id, SignedIn.name());
            return true;
        });
    }
}
