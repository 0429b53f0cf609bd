package hingeyard.core.bay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hingeyard.core.bay.Pack.Removal;
import hingeyard.core.bike.Point;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A right-angled triangle: down tube level to the front, seat tube straight up, so that every distance can be told by hand. */
class BayTest {

    private static final Tube DOWN = new Tube("down tube", new Point(0, 0), new Point(600, 0), 18);
    private static final Tube SEAT = new Tube("seat tube", new Point(0, 0), new Point(0, 500), 14);

    private static final Removal SIDEWAYS = new Removal(0, true, 0);

    private static Tube top(double height) {
        return new Tube("top tube", new Point(0, height), new Point(600, height), 14);
    }

    private static Carrier onDown(double room, Double... bosses) {
        return new Carrier(DOWN, new Point(0, 1), List.of(bosses), Overhead.over(room), 0);
    }

    private static Pack pack(double height, double slideOff, boolean up) {
        return new Pack(360, height, 12, List.of(80.0, 144.0), 20, new Removal(slideOff, up, 0), Room.NONE, List.of());
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
        assertThat(place(pack(88, 40, true), onDown(Double.POSITIVE_INFINITY), DOWN, SEAT, top(height)).place().isPresent())
                .isEqualTo(fits);
    }

    @Test
    void twoBossesInTwoSlotsHoldItLowest() {
        BayPlace place = place(pack(88, 40, true), onDown(Double.POSITIVE_INFINITY, 190.0, 254.0), DOWN, SEAT, top(500)).place()
                .orElseThrow();
        assertThat(place.bosses()).containsExactly(190.0, 254.0);
        assertThat(place.from()).as("190 − 80 − 10: the slots' far ends").isCloseTo(100, within(0.01));
    }

    @Test
    void bossesOfAnotherPitchDoNotCount() {
        BayPlace place = place(pack(88, 40, true), onDown(Double.POSITIVE_INFINITY, 190.0, 284.0), DOWN, SEAT, top(500)).place()
                .orElseThrow();
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
        assertThat(place(new Pack(700, 88, 12, List.of(), 20, SIDEWAYS, Room.NONE, List.of()), onDown(1000), DOWN, SEAT).nearest())
                .as("longer than its tube").isEmpty();
    }

    @Test
    void theLowerOfTwoTubesCarriesIt() {
        Carrier onSeat = new Carrier(SEAT, new Point(1, 0), List.of());
        BayAnswer answer = Bay.place(
                new BayProblem(List.of(onSeat, onDown(Double.POSITIVE_INFINITY)), List.of(DOWN, SEAT, top(500)), pack(88, 0, true), 5, 10));
        assertThat(answer.place().orElseThrow().carrier()).isEqualTo("down tube");
    }

    /** 118 high; the hand wants 20 more and passes by one: the top tube's underside at 139. */
    @ParameterizedTest
    @CsvSource({"153.01, true", "152.9, false"})
    void theKeyAwayFromTheTubeWantsTheHandsRoom(double top, boolean reached) {
        BayAnswer answer = place(pack(new Room(0, 0, 20)), onDown(Double.POSITIVE_INFINITY), DOWN, SEAT, top(top));
        assertThat(answer.place().isPresent()).isEqualTo(reached);
        assertThat(answer.unreached().isPresent()).as("nothing but the hand is in the way").isEqualTo(!reached);
    }

    @Test
    void aKeyAtTheLowerEndKeepsOffTheSeatTube() {
        assertThat(place(pack(new Room(30, 0, 0)), onDown(Double.POSITIVE_INFINITY), DOWN, SEAT, top(500)).place().orElseThrow().from())
                .as("14 of tube, 30 of hand, one passing")
                .isCloseTo(45, within(0.01));
    }

    @Test
    void aKeyAtTheUpperEndKeepsOffWhatIsAhead() {
        Tube head = new Tube("head tube", new Point(430, 0), new Point(430, 400), 10);
        Pack pack = pack(new Room(0, 30, 0));
        assertThat(place(pack, onDown(Double.POSITIVE_INFINITY), DOWN, SEAT, head).place().orElseThrow().from()).isCloseTo(19,
                within(0.01));
        Tube nearer = new Tube("head tube", new Point(419, 0), new Point(419, 400), 10);
        assertThat(place(pack, onDown(Double.POSITIVE_INFINITY), DOWN, SEAT, nearer).place()).as("19 + 360 + 30 + 1 = 410 of 409")
                .isEmpty();
    }

