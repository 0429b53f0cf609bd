package hingeyard.core.bill;

import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.quantity.Length;
import java.util.Optional;

/**
 * Another part that goes on in place of one that is short, because the shop said when it may.
 *
 * @param role  what the part is mounted as
 * @param part  number of the part that the match asks for; empty where it asks for one that had to be found, and this is the one
 * @param other number of the part that stands in for it
 * @param name  what that is
 * @param place its drawer
 * @param when  the condition under which it may, as the part's sheet says
 * @param by    who took it
 */
public record StandIn(String role, String part, String other, String name, String place, String when, String by) {

    /** Whether so many free pieces do for a line that wants so many: a line is filled from one drawer. */
    public static boolean suffices(int wanted, int free) {
        return free >= wanted;
    }

    /**
     * Whether one part may stand in for another as far as its size goes: in a stack a piece of another thickness is another stack, which no
     * check has seen.
     *
     * @param asked what the match asks for; empty where it is no piece of a stack
     */
    public static boolean fills(Optional<Length> asked, Optional<Length> other) {
        return asked.isEmpty() || asked.equals(other);
    }

    /** The line with the other part, when it is the one that is meant; itself when it is not. */
    BillLine over(BillLine line) {
        boolean meant = line.charged() && line.role().equals(role) && line.partNumber().equals(part);
        if (meant && part.isEmpty()) {
            return new BillLine(Source.TO_ORDER, other, name, line.count(), line.reason(), line.checkId(), role, "");
        }
        return meant ? new BillLine(Source.FROM_DRAWER, other, name, line.count(),
                "Stands in for %s, %s (%s). %s".formatted(part, when, by, line.reason()), line.checkId(), role, place) : line;
    }
}
