package hingeyard.core.match;

/** What a rider may ask for, in the order in which a shortlist shows it. */
public enum Asked {
    KIND("Kind"),
    DISTANCE("Distance"),
    STEEPEST("Steepest street"),
    THROTTLE("Throttle"),
    FOLD("Folds"),
    CARRY("Carried"),
    DISCREET("Discreet"),
    BUDGET("Budget");

    private final String title;

    Asked(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
