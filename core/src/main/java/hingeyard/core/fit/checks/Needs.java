package hingeyard.core.fit.checks;

import hingeyard.core.bench.BenchFaultException;
import hingeyard.core.explain.Making;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Remedy.PartNeed;
import hingeyard.core.explain.Remedy.Supply;
import hingeyard.core.explain.Sentence;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.KitItem;
import hingeyard.core.made.MadeKind;
import hingeyard.core.made.MadePart;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.School;
import hingeyard.core.stack.StackPiece;
import hingeyard.core.stock.DrawerPart;
import java.util.Optional;
import java.util.function.Predicate;

/** Parts a finding asks for: from the kit, from a drawer, else to be bought. */
final class Needs {

    private Needs() {
    }

    /**
     * So many of a drawer's parts of that use, else of one the shop knows and has too few of, else to buy under a name that says what it
     * must be.
     */
    static Remedy drawerOrBuy(FitCase c, String use, int count, Predicate<DrawerPart> suits, String role, CharSequence otherwise) {
        return c.drawers().find(use, count, suits).map(p -> fromDrawer(p, count, role))
                .or(() -> c.drawers().find(use, 0, suits).map(p -> order(p, count, role))).orElseGet(() -> buy(otherwise, count, role));
    }

    static Remedy order(DrawerPart part, int count, String role) {
        return Remedy.part(new PartNeed(part.number(), part.name(), count, Supply.BUY, "", role),
                Sentence.of("Order %d × %s: %d in the drawer.", count, part.name(), part.free()));
    }

    static Remedy fromDrawer(DrawerPart part, int count, String role) {
        return Remedy.part(new PartNeed(part.number(), part.name(), count, Supply.DRAWER, part.place(), role),
                Sentence.of("%d × %s, drawer %s, %d free", count, part.name(), part.place(), part.free()));
    }

    static Remedy buy(CharSequence name, int count, String role) {
        return Remedy.part(new PartNeed("", name.toString(), count, Supply.BUY, "", role), Sentence.of("Buy %d × %s.", count, name));
    }

    /**
     * Made in the shop, where it makes parts and this one can be made; else bought.
     *
     * @param name what it is, on the bill
     */
    static Remedy makeOrBuy(FitCase c, CharSequence name, int count, String role, Making making) {
        return makeOrBuy(c, name, count, role, making, Optional.empty());
    }

    /** A piece of a stack, of its thickness: turned here, else bought. */
    static Remedy pieceOf(FitCase c, StackPiece piece, int count, String role) {
        return makeOrBuy(c, piece.name(), count, role,
                Making.of(MadeKind.TURNED_RING.key(), piece.size().inner(), piece.size().outer(), piece.size().thickness()),
                Optional.of(piece.size().thickness()));
    }

    private static Remedy makeOrBuy(FitCase c, CharSequence name, int count, String role, Making making, Optional<Length> thick) {
        Optional<MadePart> part = c.rules().value(School.MADE_PARTS).equals(School.MADE_PARTS.standardText()) ? made(making)
                : Optional.empty();
        return part.map(p -> Remedy.part(new PartNeed("", name.toString(), count, Supply.MAKE, "", role, Optional.of(making), thick),
                Sentence.of("Make %d × %s: %s%s.", count, name, p.said(), count > 1 ? " each" : "")))
                .orElseGet(() -> Remedy.part(new PartNeed("", name.toString(), count, Supply.BUY, "", role, Optional.empty(), thick),
                        Sentence.of("Buy %d × %s.", count, name)));
    }

    /** Too thin, too wide: what no machine of a shop makes is bought. */
    private static Optional<MadePart> made(Making making) {
        try {
            return Optional.of(MadeKind.of(making));
        } catch (BenchFaultException e) {
            return Optional.empty();
        }
    }

    /** So many of a drawer's parts of that use, else of one the shop knows and has too few of, else made. */
    static Remedy drawerOrMake(FitCase c, String use, int count, Predicate<DrawerPart> suits, String role, CharSequence otherwise,
            Making making) {
        return c.drawers().find(use, count, suits).map(p -> fromDrawer(p, count, role))
                .or(() -> c.drawers().find(use, 0, suits).map(p -> order(p, count, role)))
                .orElseGet(() -> makeOrBuy(c, otherwise, count, role, making));
    }

    static Remedy fromKit(KitItem item, int count, String role) {
        return Remedy.part(new PartNeed("", item.name(), count, Supply.KIT, "", role),
                Sentence.of("%d × %s, in the kit", count, item.name()));
    }

    /** The first thing in the box that is mounted in that role. */
    static Optional<KitItem> inTheBox(FitCase c, String role) {
        for (KitItem item : c.kit().contents()) {
            if (item.role().equals(role)) {
                return Optional.of(item);
            }
        }
        return Optional.empty();
    }
}
