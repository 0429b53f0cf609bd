package hingeyard.core.rules;

import hingeyard.core.quantity.Length;

/** Every threshold that is a length. The key is stable; the value is the default until the shop changes it. */
public enum LengthRule {
    AXLE_TUBE_CLEARANCE("bracket.axle-tube-clearance", "0.1", "Paint and burrs take up to a tenth; tighter, the tube jams half-way.",
            "bench practice"),
    NUT_RUN_IN("stack.nut-run-in", "0.5", "A nut that reaches the end of its thread feels tight and clamps nothing.", "bench practice"),
    LOCK_NUT_ENGAGEMENT("stack.lock-nut-engagement", "6", "Less thread than that strips at the torque the nut needs.", "bench practice"),
    SPREAD_STEEL("dropout.spread.steel", "4", "Steel gives that much and springs back.", "bench practice"),
    SPREAD_TITANIUM("dropout.spread.titanium", "2", "Titanium springs, its welds do not.", "bench practice"),
    SPREAD_ALUMINIUM("dropout.spread.aluminium", "2", "Aluminium cracks where it is bent.", "bench practice"),
    PULL_IN_STEEL("dropout.pull-in.steel", "1", "Clamping pulls the dropouts out of parallel.", "bench practice"),
    PULL_IN_ALUMINIUM("dropout.pull-in.aluminium", "0.5", "Clamping pulls the dropouts out of parallel.", "bench practice"),
    SLOT_PLAY("dropout.slot-play", "0.2", "More, and the axle works in its slot at every pull.", "bench practice"),
    SLOT_DRESSING("dropout.slot-dressing", "0.3", "Paint and burr of a steel slot; more would be filing what holds the wheel.", "bench practice"),
    SAFETY_WASHER_ROOM("dropout.safety-washer-room", "1", "A washer with more room in its recess can creep out under a loose nut.", "bench practice"),
    DISH("wheel.dish", "2", "Up to here the brake can be set to the rim; beyond, the wheel is re-dished.", "bench practice");

    private final String key;
    private final Length standard;
    private final String reason;
    private final String source;

    LengthRule(String key, String millimetres, String reason, String source) {
        this.key = key;
        this.standard = Length.ofMillimetres(millimetres);
        this.reason = reason;
        this.source = source;
    }

    public String key() {
        return key;
    }

    /** The value the application ships with. */
    public Length standard() {
        return standard;
    }

    public String reason() {
        return reason;
    }

    public String source() {
        return source;
    }
}
