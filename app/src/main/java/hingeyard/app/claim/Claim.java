package hingeyard.app.claim;

import java.time.Instant;
import java.util.Optional;

/**
 * A claim on a supplier.
 *
 * @param settlement how it ended; empty while it is open
 */
public record Claim(long id, Raised raised, String by, Instant at, Optional<String> settledBy, Optional<Instant> settledAt,
        Optional<String> settlement) {

    /** What is wrong. */
    public enum Fault {
        MISSING("missing"),
        WRONG("wrong"),
        DAMAGED("damaged");

        private final String label;

        Fault(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /**
     * What is claimed.
     *
     * @param job    the job whose box it is; empty for a delivery
     * @param box    which box of that job, from 1: one that went back is still owed for, and keeps nothing of the next one waiting
     * @param order  the order it came with; empty for a box
     * @param part   the box's or the part's number
     * @param item   what of it
     * @param role   what it is mounted as: the step that mounts it waits; empty where it is mounted as nothing
     * @param blocks whether the job cannot go on without it
     */
    public record Raised(Optional<Long> job, int box, Optional<Long> order, String supplier, String part, String item, int count,
            Fault fault,
            String role, boolean blocks, String note) {

        /** For a sentence: {@code 2 × Axle nut missing}. */
        public String text() {
            return "%d × %s %s".formatted(count, item, fault.label());
        }
    }

    public boolean open() {
        return settledAt.isEmpty();
    }
}
