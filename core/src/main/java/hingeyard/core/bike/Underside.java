package hingeyard.core.bike;

/** What is under the shell. */
public enum Underside implements Choice {
    CLEAR("clear"),
    GUIDE("cable guide"),
    CABLES("cables"),
    HOSES("hoses"),
    WELD_BEAD("weld bead");

    private final String label;

    Underside(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
