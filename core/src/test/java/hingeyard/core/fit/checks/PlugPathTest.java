package hingeyard.core.fit.checks;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Seeds;
import hingeyard.core.kit.Adapter;
import hingeyard.core.kit.Plug;
import hingeyard.core.kit.PlugKind;
import hingeyard.core.quantity.Current;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.PartFacts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Against laying every adapter after every other: as few, and among as few none that carries more. */
class PlugPathTest {

    private static final PlugKind[] KINDS = {PlugKind.BLADE_PAIR, PlugKind.BULLET_PAIR, PlugKind.RING_POST, PlugKind.BARREL};

    static IntStream seeds() {
        return Seeds.first(400);
    }

    private static Plug plug(Random random) {
        return new Plug(KINDS[random.nextInt(KINDS.length)], 2, "", random.nextBoolean(), amperes(20 + 10 * random.nextInt(3)));
    }

    private static Current amperes(int amperes) {
        return Current.ofAmperes(String.valueOf(amperes));
    }

    private static List<DrawerPart> stock(Random random) {
        List<DrawerPart> stock = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(6); i++) {
            Adapter adapter = new Adapter(plug(random), plug(random), amperes(10 + 10 * random.nextInt(4)));
            stock.add(new DrawerPart("A" + i, "A" + i, "plug-adapter", "E1", random.nextInt(3), Optional.empty(),
                    new PartFacts(Optional.empty(), Optional.empty(), Optional.of(adapter), 0, 0)));
        }
        return stock;
    }

    /** Fewest first, then the strongest: how many adapters and what the weakest carries. */
    private static int[] listed(Plug open, Plug to, List<DrawerPart> stock, int[] left, Current carries, int depth, long weakest) {
        int[] best = null;
        if (depth > 0 && open.mates(to)) {
            return new int[]{depth, (int) weakest};
        }
        for (int i = 0; i < stock.size() && depth < 3; i++) {
            Adapter adapter = stock.get(i).facts().adapter().orElseThrow();
            for (Plug[] way : new Plug[][]{{adapter.one(), adapter.other()}, {adapter.other(), adapter.one()}}) {
                boolean second = way[0] == adapter.other() && adapter.one().mates(open);
                if (left[i] > 0 && way[0].mates(open) && !second && !adapter.rating().isLessThan(carries)) {
                    left[i]--;
                    int[] found = listed(way[1], to, stock, left, carries, depth + 1, Math.min(weakest, adapter.rating().milliamperes()));
                    left[i]++;
                    if (found != null && (best == null || found[0] < best[0] || found[0] == best[0] && found[1] > best[1])) {
                        best = found;
                    }
                }
            }
        }
        return best;
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void findsTheFewestAndOfThemTheStrongest(int seed) {
        Random random = new Random(seed);
        List<DrawerPart> stock = stock(random);
        Plug from = plug(random);
        Plug to = plug(random);
        Current carries = amperes(10 + 10 * random.nextInt(2));
        int[] expected = listed(from, to, stock, stock.stream().mapToInt(DrawerPart::free).toArray(), carries, 0,
                from.rating().milliamperes());
        Optional<PlugPath.Path> found = PlugPath.find(from, to, stock, carries);
        assertThat(found.map(p -> new int[]{p.adapters().size(), (int) p.weakest().milliamperes()}).orElse(null)).isEqualTo(expected);
    }
}
