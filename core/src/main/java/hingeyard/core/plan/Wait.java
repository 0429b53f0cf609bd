package hingeyard.core.plan;

import java.time.LocalDateTime;

/**
 * What keeps a leg from beginning although hands and stand are there.
 *
 * @param what  in words, as after "waits for"
 * @param until when it is expected to be over
 * @param known whether anybody said so; else it is only supposed
 */
public record Wait(Kind kind, String what, LocalDateTime until, boolean known) {

    /** What sort of wait, each with a sign of its own. */
    public enum Kind {
        ARRIVAL("the bike"),
        PART("a part"),
        STOP("what stops it"),
        CUSTOMER("the customer"),
        CHOICE("a kit to be chosen"),
        REST("what cures or settles");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }
}
