package hingeyard.core.plan;

import hingeyard.core.install.Phase;
import hingeyard.core.install.Rest;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepRun;
import hingeyard.core.install.StepState;
import hingeyard.core.install.Zone;
import hingeyard.core.install.library.LegPart;
import hingeyard.core.people.Skill;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** What is left of a job's steps as legs: cut where the bike may rest by the library, and where a wait begins. */
public final class Legs {

    /** Looking at what somebody else did takes a moment, also where nothing else is left. */
    private static final int LOOKING_MINUTES = 5;
    /** Of a job of which no steps are planned yet: a quarter of a working day. */
    private static final int MINUTES_IN_QUARTER = 120;

    /** What is known of a job's steps beside their state. */
    public interface Facts {

        /** Between two of them a bike may rest: the library's parts, in their order. */
        List<LegPart> parts();

        /** Minutes that a step takes here. */
        int minutes(Step step);

        /** What a step waits for that has not begun. */
        List<Wait> waits(StepRun run);

        /** Which of its tools are special ones. */
        default Set<String> special(Step step) {
            return Set.of();
        }
    }

    private Legs() {
    }

    /**
     * @param runs  every step of the job in its order
     * @param begin what the first of them waits for beside its own waits
     * @return none when every step is finished
     */
    public static List<Leg> of(List<StepRun> runs, List<Wait> begin, Facts facts) {
        List<Leg> legs = new ArrayList<>();
        List<StepRun> open = new ArrayList<>();
        List<Wait> waits = new ArrayList<>(begin);
        LegPart part = null;
        Optional<Leg.Rested> rest = Optional.empty();
        for (StepRun run : runs) {
            if (run.finished()) {
                continue;
            }
            LegPart own = part(run, part, facts.parts());
            List<Wait> wanted = run.state() == StepState.RUNNING || run.state() == StepState.DONE ? List.of() : facts.waits(run);
            boolean known = waits.containsAll(wanted) || legs.stream().anyMatch(l -> l.waits().containsAll(wanted));
            Optional<Rest> rests = run.state() == StepState.OPEN ? run.step().rest().filter(r -> !passes(r, run, runs, facts))
                    : Optional.empty();
            if (!open.isEmpty() && (own != part || !known || rests.isPresent())) {
                legs.add(leg(legs.size(), part, open, waits, rest, facts));
                open = new ArrayList<>();
                waits = new ArrayList<>();
                rest = Optional.empty();
            }
            if (rests.isPresent()) {
                Rest r = rests.get();
                rest = legs.stream().filter(l -> l.steps().contains(r.since())).findFirst()
                        .map(l -> new Leg.Rested(l.ordinal(), r.minutes(), r.why()));
            }
            wanted.stream().filter(w -> legs.stream().noneMatch(l -> l.waits().contains(w))).forEach(waits::add);
            part = own;
            open.add(run);
        }
        if (!open.isEmpty()) {
            legs.add(leg(legs.size(), part, open, waits, rest, facts));
        }
        return legs;
    }

    /** Whether the time passes by itself, with what is done between. */
    private static boolean passes(Rest rest, StepRun run, List<StepRun> runs, Facts facts) {
        int since = 0;
        boolean met = false;
        for (StepRun other : runs) {
            if (other == run) {
                break;
            }
            if (met && !other.finished()) {
                since += facts.minutes(other.step());
            }
            met |= other.step().key().equals(rest.since()) && !other.finished();
        }
        return !met || since >= rest.minutes();
    }

    /** It only goes forward: a step that is told later belongs to the part the bike has come to. */
    private static LegPart part(StepRun run, LegPart before, List<LegPart> parts) {
        LegPart own = run.step().phase().map(p -> of(p, parts)).orElse(before == null ? of(Phase.MOUNT, parts) : before);
        return before == null || parts.indexOf(own) > parts.indexOf(before) ? own : before;
    }

    /** @throws IllegalArgumentException when that phase belongs to none of them */
    public static LegPart of(Phase phase, List<LegPart> parts) {
        return parts.stream().filter(p -> p.phases().contains(phase)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("the phase '%s' belongs to no leg".formatted(phase.label())));
    }

    private static Leg leg(int ordinal, LegPart part, List<StepRun> runs, List<Wait> waits, Optional<Leg.Rested> rest,
            Facts facts) {
        Set<Skill> skills = EnumSet.noneOf(Skill.class);
        Set<String> tools = new TreeSet<>();
        int takes = 0;
        for (StepRun run : runs) {
            if (run.state() != StepState.DONE) {
                Skill.named(run.step().skill()).ifPresent(skills::add);
                takes += facts.minutes(run.step());
                tools.addAll(facts.special(run.step()));
            }
        }
        boolean hold = runs.stream().anyMatch(StepRun::wantsSecond);
        Optional<String> doer = runs.stream().filter(r -> r.state() == StepState.RUNNING).findFirst().flatMap(StepRun::doer);
        boolean bench = runs.stream().allMatch(r -> r.step().zones().equals(Set.of(Zone.BENCH)));
        LegPlace place = bench ? LegPlace.BENCH : part.strip() ? LegPlace.STRIP : LegPlace.STAND;
        return new Leg(ordinal, part.title(), place, skills, Math.max(takes, LOOKING_MINUTES), hold, doer, List.copyOf(waits),
                runs.stream().map(r -> r.step().key()).collect(Collectors.toList()), tools, rest);
    }

    /**
     * A job of which no steps are planned yet: as long as its kind usually takes, in halves of a working day.
     *
     * @param quarterDays as its kind usually takes
     */
    public static List<Leg> usual(int quarterDays, List<Wait> begin) {
        List<Leg> legs = new ArrayList<>();
        for (int left = Math.max(1, quarterDays); left > 0; left -= 2) {
            legs.add(new Leg(legs.size(), "work not planned yet", LegPlace.STAND, Set.of(), Math.min(2, left) * MINUTES_IN_QUARTER,
                    left <= 2, Optional.empty(), legs.isEmpty() ? begin : List.of(), List.of()));
        }
        return legs;
    }
}
