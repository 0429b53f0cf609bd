package hingeyard.core.floor;

import hingeyard.core.bike.Measure;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.core.bike.Shape.Ink;
import hingeyard.core.booking.CallOff;
import hingeyard.core.booking.JobKind;
import hingeyard.core.condition.Found;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitReport;
import hingeyard.core.floor.FloorStanding.Tone;
import hingeyard.core.install.RemainingWork;
import hingeyard.core.install.StepRules;
import hingeyard.core.install.StepRun;
import hingeyard.core.install.StepState;
import hingeyard.core.install.Zone;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/** Says of one bike where it stands and what happens next. */
public final class NextThing {

    private static final int NAMED = 2;

    private NextThing() {
    }

    /**
     * What a job waits for from outside.
     *
     * @param claims   on suppliers, that keep a step from starting
     * @param waitsFor the part that comes last, with its day; empty when all are there; asked for only where it is told
     */
    public record Supply(List<String> claims, Supplier<Optional<String>> waitsFor) {
    }

    /**
     * A job as the floor needs it.
     *
     * @param wish what its owner wants, may be blank
     * @param bike in a few words
     * @param off  empty for a job that goes on
     */
    public record JobOnFloor(long number, JobKind kind, Place place, String wish, String bike, Optional<CallOff> off) {
    }

    /**
     * What of the kits in stock fits, as far as the floor tells it.
     *
     * @param fitting   how many do, parts and trade-offs included
     * @param toMeasure what the first that wants a measure still wants; empty when none does
     */
    public record InStock(long fitting, Optional<List<String>> toMeasure) {

        /** @param reports of the kits that were looked for, the best first */
        public static InStock of(List<FitReport> reports) {
            return new InStock(reports.stream().filter(FitReport::goesOn).count(),
                    reports.stream().filter(r -> r.verdict() == Verdict.MEASURE).findFirst().map(FitReport::toMeasure));
        }
    }

    /**
     * @param condition what the arrival check found; empty while nobody looked
     * @param stuck     why a step stands still and since when, by its key
     * @param shortlist what fits of the kits in stock; asked for only where it is told
     */
    public static FloorStanding tell(JobOnFloor job, List<StepRun> runs, Map<String, Stuck> stuck, List<Found> condition, Supply supply,
            Supplier<InStock> shortlist) {
        Optional<StepRun> still = runs.stream().filter(r -> r.state() == StepState.STUCK).findFirst();
        Optional<Stuck> why = still.map(r -> stuck.getOrDefault(r.step().key(), Stuck.UNSAID));
        RemainingWork work = RemainingWork.of(runs);
        List<String> hands = runs.stream().filter(r -> r.state() == StepState.RUNNING).flatMap(r -> r.doer().stream()).distinct().toList();
        Said said = still.map(r -> new Said(why.get().reason(), r.step().title(), Tone.STUCK, "stand"))
                .or(() -> calledOff(job, runs)).or(() -> stoppedAtArrival(condition)).or(() -> claimed(job, supply, runs))
                .orElseGet(() -> runs.isEmpty() ? beforeTheBill(job, condition, shortlist) : withSteps(job, runs, supply));
        List<String> who = still.isPresent() && hands.isEmpty() ? still.get().doer().stream().toList() : hands;
        return new FloorStanding(job.number(), said.line, said.detail, said.tone, who,
                work.planned() ? Optional.of(work.minutes()) : Optional.empty(), work.finished(), work.steps(), why.flatMap(Stuck::since),
                asks(job, said.tone, why.flatMap(Stuck::since)), said.next,
                ink(runs, "motor", still.isPresent() && !atTheBattery(still.get())),
                ink(runs, "battery", still.filter(NextThing::atTheBattery).isPresent()));
    }

    /** Why a step stands still, and since when. */
    public record Stuck(String reason, Optional<Instant> since) {

        static final Stuck UNSAID = new Stuck("", Optional.empty());
    }

    /**
     * Where a job stands among those that ask something of somebody, as a key to sort by: what stands still, the longest first, then what
     * waits for a word, then what is finished and not on the rail yet. Empty for a bike that asks nothing: one on the rail waits for its
     * owner.
     */
    private static String asks(JobOnFloor job, Tone tone, Optional<Instant> since) {
        return tone == Tone.PLAIN || tone == Tone.READY && job.place() == Place.RAIL ? ""
                : "%d %s %d".formatted(tone.ordinal(), since.map(Instant::toString).orElse("~"), job.number());
    }

    private record Said(String line, String detail, Tone tone, String next) {
    }

    private static boolean atTheBattery(StepRun stuck) {
        return stuck.step().zones().contains(Zone.BATTERY_BAY);
    }

    /** What the job is stuck at is hatched, on the bike already or not; what came off again is not on it. */
    private static Ink ink(List<StepRun> runs, String role, boolean stuck) {
        boolean off = runs.stream().anyMatch(r -> r.step().dismounts().contains(role) && r.state() == StepState.DONE);
        boolean fitted = !off && runs.stream().anyMatch(r -> r.step().mounts().contains(role) && r.finished());
        return stuck ? Ink.STUCK : fitted ? Ink.FITTED : Ink.PLANNED;
    }

