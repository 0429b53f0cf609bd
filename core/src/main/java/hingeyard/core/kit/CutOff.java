package hingeyard.core.kit;

/** How a pulled brake lever stops the motor. */
public enum CutOff implements Labelled {
    NONE("none"),
    CABLE_LEVERS("levers with switch, for cables"),
    MINERAL_LEVERS("hydraulic levers with switch, mineral oil"),
    GLYCOL_LEVERS("hydraulic levers with switch, DOT fluid"),
    CLIP_ON("clip-on lever sensors");

    private final String label;

    CutOff(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
