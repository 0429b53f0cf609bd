package hingeyard.core.floor;

import hingeyard.core.explain.Ruling;
import hingeyard.core.quantity.Mass;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A stand of the shop.
 *
 * @param number as it is painted on the floor
 * @param name   what it is called besides; may be empty
 * @param holds  how it holds a bike
 * @param rated  the most its maker lets it carry; empty where nobody entered it
 */
public record Stand(int number, String name, Holding holds, Optional<Mass> rated) {

    /** How a stand holds a bike. */
    public enum Holding {
        CLAMP("clamp"),
        BENCH("bench"),
        FLOOR("floor stand");

        private final String label;

        Holding(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /**
     * Whether it carries a bike.
     *
     * @param bike as it came; empty while nobody weighed it
     * @param kit  all that its kit adds, which may be nothing
     * @param all  every stand of the shop, of which those that carry it are named
     */
    public Ruling mayCarry(Optional<Mass> bike, Mass kit, List<Stand> all) {
        if (bike.isEmpty() || carries(bike.get().plus(kit))) {
            return Ruling.yes();
        }
        Mass whole = bike.get().plus(kit);
        List<Stand> others = all.stream().filter(s -> s.rated.isPresent() && s.carries(whole)).toList();
        return Ruling.no("Stand %d is rated for %s and the bike weighs %s%s. %s".formatted(number, rated.orElseThrow().text(),
                whole.text(), kit.equals(Mass.ZERO) ? "" : " with its kit", others.isEmpty() ? "No stand of the shop is rated for that."
                        : "Rated for it: stand %s."
                                .formatted(others.stream().map(s -> String.valueOf(s.number)).collect(Collectors.joining(", ")))));
    }

    private boolean carries(Mass mass) {
        return rated.isEmpty() || !mass.isMoreThan(rated.get());
    }
}
