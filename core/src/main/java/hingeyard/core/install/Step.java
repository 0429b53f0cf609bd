package hingeyard.core.install;

import java.util.EnumSet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * One step of an installation, as a mechanic reads it who never fitted this kit.
 *
 * @param key       kebab-case, unique in a plan
 * @param title     what is done
 * @param text      how
 * @param zones     where on the bike
 * @param posture   how the bike stands
 * @param skill     which skill it takes
 * @param people    one or two
 * @param minutes   expected
 * @param batteryIn whether the battery is in for this step; it is out for all others
 * @param tools     with sizes
 * @param fastenings in the order they are tightened
 * @param cautions  what can hurt people or parts
 * @param figures   what is recorded
 * @param hold      what a second person inspects before the next step may start
 * @param mounts    roles of the bill lines that this step uses up
 * @param needs     what must be reached first
 * @param reaches   what is reached when it and its like are finished
 * @param exhibitOf id of the check whose drawing belongs here
 */
public record Step(String key, String title, String text, Set<Zone> zones, Posture posture, String skill, int people,
                   int minutes, boolean batteryIn, List<String> tools, List<Fastening> fastenings, List<String> cautions,
                   List<FigureWanted> figures, Optional<String> hold, Set<String> mounts, Set<Milestone> needs,
                   Set<Milestone> reaches, Optional<String> exhibitOf) {

    /** Collects a step. */
    public static Builder called(String key, String title) {
        return new Builder(key, title);
    }

    /** Collects a step; {@link #step()} closes it. */
    public static final class Builder {
        private final String key;
        private final String title;
        private String text = "";
        private final Set<Zone> zones = EnumSet.noneOf(Zone.class);
        private Posture posture = Posture.ANY;
        private String skill = "general";
        private int people = 1;
        private int minutes = 5;
        private boolean batteryIn;
        private List<String> tools = List.of();
        private final List<Fastening> fastenings = new ArrayList<>();
        private List<String> cautions = List.of();
        private final List<FigureWanted> figures = new ArrayList<>();
        private String hold;
        private Set<String> mounts = Set.of();
        private final Set<Milestone> needs = EnumSet.noneOf(Milestone.class);
        private final Set<Milestone> reaches = EnumSet.noneOf(Milestone.class);
        private String exhibitOf;

        private Builder(String key, String title) {
            this.key = key;
            this.title = title;
        }

        public Builder text(String how) {
            text = how;
            return this;
        }

        public Builder at(Posture stands, Zone... where) {
            posture = stands;
            zones.addAll(List.of(where));
            return this;
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

        public Builder tools(String... sized) {
            tools = List.of(sized);
            return this;
        }

        public Builder fasten(Fastening fastening) {
            fastenings.add(fastening);
            return this;
        }

        public Builder careful(String... what) {
            cautions = List.of(what);
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

        public Builder mounts(String... roles) {
            mounts = Set.of(roles);
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
            return new Step(key, title, text, Set.copyOf(zones), posture, skill, people, minutes, batteryIn, tools,
                    List.copyOf(fastenings), cautions, List.copyOf(figures), Optional.ofNullable(hold), mounts, Set.copyOf(needs),
                    Set.copyOf(reaches), Optional.ofNullable(exhibitOf));
        }
    }
}
