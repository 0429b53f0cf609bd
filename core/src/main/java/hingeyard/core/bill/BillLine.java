package hingeyard.core.bill;

import hingeyard.core.explain.Making;
import hingeyard.core.explain.Remedy;
import hingeyard.core.quantity.Length;
import java.util.Optional;

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
 * @param priceMinor of one, in hundredths of the shop's money, as it was when the bill was made; 0 where none is named
 * @param making     how the shop makes it; of what is made only
 * @param thick      of a piece of a stack that no drawer holds; of one that a drawer holds its part says it
 */
public record BillLine(Source source, String partNumber, String name, int count, String reason, String checkId, String role,
        String place, long priceMinor, Optional<Making> making, Optional<Length> thick) {

    /** Where a line comes from or goes to. */
    public enum Source {
        /** The kit's own box, reserved as a whole. */
        KIT_BOX(true),
        /** Out of the box. */
        FROM_KIT(false),
        /** Reserved from a drawer. */
        FROM_DRAWER(true),
        /** Not in stock: bought for this job. */
        TO_ORDER(false),
        /** Made in the shop for this job, and not there yet. */
        TO_MAKE(false),
        /** Made in the shop for this job: somebody measured it and said so. */
        MADE(false),
        /** Used up by rule and not counted: locker, grease, cleaner. Ties and wrap are counted and come from their drawers. */
        CONSUMABLE(false),
        /** Asked for, but the customer brings it or it is done already; the reason says which and who said so. */
        NOT_TAKEN(false),
        /** In the box, not used: goes back in the drawer. */
        BACK_IN_DRAWER(false),
        /** What the customer consented to, a manager's override with its reason among it: nothing to lay out, but the papers say it. */
        CONSENTED(false),
        /** Work the arrival check adds, with what it takes. */
        WITH_JOB(false),
        /** The customer's own, moved over to what the kit brings. */
        MOVED_OVER(false),
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

        /** Whether the shop makes it. */
        public boolean made() {
            return this == TO_MAKE || this == MADE;
        }

        /** Whether it is still to come: no step that mounts it starts before. */
        public boolean waitedFor() {
            return this == TO_ORDER || this == TO_MAKE;
        }
    }

    public BillLine {
        if (count < 1 || priceMinor < 0) {
            throw new IllegalArgumentException(
                    "bill line '" + name + "': count " + count + ", must be at least 1; price " + priceMinor + ", must be 0 or more");
        }
    }

    /** Without a price yet. */
    public BillLine(Source source, String partNumber, String name, int count, String reason, String checkId, String role, String place) {
        this(source, partNumber, name, count, reason, checkId, role, place, 0, Optional.empty(), Optional.empty());
    }

    /** What a finding asks for, from where it comes. */
    static BillLine asked(Source source, Remedy.PartNeed need, String reason, String checkId) {
        return new BillLine(source, need.partNumber(), need.name(), need.count(), reason, checkId, need.role(), need.place(), 0,
                need.making(), need.thick());
    }

    /** Whether it costs the customer something: what the box brings is paid with the box. */
    public boolean charged() {
        return source.reserved() || source == Source.TO_ORDER || source.made();
    }

    BillLine in(String drawer) {
        return new BillLine(source, partNumber, name, count, reason, checkId, role, drawer, priceMinor, making, thick);
    }

    /** The same line, so many of it. */
    BillLine times(int many) {
        return new BillLine(source, partNumber, name, many, reason, checkId, role, place, priceMinor, making, thick);
    }

    /** The same line for another reason. */
    BillLine because(String why) {
        return new BillLine(source, partNumber, name, count, why, checkId, role, place, priceMinor, making, thick);
    }

    BillLine at(long price) {
        return new BillLine(source, partNumber, name, count, reason, checkId, role, place, price, making, thick);
    }
}
