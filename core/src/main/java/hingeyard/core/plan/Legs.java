package hingeyard.core.plan;

import hingeyard.core.install.Phase;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepRun;
import hingeyard.core.install.StepState;
import hingeyard.core.install.Zone;
import hingeyard.core.people.Skill;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** What is left of a job's steps as legs: cut where the bike may rest, and where a wait begins. */
public final class Legs {

    /** Looking at what somebody else did takes a moment, also where nothing else is left. */
    private static final int LOOKING_MINUTES = 5;
    /** Of a job of which no steps are planned yet: a quarter of a working day. */
    private static final int MINUTES_IN_QUARTER = 120;

    /** Between two of them a bike may rest overnight or on the rack. */
    private enum Part {
        BOX("box and bench run"),
        DRY_FIT("baseline and dry fit"),
        MOUNTING("mounting"),
        LOOM("loom"),
        POWER("first power and functions"),
        RIDE("test ride and sign-off"),
        REMOVAL("removal");

        private final String title;

        Part(String title) {
            this.title = title;
        }

        static Part of(Phase phase) {
            return switch (phase) {
                case BOX, BENCH -> BOX;
                case BASELINE, DRY_FIT -> DRY_FIT;
                case STRIP, PREPARE, WHEEL, LINES, MOUNT, BRAKES, TRAIN, BATTERY, BARS -> MOUNTING;
                case LOOM -> LOOM;
                case POWER, FUNCTIONS -> POWER;
                case RIDE, CLOSE -> RIDE;
                case OFF, AS_CAME -> REMOVAL;
            };
        }
    }

    /** What is known of a job's steps beside their state. */
    public interface Facts {

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

    /** What the leg is called that a step of this phase belongs to. */
    public static String title(Phase phase) {
        return Part.of(phase).title;
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
        Part part = null;
        for (StepRun run : runs) {
            if (run.finished()) {
                continue;
            }
            Part own = part(run, part);
            List<Wait> wanted = run.state() == StepState.RUNNING || run.state() == StepState.DONE ? List.of() : facts.waits(run);
            boolean known = waits.containsAll(wanted) || legs.stream().anyMatch(l -> l.waits().containsAll(wanted));
            if (!open.isEmpty() && (own != part || !known)) {
                legs.add(leg(legs.size(), part, open, waits, facts));
                open = new ArrayList<>();
                waits = new ArrayList<>();
            }
            wanted.stream().filter(w -> legs.stream().noneMatch(l -> l.waits().contains(w))).forEach(waits::add);
            part = own;
            open.add(run);
        }
        if (!open.isEmpty()) {
            legs.add(leg(legs.size(), part, open, waits, facts));
        }
        return legs;
    }

    /** It only goes forward: a step that is told later belongs to the part the bike has come to. */
    private static Part part(StepRun run, Part before) {
        Part own = run.step().phase().map(Part::of).orElse(before == null ? Part.MOUNTING : before);
        return before == null || own.compareTo(before) > 0 ? own : before;
    }

    private static Leg leg(int ordinal, Part part, List<StepRun> runs, List<Wait> waits, Facts facts) {
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
        LegPlace place = bench ? LegPlace.BENCH : part == Part.RIDE ? LegPlace.STRIP : LegPlace.STAND;
        return new Leg(ordinal, part.title, place, skills, Math.max(takes, LOOKING_MINUTES), hold, doer, List.copyOf(waits),
                runs.stream().map(r -> r.step().key()).collect(Collectors.toList()), tools);
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