    /**
     * Swung by 90° its far corner passes at √(360² + 88²) = 370.6 above the case's underside at 30; a millimetre passing, 14 of tube:
     * 415.6.
     */
    @ParameterizedTest
    @CsvSource({"415.7, true", "415.3, false"})
    void swingingOutWantsItsWholeWay(double top, boolean comesOff) {
        Pack pack = new Pack(360, 88, 12, List.of(), 20, new Removal(0, true, 90), Room.NONE, List.of());
        assertThat(place(pack, onDown(Double.POSITIVE_INFINITY), DOWN, new Tube("top tube", new Point(-200, top), new Point(600, top), 14))
                .place().isPresent()).isEqualTo(comesOff);
    }

    /** A top tube that falls to the front meets a rectangle's far corner first, and leaves a wedge alone. */
    @Test
    void aWedgeGoesWhereARectangleDoesNot() {
        Tube falling = new Tube("top tube", new Point(0, 240), new Point(600, 60), 14);
        List<Point> wedge = List.of(new Point(0, 0), new Point(360, 0), new Point(360, 30), new Point(0, 88));
        assertThat(place(pack(88, 0, true), onDown(Double.POSITIVE_INFINITY), DOWN, SEAT, falling).place()).isEmpty();
        BayPlace place = place(new Pack(360, 88, 12, List.of(), 20, SIDEWAYS, Room.NONE, wedge), onDown(Double.POSITIVE_INFINITY), DOWN,
                SEAT, falling).place().orElseThrow();
        assertThat(place.from()).isCloseTo(19, within(0.01));
        assertThat(place.outline()).hasSize(4);
        assertThat(place.massCentre().y()).as("a trapezium of 88 and 30: (88² + 88·30 + 30²) / 3(88 + 30) above its underside")
                .isCloseTo(30 + 11284.0 / 354, within(1e-6));
    }

    /** 60 under what moves, 110 wanted; it moves from 400 on, ten clear of it: the case ends at 390. */
    @Test
    void liesBesideWhatMoves() {
        BayPlace place = place(pack(88, 5, false), moving(60, 400), DOWN, SEAT, top(500)).place().orElseThrow();
        assertThat(place.from()).isCloseTo(20, within(0.01));
        assertThat(place(pack(88, 5, false), moving(60, 389), DOWN, SEAT, top(500)).place()).as("20 + 360 + 10 = 390").isEmpty();
    }

    @Test
    void aRaisedRailLiftsIt() {
        Carrier bent = new Carrier(DOWN, new Point(0, 1), List.of(), Overhead.NOTHING, 4);
        assertThat(place(pack(88, 40, true), bent, DOWN, SEAT, top(141.01)).place()).as("122 + 5 + 14").isPresent();
        assertThat(place(pack(88, 40, true), bent, DOWN, SEAT, top(140.9)).place()).isEmpty();
    }

    private static Carrier moving(double room, double from) {
        return new Carrier(DOWN, new Point(0, 1), List.of(), new Overhead(room, from, 600), 0);
    }

    private static Pack pack(Room room) {
        return new Pack(360, 88, 12, List.of(80.0, 144.0), 20, SIDEWAYS, room, List.of());
    }

    @Test
    void refusesWhatIsNoPack() {
        assertThatThrownBy(() -> new Pack(0, 80, 12, List.of(), 20, SIDEWAYS, Room.NONE, List.of())).hasMessageContaining("more than 0");
        assertThatThrownBy(() -> new Removal(10, true, 91)).hasMessageContaining("not more than 90");
        assertThatThrownBy(() -> new Room(-1, 0, 0)).hasMessageContaining("not be negative");
        List<Point> flat = List.of(new Point(0, 0), new Point(5, 0), new Point(9, 0));
        assertThatThrownBy(() -> place(new Pack(360, 88, 12, List.of(), 20, SIDEWAYS, Room.NONE, flat), onDown(1000), DOWN))
                .hasMessageContaining("enclose");
    }
}
