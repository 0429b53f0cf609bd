package hingeyard.core.rules;

import hingeyard.core.explain.LimitKind;
import hingeyard.core.quantity.TorqueRange;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The shop's torque table: what holds where a kit's maker gives no figure. */
public enum TorqueRule implements Rule {
    M3("torque.m3", "M3 screw", "1.0", "1.3", "Strips above."),
    M4("torque.m4", "M4 screw", "2.5", "3.5", "Strips above."),
    M5("torque.m5", "M5 screw", "4", "6", "Usual for steel in aluminium."),
    M6("torque.m6", "M6 screw", "7", "10", "Usual for steel in aluminium."),
    M8("torque.m8", "M8 screw", "18", "24", "Usual for steel in aluminium."),
    ROTOR_BOLT("torque.rotor-bolt", "Rotor bolt", "4", "6", "With locker, in a star, in two passes."),
    ROTOR_RING("torque.rotor-ring", "Splined rotor's ring", "40", "40", "Stamped on most rings."),
    CASSETTE_RING("torque.cassette-ring", "Cassette's ring", "40", "40", "Stamped on most rings."),
    CRANK_BOLT("torque.crank-bolt", "Crank bolt, square taper", "35", "45", "Loose, the taper works and is lost."),
    PINCH_BOLT("torque.pinch-bolt", "Crank's pinch bolts, splined", "12", "14", "Both in turn, twice."),
    PEDAL("torque.pedal", "Pedal", "35", "40", "Steel in aluminium, greased."),
    BRACKET_CUP("torque.bracket-cup", "Bracket cup", "35", "50", "Greased, faces bare."),
    AXLE_M10("torque.axle-m10", "Axle nut M10", "30", "40", "On flat washers, dry."),
    AXLE_M12("torque.axle-m12", "Axle nut M12", "40", "50", "On flat washers, dry."),
    AXLE_M14("torque.axle-m14", "Axle nut M14", "50", "60", "On flat washers, dry."),
    MOTOR_NUT("torque.motor-nut", "Motor's lock nut, steel thread", "80", "120", "Where its maker is silent."),
    RAIL_SCREW("torque.rail-screw", "Rail screw", "3", "4", "Aluminium inserts turn above it."),
    CABLE_ANCHOR("torque.cable-anchor", "Cable anchor", "5", "7", "Below it slips, above it cuts strands."),
    LEVER_CLAMP("torque.lever-clamp", "Lever clamp", "3", "5", "3 with paste on a carbon bar."),
    STEM_FACE("torque.stem-face", "Stem face", "5", "6", "Crosswise, gap alike above and below.");

    private final String key;
    private final String title;
    private final TorqueRange standard;
    private final String reason;

    TorqueRule(String key, String title, String least, String greatest, String reason) {
        this.key = key;
        this.title = title;
        this.standard = TorqueRange.ofNewtonMetres(least, greatest);
        this.reason = reason;
    }

    @Override
    public String key() {
        return key;
    }

    @Override
    public String title() {
        return title;
    }

    /** The value the application ships with. */
    public TorqueRange standard() {
        return standard;
    }

    @Override
    public String standardText() {
        return standard.toString();
    }

    @Override
    public String reason() {
        return reason;
    }

    @Override
    public String source() {
        return "bench practice";
    }

    @Override
    public Optional<LimitKind> kind() {
        return Optional.of(LimitKind.SCREENING);
    }

    @Override
    public String allowed() {
        return "a torque or a range such as 4–6 N·m, " + RuleSpan.of(this).text("N·m");
    }

    @Override
    public List<String> ends() {
        RuleSpan span = RuleSpan.of(this);
        return List.of(RuleSpan.tenths(span.least(), RoundingMode.UP) + " N·m", RuleSpan.tenths(span.most(), RoundingMode.DOWN) + " N·m");
    }

    /** By its name in a step, which is its key without the group: {@code crank-bolt}. */
    public static Optional<TorqueRule> named(String name) {
        return Arrays.stream(values()).filter(r -> r.key.equals("torque." + name)).findFirst();
    }
}
