package hingeyard.core.commission;

/** What may be wrong with a converted bike, as far as the stand-in for its controller can be told. */
public enum ControllerFault {
    MAGNET_GAP_WIDE("magnet too far from the speed sensor"),
    BRAKE_SWITCH_STUCK("a brake switch is stuck on"),
    LEFT_SWITCH_DEAD("the left brake switch is dead"),
    RIGHT_SWITCH_DEAD("the right brake switch is dead"),
    PHASES_SWAPPED("two phase leads are swapped"),
    PLUG_REVERSED("the battery's plug is reversed"),
    PEDAL_RING_TURNED("the pedal sensor's ring is the wrong way round"),
    SENSOR_LEAD_PINCHED("the pedal sensor's lead is pinched"),
    LOW_CUT_OFF("the battery is at its low cut-off"),
    WHEEL_SIZE_WRONG("the wheel size is set wrong"),
    PULSES_WRONG("the pulses per turn are set wrong"),
    THROTTLE_HANGS("the throttle does not return"),
    WALK_TOO_FAST("walk assist is set too fast"),
    GAUGE_OFF("the display's gauge reads off");

    private final String label;

    ControllerFault(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
