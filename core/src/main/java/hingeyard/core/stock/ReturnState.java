package hingeyard.core.stock;

import hingeyard.core.explain.Ruling;

/** In what state goods come back from a job. A box that was opened is no whole new box any more, whoever says so. */
public enum ReturnState {
    AS_NEW("as new"),
    OPENED("opened"),
    DAMAGED("damaged");

    private final String label;

    ReturnState(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** What a box is taken back as when nobody says anything. */
    public static ReturnState usual(boolean opened) {
        return opened ? OPENED : AS_NEW;
    }

    /** @param opened whether its check was begun at the bench */
    public Ruling may(boolean opened) {
        return this == AS_NEW && opened ? Ruling.no("The box was opened and its check begun: it does not go back as new.") : Ruling.yes();
    }

    /** Whether it lies in its drawer again, to be promised to the next job. */
    public boolean free() {
        return this == AS_NEW;
    }
}
