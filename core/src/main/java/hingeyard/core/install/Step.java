package hingeyard.core.install;

import hingeyard.core.stack.StackSection;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * One step of an installation, as a mechanic reads it who never fitted this kit.
 *
 * @param key        kebab-case, unique in a plan
 * @param title      what is done
 * @param phase      part of the installation it belongs to; empty for steps planned by earlier versions
 * @param text       how
 * @param zones      where on the bike
 * @param posture    how the bike stands
 * @param wheels     which wheels must be in or out for it
 * @param skill      which skill it takes
 * @param people     one or two
 * @param minutes    expected
 * @param batteryIn  whether the battery is in for this step; it is out for all others
 * @param tools      with sizes
 * @param fastenings in the order they are tightened
 * @param cautions   what can hurt people or parts
 * @param figures    what is recorded
 * @param hold       what a second person inspects before the next step may start
 * @param guards     what people's safety hangs on it by, for which it is never left out; empty for steps that the manager may leave out
 * @param mounts     roles of the bill lines that this step uses up
 * @param dismounts  roles of the bill lines that this step takes off the bike again
 * @param needs      what must be reached first
 * @param after      keys of steps of the same plan that must be finished first
 * @param reaches    what is reached when it and its like are finished
 * @param exhibitOf  id of the check whose drawing belongs here
 * @param reverse    what becomes of its work when the kit comes off; empty where nobody said
 * @param rest       time that has to pass before it, counted from another step; empty for most
 * @param atBench    what of the bench it uses; empty for most and for steps planned by earlier versions: {@code batteries},
 *                   {@code sheet bag-plate}, {@code made position-stop}
 */
