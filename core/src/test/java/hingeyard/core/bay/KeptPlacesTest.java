package hingeyard.core.bay;

import hingeyard.core.Kept;
import hingeyard.core.bike.Point;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * Where the case lies to the hundredth, what it comes up against, and the lines it is drawn by; with bosses and with what moves above it
 * besides. That no place lies lower is proven elsewhere.
 */
class KeptPlacesTest {

    @Test
    void theCaseLiesWhereItEverDid() throws IOException {
        List<String> lines = new ArrayList<>();
        for (int seed = 0; seed < 80; seed++) {
            BayProblem plain = BayByHandTest.anyProblem(seed);
            lines.add(seed + " " + told(Bay.place(plain)));
            Random random = new Random(1000L + seed);
            Carrier c = plain.carriers().get(0);
            double low = 100 + random.nextInt(150);
            Overhead moving = random.nextBoolean()
                    ? new Overhead(60 + random.nextInt(60), 150 + random.nextInt(100), 400 + random.nextInt(150)) : Overhead.NOTHING;
            Carrier bossed = new Carrier(c.tube(), c.inward(), List.of(low, low + 64), moving, c.raised());
            Pack p = plain.pack();
            Pack slotted = new Pack(p.length(), p.height(), p.rail(),
                    List.of(p.length() * 0.3, p.length() * 0.3 + 60 + random.nextInt(10), p.length() * 0.8), 12, p.removal(), p.room(),
                    p.outline());
            lines.add(seed + "b "
                    + told(Bay.place(new BayProblem(List.of(bossed), plain.obstacles(), slotted, plain.toTube(), plain.toMoving()))));
        }
        Kept.assertAsKept("bay/places.txt", lines);
    }

    private static String told(BayAnswer answer) {
        return "place %s; nearest %s; unreached %s; covered %s".formatted(answer.place().map(KeptPlacesTest::told).orElse("-"),
                answer.nearest().map(KeptPlacesTest::told).orElse("-"),
                answer.unreached().map(p -> number(p.from())).orElse("-"), number(answer.covered()));
    }

    private static String told(BayPlace p) {
        return "%s at %s clear %s of %s, bosses %s, mass %s, case %s, swept %s, reach %s".formatted(p.carrier(), number(p.from()),
                number(p.clearance()), p.nearest(), p.bosses().stream().map(KeptPlacesTest::number).toList(),
                told(p.massCentre()), told(p.outline()), told(p.swept()), told(p.reach()));
    }

    private static String told(List<Point> points) {
        return points.stream().map(KeptPlacesTest::told).collect(Collectors.joining(" "));
    }

    private static String told(Point p) {
        return number(p.x()) + "," + number(p.y());
    }

    /** To the tenth: the place is found to five micrometres. */
    private static String number(double n) {
        String said = String.format(Locale.ROOT, "%.1f", n);
        return said.equals("-0.0") ? "0.0" : said;
    }
}