    private static Optional<Said> stoppedAtArrival(List<Found> condition) {
        return condition.stream().filter(Found::stops).findFirst()
                .map(f -> new Said(f.point().title() + ": " + f.note(), "stopped at the arrival check", Tone.STUCK, "arrival"));
    }

    /** What is over, or off and not settled; while the kit comes off, the steps tell. */
    private static Optional<Said> calledOff(JobOnFloor job, List<StepRun> runs) {
        return job.off()
                .filter(off -> off == CallOff.OVER || runs.stream().allMatch(StepRun::finished))
                .map(off -> off == CallOff.OVER ? new Said("called off: return to customer", job.bike(), Tone.READY, "call-off")
                        : new Said("kit removed: record the returns", job.bike(), Tone.ASKS, "call-off"));
    }

    /** What a supplier owes keeps nobody waiting whose kit comes off. */
    private static Optional<Said> claimed(JobOnFloor job, Supply supply, List<StepRun> runs) {
        return job.off().isPresent() || supply.claims().isEmpty() || StepRules.allFinished(runs) ? Optional.empty()
                : Optional.of(new Said(String.join("; ", supply.claims()), "claimed from the supplier", Tone.STUCK, "kit-check"));
    }

    private static Said beforeTheBill(JobOnFloor job, List<Found> condition, Supplier<InStock> shortlist) {
        if (job.place() == Place.GATE) {
            return new Said(job.wish().isBlank() ? job.kind().label() : job.wish(), job.bike(), Tone.PLAIN, "arrival");
        }
        if (condition.isEmpty()) {
            return new Said("arrival check is open", job.bike(), Tone.ASKS, "arrival");
        }
        if (!job.kind().matchesKits()) {
            return new Said(job.kind().label() + ": make the bill", job.bike(), Tone.ASKS, "hinge");
        }
        InStock kits = shortlist.get();
        if (kits.fitting > 0) {
            return new Said(kits.fitting == 1 ? "one kit fits: choose" : kits.fitting + " kits fit: choose", job.bike(), Tone.ASKS,
                    "hinge");
        }
        return kits.toMeasure.map(keys -> new Said("measure " + titles(keys), job.bike(), Tone.ASKS, "sheet"))
                .orElseGet(() -> new Said("no kit in stock fits", job.bike(), Tone.ASKS, "hinge"));
    }

    /** The first two by name, the rest as a number: the sheet names them all. */
    private static String titles(List<String> keys) {
        List<String> all = keys.stream().flatMap(k -> MeasureCatalogue.find(k).stream()).map(Measure::title)
                .map(t -> t.toLowerCase(Locale.ROOT)).toList();
        return all.size() <= NAMED ? String.join(", ", all)
                : "%s and %d more".formatted(String.join(", ", all.subList(0, NAMED)), all.size() - NAMED);
    }

    private static Said withSteps(JobOnFloor job, List<StepRun> runs, Supply supply) {
        if (StepRules.allFinished(runs)) {
            return job.place() == Place.RAIL ? new Said("ready to collect", job.bike(), Tone.READY, "bill")
                    : new Said("finished: hang it on the rail", job.bike(), Tone.READY, "bill");
        }
        Optional<StepRun> waiting = runs.stream().filter(r -> r.state() == StepState.DONE && !r.finished()).findFirst();
        if (waiting.isPresent()) {
            return new Said("second person: " + waiting.get().step().title(), job.bike(), Tone.ASKS, "stand");
        }
        String running = runs.stream().filter(r -> r.state() == StepState.RUNNING).map(r -> r.step().title())
                .collect(Collectors.joining(", "));
        if (!running.isEmpty()) {
            return new Said(running, job.bike(), Tone.PLAIN, "stand");
        }
        Optional<StepRun> paused = runs.stream().filter(r -> r.state() == StepState.PAUSED).findFirst();
        if (paused.isPresent()) {
            return new Said("half done: " + paused.get().step().title(),
                    "left by " + paused.get().doer().orElse("somebody") + ", with a note", Tone.ASKS, "stand");
        }
        if (job.off().isPresent() && job.place() == Place.RACK) {
            return new Said("kit removal: needs a stand", job.bike(), Tone.ASKS, "call-off");
        }
        if (job.place() == Place.RACK || job.place() == Place.GATE) {
            return supply.waitsFor().get().map(part -> new Said("waits for " + part, job.bike(), Tone.PLAIN, "bill"))
                    .orElseGet(() -> new Said(runs.stream().anyMatch(r -> r.finished() && !r.step().zones().contains(Zone.BENCH))
                            ? "back to a stand" : "parts held, wants a stand", job.bike(), Tone.ASKS, "bill"));
        }
        return new Said("next: " + runs.stream().filter(r -> r.state() == StepState.OPEN).findFirst().map(r -> r.step().title()).orElse(""),
                job.bike(), Tone.PLAIN, "stand");
    }
}
