package hingeyard.app.match;

import hingeyard.core.fit.FitAssessor;
import hingeyard.formats.FitFiles;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** One kit on one bike, both from files: the same answer as the headless command's. Nothing is read from the shop and nothing is saved. */
@RestController
class FitController {

    private static final int MOST = 400_000;

    /** @param survey,kit,stock,rules the files' texts */
    record FitQuestion(@NotBlank(message = "a survey file's text") @Size(max = MOST, message = "at most 400 kB") String survey,
            @NotBlank(message = "a kit sheet's text") @Size(max = MOST, message = "at most 400 kB") String kit,
            @NotNull(message = "a stock file's text, or nothing") Optional<@Size(max = MOST, message = "at most 400 kB") String> stock,
            @NotNull(message = "a rules file's text, or nothing") Optional<@Size(max = MOST, message = "at most 400 kB") String> rules) {
    }

    private final FitAssessor assessor;

    FitController(FitAssessor assessor) {
        this.assessor = assessor;
    }

    @PostMapping(path = "/api/fit", produces = MediaType.APPLICATION_JSON_VALUE)
    String fit(@Valid @RequestBody FitQuestion question) {
        return FitFiles.assess(assessor, question.survey(), question.kit(), question.stock(), question.rules()).json();
    }
}
