package hingeyard.app.opening;

import hingeyard.app.command.Commands;
import hingeyard.app.face.Faces;
import hingeyard.app.face.ShopFace;
import hingeyard.app.photo.PictureFile;
import hingeyard.app.problem.Refused;
import hingeyard.formats.Letterhead;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The shop's name, address, terms, currency and sign. */
@RestController
@RequestMapping("/api/shop/face")
class FaceController {

    /** A sign is printed at most 45 mm wide: at 300 dots an inch this is plenty. */
    private static final int SIGN_SIDE = 600;

    /**
     * @param version    what a change of it builds on
     * @param currencies codes to choose from
     */
    record FaceView(int version, String name, String address, String telephone, String taxNumber, String terms, String currency,
            boolean sign, List<String> currencies) {
    }

    /** @param version what its writer saw */
    record FaceGiven(int version, @NotBlank(message = "the shop’s name") @Size(max = 80, message = "at most 80 letters") String name,
            @NotNull(message = "the address, may be empty") @Size(max = 300, message = "at most 300 letters") String address,
            @NotNull(message = "a telephone, may be empty") @Size(max = 60, message = "at most 60 letters") String telephone,
            @NotNull(message = "a tax number, may be empty") @Size(max = 60, message = "at most 60 letters") String taxNumber,
            @NotNull(message = "the terms, may be empty") @Size(max = 2000, message = "at most 2000 letters") String terms,
            @NotBlank(message = "a currency’s code") String currency) {
    }

    private final Faces faces;
    private final Commands commands;

    FaceController(Faces faces, Commands commands) {
        this.faces = faces;
        this.commands = commands;
    }

    @GetMapping
    FaceView face() {
        ShopFace f = faces.now();
        return new FaceView(f.version(), f.name(), f.address(), f.telephone(), f.taxNumber(), f.terms(), f.currency(),
                faces.sign().isPresent(), Faces.offered());
    }

    @PutMapping
    FaceView change(@Valid @RequestBody FaceGiven given, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            faces.change(given.version(), given.name(), given.address(), given.telephone(), given.taxNumber(), given.terms(),
                    given.currency());
            return true;
        });
        return face();
    }

    @GetMapping("/sign")
    ResponseEntity<byte[]> sign() {
        Letterhead.Sign sign = faces.sign().orElseThrow(() -> Refused.notFound("sign", "of this shop"));
        return ResponseEntity.ok().contentType(MediaType.IMAGE_JPEG).cacheControl(CacheControl.noCache()).body(sign.jpeg());
    }

    @PostMapping(path = "/sign", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    FaceView hang(@RequestParam(name = "file") MultipartFile file,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        PictureFile picture = PictureFile.of(bytes(file), Objects.requireNonNullElse(file.getOriginalFilename(), "file"), SIGN_SIDE);
        commands.once(key, Boolean.class, () -> {
            faces.hang(Optional.of(new Letterhead.Sign(picture.picture(), picture.width(), picture.height())));
            return true;
        });
        return face();
    }

    private static byte[] bytes(MultipartFile file) {
        try {
            return file.getBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @DeleteMapping("/sign")
    FaceView takeDown(@RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            faces.hang(Optional.empty());
            return true;
        });
        return face();
    }
}
