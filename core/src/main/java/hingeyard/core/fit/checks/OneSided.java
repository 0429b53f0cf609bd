package hingeyard.core.fit.checks;

import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Remedy.PartNeed;
import hingeyard.core.explain.Remedy.Supply;
import hingeyard.core.explain.Sentence;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackBlank;
import hingeyard.core.stack.StackLimit;
import hingeyard.core.stack.StackPiece;
import hingeyard.core.stack.StackProblem;
import hingeyard.core.stack.StackSection;
import hingeyard.core.stack.StackSet;
import hingeyard.core.stack.StackSolver;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/** Stacks of one side from the drawer: caliper washers, rotor shims, freewheel washers, equal sets for several studs. */
final class OneSided {

    /** How much is drawn of what the pieces stand between. */
    private static final Length ENDS = Length.ofMillimetres(5);
    /** What is bought where no drawer holds it. */
    private static final Map<String, StackBlank> BLANKS = Map.of(
            "caliper-washer", blank("Caliper washer", "6.1", "12"), "rotor-shim", blank("Rotor shim", "44", "54"), "freewheel-washer",
            blank("Freewheel washer", "35", "42"),
            "gear-shim", blank("Gear shim", "8.2", "14"), "steerer-spacer", blank("Steerer spacer", "28.6", "34"), "plate-spacer",
            blank("Plate spacer", "8.4", "16"),
            "chainring-spacer", blank("Chainring spacer", "20", "30"));

    private static StackBlank blank(String name, String inner, String outer) {
        return new StackBlank(name, Length.ofMillimetres(inner), Length.ofMillimetres(outer));
    }

    private OneSided() {
    }

    /**
     * @param sets      equal sets wanted, one for each stud or foot: a piece counts when so many are free
     * @param allowed   the sum
     * @param preferred the sum wanted among equal sets
     */
    static StackAnswer solve(FitCase c, String use, int sets, Band allowed, Length preferred, int most) {
        return solve(c, use, sets, allowed, preferred, most, size -> true);
    }

    /** @param goesOn whether a piece of this size goes where it is wanted */
    static StackAnswer solve(FitCase c, String use, int sets, Band allowed, Length preferred, int most, Predicate<PieceSize> goesOn) {
        List<StackPiece> pieces = c.drawers().usedAs(use).stream().filter(p -> p.size().filter(goesOn).isPresent() && p.free() >= sets)
                .map(p -> new StackPiece(p.number(), p.name(), p.place(), p.size().get(), p.free() / sets, false)).toList();
        StackProblem problem = new StackProblem(List.of("stack"), pieces,
                List.of(StackLimit.toleranced("needed", List.of(1), allowed, Length.ZERO)), List.of(preferred), most, BLANKS.get(use));
        return c.shared(StackAnswer.class, problem, k -> StackSolver.best(problem));
    }

    /**
     * One foot of it in section.
     *
     * @param use   what its pieces are used and mounted as
     * @param under what the pieces stand on @param over what stands on them
     */
    static StackSection section(String use, String title, String under, String over, StackAnswer answer, Band allowed) {
        StackSet set = answer.inPlace().orElseThrow();
        PieceSize size = set.sides().get(0).get(0).piece().size();
        StackSketch sketch = new StackSketch(title, answer, set, List.of(), ENDS.negated())
                .layer(under, StackSection.Role.FRAME, ENDS, size.outer().plus(ENDS)).pieces(0).ends(allowed, Length.ZERO);
        Band reaches = new Band(ENDS.negated(), sketch.at().plus(ENDS));
        return sketch.layer(over, StackSection.Role.PLATE, ENDS, size.outer().plus(ENDS)).mountedAs(use).on(size.inner(), reaches,
                reaches.greatest());
    }

    /** The pieces of a set, so many times over. */
    static List<Remedy> parts(FitCase c, StackSet set, String role, int sets) {
        return set.sides().get(0).stream().map(use -> {
            StackPiece piece = use.piece();
            int count = use.count() * sets;
            if (piece.toBuy()) {
                return StackWords.toBuy(c, role, piece, count, role);
            }
            return Remedy.part(new PartNeed(piece.id(), piece.name(), count, Supply.DRAWER, piece.place(), role),
                    Sentence.of("%d × %s, drawer %s, %d free", count, piece.name(), piece.place(), piece.available() * sets));
        }).toList();
    }
}
