package hingeyard.core.stack;

import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A stack to be filled.
 *
 * @param sides       names of the one or two sides
 * @param pieces      what may be used; the sides share what is available
 * @param limits      what must be kept, at least one
 * @param wishes      what the rider keeps, most important first: served before anything else counts
 * @param preferred   the sum wanted on each side, among sets that are otherwise equal
 * @param mostPerSide most pieces on one side, 0 to 6
 * @param paired      whether the kit's own pieces are wanted alike on both sides, and before any drawer's, whatever the count
 * @param blank       what a piece must be that no drawer holds
 */
public record StackProblem(List<String> sides, List<StackPiece> pieces, List<StackLimit> limits, List<StackWish> wishes,
        List<Length> preferred,
        int mostPerSide, boolean paired, StackBlank blank) {

    private static final StackBlank ANY = new StackBlank("spacer", Length.ofMillimetres(10), Length.ofMillimetres(20));

    /** Without wishes. */
    public StackProblem(List<String> sides, List<StackPiece> pieces, List<StackLimit> limits, List<Length> preferred, int mostPerSide) {
        this(sides, pieces, limits, List.of(), preferred, mostPerSide, false, ANY);
    }

    /** Without wishes; what is missing is one of these. */
    public StackProblem(List<String> sides, List<StackPiece> pieces, List<StackLimit> limits, List<Length> preferred, int mostPerSide,
            StackBlank blank) {
        this(sides, pieces, limits, List.of(), preferred, mostPerSide, false, blank);
    }

    public StackProblem {
        sides = List.copyOf(sides);
        pieces = List.copyOf(inOrder(pieces) ? pieces : pieces.stream().sorted(Comparator.comparing(StackPiece::id)).toList());
        limits = List.copyOf(limits);
        wishes = List.copyOf(wishes);
        preferred = List.copyOf(preferred);
        if (sides.isEmpty() || sides.size() > 2) {
            throw new IllegalArgumentException("stack sides " + sides + ": one or two are allowed");
        }
        if (preferred.size() != sides.size()) {
            throw new IllegalArgumentException("preferred sums " + preferred + ": one for each of " + sides + " is needed");
        }
        if (mostPerSide < 0 || mostPerSide > 6) {
            throw new IllegalArgumentException("most pieces per side " + mostPerSide + ": allowed 0 to 6");
        }
        for (StackLimit limit : limits) {
            if (limit.signs().size() != sides.size()) {
                throw new IllegalArgumentException("limit '" + limit.name() + "': one sign for each of " + sides + " is needed");
            }
        }
        for (StackWish wish : wishes) {
            if (wish.signs().size() != sides.size()) {
                throw new IllegalArgumentException("wish '" + wish.name() + "': one sign for each of " + sides + " is needed");
            }
        }
        for (int i = 1; i < pieces.size(); i++) {
            if (pieces.get(i).id().equals(pieces.get(i - 1).id())) {
                throw new IllegalArgumentException("piece id '" + pieces.get(i).id() + "' stands twice: ids must be unique");
            }
        }
    }

    private static boolean inOrder(List<StackPiece> pieces) {
        for (int i = 1; i < pieces.size(); i++) {
            if (pieces.get(i - 1).id().compareTo(pieces.get(i).id()) > 0) {
                return false;
            }
        }
        return true;
    }

    /** The same without wishes, with these limits besides. */
    StackProblem with(List<StackLimit> more) {
        List<StackLimit> all = new ArrayList<>(limits);
        all.addAll(more);
        return new StackProblem(sides, pieces, all, List.of(), preferred, mostPerSide, paired, blank);
    }

    /** The same without wishes, with these limits in place of its own. */
    StackProblem keeping(List<StackLimit> others) {
        return new StackProblem(sides, pieces, others, List.of(), preferred, mostPerSide, paired, blank);
    }

    /** The same with another limit in the place of one. */
    StackProblem with(int at, StackLimit limit) {
        List<StackLimit> other = new ArrayList<>(limits);
        other.set(at, limit);
        return new StackProblem(sides, pieces, other, wishes, preferred, mostPerSide, paired, blank);
    }
}
