package hingeyard.core.install;

import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * The part of an installation that a step belongs to. Which part comes before which is the hard order of the trade: physics and safety, not
 * taste. Between
 * {@link #DRY_FIT} and {@link #STRIP} shops differ: their rule decides, see {@link StepPlanner}.
 */
public enum Phase {
    BOX("kit's box", Milestone.BOX_CHECKED),
    BENCH("bench run", Milestone.BENCH_PROVEN, BOX),
    BASELINE("baseline", Milestone.BASELINE_TAKEN, BENCH),
    DRY_FIT("dry fit", Milestone.DRY_FIT_GO, BASELINE),
    STRIP("taking off", Milestone.WAY_CLEAR, BASELINE),
    PREPARE("making ready", Milestone.PLACE_READY, DRY_FIT, STRIP),
    WHEEL("motor wheel", Milestone.WHEEL_READY, DRY_FIT, STRIP),
    /** What runs inside frame and fork goes in before motor or battery closes the way. */
    LINES("inner lines", Milestone.LINES_LAID, PREPARE),
    MOUNT("mounting", Milestone.MOTOR_INSPECTED, LINES, WHEEL),
    BRAKES("brakes", Milestone.BRAKES_SET, MOUNT),
    TRAIN("drive train", Milestone.DRIVE_TRAIN_ON, MOUNT),
    BATTERY("battery's place", Milestone.RAIL_ON, LINES),
    BARS("bars", Milestone.BARS_SET, DRY_FIT, STRIP),
    LOOM("loom", Milestone.LOOM_CLOSED, MOUNT, TRAIN, BATTERY, BARS),
    POWER("first power", Milestone.POWERED, LOOM, BRAKES),
    FUNCTIONS("functions", Milestone.FUNCTIONS_PROVEN, POWER),
    RIDE("ride", Milestone.RIDDEN, FUNCTIONS),
    CLOSE("sign-off", Milestone.CLOSED, RIDE),
    /** What was fitted comes off, see {@link TakeOff}. */
    OFF("removal", Milestone.KIT_OFF),
    AS_CAME("check before return", Milestone.AS_IT_CAME, OFF);

    private final String label;
    private final Milestone reached;
    private final Set<Phase> before;

    Phase(String label, Milestone reached, Phase... first) {
        this.label = label;
        this.reached = reached;
        Set<Phase> all = new LinkedHashSet<>();
        for (Phase one : first) {
            all.addAll(one.before);
            all.add(one);
        }
        this.before = all;
    }

    public String label() {
        return label;
    }

    /** What is reached when all its steps are finished. */
    public Milestone reached() {
        return reached;
    }

    /** Every phase that comes first, also by way of others: one in between may have no step. */
    public Set<Phase> before() {
        return Set.copyOf(before);
    }

    /** As the library writes it, kebab-case. */
    public String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static Optional<Phase> find(String key) {
        return Arrays.stream(values()).filter(p -> p.key().equals(key)).findFirst();
    }

    /** All of them, as the library writes them. */
    public static List<String> keys() {
        return Arrays.stream(values()).map(Phase::key).toList();
    }
}
