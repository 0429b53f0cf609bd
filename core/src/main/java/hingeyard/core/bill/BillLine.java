package hingeyard.core.bill;

/**
 * One line of a bill.
 *
 * @param source     where it comes from or goes to
 * @param partNumber the shop's part number; empty where the line is no stocked part
 * @param name       what it is
 * @param count      how many, at least 1
 * @param reason     why it is on the bill
 * @param checkId    the check that asked for it; empty when none did
 * @param role       what it is mounted as: the step that mounts the role consumes it
 * @param place      the drawer; empty where there is none
 */
public record BillLine(Source source, String partNumber, String name, int count, String reason, String checkId, String role,
                       String place) {

    /** Where a line comes from or goes to. */
    public enum Source {
        /** The kit's own box, reserved as a whole. */
        KIT_BOX(true),
        /** Out of the box. */
        FROM_KIT(false),
        /** Reserved from a drawer. */
        FROM_DRAWER(true),
        /** Not in stock: bought or made for this job. */
        TO_ORDER(false),
        /** Asked for, but the customer brings it or it is done already; the reason says which and who said so. */
        NOT_TAKEN(false),
        /** In the box, not used: goes back in the drawer. */
        BACK_IN_DRAWER(false),
        /** What the customer consented to, a manager's override with its reason among it: nothing to lay out, but the papers say it. */
        CONSENTED(false),
        /** Work the arrival check adds, with what it takes. */
        WITH_JOB(false),
        /** Taken off the bike, handed back to the customer. */
        HANDED_BACK(false);

        private final boolean reserved;

        Source(boolean reserved) {
            this.reserved = reserved;
        }

        /** Whether such a line holds stock. */
        public boolean reserved() {
            return reserved;
        }
    }

    public BillLine {
        if (count < 1) {
            throw new IllegalArgumentException("bill line '" + name + "': count " + count + ", must be at least 1");
        }
    }
}
