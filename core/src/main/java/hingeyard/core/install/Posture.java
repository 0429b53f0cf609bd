package hingeyard.core.install;

/** How the bike stands for a step. */
public enum Posture {
    ANY("any way"),
    CLAMP("in the clamp"),
    ON_BACK("on its back, bars protected"),
    ON_WHEELS("on its wheels");

    private final String label;

    Posture(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
