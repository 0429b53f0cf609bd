package hingeyard.core.fit.checks;

import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Remedy.PartNeed;
import hingeyard.core.explain.Remedy.Supply;
import hingeyard.core.explain.Sentence;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.KitItem;
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