public record Step(String key, String title, Optional<Phase> phase, String text, Set<Zone> zones, Posture posture, Set<WheelPlace> wheels,
        String skill, int people,
        int minutes, boolean batteryIn, List<String> tools, List<Fastening> fastenings, List<String> cautions,
        List<FigureWanted> figures, Optional<String> hold, Optional<String> guards, Set<String> mounts, Set<String> dismounts,
        Set<Milestone> needs,
        Set<String> after,
        Set<Milestone> reaches, Optional<String> exhibitOf, Optional<Reverse> reverse, Optional<Rest> rest,
        Optional<List<String>> atBench) {

    public Step {
        atBench = atBench.map(List::copyOf);
    }

    /** What of the bench it uses. */
    public List<String> bench() {
        return atBench.orElse(List.of());
    }

    /** Whether the bike itself has power while this step runs; what runs on the bench powers nothing on it. */
    public boolean powersBike() {
        return batteryIn && !zones.contains(Zone.BENCH);
    }

    /** Whether this step must wait until the other is finished. */
    public boolean waitsFor(Step other) {
        // A stand asks it of every two steps at each tick.
        return after.contains(other.key) || !other.reaches.isEmpty() && !Collections.disjoint(other.reaches, needs);
    }

    /** The same step with other needs. */
    Step needing(Set<Milestone> others) {
        return new Step(key, title, phase, text, zones, posture, wheels, skill, people, minutes, batteryIn, tools, fastenings, cautions,
                figures, hold, guards, mounts, dismounts, Set.copyOf(others), after, reaches,
                exhibitOf, reverse, rest, atBench);
    }

    /** The same step taking parts of these roles off. */
    Step dismounting(Set<String> roles) {
        return new Step(key, title, phase, text, zones, posture, wheels, skill, people, minutes, batteryIn, tools, fastenings, cautions,
                figures, hold, guards, mounts, Set.copyOf(roles), needs, after, reaches, exhibitOf, reverse, rest, atBench);
    }

    /** The same step after others of its plan. */
    Step comingAfter(Set<String> others) {
        return new Step(key, title, phase, text, zones, posture, wheels, skill, people, minutes, batteryIn, tools, fastenings, cautions,
                figures, hold, guards, mounts, dismounts, needs, Set.copyOf(others), reaches, exhibitOf, reverse, rest, atBench);
    }

    /** The same step mounting other roles. */
    public Step mounting(Set<String> others) {
        return new Step(key, title, phase, text, zones, posture, wheels, skill, people, minutes, batteryIn, tools, fastenings, cautions,
                figures, hold, guards, Set.copyOf(others), dismounts, needs, after, reaches,
                exhibitOf, reverse, rest, atBench);
    }

    /** Whether a stack's section belongs here: some are shown only where their pieces are mounted. */
    public boolean shows(StackSection section) {
        return section.mountedAs().isEmpty() || section.mountedAs().stream().anyMatch(mounts::contains);
    }

    public static Builder called(String key, String title) {
        return new Builder(key, title);
    }

    /** Collects a step; {@link #step()} closes it. */
    public static final class Builder {
        private final String key;
        private final String title;
        private Phase phase;
        private String text = "";
        private final Set<Zone> zones = EnumSet.noneOf(Zone.class);
        private Posture posture = Posture.ANY;
        private final Set<WheelPlace> wheels = EnumSet.noneOf(WheelPlace.class);
        private final Set<String> after = new TreeSet<>();
        private String skill = "general";
        private int people = 1;
        private int minutes = 5;
        private boolean batteryIn;
        private List<String> tools = List.of();
        private final List<Fastening> fastenings = new ArrayList<>();
        private List<String> cautions = List.of();
        private final List<FigureWanted> figures = new ArrayList<>();
        private String hold;
        private String guards;
        private Set<String> mounts = Set.of();
        private Reverse reverse;
        private final Set<Milestone> needs = EnumSet.noneOf(Milestone.class);
        private final Set<Milestone> reaches = EnumSet.noneOf(Milestone.class);
        private String exhibitOf;
        private Rest rest;
        private List<String> bench = List.of();

        private Builder(String key, String title) {
            this.key = key;
            this.title = title;
        }

        /** What of the bench it uses. */
        public Builder atTheBench(List<String> places) {
            bench = places;
            return this;
        }

        /** Its phase, and with it what it needs and reaches. */
        public Builder in(Phase part) {
            phase = part;
            part.before().forEach(p -> needs.add(p.reached()));
            reaches.add(part.reached());
            return this;
        }

        public Builder wheels(Collection<WheelPlace> where) {
            wheels.addAll(where);
            return this;
        }

        public Builder after(Collection<String> keys) {
            after.addAll(keys);
            return this;
        }

        public Builder text(String how) {
            text = how;
            return this;
        }

        public Builder at(Posture stands, Collection<Zone> where) {
            posture = stands;
            zones.addAll(where);
            return this;
        }

        public Builder at(Posture stands, Zone... where) {
            return at(stands, List.of(where));
        }

        public Builder work(String skillWanted, int peopleWanted, int minutesExpected) {
            skill = skillWanted;
            people = peopleWanted;
            minutes = minutesExpected;
            return this;
        }

        public Builder batteryIn() {
            batteryIn = true;
            return this;
        }

        public Builder tools(Collection<String> sized) {
            tools = List.copyOf(sized);
            return this;
        }

        public Builder fasten(Fastening fastening) {
            fastenings.add(fastening);
            return this;
        }

        public Builder careful(Collection<String> what) {
            cautions = List.copyOf(what);
            return this;
        }

        public Builder record(FigureWanted figure) {
            figures.add(figure);
            return this;
        }

        public Builder hold(String inspect) {
            hold = inspect;
            return this;
        }

        public Builder guards(String why) {
            guards = why;
            return this;
        }

        public Builder mounts(Collection<String> roles) {
            mounts = Set.copyOf(roles);
            return this;
        }

        public Builder reverse(Reverse whenTheKitComesOff) {
            reverse = whenTheKitComesOff;
            return this;
        }

        public Builder rests(Rest before) {
            rest = before;
            return this;
        }

        public Builder needs(Milestone... first) {
            needs.addAll(List.of(first));
            return this;
        }

        public Builder reaches(Milestone... then) {
            reaches.addAll(List.of(then));
            return this;
        }

        public Builder drawing(String checkId) {
            exhibitOf = checkId;
            return this;
        }

        public Step step() {
            return new Step(key, title, Optional.ofNullable(phase), text, Set.copyOf(zones), posture, Set.copyOf(wheels), skill, people,
                    minutes, batteryIn, tools,
                    List.copyOf(fastenings), cautions, List.copyOf(figures), Optional.ofNullable(hold), Optional.ofNullable(guards), mounts,
                    Set.of(),
                    Set.copyOf(needs), Set.copyOf(after),
                    Set.copyOf(reaches), Optional.ofNullable(exhibitOf), Optional.ofNullable(reverse), Optional.ofNullable(rest),
                    Optional.of(bench).filter(b -> !b.isEmpty()));
        }
    }
}
