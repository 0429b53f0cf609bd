package hingeyard.core.kit;

/** How a battery is held on the bike. */
public enum BatteryHold implements Labelled {
    RAIL("rail on a tube"),
    STRAPS("straps round a tube"),
    SEAT_PLATE("plate on the seat's ears"),
    RACK("rack"),
    BAG("bag or basket"),
    FRAME_BAY("bay of the frame's maker");

    private final String label;

    BatteryHold(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
