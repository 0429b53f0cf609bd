package hingeyard.app.customer;

import hingeyard.app.command.Commands;
import hingeyard.app.person.SecurityLog;
import hingeyard.app.person.SignedIn;
import hingeyard.core.explain.Ruling;
import hingeyard.core.privacy.Erasure;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** A customer asks what the shop knows of them, or that it forgets them. */
@RestController
@RequestMapping("/api/customers/{id}")
class ErasingController {

    /** @param goes sentences @param stays sentences, each with why */
    record ErasureView(Ruling may, List<String> goes, List<String> stays) {
    }

    /** @param version what its writer saw @param name the customer’s, typed out */
    record ErasureGiven(int version,
            @NotBlank(message = "the customer’s name, typed out") @Size(max = 120, message = "at most 120 letters") String name) {
    }

    private final Erasing erasing;
    private final Commands commands;
    private final SecurityLog log;
    private final JsonMapper json;

    ErasingController(Erasing erasing, Commands commands, SecurityLog log, JsonMapper json) {
        this.erasing = erasing;
        this.commands = commands;
        this.log = log;
        this.json = json;
    }

    @GetMapping("/erasure")
    ErasureView erasure(@PathVariable(name = "id") long id) {
        Erasure.Standing now = erasing.standing(id);
        return new ErasureView(Erasure.may(now), Erasure.GOES, Erasure.stays(now));
    }

    @PostMapping("/erasure")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void erase(@PathVariable(name = "id") long id, @Valid @RequestBody ErasureGiven given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            erasing.erase(id, given.version(), given.name());
            log.note(SecurityLog.What.ERASED, SignedIn.account(), "customer " + id);
            return true;
        });
    }

    /** Everything the shop knows of them, in one file: what stands in the tables as JSON, papers and photos as they are. */
    @GetMapping("/data")
    void data(@PathVariable(name = "id") long id, HttpServletResponse response) throws IOException {
        // Asked for before the first byte goes out: somebody who is not there is told so.
        erasing.standing(id);
        log.note(SecurityLog.What.TAKEN_OUT, SignedIn.account(), "what is known of customer " + id);
        response.setContentType("application/zip");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"customer-%d.zip\"".formatted(id));
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        try (ZipPack pack = new ZipPack(response.getOutputStream(), json)) {
            erasing.handOut(id, pack);
        }
    }
}
