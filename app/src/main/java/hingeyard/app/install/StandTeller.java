package hingeyard.app.install;

import hingeyard.core.bench.BenchFigure;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.booking.StepTurns;
import hingeyard.app.claim.Claims;
import hingeyard.app.kit.Kits;
import hingeyard.app.match.Drawn;
import hingeyard.app.match.FitNotes;
import hingeyard.app.match.FitNotes.FitNote;
import hingeyard.app.person.SignedIn;
import hingeyard.app.shop.Team;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.people.SecondPerson;
import hingeyard.core.people.Skills;
import hingeyard.core.rights.Right;
import hingeyard.core.bars.BarDrawing;
import hingeyard.core.bay.BayDrawing;
import hingeyard.core.explain.Ruling;
import hingeyard.core.install.Fastening;
import hingeyard.core.install.FigureWanted;
import hingeyard.core.install.Milestone;
import hingeyard.core.install.Phase;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepRules;
import hingeyard.core.install.StepRun;
import hingeyard.core.install.StepState;
import hingeyard.core.install.WheelPlace;
import hingeyard.core.install.Zone;
import hingeyard.core.stack.StackSection;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Tells the stand what is to be done, once, and where it stands, whenever somebody's hands were at it. */
@Component
class StandTeller {

    /** @param bench what of the bench it is, as {@code truing run-out}; empty for most */
    record Wanted(String key, String name, String unit, String window, BigDecimal least, BigDecimal greatest, String tool,
            Optional<String> bench) {
    }

    /** @param overdue whether the wrench it was read from was to be calibrated first */
    record Read(String key, BigDecimal reading, boolean passed, String by, Instant at, Optional<String> wrench, boolean overdue) {
    }

    /**
     * What a step is: it stays as it is until the bill is revised or the manager rearranges the list.
     *
     * @param powersBike whether the bike itself has power meanwhile
     * @param settings   whether the display's pages are entered here
     * @param waitsFor   keys of the steps that must be finished first: a screen without a network goes by them
     * @param made       parts of it that the shop makes
     * @param bench      what of the bench it uses: {@code batteries}, {@code sheet bag-plate}
     * @param notes      what the shop learned on frames like this that belongs to this step
     */
    record PlannedStep(String key, String title, Optional<String> phase, String text, List<String> zones, String posture, String skill,
            int people, int minutes, boolean batteryIn, boolean powersBike, boolean settings,
            List<String> wheels, List<String> tools, List<Fastening> fastenings, List<String> cautions, List<Wanted> figures,
            Optional<String> hold, List<String> waitsFor,
            Optional<StackSection> drawing, Optional<BayDrawing> bay, Optional<BarDrawing> bars, List<String> parts, List<MadeHere> made,
            List<String> bench, List<String> notes) {
    }

    /**
     * Where a step stands.
     *
     * @param second  what a second person must be skilled in who looks at it, and who could; empty where whoever was at it is
     * @param alone   whether whoever asks does such work alone, and if not, what becomes of it
     * @param start   whether it may be started now, and why not
     * @param rests   until when nothing is done here, and why: something cures or settles; absent where nothing does
     * @param inspect whether whoever asks may inspect it now, and why not; refused for anything that does not wait for a second person
     */
    record StepNow(String key, StepState state, Optional<String> doer, Optional<Instant> startedAt, Optional<Instant> doneAt,
            Optional<String> inspectedBy, Optional<String> stuckReason,
            Optional<String> handover, Optional<Second> second, Ruling alone, List<Read> readings, Ruling start, Ruling undo, Ruling skip,
            Ruling inspect, Optional<String> rests) {
    }

    /** @param who who could look at it, as one says it */
    record Second(String skill, String who) {
    }

    record Spent(String person, int minutes) {
    }

    /**
     * Where a job stands.
     *
     * @param steps          in the order of the list
     * @param batteryHeldOut who holds the battery out, and who asks for power
     * @param batteryMayBeIn whether it may still be in from a step that wanted it
     */
    record StandNow(JobCard job, List<StepNow> steps, List<Spent> spent, List<BatteryHolds.Hold> batteryHeldOut, boolean batteryMayBeIn) {
    }

