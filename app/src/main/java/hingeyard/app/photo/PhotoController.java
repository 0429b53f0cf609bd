package hingeyard.app.photo;

import hingeyard.app.command.Commands;
import hingeyard.app.person.SignedIn;
import hingeyard.core.rights.Right;
import hingeyard.app.problem.Refused;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import hingeyard.core.fit.MakersApproval;
import java.io.IOException;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Pictures in and out. */
@RestController
class PhotoController {

    /** Asked for again each time, which costs no picture: whoever is signed out asks in vain. */
    private static final CacheControl WHILE_SIGNED_IN = CacheControl.noCache().cachePrivate();
    private static final int LONGEST_CAPTION = 200;

    record StrikeOut(
            @NotBlank(message = "why it counts for nothing, 1 to 400 letters") @Size(max = 400, message = "at most 400 letters") String reason) {
    }

    private final Photos photos;
    private final Commands commands;

    PhotoController(Photos photos, Commands commands) {
        this.photos = photos;
        this.commands = commands;
    }

    @PostMapping(path = "/api/jobs/{number}/photos", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    PhotoCard add(@PathVariable(name = "number") long number, @RequestPart(name = "file") MultipartFile file,
            @RequestParam(name = "subject") String subject,
            @RequestParam(name = "caption", defaultValue = "") String caption,
            @RequestParam(name = "paper", defaultValue = "") String paper,
            @RequestParam(name = "dated", required = false) LocalDate dated,
            @RequestParam(name = "limit", defaultValue = "") String limit,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) throws IOException {
        if (caption.length() > LONGEST_CAPTION) {
            throw Refused.input("caption", caption.length() + " letters", "at most " + LONGEST_CAPTION + " letters");
        }
        byte[] bytes = file.getBytes();
        String name = file.getOriginalFilename() == null ? "the file" : file.getOriginalFilename();
        return commands.once(key, PhotoCard.class,
                () -> photos.add(number, subject, caption, bytes, name, SignedIn.may(Right.FILE_APPROVAL),
                        new MakersApproval(paper, Optional.ofNullable(dated), limit), SignedIn.name()));
    }

    @GetMapping(path = "/api/photos/{id}/picture", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> picture(@PathVariable(name = "id") long id) {
        return shown(id, false);
    }

    @GetMapping(path = "/api/photos/{id}/small", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> small(@PathVariable(name = "id") long id) {
        return shown(id, true);
    }

    /** A picture never changes. */
    private ResponseEntity<byte[]> shown(long id, boolean small) {
        return ResponseEntity.ok().cacheControl(WHILE_SIGNED_IN).eTag("%d-%s".formatted(id, small ? "small" : "whole"))
                .body(photos.bytes(id, small));
    }

    @PostMapping("/api/photos/{id}/strike-out")
    PhotoCard strikeOut(@PathVariable(name = "id") long id, @Valid @RequestBody StrikeOut given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            photos.strikeOut(id, given.reason().strip(), SignedIn.name());
            return true;
        });
        return photos.struck(id);
    }
}
