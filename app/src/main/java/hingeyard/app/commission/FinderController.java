package hingeyard.app.commission;

import hingeyard.app.command.Commands;
import hingeyard.app.install.Steps;
import hingeyard.app.install.Stop;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import hingeyard.core.commission.Symptom;
import hingeyard.core.commission.Symptom.Cause;
import hingeyard.core.install.Blocker;
import hingeyard.formats.SymptomFiles;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** The symptom finder: from what one sees to its cause, and what a cause that ends in a stop does to the step. */
@RestController
class FinderController {

    record SymptomsAnswer(List<Symptom> symptoms) {
    }

    /** @param cause absent when none of the usual ones was it */
    record CauseGiven(@NotBlank(message = "id of a symptom") String symptom, Optional<String> cause) {
    }

    /** @param words what stops the step now */
    record CauseAnswer(Blocker.Kind kind, String kindLabel, String mustAct, String words) {
    }

    private static final int LONGEST = 400;

    private final List<Symptom> symptoms = SymptomFiles.shipped();
    private final Steps steps;
    private final Commands commands;

    FinderController(Steps steps, Commands commands) {
        this.steps = steps;
        this.commands = commands;
    }

    @GetMapping("/api/symptoms")
    SymptomsAnswer symptoms() {
        return new SymptomsAnswer(symptoms);
    }

    /** Says what a stuck step's test failed for; the cause must be one that ends in a stop. */
    @PostMapping("/api/jobs/{number}/steps/{key}/cause")
    CauseAnswer found(@PathVariable(name = "number") long number, @PathVariable(name = "key") String step,
            @Valid @RequestBody CauseGiven given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        Symptom symptom = symptoms.stream().filter(s -> s.id().equals(given.symptom())).findFirst()
                .orElseThrow(() -> Refused.input("symptom", given.symptom(), "one of " + symptoms.stream().map(Symptom::id).toList()));
        Stop stop = given.cause().map(id -> stop(symptom, id)).orElseGet(() -> Stop.of(Blocker.Kind.TEST_FAILED,
                "%s: none of its %d usual causes".formatted(symptom.title(), symptom.causes().size())));
        commands.once(key, Boolean.class, () -> {
            steps.found(number, step, stop, SignedIn.name());
            return true;
        });
        return new CauseAnswer(stop.kind(), stop.kind().label(), stop.kind().mustAct().label(), stop.what());
    }

    private static Stop stop(Symptom symptom, String id) {
        List<Cause> stopping = symptom.causes().stream().filter(c -> !c.stop().isEmpty()).toList();
        Cause cause = stopping.stream().filter(c -> c.id().equals(id)).findFirst()
                .orElseThrow(() -> Refused.input("cause", id, "one that ends in a stop: " + stopping.stream().map(Cause::id).toList()));
        String words = "%s: %s. %s".formatted(symptom.title(), cause.cause(), cause.work());
        return Stop.of(Blocker.Kind.valueOf(cause.stop()), words.length() > LONGEST ? words.substring(0, LONGEST) : words);
    }
}