    /**
     * The whole list.
     *
     * @param broken what is wrong with the history; empty when it is whole
     * @param turns  what this order of the steps saves; empty for lists planned by earlier versions
     */
    record StandAnswer(String kitName, List<PlannedStep> steps, String broken, List<Wrenches.Wrench> wrenches, String turns, StandNow now) {
    }

    private final Steps steps;
    private final Ticks ticks;
    private final BatteryHolds batteryHolds;
    private final Wrenches wrenches;
    private final StepHistory history;
    private final BilledParts billed;
    private final Jobs jobs;
    private final Kits kits;
    private final Claims claims;
    private final FitNotes notes;
    private final StepTurns turns;
    private final Team team;
    private final ShopClock clock;

    StandTeller(Steps steps, Ticks ticks, BatteryHolds batteryHolds, Wrenches wrenches, StepHistory history, BilledParts parts, Jobs jobs,
            Kits kits, Claims claims, FitNotes notes, StepTurns turns, Team team, ShopClock clock) {
        this.notes = notes;
        this.clock = clock;
        this.steps = steps;
        this.ticks = ticks;
        this.batteryHolds = batteryHolds;
        this.wrenches = wrenches;
        this.history = history;
        this.billed = parts;
        this.jobs = jobs;
        this.kits = kits;
        this.claims = claims;
        this.turns = turns;
        this.team = team;
    }

    @Transactional(readOnly = true)
    public StandAnswer whole(long number) {
        StandNow now = now(number);
        List<Step> planned = steps.of(List.of(number)).getOrDefault(number, List.of()).stream().map(s -> s.run().step()).toList();
        Map<String, Drawn> drawings = billed.drawings(number);
        Map<String, List<String>> parts = billed.byRole(number);
        Map<String, List<MadeHere>> made = billed.madeByRole(number);
        List<FitNote> learned = notes.of(now.job, now.job.kitCode().orElse(""));
        Map<String, Set<String>> checks = learned.isEmpty() ? Map.of() : billed.checksByRole(number);
        return new StandAnswer(now.job.kitCode().map(code -> kits.kit(code).fullName()).orElse(""),
                planned.stream()
                        .map(s -> planned(s, planned, drawings, parts, made,
                                learned.stream().filter(n -> belongs(n, s, checks)).map(FitNote::said).toList()))
                        .toList(),
                history.broken(number).orElse(""), wrenches.all(), turns.of(number), now);
    }

    @Transactional(readOnly = true)
    public StandNow now(long number) {
        JobCard job = jobs.card(number);
        List<StepStand> stands = steps.of(List.of(number)).getOrDefault(number, List.of());
        Map<Long, List<StepFigure>> read = ticks.figures(number);
        List<StepRun> runs = stands.stream().map(StepStand::run).toList();
        Map<String, String> blocked = claims.blockedRoles(number);
        Asker asker = new Asker(SignedIn.name(), SignedIn.ruling(Right.DO_STEPS), SignedIn.may(Right.UNDO_FOR_OTHERS),
                SignedIn.may(Right.PLAN_STEPS),
                SignedIn.now().map(who -> team.skills(who.displayName())).orElse(Skills.NONE),
                runs.stream().anyMatch(StepRun::waitsForSecond) ? history.hands(number) : Map.of(),
                runs.stream().anyMatch(r -> r.second().isPresent()) ? team.hands() : List.of(),
                LocalDateTime.ofInstant(clock.now(), clock.zone()));
        Map<String, LocalDateTime> done = new HashMap<>();
        stands.forEach(s -> s.at().doneAt()
                .ifPresent(at -> done.put(s.run().step().key(), LocalDateTime.ofInstant(at, clock.zone()))));
        return new StandNow(job,
                stands.stream().map(s -> now(s, runs, read.getOrDefault(s.at().id(), List.of()), blocked, done, asker)).toList(),
                history.times(number).entrySet().stream().map(e -> new Spent(e.getKey(), (int) e.getValue().toMinutes())).toList(),
                batteryHolds.of(number), StepRules.batteryMayBeIn(runs));
    }

