package hingeyard.app.install;

import hingeyard.app.command.Commands;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import hingeyard.core.install.Phase;
import hingeyard.core.install.LearnedMinutes;
import hingeyard.core.install.library.FragmentText;
import hingeyard.core.install.library.StepText;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The step library: read by everybody, brought in by the manager. */
@RestController
@RequestMapping("/api/step-library")
class LibraryController {

    /**
     * @param learned the shop's own minutes; absent while too few were finished
     * @param counted how many finished steps they rest on
     * @param leftOut how many more were ticked too soon to be true
     * @param guards  why nobody leaves it out
     * @param rests   time that has to pass before it, and why
     */
    record LibraryStep(String key, String title, String phase, int minutes, Optional<Integer> learned, int counted, int leftOut,
            boolean hold, Optional<String> guards, int figures, Optional<String> rests) {
    }

    record LibraryFragment(String fragment, int version, String title, boolean addable, List<LibraryStep> steps) {
    }

    record LibraryAnswer(List<LibraryFragment> fragments, int steps, List<LibraryInForce.Change> changes) {
    }

    record FragmentFile(String fragment, int version, String yaml) {
    }

    record FragmentGiven(@NotBlank(message = "a fragment as YAML") @Size(max = 200_000, message = "at most 200000 letters") String yaml,
            @Size(max = 400, message = "at most 400 letters") String reason, boolean tryOnly) {
    }

    /** @param minutes as they were shown */
    record Learned(@NotBlank(message = "a step's key") String step, @Min(value = 1, message = "1 or more minutes") int minutes) {
    }

    /** @param people whoever had hold points inspected */
    record RefusalsAnswer(List<Refusals.OfPerson> people, List<RefusalView> last) {
    }

    /** @param title of the step, by the library in force */
    record RefusalView(Refusals.Refusal refusal, String title) {
    }

    private final LibraryInForce library;
    private final Refusals refusals;
    private final Commands commands;

    LibraryController(LibraryInForce library, Refusals refusals, Commands commands) {
        this.library = library;
        this.refusals = refusals;
        this.commands = commands;
    }

    @GetMapping
    LibraryAnswer all() {
        LearnedMinutes learned = library.learned();
        List<LibraryFragment> fragments = library.now().fragments().stream()
                .map(f -> new LibraryFragment(f.fragment(), f.version(), f.title(), f.addable(), f.steps().stream()
                        .map(s -> told(s, learned.of(s.key()))).toList()))
                .toList();
        return new LibraryAnswer(fragments, fragments.stream().mapToInt(f -> f.steps().size()).sum(), library.changes());
    }

    private static LibraryStep told(StepText s, LearnedMinutes.OfStep learned) {
        return new LibraryStep(s.key(), s.title(), Phase.find(s.phase()).map(Phase::label).orElse(s.phase()), s.minutes(),
                learned.minutes(), learned.counted(), learned.leftOut(), s.hold() != null,
                Optional.ofNullable(s.guards()), s.figures().size(),
                Optional.ofNullable(s.rests()).map(r -> "%d min after %s: %s".formatted(r.minutes(), r.since(), r.why())));
    }

    /** What second persons did not accept, and of whom. */
    @GetMapping("/refusals")
    RefusalsAnswer refused() {
        Map<String, String> titles = library.now().fragments().stream().flatMap(f -> f.steps().stream())
                .collect(Collectors.toMap(StepText::key, StepText::title, (a, b) -> a));
        return new RefusalsAnswer(refusals.counted(),
                refusals.last().stream().map(r -> new RefusalView(r, titles.getOrDefault(r.step(), r.step()))).toList());
    }

    @GetMapping("/{fragment}")
    FragmentFile file(@PathVariable(name = "fragment") String fragment) {
        FragmentText text = library.now().find(fragment).orElseThrow(() -> Refused.notFound("fragment", fragment));
        return new FragmentFile(fragment, text.version(), library.text(fragment));
    }

    /**
     * Reads and lints a fragment beside the others; kept as the shop's next version unless it is only tried. Jobs that have begun keep
     * their steps.
     */
    @PostMapping
    LibraryAnswer bring(@Valid @RequestBody FragmentGiven given, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        FragmentText fragment = library.tried(given.yaml());
        int next = library.nextVersion(fragment.fragment());
        if (!given.tryOnly()) {
            if (given.reason() == null || given.reason().isBlank()) {
                throw Refused.input("reason", "nothing", "why it is changed, 1 to 400 letters");
            }
            commands.once(key, Boolean.class, () -> {
                if (fragment.version() != library.nextVersion(fragment.fragment())) {
                    throw Refused.input("version", String.valueOf(fragment.version()), "%d: the one in force counted up".formatted(next));
                }
                library.keep(fragment, given.yaml(), given.reason().strip(), SignedIn.name());
                return true;
            });
        }
        return all();
    }

    /** Takes what was learned of a step over into the book. */
    @PostMapping("/minutes")
    LibraryAnswer takeOver(@Valid @RequestBody Learned given, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            library.takeOver(given.step(), given.minutes(), SignedIn.name());
            return true;
        });
        return all();
    }
}
