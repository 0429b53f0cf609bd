package hingeyard.core.fit.checks;

import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
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

/** How a stack is said, listed and drawn; shared by the checks that solve one. */
final class StackWords {

    private StackWords() {
    }

    /** The kit's own pieces of one role. */
    static List<StackPiece> kitPieces(Kit kit, String role) {
        return kit.contents().stream().filter(i -> i.role().equals(role) && i.piece().isPresent())
                .map(i -> new StackPiece("kit: " + i.name(), i.name(), "", i.piece().get(), i.count(), true)).toList();
    }

    /** Pieces of both sides as they stand on the knuckle: {@code 3 + 2.5 | 4 mm}. */
    static Sentence sums(StackSet set) {
        return set.pieceCount() == 0 ? Sentence.plain("no spacer")
                : Sentence.later(() -> set.sides().stream().map(StackWords::side).collect(Collectors.joining(" | ", "", " mm")));
    }

    private static String side(List<StackSet.Use> uses) {
        return uses.isEmpty() ? "0" : uses.stream().flatMap(u -> Collections.nCopies(u.count(), u).stream())
                .map(u -> u.piece().size().thickness().amount().toPlainString()).collect(Collectors.joining(" + "));
    }

    /** For example {@code 3 + 2.5 mm on the drive side and 4 mm on the other side}. */
    static Sentence spoken(StackSet set, List<String> sides) {
        return Sentence.later(() -> told(set, sides));
    }

    private static String told(StackSet set, List<String> sides) {
        List<String> said = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            if (!set.sides().get(i).isEmpty()) {
                said.add(side(set.sides().get(i)) + " mm on the " + sides.get(i));
            }
        }
        return String.join(" and ", said);
    }

    static List<Remedy> parts(StackSet set, List<String> roles) {
        List<Remedy> remedies = new ArrayList<>();
        for (int i = 0; i < roles.size(); i++) {
            for (StackSet.Use use : set.sides().get(i)) {
                remedies.add(part(use, roles.get(i)));
            }
        }
        return remedies;
    }

    private static Remedy part(StackSet.Use use, String role) {
        StackPiece piece = use.piece();
        Remedy.Supply supply = piece.fromKit() ? Remedy.Supply.KIT : Remedy.Supply.DRAWER;
                return Remedy.part(new Remedy.PartNeed(piece.fromKit() ? "" : piece.id(), piece.name(), use.count(), supply, piece.place(), role),
                piece.fromKit() ? Sentence.of("%d × %s, in the kit", use.count(), piece.name()) : Sentence.of("%d × %s, drawer %s, %d free", use.count(), piece.name(), piece.place(), piece.available()));
    }

    /** What to take from what there is, and what to buy or make beside it. */
    static List<Remedy> missing(StackAnswer answer, List<String> roles, String make) {
        List<Remedy> remedies = new ArrayList<>();
        for (int i = 0; i < roles.size(); i++) {
            for (StackSet.Use use : answer.toMake().get(0).with().get(i)) {
                remedies.add(part(use, roles.get(i)));
            }
        }
        for (StackAnswer.Missing missing : answer.toMake()) {
            String name = make + ", " + missing.thickness();
            remedies.add(Remedy.part(new Remedy.PartNeed("", name, 1, Remedy.Supply.BUY, "", roles.get(missing.side())),
                    Sentence.of("Buy or make 1 × %s (anything from %s would do).", name, missing.window())));
        }
        return remedies;
    }

    /** What giving way would buy, said beside what to buy or make; nothing when no single limit helps. Begins with a space. */
    static Sentence relaxed(Supplier<StackProblem> problem) {
        return Sentence.later(() -> Relaxation.of(problem.get()).stream()
                .map(r -> " Were “%s” %s wider, %s would do; the limit stands.".formatted(r.limit().name(), r.by(), sums(r.set()))).collect(Collectors.joining()));
    }

    /** Adds the pieces from {@code at} outwards and answers where they end. */
    static Length layers(List<StackSection.Layer> layers, List<StackSet.Use> uses, Length at) {
        Length next = at;
        for (StackSet.Use use : uses) {
            for (int i = 0; i < use.count(); i++) {
                Length thickness = use.piece().size().thickness();
                String from = use.piece().fromKit() ? "kit" : use.piece().place();
                layers.add(new StackSection.Layer(thickness.text(), from, StackSection.Role.SPACER, next, thickness, use.piece().size().outer()));
                next = next.plus(thickness);
            }
        }
        return next;
    }

    /** The sets of as few pieces that come after the best, each with how it keeps the limits. */
    static List<String> others(StackAnswer answer) {
        return answer.sets().stream().skip(1).map(s -> "%s: %s".formatted(sums(s), note(s))).toList();
    }

    static String note(StackSet set) {
        int drawer = set.drawerPieceCount();
        int kit = set.pieceCount() - drawer;
        CharSequence pieces = set.pieceCount() == 0 ? "No piece" : Sentence.of("%d %s (%d from the kit, %d from the drawers)", set.pieceCount(),
                set.pieceCount() == 1 ? "piece" : "pieces", kit, drawer);
        return (set.worstCase() ? Sentence.of("%s; inside by %s in the worst case.", pieces, set.spareWorst())
                : Sentence.of("%s; inside at nominal thickness only, by %s.", pieces, set.spare())).toString();
    }
}
