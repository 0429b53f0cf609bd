package hingeyard.core.fit.checks;

import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Units;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.stack.Relaxation;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackPiece;
import hingeyard.core.stack.StackProblem;
import hingeyard.core.stack.StackSection;
import hingeyard.core.stack.StackSet;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** How a stack is said, listed and drawn; shared by the checks that solve one. */
final class StackWords {

    private static final int MOST_POSSIBLE = 6;

    private StackWords() {
    }

    /** The kit's own pieces of one role. */
    static List<StackPiece> kitPieces(Kit kit, String role) {
        return kit.contents().stream().filter(i -> i.role().equals(role) && i.piece().isPresent())
                .map(i -> new StackPiece("kit: " + i.name(), i.name(), "", i.piece().get(), i.count(), true)).toList();
    }

    /**
     * Pieces of each side as they stand on the knuckle: {@code 3 + 2.5 mm drive side, 4 mm other side}. @param sides their names; empty
     * where there is one
     */
    static Sentence sums(StackSet set, List<String> sides) {
        return set.pieceCount() == 0 ? Sentence.plain("no spacer needed")
                : Sentence.later(units -> IntStream.range(0, set.sides().size()).filter(i -> !set.sides().get(i).isEmpty())
                        .mapToObj(i -> side(set.sides().get(i), units) + unit(units) + (sides.isEmpty() ? "" : " " + sides.get(i)))
                        .collect(Collectors.joining(", ")));
    }

    private static String unit(Units units) {
        return units == Units.METRIC ? " mm" : " in";
    }

    private static String side(List<StackSet.Use> uses, Units units) {
        return uses.stream().flatMap(u -> Collections.nCopies(u.count(), u).stream())
                .map(u -> bare(u.piece().size().thickness(), units)).collect(Collectors.joining(" + "));
    }

    private static String bare(Length thickness, Units units) {
        String said = thickness.text(units);
        return said.substring(0, said.lastIndexOf(' '));
    }

    /** For example {@code 3 + 2.5 mm on the drive side and 4 mm on the other side}. */
    static Sentence spoken(StackSet set, List<String> sides) {
        return Sentence.later(units -> told(set, sides, units));
    }

    private static String told(StackSet set, List<String> sides, Units units) {
        List<String> said = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            if (!set.sides().get(i).isEmpty()) {
                said.add(side(set.sides().get(i), units) + unit(units) + " on the " + sides.get(i));
            }
        }
        return String.join(" and ", said);
    }

    /** @param what what the drawers call such pieces */
    static List<Remedy> parts(FitCase c, String what, StackSet set, List<String> roles) {
        List<Remedy> remedies = new ArrayList<>();
        for (int i = 0; i < roles.size(); i++) {
            for (StackSet.Use use : set.sides().get(i)) {
                remedies.add(part(c, what, use, roles.get(i)));
            }
        }
        return remedies;
    }

    /** A piece to buy: of a number that the shop knows and has none of, else by its size. */
    static Remedy toBuy(FitCase c, String what, StackPiece piece, int count, String role) {
        return c.drawers()
                .find(what, 0,
                        p -> p.size().filter(s -> s.thickness().equals(piece.size().thickness()) && isNear(s.inner(), piece.size().inner()))
                                .isPresent())
                .map(p -> Needs.order(p, count, role)).orElseGet(() -> Needs.pieceOf(c, piece, count, role));
    }

    private static boolean isNear(Length bore, Length wanted) {
        return !bore.minus(wanted).abs().isMoreThan(Length.ofMillimetres(1));
    }

    private static Remedy part(FitCase c, String what, StackSet.Use use, String role) {
        StackPiece piece = use.piece();
        if (piece.toBuy()) {
            return toBuy(c, what, piece, use.count(), role);
        }
        Remedy.Supply supply = piece.fromKit() ? Remedy.Supply.KIT : Remedy.Supply.DRAWER;
        return Remedy.part(new Remedy.PartNeed(piece.fromKit() ? "" : piece.id(), piece.name(), use.count(), supply, piece.place(), role),
                piece.fromKit() ? Sentence.of("%d × %s, in the kit", use.count(), piece.name())
                        : Sentence.of("%d × %s, drawer %s, %d free", use.count(), piece.name(), piece.place(), piece.available()));
    }

    /** How many pieces the shop puts on one side. */
    static int mostPerSide(FitCase c) {
        return Math.min(MOST_POSSIBLE, c.rules().value(NumberRule.STACK_PIECES).intValue());
    }

    /** What has to be bought or made, as one asks for it: {@code a bracket spacer of 2 mm (2 to 10.5 would do) on the other side}. */
    static Sentence toBuy(StackAnswer answer, List<String> sides, String name) {
        List<Sentence> said = answer.toMake().stream()
                .map(m -> Sentence.of("%s of %s%s on the %s", name, m.thickness(), would(m), sides.get(m.side()))).toList();
        if (said.size() == 2 && answer.toMake().get(0).thickness().equals(answer.toMake().get(1).thickness())) {
            return Sentence.of("%s of %s on each side", name, answer.toMake().get(0).thickness());
        }
        return said.size() == 1 ? said.get(0) : Sentence.of("%s and %s", said.get(0), said.get(1));
    }

    private static Sentence would(StackAnswer.Missing missing) {
        boolean only = missing.window().width().told().equals(Length.ZERO);
        return only ? Sentence.plain("") : Sentence.of(" (%s would do)", missing.window().inTenths());
    }

    /** What giving way on one limit would buy, where no thickness would do; nothing when no single limit helps. Begins with a space. */
    static Sentence relaxed(Supplier<StackProblem> problem) {
        return Sentence.later(units -> Relaxation.of(problem.get()).stream()
                .map(r -> Sentence.of(" It would take %s more for “%s”.", r.by().told(), r.limit().name()).in(units))
                .collect(Collectors.joining()));
    }

    /** Adds the pieces from {@code at} outwards and answers where they end. */
    static Length layers(List<StackSection.Layer> layers, List<StackSet.Use> uses, Length at) {
        Length next = at;
        for (StackSet.Use use : uses) {
            for (int i = 0; i < use.count(); i++) {
                Length thickness = use.piece().size().thickness();
                String from = use.piece().fromKit() ? "kit" : use.piece().toBuy() ? "to buy" : use.piece().place();
                layers.add(StackSection.Layer.of(Sentence.of("%s", thickness), from, StackSection.Role.SPACER, next, thickness,
                        use.piece().size().outer()));
                next = next.plus(thickness);
            }
        }
        return next;
    }

    /** The sets of as few pieces that come after the best, each with how it keeps the limits. */
    static List<String> others(StackAnswer answer, List<String> sides, Units units) {
        return answer.sets().stream().skip(1).map(s -> Sentence.of("%s: %s", sums(s, sides), note(s)).in(units)).toList();
    }

    static Sentence note(StackSet set) {
        int drawer = set.drawerPieceCount();
        int kit = set.pieceCount() - drawer;
        CharSequence pieces = set.pieceCount() == 0 ? "No spacer needed"
                : Sentence.of("%d %s (%d from the kit, %d from the drawers or to buy)", set.pieceCount(),
                        set.pieceCount() == 1 ? "piece" : "pieces", kit, drawer);
        return set.worstCase() ? Sentence.of("%s, %s to spare in the worst case.", pieces, set.spareWorst().told())
                : Sentence.of("%s, %s to spare at nominal thickness only.", pieces, set.spare().told());
    }
}
