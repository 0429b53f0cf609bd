package hingeyard.core.commission;

import hingeyard.core.fit.FitReport;
import hingeyard.core.install.Step;
import hingeyard.core.kit.Kit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Stands in for the controller and display of a fitted bike while tests are learned and tried: answers each figure that a commissioning
 * step asks for from the
 * kit, the survey and the faults that are switched on. A simple model, the same for the same input; no figure of it stands for a real bike.
 */
public final class SimulatedController {

    private static final int SECONDS_NEVER = 10;
    /** Charge at which a battery leaves the bench: 0.9 of the way from empty to full. */
    private static final double CHARGED = 0.9;

    private final FitReport match;
    private final Set<ControllerFault> faults;

    public SimulatedController(FitReport match, Set<ControllerFault> faults) {
        this.match = match;
        this.faults = Set.copyOf(faults);
    }

    /** Whether it answers at all: a reversed plug or an empty battery leaves it dark. */
    public boolean dark() {
        return on(ControllerFault.PLUG_REVERSED) || on(ControllerFault.LOW_CUT_OFF);
    }

    /** What it reads for a step's figures, by key; those it knows nothing of are left out. */
    public Map<String, BigDecimal> readings(Step step) {
        Map<String, BigDecimal> read = new LinkedHashMap<>();
        step.figures().forEach(f -> reading(f.key()).ifPresent(v -> read.put(f.key(), v)));
        return read;
    }

    /** One figure; empty when it knows nothing of it. */
    public Optional<BigDecimal> reading(String figure) {
        return switch (figure) {
            case "plug-volts", "mount-volts", "lead-polarity", "bag-polarity" ->
                number(on(ControllerFault.PLUG_REVERSED) ? -volts() : volts(), 1);
            case "battery-volts", "volts-after" -> number(figure.equals("volts-after") ? volts() - 0.02 * full() : volts(), 1);
            case "to-frame" -> number(0, 0);
            case "volts-off" -> number(dark() ? volts() : on(ControllerFault.GAUGE_OFF) ? 1.4 : 0.2, 1);
            case "throttle-zero" -> number(on(ControllerFault.THROTTLE_HANGS) ? 12 : 0, 0);
            case "pedal-stop" -> number(dead() ? SECONDS_NEVER : on(ControllerFault.THROTTLE_HANGS) ? SECONDS_NEVER : 0.3, 1);
            case "throttle-stop" -> number(on(ControllerFault.THROTTLE_HANGS) ? SECONDS_NEVER : 0.2, 1);
            case "cut-left" -> number(on(ControllerFault.LEFT_SWITCH_DEAD) ? SECONDS_NEVER : 0.2, 1);
            case "cut-right" -> number(on(ControllerFault.RIGHT_SWITCH_DEAD) ? SECONDS_NEVER : 0.2, 1);
            case "walk-speed" ->
                number(on(ControllerFault.WALK_TOO_FAST) ? 9 : kit().equipment().motor().map(m -> Math.min(6, m.walkSpeed())).orElse(0), 1);
            case "speed-error" -> number(speedError(), 1);
            case "light-volts" -> kit().controller().lights().map(l -> l.voltage().amount());
            case "pulses" -> number(on(ControllerFault.MAGNET_GAP_WIDE) ? 3 : on(ControllerFault.PULSES_WRONG) ? 20 : 10, 0);
            default -> Optional.empty();
        };
    }

    /** What somebody sees who turns the pedals, in words. */
    public String seen() {
        if (dark()) {
            return "The display stays dark.";
        }
        if (on(ControllerFault.BRAKE_SWITCH_STUCK)) {
            return "The display is on and shows the brake sign; the motor does not answer to pedals or throttle.";
        }
        if (on(ControllerFault.PHASES_SWAPPED)) {
            return "The motor growls and turns backwards, or jerks on the spot.";
        }
        if (on(ControllerFault.PEDAL_RING_TURNED) || on(ControllerFault.SENSOR_LEAD_PINCHED)) {
            return "The throttle drives it; pedalling does nothing.";
        }
        if (on(ControllerFault.MAGNET_GAP_WIDE)) {
            return "It drives, but the speed jumps between nothing and too little.";
        }
        return "The display is on, level 0. From level 1 the motor joins when the pedals turn and stops when they stop.";
    }

    private boolean on(ControllerFault fault) {
        return faults.contains(fault);
    }

    private boolean dead() {
        return dark() || on(ControllerFault.BRAKE_SWITCH_STUCK) || on(ControllerFault.PEDAL_RING_TURNED)
                || on(ControllerFault.SENSOR_LEAD_PINCHED) || on(ControllerFault.PHASES_SWAPPED);
    }

    private Kit kit() {
        return match.kit();
    }

    private double full() {
        return kit().battery().full().millivolts() / 1000.0;
    }

    private double volts() {
        double empty = kit().battery().empty().millivolts() / 1000.0;
        return on(ControllerFault.LOW_CUT_OFF) ? empty - 0.5 : empty + CHARGED * (full() - empty);
    }

    /** In percent: a wheel set one size up, or pulses counted double. */
    private double speedError() {
        if (on(ControllerFault.PULSES_WRONG)) {
            return 100;
        }
        return on(ControllerFault.MAGNET_GAP_WIDE) ? -70
                : on(ControllerFault.WHEEL_SIZE_WRONG) ? 100 * (2300 / SettingsSheet.circumference(match) - 1) + 15 : 1.5;
    }

    private static Optional<BigDecimal> number(double value, int places) {
        return Optional.of(BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP));
    }
}
