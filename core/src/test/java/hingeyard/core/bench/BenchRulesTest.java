package hingeyard.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Length;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.bench.ChainAndGears.Gear;
import hingeyard.core.bench.FastenerPick.Into;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Chain, tyre, axle and screw. */
class BenchRulesTest {

    private static ChainAndGears.Input gears(int ring, double chainstay, int... cogs) {
        List<Integer> teeth = new ArrayList<>();
        for (int cog : cogs) {
            teeth.add(cog);
        }
        return new ChainAndGears.Input(ring, teeth, chainstay, 2_200, 60, teeth.size() > 1, 48, 60, 2);
    }

    /** A thread round points set on both circles, pulled tight: the hull of all of them. */
    private static double tightThread(int ring, int cog, double centres) {
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i < 40_000; i++) {
            double phi = 2 * Math.PI * i / 40_000;
            double r1 = 12.7 / 2 / Math.sin(Math.PI / ring);
            double r2 = 12.7 / 2 / Math.sin(Math.PI / cog);
            points.add(new double[]{r1 * Math.cos(phi), r1 * Math.sin(phi)});
            points.add(new double[]{centres + r2 * Math.cos(phi), r2 * Math.sin(phi)});
        }
        points.sort((a, b) -> a[0] != b[0] ? Double.compare(a[0], b[0]) : Double.compare(a[1], b[1]));
        return half(points, 1) + half(points, -1);
    }

    private static double half(List<double[]> points, int side) {
        List<double[]> hull = new ArrayList<>();
        for (double[] p : points) {
            while (hull.size() > 1) {
                double[] a = hull.get(hull.size() - 2);
                double[] b = hull.get(hull.size() - 1);
                if (side * ((b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0])) > 0) {
                    break;
                }
                hull.remove(hull.size() - 1);
            }
            hull.add(p);
        }
        double length = 0;
        for (int i = 1; i < hull.size(); i++) {
            length += Math.hypot(hull.get(i)[0] - hull.get(i - 1)[0], hull.get(i)[1] - hull.get(i - 1)[1]);
        }
        return length;
    }

    @Test
    void aChainIsAsLongAsAThreadPulledRound() {
        Random random = new Random(3);
        for (int i = 0; i < 20; i++) {
            int ring = 20 + random.nextInt(40);
            int cog = 9 + random.nextInt(40);
            double centres = 380 + random.nextInt(120);
            assertThat(ChainAndGears.wrap(ring, cog, centres)).as("%d/%d at %s", ring, cog, centres)
                    .isCloseTo(tightThread(ring, cog, centres), within(0.01));
        }
    }

    @Test
    void linksArePairsAndNeverTooFew() {
        for (int chainstay = 400; chainstay <= 500; chainstay++) {
            ChainAndGears.Answer one = ChainAndGears.of(gears(44, chainstay, 18));
            assertThat(one.links() % 2).isZero();
            assertThat(one.links() * ChainAndGears.PITCH).isBetween(one.wrapped() - 1e-6, one.wrapped() + 2 * ChainAndGears.PITCH);
            ChainAndGears.Answer many = ChainAndGears.of(gears(44, chainstay, 11, 34));
            assertThat(many.links() * ChainAndGears.PITCH).isGreaterThanOrEqualTo(many.wrapped() + 2 * ChainAndGears.PITCH - 1e-6);
        }
        // Equal ring and cog: two straight runs and one turn of teeth.
        assertThat(ChainAndGears.wrap(20, 20, 400)).isCloseTo(800 + 2 * Math.PI * ChainAndGears.pitchRadius(20), within(1e-9));
    }

    @Test
    void speedAndLineOfEachGear() {
        ChainAndGears.Answer told = ChainAndGears.of(new ChainAndGears.Input(44, List.of(11, 13, 15, 18, 21, 24, 28, 32), 440, 2_200, 60,
                true, 48, 62, 1.6));
        Gear smallest = told.gears().get(0);
        assertThat(smallest.speed()).isCloseTo(60 * 60 * 2.2 * 4 / 1000, within(1e-9));
        assertThat(smallest.metres()).isCloseTo(8.8, within(1e-9));
        assertThat(smallest.bent()).isCloseTo(Math.toDegrees(Math.atan(14 / 440.0)), within(1e-9));
        assertThat(told.gears()).extracting(Gear::kept).containsExactly(false, true, true, true, true, true, false, false);
        assertThat(told.width()).isEqualTo(7.1);
        assertThatThrownBy(() -> gears(44, 440, 18, 18)).hasMessageContaining("cogs: 18 after 18");
        assertThatThrownBy(() -> gears(70, 250, 60)).hasMessageContaining("chainstay: 250 mm");
        assertThatThrownBy(() -> gears(19, 440, 18)).hasMessageContaining("ring: 19 teeth");
    }

    /** What riders of this load usually put in, bar; the rule is within a sixth of it. */
    @ParameterizedTest
    @CsvSource({"622, 28, 45, 4.95", "622, 32, 45, 4.0", "622, 37, 50, 3.4", "622, 47, 50, 2.2", "559, 50, 50, 2.1", "622, 42, 55, 2.95"})
    void thePressureIsNearWhatIsUsual(int bead, double width, double load, double usual) {
        assertThat(new TyrePressure(bead, width, load, 10, Optional.empty()).wanted()).isCloseTo(usual, within(usual / 6));
    }

    @Test
    void noPressureIsAboveTheLowerMark() {
        Random random = new Random(8);
        for (int i = 0; i < 2_000; i++) {
            double tyre = 1 + random.nextDouble() * 9;
            Optional<Double> rim = random.nextBoolean() ? Optional.of(1 + random.nextDouble() * 9) : Optional.empty();
            TyrePressure told = new TyrePressure(305 + random.nextInt(320), 20 + random.nextDouble() * 80, 10 + random.nextDouble() * 150,
                    tyre, rim);
            assertThat(told.pressure()).isLessThanOrEqualTo(tyre).isLessThanOrEqualTo(rim.orElse(10.0)).isLessThanOrEqualTo(told.wanted());
            assertThat(told.overloaded()).isEqualTo(told.pressure() < told.wanted());
        }
        assertThat(new TyrePressure(622, 40, 80, 10, Optional.empty()).wanted())
                .isGreaterThan(new TyrePressure(622, 40, 60, 10, Optional.empty()).wanted())
                .isGreaterThan(new TyrePressure(622, 50, 80, 10, Optional.empty()).wanted());
        assertThatThrownBy(() -> new TyrePressure(622, 40, 80, 11, Optional.empty())).hasMessageContaining("tyreMost: 11 bar");
    }

    /** Moments about the axle: the triangle's force at two thirds of the half flat, on both edges and both dropouts, is the torque. */
    @Test
    void whatTheFlatPressesHoldsTheTorque() {
        AxleReaction told = new AxleReaction(60, 6, 10);
        double moment = 0;
        int slices = 100_000;
        for (int i = 0; i < slices; i++) {
            double at = -5 + 10 * (i + 0.5) / slices;
            double pressure = told.pressure() * at / 5;
            moment += pressure * at * 6 * 10 / slices;
        }
        assertThat(2 * moment / 1000).isCloseTo(60, within(0.01));
        assertThat(told.atTheArm(100)).isEqualTo(600);
        assertThatThrownBy(() -> new AxleReaction(60, 0, 10)).hasMessageContaining("plate: 0 mm");
    }

    /** thread, into, clamped, depth, washer → length, torque. */
    @ParameterizedTest
    @CsvSource({"5, NUT, 8, 0, true, 14, 4.6", "5, STEEL, 8, 0, false, 14, 4.6", "5, ALUMINIUM, 8, 0, true, 18, 3.22",
        "6, INSERT, 3, 0, true, 14, 4", "3, NUT, 2, 0, false, 6, 1", "8, STEEL, 80, 0, true, 90, 19", "5, ALUMINIUM, 8, 8, true, 0, 3.22",
        "8, NUT, 80, 0, true, 90, 19"})
    void aScrewIsAsLongAsWhatItHolds(int thread, Into into, double clamped, double depth, boolean washer, int length, double torque) {
        FastenerPick.Answer told = FastenerPick.of(new FastenerPick.Input(thread, into, clamped, depth, washer, false));
        assertThat(told.length()).as(told.sentence()).isEqualTo(length);
        assertThat(told.torque()).isCloseTo(torque, within(1e-9));
        assertThat(length == 0 || told.engagement() >= told.wanted()).isTrue();
    }

    @Test
    void aScrewTouchesNoGround() {
        assertThat(FastenerPick.of(new FastenerPick.Input(5, Into.ALUMINIUM, 8, 8, true, true)).sentence())
                .isEqualTo("M5 × 18 would touch the hole's ground: put 1.8 mm more under the head, or shorten it to 16 mm.");
        assertThat(FastenerPick.of(new FastenerPick.Input(5, Into.ALUMINIUM, 8, 5, true, true)).limits())
                .anySatisfy(l -> assertThat(l).startsWith("A hole of 5 mm holds less than the 7.5 mm"));
        assertThatThrownBy(() -> new FastenerPick.Input(7, Into.NUT, 8, 0, true, false))
                .hasMessage("thread: M7, allowed: M3, M4, M5, M6 or M8");
        for (double clamped = 0.5; clamped < 80; clamped += 0.7) {
            for (Into into : Into.values()) {
                FastenerPick.Answer told = FastenerPick.of(new FastenerPick.Input(6, into, clamped, 25, true, false));
                if (told.length() > 0) {
                    assertThat(told.length() - clamped - told.washer()).isBetween(told.wanted() - 1e-9, 25 - 1.0 + 1e-9);
                }
            }
        }
    }

    /** amps, metres, volts → gauge. */
    @ParameterizedTest
    @CsvSource({"20, 0.8, 48, 14", "15, 2, 36, 14", "15, 4, 36, 12", "0.5, 1, 5, 22", "60, 0.3, 48, 8"})
    void theThinnestWireThatCarriesAndLosesLittle(double amps, double metres, double volts, int gauge) {
        WirePick wire = new WirePick(amps, metres, volts);
        assertThat(wire.gauge()).isEqualTo(gauge);
        assertThat(wire.tooMuch()).isFalse();
        assertThat(wire.drop()).isLessThanOrEqualTo(0.02 * volts);
        assertThat(wire.carries()).isGreaterThanOrEqualTo(amps);
        assertThat(new WirePick(60, 10, 24).tooMuch()).isTrue();
        assertThatThrownBy(() -> new WirePick(61, 1, 48)).hasMessage("amps: 61 A, allowed: 0.1 to 60 A");
    }

    private static DrawerPart washer(String number, String mm, int free) {
        return new DrawerPart(number, number, "axle-washer", "B1", free,
                Optional.of(new PieceSize(Length.ofMillimetres(mm), Length.ofMicrometres(50), Length.ofMillimetres(12),
                        Length.ofMillimetres(24))));
    }

    /** Every count of every piece is tried: none holds better, and none as well with fewer. */
    @Test
    void aGapIsFilledAsWellAndWithAsFewPiecesAsCanBe() {
        Random random = new Random(4);
        for (int i = 0; i < 300; i++) {
            List<DrawerPart> drawers = List.of(washer("a", "0.5", random.nextInt(5)), washer("b", "1", random.nextInt(4)),
                    washer("c", "1.6", random.nextInt(4)));
            double from = 0.3 + random.nextInt(60) / 10.0;
            StackAnswer told = StackBench.of(from, from + 0.2, drawers, 6);
            int fewest = Integer.MAX_VALUE;
            for (int a = 0; a <= drawers.get(0).free(); a++) {
                for (int b = 0; b <= drawers.get(1).free(); b++) {
                    for (int c = 0; c <= drawers.get(2).free() && a + b + c <= 6; c++) {
                        double sum = 0.5 * a + b + 1.6 * c;
                        double off = 0.05 * (a + b + c);
                        boolean nominal = sum >= from - 1e-9 && sum <= from + 0.2 + 1e-9;
                        boolean always = sum - off >= from - 1e-9 && sum + off <= from + 0.2 + 1e-9;
                        // What holds whatever its tolerance does comes before what holds at its nominal size.
                        fewest = nominal ? Math.min(fewest, a + b + c + (always ? 0 : 100)) : fewest;
                    }
                }
            }
            assertThat(told.best().map(s -> s.pieceCount() + (s.worstCase() ? 0 : 100)).orElse(Integer.MAX_VALUE))
                    .as("%s of %s", from, drawers).isEqualTo(fewest);
        }
        assertThatThrownBy(() -> StackBench.of(3, 2, List.of(), 4)).hasMessageContaining("to: 2 mm, allowed: 3 to 100 mm");
    }

    @Test
    void aTyreIsWithinThreeInAHundredOfItsMarking() {
        double marked = RollOut.byMarking(622, 47);
        assertThat(RollOut.plausible(marked * 1.029, marked)).isTrue();
        assertThat(RollOut.plausible(marked * 0.971, marked)).isTrue();
        assertThat(RollOut.plausible(marked * 1.031, marked)).isFalse();
        assertThat(RollOut.plausible(marked * 0.969, marked)).isFalse();
        assertThat(BenchFigure.keys()).doesNotHaveDuplicates().allSatisfy(k -> assertThat(BenchFigure.find(k)).isPresent());
        assertThat(BenchTool.values()).allSatisfy(t -> assertThat(BenchTool.find(t.key())).contains(t));
    }
}
