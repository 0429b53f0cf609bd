package hingeyard.core.stock;

import hingeyard.core.explain.Ruling;

/**
 * In what state goods come back from a job, or that they do not. A box that was opened is no whole new box any more, and what was on a bike
 * is not new, whoever says so.
 */
public enum ReturnState {
    AS_NEW("as new"),
    /** Out of its box or bag, complete, never mounted. */
    OPENED("opened"),
    /** It was on a bike and works. */
    USED("used"),
    DAMAGED("damaged"),
    /** Cut, glued, cured or crushed as it is meant to be: nothing comes back. */
    SPENT("used up"),
    /** It stays with the bike or its owner. */
    KEPT("kept by its owner");

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

    /**
     * What a piece is taken back as when nobody says anything.
     *
     * @param stays whether it stays on the bike
     */
    public static ReturnState usual(boolean opened, boolean mounted, boolean stays) {
        return stays ? KEPT : mounted ? USED : usual(opened);
    }

    /** @param opened whether somebody looked into it */
    public Ruling may(boolean opened) {
        return may(opened, false, false);
    }

    /**
     * Whether it may be taken back so.
     *
     * @param opened  whether somebody looked into it
     * @param mounted whether it, or something out of it, was on the bike
     * @param stays   whether it stays on the bike
     */
    public Ruling may(boolean opened, boolean mounted, boolean stays) {
        if (stays) {
            return this == KEPT || this == SPENT ? Ruling.yes() : Ruling.no("It stays on the bike: it cannot be returned.");
        }
        if (mounted && (this == AS_NEW || this == OPENED)) {
            return Ruling.no("It was fitted to the bike: it cannot be returned as %s.".formatted(label));
        }
        return this == AS_NEW && opened ? Ruling.no("The box was opened and its check begun: it does not go back as new.") : Ruling.yes();
    }

    /** Whether it lies in its drawer again, to be promised to the next job. */
    public boolean free() {
        return this == AS_NEW;
    }

    /** Whether the shop has it again, in whatever state. */
    public boolean comesBack() {
        return this != SPENT && this != KEPT;
    }

    /** Whether it is sold again, under a number of its own. */
    public boolean secondHand() {
        return this == OPENED || this == USED;
    }
}
