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
 * @param preferred   the sum wanted on each side, among sets that are otherwise equal
 * @param mostPerSide most pieces on one side, 0 to 6
 */
public record StackProblem(List<String> sides, List<StackPiece> pieces, List<StackLimit> limits, List<Length> preferred,
                           int mostPerSide) {

    public StackProblem {
        sides = List.copyOf(sides);
        List<StackPiece> sorted = new ArrayList<>(pieces);
        sorted.sort(Comparator.comparing(StackPiece::id));
        pieces = List.copyOf(sorted);
        limits = List.copyOf(limits);
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
        for (int i = 1; i < pieces.size(); i++) {
            if (pieces.get(i).id().equals(pieces.get(i - 1).id())) {
                throw new IllegalArgumentException("piece id '" + pieces.get(i).id() + "' stands twice: ids must be unique");
            }
        }
    }
}
