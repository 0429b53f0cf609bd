package hingeyard.core.bay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hingeyard.core.bike.Point;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A right-angled triangle: down tube level to the front, seat tube straight up, so that every distance can be told by hand. */
class BayTest {

    private static final Tube DOWN = new Tube("down tube", new Point(0, 0), new Point(600, 0), 18);
    private static final Tube SEAT = new Tube("seat tube", new Point(0, 0), new Point(0, 500), 14);

    private static Tube top(double height) {
        return new Tube("top tube", new Point(0, height), new Point(600, height), 14);
    }

    private static Carrier onDown(double room, Double... bosses) {
        return new Carrier(DOWN, new Point(0, 1), List.of(bosses), room);
    }

    private static Pack pack(double height, double slideOff, boolean up) {
        return new Pack(360, height, 12, List.of(80.0, 144.0), 20, slideOff, up);
    }

    private static BayAnswer place(Pack pack, Carrier carrier, Tube... others) {
        return Bay.place(new BayProblem(List.of(carrier), List.of(others), pack, 5, 10));
    }

    @Test
    void liesAsLowAsTheSeatTubeLeavesIt() {
        BayPlace place = place(pack(88, 40, true), onDown(Double.POSITIVE_INFINITY), DOWN, SEAT, top(500)).place().orElseThrow();
        assertThat(place.from()).as("seat tube's radius 14 and five clear").isCloseTo(19, within(0.01));
        assertThat(place.clearance()).isCloseTo(5, within(0.01));
        assertThat(place.nearest()).isEqualTo("seat tube");
        assertThat(place.massCentre().y()).isCloseTo(18 + 12 + 44, within(1e-9));
    }

    @Test
    void slidingTowardsTheBracketWantsThatWayFree() {
        assertThat(place(pack(88, 40, false), onDown(Double.POSITIVE_INFINITY), DOWN, SEAT, top(500)).place().orElseThrow().from())
                .as("40 to slide, a millimetre passing, 14 of tube").isCloseTo(55, within(0.01));
    }

    /** Top tube's underside at h − 14; case's top at 18 + 12 + 88 = 118. */
    @ParameterizedTest
    @CsvSource({"137.01, true", "136.9, false"})
    void clearsTheTopTube(double height, boolean fits) {
        assertThat(place(pack(88, 40, true), onDown(Double.POSITIVE_INFINITY), DOWN, SEAT, top(height)).place().isPresent()).isEqualTo(fits);
    }

    @Test
    void twoBossesInTwoSlotsHoldItLowest() {
        BayPlace place = place(pack(88, 40, true), onDown(Double.POSITIVE_INFINITY, 190.0, 254.0), DOWN, SEAT, top(500)).place().orElseThrow();
        assertThat(place.bosses()).containsExactly(190.0, 254.0);
        assertThat(place.from()).as("190 − 80 − 10: the slots' far ends").isCloseTo(100, within(0.01));
    }

    @Test
    void bossesOfAnotherPitchDoNotCount() {
        BayPlace place = place(pack(88, 40, true), onDown(Double.POSITIVE_INFINITY, 190.0, 284.0), DOWN, SEAT, top(500)).place().orElseThrow();
        assertThat(place.bosses()).as("94 apart in slots 64 ± 20").isEmpty();
        assertThat(place.from()).isCloseTo(19, within(0.01));
    }

    /** Tube's surface to the case's top 100, ten to what moves. */
    @ParameterizedTest
    @CsvSource({"110, 0", "109.5, 0.5", "60, 50"})
    void staysUnderTheShock(double room, double covered) {
        BayAnswer answer = place(pack(88, 40, true), onDown(room), DOWN, SEAT, top(500));
        assertThat(answer.place().isPresent()).isEqualTo(covered == 0);
        assertThat(answer.covered()).isCloseTo(covered, within(1e-9));
    }

    @Test
    void saysHowFarOffItIsWhenThereIsNoPlace() {
        BayAnswer answer = place(pack(88, 40, true), onDown(Double.POSITIVE_INFINITY), DOWN, SEAT, top(130));
        assertThat(answer.place()).isEmpty();
        assertThat(answer.nearest().orElseThrow().clearance()).as("130 − 14 − 118").isCloseTo(-2, within(0.01));
        assertThat(place(new Pack(700, 88, 12, List.of(), 20, 0, true), onDown(1000), DOWN, SEAT).nearest()).as("longer than its tube").isEmpty();
    }

    @Test
    void theLowerOfTwoTubesCarriesIt() {
        Carrier onSeat = new Carrier(SEAT, new Point(1, 0), List.of(), Double.POSITIVE_INFINITY);
        BayAnswer answer = Bay.place(new BayProblem(List.of(onSeat, onDown(Double.POSITIVE_INFINITY)), List.of(DOWN, SEAT, top(500)), pack(88, 0, true), 5, 10));
        assertThat(answer.place().orElseThrow().carrier()).isEqualTo("down tube");
    }

    @Test
    void refusesAPackOfNoSize() {
        assertThatThrownBy(() -> new Pack(0, 80, 12, List.of(), 20, 0, true)).hasMessageContaining("more than 0");
    }

    static IntStream seeds() {
        return IntStream.range(0, 300);
    }

    /** Against trying every half millimetre in any triangle. */
    @ParameterizedTest
    @MethodSource("seeds")
    void findsTheLowestPlaceThereIs(int seed) {
        Random random = new Random(seed);
        Point head = new Point(350 + random.nextInt(200), 300 + random.nextInt(250));
        Point cluster = new Point(-80 - random.nextInt(120), 350 + random.nextInt(200));
        Tube down = new Tube("down tube", new Point(0, 0), head, 15 + random.nextInt(12));
        double length = Math.hypot(head.x(), head.y());
        Carrier carrier = new Carrier(down, new Point(-head.y() / length, head.x() / length), List.of(), Double.POSITIVE_INFINITY);
        List<Tube> tubes = List.of(down, new Tube("seat tube", new Point(0, 0), cluster, 14), new Tube("top tube", cluster, head.plus(new Point(-30, 120)), 14));
        Pack pack = new Pack(200 + random.nextInt(200), 60 + random.nextInt(60), 12, List.of(), 20, random.nextInt(60), random.nextBoolean());
        BayProblem problem = new BayProblem(List.of(carrier), tubes, pack, 5, 10);
        Slide slide = new Slide(problem, carrier);
        Double lowest = null;
        for (double s = 0; s <= slide.longest() && lowest == null; s += 0.5) {
            double at = s;
            if (slide.free(5, 1).within(at, at).lowest().isPresent() && slide.at(at, List.of()).clearance() >= 5) {
                lowest = at;
            }
        }
        BayAnswer answer = Bay.place(problem);
        if (lowest != null) {
            assertThat(answer.place().orElseThrow().from()).isBetween(lowest - 0.5, lowest + 0.01);
        }
        answer.place().ifPresent(p -> {
            assertThat(p.clearance()).isGreaterThanOrEqualTo(4.99);
            assertThat(slide.at(p.from(), List.of()).outline()).isEqualTo(p.outline());
        });
    }
}
