package hingeyard.core.fit.checks;

import hingeyard.core.bike.Measure;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.HubDrive;
import hingeyard.core.kit.Kit;
import java.util.Optional;

/** A check of a hub motor at one end of the bike; the same question has an id of its own for each end. */
abstract class HubCheck extends MeasuredCheck {

    private final WheelEnd end;

    HubCheck(WheelEnd end, String id, String title, Measure... needs) {
        super(id, title, needs);
        this.end = end;
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().hub().filter(h -> h.end() == end && asks(h)).isPresent();
    }

    /** Whether the question makes sense for this hub. */
    boolean asks(HubDrive hub) {
        return true;
    }

    WheelEnd end() {
        return end;
    }

    @Override
    public Optional<WheelEnd> wheel() {
        return Optional.of(end);
    }

    static HubDrive hub(FitCase c) {
        return c.kit().drive().hub().orElseThrow();
    }

    /** {@code fork-width} at the front, {@code rear-width} at the rear. */
    static String holderId(WheelEnd end, String what) {
        return (end == WheelEnd.FRONT ? "fork-" : "rear-") + what;
    }

    /** {@code Fork width} at the front, {@code Rear width} at the rear. */
    static String holderTitle(WheelEnd end, String what) {
        return (end == WheelEnd.FRONT ? "Fork " : "Rear ") + what;
    }

    static String ended(WheelEnd end, String what) {
        return end.label() + "-" + what;
    }

    static String endTitle(WheelEnd end, String what) {
        return (end == WheelEnd.FRONT ? "Front " : "Rear ") + what;
    }
}
