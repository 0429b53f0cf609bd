package hingeyard.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hingeyard.core.bench.RideLog.Answer;
import hingeyard.core.bench.RideLog.Pack;
import hingeyard.core.bench.RideLog.Point;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RideLogTest {

    private static final Instant START = Instant.parse("2026-05-04T14:00:00Z");

    private static Point at(double lat, double lon, double height, long second) {
        return new Point(lat, lon, Optional.of(height), START.plusSeconds(second));
    }

    /** A degree of a meridian is 111.195 km on the sphere, one of the parallel at 60° half of that. */
    @ParameterizedTest
    @CsvSource({"0, 10, 1, 10, 111195.08", "60, 10, 60, 11, 55595.4", "0, 179.5, 0, -179.5, 111195.08", "52, 4, 52, 4, 0"})
    void aWayIsAnArcOfTheSphere(double lat1, double lon1, double lat2, double lon2, double metres) {
        assertThat(RideLog.way(at(lat1, lon1, 0, 0), at(lat2, lon2, 0, 1))).isCloseTo(metres, within(6.0));
    }

    /** Ridden north at 18 km/h for 20 minutes, a stop of 5, and back: 12 km. */
    private static List<Point> thereAndBack() {
        List<Point> points = new ArrayList<>();
        double perSecond = 5 / 111_195.08;
        for (int s = 0; s <= 1_200; s++) {
            points.add(at(50 + s * perSecond, 8, 100 + s * 0.05, s));
        }
        for (int s = 1; s <= 300; s++) {
            points.add(at(50 + 1_200 * perSecond, 8, 160, 1_200 + s));
        }
        for (int s = 1; s <= 1_200; s++) {
            points.add(at(50 + (1_200 - s) * perSecond, 8, 160 - s * 0.05, 1_500 + s));
        }
        return points;
    }

    @Test
    void aRideIsToldByWhatWasRidden() {
        Answer told = RideLog.of(thereAndBack(), Optional.of(new Pack(13, 10, 52.0, 49.4)), Optional.of(12.6));
        assertThat(told.metres()).isCloseTo(12_000, within(2.0));
        assertThat(told.moving()).isEqualTo(Duration.ofMinutes(40));
        assertThat(told.whole()).isEqualTo(Duration.ofMinutes(45));
        assertThat(told.mean()).isCloseTo(18, within(0.01));
        assertThat(told.most()).isCloseTo(18, within(0.1));
        assertThat(told.climb()).isCloseTo(60, within(3.1));
        assertThat(told.descent()).isCloseTo(60, within(3.1));
        assertThat(told.speedError().orElseThrow()).isCloseTo(5, within(0.05));
        assertThat(told.samples()).hasSizeBetween(200, 302);
        assertThat(told.told()).startsWith("12.0 km in 40 min moving, ").contains(" Wh a kilometre.");
    }

    /** 4.0 V to 3.8 V a cell, by the table's straight lines: 88.9 − 66.25 = 22.6 % of 10 A·h, at some 3.9 V · 13. */
    @Test
    void whatTheBatteryGaveIsTheAreaUnderItsVoltage() {
        Pack pack = new Pack(13, 10, 52.0, 49.4);
        double drawn = CellCharge.percentAt(4.0) - CellCharge.percentAt(3.8);
        assertThat(pack.wattHours()).isBetween(13 * 3.8 * 10 * drawn / 100, 13 * 4.0 * 10 * drawn / 100);
        assertThat(new Pack(13, 10, 52, 52).wattHours()).isZero();
        assertThat(new Pack(13, 10, 54.6, 39).wattHours()).isCloseTo(13 * 3.75 * 10, within(25.0));
    }

    /** A jump across the town is no ride, and heights that waver by a metre are no climb. */
    @Test
    void whatTheReceiverGetsWrongIsNotRidden() {
        List<Point> points = thereAndBack();
        points.set(600, at(50.2, 8.3, 130, 600));
        Answer told = RideLog.of(points, Optional.empty(), Optional.empty());
        assertThat(told.slips()).isEqualTo(1);
        assertThat(told.metres()).isCloseTo(12_000, within(2.0));
        Random random = new Random(1);
        List<Point> flat = new ArrayList<>();
        for (int s = 0; s <= 600; s++) {
            flat.add(at(50 + s * 5 / 111_195.08, 8, 100 + random.nextDouble() * 2, s));
        }
        assertThat(RideLog.of(flat, Optional.empty(), Optional.empty()).climb()).isZero();
    }

    @Test
    void whatIsNoRideIsNamed() {
        assertThatThrownBy(() -> RideLog.of(List.of(at(0, 0, 0, 0)), Optional.empty(), Optional.empty()))
                .hasMessageContaining("points: 1 points");
        assertThatThrownBy(() -> RideLog.of(List.of(at(50, 8, 0, 0), at(50.0001, 8, 0, 10)), Optional.empty(), Optional.empty()))
                .hasMessageContaining("metres: ");
        assertThatThrownBy(() -> new Pack(13, 10, 49, 50)).hasMessage("after: 50 V, allowed: 39 to 49 V");
        assertThatThrownBy(() -> new Pack(13, 10, 56, 50)).hasMessageContaining("before: 56 V");
        assertThatThrownBy(() -> at(91, 0, 0, 0)).hasMessageContaining("latitude: 91 °");
    }
}