    /** Who asks, and who was at which step while something waits for a second person. */
    private record Asker(String person, Ruling works, boolean undoesForOthers, boolean plans, Skills skills,
            Map<String, Set<String>> hands, List<SecondPerson.Hand> people, LocalDateTime now) {

        /** Whoever does no steps is told that first, whatever could be done now. */
        private Ruling atTheStand(Ruling now) {
            return works.allowed() ? now : works;
        }
    }

    private static StepNow now(StepStand stand, List<StepRun> runs, List<StepFigure> read, Map<String, String> blocked,
            Map<String, LocalDateTime> done, Asker asker) {
        StepRun run = stand.run();
        StepStand.At at = stand.at();
        return new StepNow(run.step().key(), run.state(), run.doer(), at.startedAt(), at.doneAt(), at.inspectedBy(), at.stuckReason(),
                at.handover(), second(run, asker), asker.skills.alone(run.step().skill()),
                read.stream()
                        .map(f -> new Read(f.figureKey, f.reading.stripTrailingZeros(), f.passed, f.readBy, f.readAt,
                                Optional.ofNullable(f.wrench), f.overdue))
                        .toList(),
                asker.atTheStand(StepRules.mayStart(runs, run, blocked)),
                asker.atTheStand(StepRules.mayUndo(runs, run, asker.person, asker.undoesForOthers)),
                asker.plans ? StepRules.maySkip(run) : Ruling.no("The manager leaves steps out."),
                asker.atTheStand(
                        StepRules.mayInspect(run, asker.hands.getOrDefault(run.step().key(), Set.of()), asker.person, asker.skills)),
                run.finished() || run.state() == StepState.RUNNING ? Optional.empty()
                        : run.step().rest().flatMap(r -> Optional.ofNullable(done.get(r.since())).flatMap(d -> r.told(d, asker.now))));
    }

    private static Optional<Second> second(StepRun run, Asker asker) {
        Set<String> hands = asker.hands.getOrDefault(run.step().key(), run.doer().map(Set::of).orElse(Set.of()));
        return run.second()
                .map(skill -> new Second(skill.label(), SecondPerson.said(skill, SecondPerson.whoCan(skill, asker.people, hands))));
    }

    /** A note belongs to the steps that show its check's drawing, and to those that mount what its check asked for. */
    private static boolean belongs(FitNote note, Step step, Map<String, Set<String>> checks) {
        return step.exhibitOf().filter(note.checkId()::equals).isPresent()
                || step.mounts().stream().anyMatch(role -> checks.getOrDefault(role, Set.of()).contains(note.checkId()));
    }

    private static PlannedStep planned(Step s, List<Step> all, Map<String, Drawn> drawings, Map<String, List<String>> parts,
            Map<String, List<MadeHere>> made, List<String> notes) {
        Drawn drawn = Drawn.on(s, drawings);
        return new PlannedStep(s.key(), s.title(), s.phase().map(Phase::label), s.text(),
                s.zones().stream().map(Zone::label).sorted().toList(), s.posture().label(), s.skill(), s.people(),
                s.minutes(), s.batteryIn(), s.powersBike(), s.reaches().contains(Milestone.SETTINGS_ENTERED),
                s.wheels().stream().map(WheelPlace::label).sorted().toList(), s.tools(), s.fastenings(), s.cautions(),
                s.figures().stream().map(StandTeller::wanted).toList(),
                s.hold(), all.stream().filter(o -> o != s && s.waitsFor(o)).map(Step::key).toList(), drawn.stack(), drawn.bay(),
                drawn.bars(),
                s.mounts().stream().sorted().flatMap(role -> parts.getOrDefault(role, List.of()).stream()).toList(),
                s.mounts().stream().sorted().flatMap(role -> made.getOrDefault(role, List.of()).stream()).toList(), s.bench(), notes);
    }

    private static Wanted wanted(FigureWanted f) {
        return new Wanted(f.key(), f.name(), f.unit(), f.window(), f.least(), f.greatest(), f.tool(), f.bench().map(BenchFigure::key));
    }
}
