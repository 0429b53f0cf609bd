package hingeyard.app.blocker;

import hingeyard.app.bill.Bills;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.calloff.CallOffs;
import hingeyard.app.command.Commands;
import hingeyard.app.install.Blockers;
import hingeyard.app.install.JobWork;
import hingeyard.app.install.LibraryInForce;
import hingeyard.app.install.OpenStop;
import hingeyard.app.match.Matches;
import hingeyard.app.person.SignedIn;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.explain.Ruling;
import hingeyard.core.install.Blocker;
import hingeyard.core.stock.ReturnState;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** The manager's list of what stops bikes. */
@RestController
class BlockersController {

    /**
     * @param minutes  how long it has stopped the bike, or did
     * @param jobTotal how long the job was stuck in all, minutes
     * @param ways     how whoever asks may decide on it; none when it waits for somebody else
     */
    record StopView(OpenStop stop, JobCard job, long minutes, long jobTotal, List<Blocker.Resolution> ways) {
    }

    /**
     * @param bikes   how many bikes stand still: one may have several stops
     * @param minutes lost on them so far
     */
    record InboxAnswer(List<StopView> waiting, List<StopView> resolved, int bikes, long minutes) {
    }

    record KindView(Blocker.Kind kind, String label, String mustAct) {
    }

    record FindingName(String checkId, String title) {
    }

    record WorkView(String fragment, String title, boolean added) {
    }

    /** @param may whether the job's box may go back so */
    record BoxView(ReturnState state, String label, Ruling may) {
    }

    /**
     * What a stop may be about, and what may be done about it.
     *
     * @param box     in what state the job's box may go back, when another kit takes its place
     * @param comeOff how many steps take the kit off first, and how long they take
     */
    record StopChoices(List<KindView> kinds, List<String> parts, List<FindingName> findings, List<WorkView> work, List<BoxView> box,
            CallOffs.TakingOff comeOff) {
    }

    record LessonGiven(@NotBlank(message = "the knuckle it belongs to") String checkId,
            @NotBlank(message = "what was found, 1 to 600 letters") @Size(max = 600, message = "at most 600 letters") String found,
            @NotBlank(message = "what was done, 1 to 600 letters") @Size(max = 600, message = "at most 600 letters") String done,
            @Min(value = 0, message = "0 or more minutes") @Max(value = 9999, message = "at most 9999 minutes") int minutes) {
    }

    record Resolve(
            @NotNull(message = "CLEARED, SWAPPED_PARTS, ADDED_WORK, ANOTHER_KIT, BACK_TO_RACK or ASKED_CUSTOMER") Blocker.Resolution how,
            @NotBlank(message = "what was decided, 1 to 400 letters") @Size(max = 400, message = "at most 400 letters") String words,
            Optional<String> work, Optional<@Valid LessonGiven> lesson,
            Optional<ReturnState> box) {
    }

    record AddWork(@NotBlank(message = "a piece of work of the step library") String fragment,
            @NotBlank(message = "a reason, 1 to 400 letters") @Size(max = 400, message = "at most 400 letters") String reason) {
    }

    private static final List<ReturnState> BOX_STATES = List.of(ReturnState.AS_NEW, ReturnState.OPENED, ReturnState.DAMAGED);

    private final CallOffs callOffs;
    private final Blockers blockers;
    private final Resolutions resolutions;
    private final Bills bills;
    private final JobWork work;
    private final LibraryInForce library;
    private final Matches matches;
    private final Jobs jobs;
    private final Commands commands;
    private final ShopClock clock;

    BlockersController(CallOffs callOffs, Blockers blockers, Resolutions resolutions, Bills bills, JobWork work, LibraryInForce library,
            Matches matches,
            Jobs jobs, Commands commands, ShopClock clock) {
        this.callOffs = callOffs;
        this.blockers = blockers;
        this.resolutions = resolutions;
        this.bills = bills;
        this.work = work;
        this.library = library;
        this.matches = matches;
        this.jobs = jobs;
        this.commands = commands;
        this.clock = clock;
    }

    @GetMapping("/api/blockers")
    InboxAnswer inbox() {
        List<OpenStop> stops = blockers.open();
        List<Long> of = stops.stream().map(OpenStop::job).distinct().toList();
        Map<Long, JobCard> cards = jobs.cards(of).stream().collect(Collectors.toMap(JobCard::number, Function.identity()));
        Map<Long, Duration> totals = blockers.stuckTimes(of);
        Instant now = clock.now();
        Map<Boolean, List<StopView>> views = stops.stream()
                .map(s -> new StopView(s, cards.get(s.job()), Duration.between(s.at(), s.resolvedAt().orElse(now)).toMinutes(),
                        totals.getOrDefault(s.job(), Duration.ZERO).toMinutes(), s.resolvedAt().isPresent() ? List.of() : ways(s)))
                .collect(Collectors.partitioningBy(v -> v.stop().resolved().isEmpty()));
        List<Long> still = views.get(true).stream().map(v -> v.job().number()).distinct().toList();
        return new InboxAnswer(views.get(true), views.get(false).stream()
                .sorted((a, b) -> b.stop().resolvedAt().orElseThrow().compareTo(a.stop().resolvedAt().orElseThrow())).toList(),
                still.size(),
                still.stream().mapToLong(job -> totals.getOrDefault(job, Duration.ZERO).toMinutes()).sum());
    }

    private static List<Blocker.Resolution> ways(OpenStop stop) {
        return Arrays.stream(Blocker.Resolution.values())
                .filter(how -> Blocker.mayDecide(stop.kind(), stop.mustAct(), how, SignedIn.hat()).allowed()).toList();
    }

    @GetMapping("/api/jobs/{number}/blockers/choices")
    StopChoices choices(@PathVariable(name = "number") long number) {
        JobCard job = jobs.card(number);
        List<FindingName> findings = job.kitCode()
                .map(k -> matches.report(number, k).findings().stream().map(f -> new FindingName(f.checkId(), f.title())).toList())
                .orElse(List.of());
        boolean opened = bills.boxOpened(number);
        List<String> added = List.copyOf(work.of(number));
        return new StopChoices(Arrays.stream(Blocker.Kind.values()).map(k -> new KindView(k, k.label(), k.mustAct().label())).toList(),
                blockers.partsOf(number), findings,
                library.now().addable().stream().map(f -> new WorkView(f.fragment(), f.title(), added.contains(f.fragment()))).toList(),
                BOX_STATES.stream().map(s -> new BoxView(s, s.label(), s.may(opened))).toList(), callOffs.takingOff(number));
    }

    @PostMapping("/api/jobs/{number}/blockers/{id}/resolve")
    InboxAnswer resolve(@PathVariable(name = "number") long number, @PathVariable(name = "id") long id, @Valid @RequestBody Resolve given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            resolutions.resolve(number, id, given.how(), given.words().strip(), given.work().filter(w -> !w.isBlank()),
                    given.lesson().map(l -> new Resolutions.Lesson(l.checkId(), l.found().strip(), l.done().strip(), l.minutes())),
                    given.box(), SignedIn.hat(), SignedIn.name());
            return true;
        });
        return inbox();
    }

    @PostMapping("/api/jobs/{number}/work")
    StopChoices addWork(@PathVariable(name = "number") long number, @Valid @RequestBody AddWork given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            resolutions.add(number, given.fragment(), given.reason().strip(), SignedIn.name());
            return true;
        });
        return choices(number);
    }
}
