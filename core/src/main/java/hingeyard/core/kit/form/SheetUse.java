package hingeyard.core.kit.form;

/** What a figure of a sheet is for besides the checks. */
public enum SheetUse {
    KIND("which checks and steps it has"),
    NAME("what it is called"),
    STEPS("the install steps"),
    BILL("the bill"),
    RIDE("range and climbing"),
    DRAWING("the drawing of the bike with it");

    private final String label;

    SheetUse(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
