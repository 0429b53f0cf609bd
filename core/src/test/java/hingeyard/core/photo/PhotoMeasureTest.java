package hingeyard.core.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.FrontMeasures;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Point;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.bike.TriangleMeasures;
import hingeyard.core.photo.GivenPhoto.Frame;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PhotoMeasureTest {

    private static final Optional<Length> TYRE = Optional.of(Length.ofMillimetres(40));

    /** Every combination of side, distance and lens with cameras up to ten degrees off the axis. */
    static Stream<GivenPhoto> cameras() {
        List<GivenPhoto> all = new ArrayList<>();
        for (Frame frame : List.of(GivenPhoto.TOURER, GivenPhoto.LONG_TAIL)) {
            for (double yaw : new double[]{-10, -6, 0, 4, 10}) {
                for (double pitch : new double[]{-5, 0, 5}) {
                    for (double distance : new double[]{2500, 4000, 6000}) {
                        boolean left = yaw < 0;
                        if (Math.hypot(yaw, pitch) <= 10) {
                            all.add(new GivenPhoto(yaw, pitch, 3 * Math.signum(pitch), distance, distance * 0.55, left, frame));
                        }
                    }
                }
            }
        }
        return all.stream();
    }

    private static Map<LengthMeasure, Double> truth(Frame f) {
        return Map.ofEntries(Map.entry(RearMeasures.CHAINSTAY, f.chainstay()), Map.entry(BracketMeasures.HEIGHT, f.bracketHeight()),
                Map.entry(FrontMeasures.WHEELBASE, f.wheelbase()),
                Map.entry(TriangleMeasures.SEAT_TUBE, f.seatCluster().distanceTo(Point.BRACKET)),
                Map.entry(TriangleMeasures.DOWN_TUBE, f.headBottom().distanceTo(Point.BRACKET)),
                Map.entry(TriangleMeasures.TOP_TUBE, f.headTop().distanceTo(f.seatCluster())),
                Map.entry(TriangleMeasures.HEAD_BOTTOM_FORWARD, f.headBottom().x()),
                Map.entry(TriangleMeasures.HEAD_BOTTOM_UP, f.headBottom().y()),
                Map.entry(TriangleMeasures.HEAD_TOP_FORWARD, f.headTop().x()), Map.entry(TriangleMeasures.HEAD_TOP_UP, f.headTop().y()),
                Map.entry(TriangleMeasures.SEAT_CLUSTER_BEHIND, -f.seatCluster().x()),
                Map.entry(TriangleMeasures.SEAT_CLUSTER_UP, f.seatCluster().y()));
    }

    /** One percent of a tube's length; a coordinate is held to one percent of the tube it belongs to. */
    private static double onePercent(LengthMeasure measure, Frame frame) {
        double length = measure.key().contains("head") ? frame.headTop().distanceTo(Point.BRACKET)
                : measure.key().contains("cluster") ? frame.seatCluster().distanceTo(Point.BRACKET) : truth(frame).get(measure);
        return 0.01 * length;
    }

    @ParameterizedTest
    @MethodSource("cameras")
    void exactMarksComeOutWithinOnePercentUpToTenDegreesOffTheAxis(GivenPhoto photo) {
        PhotoAnswer answer = PhotoMeasure.measure(photo.marks(), photo.frame().beadSeats());
        assertThat(answer.values()).hasSize(12).allSatisfy(v -> assertThat(v.value().inMillimetres()).as(v.measure().key())
                .isCloseTo(truth(photo.frame()).get(v.measure()), within(onePercent(v.measure(), photo.frame()))));
        assertThat(answer.tiltDegrees()).isCloseTo(Math.hypot(photo.yaw(), photo.pitch()), within(5.0));
    }

    @Test
    void marksSetByHandStayInsideTheUncertaintyTheyAreGiven() {
        int inside = 0;
        int all = 0;
        double worst = 0;
        List<GivenPhoto> photos = cameras().toList();
        for (int i = 0; i < photos.size(); i++) {
            GivenPhoto photo = photos.get(i);
            for (PhotoAnswer.Value v : PhotoMeasure.measure(photo.shakenMarks(1, i), photo.frame().beadSeats()).values()) {
                double off = Math.abs(v.value().inMillimetres() - truth(photo.frame()).get(v.measure()));
                all++;
                inside += off <= v.plusMinus().inMillimetres() ? 1 : 0;
                worst = Math.max(worst, off / onePercent(v.measure(), photo.frame()));
            }
        }
        assertThat(inside / (double) all).as("share inside the band").isGreaterThan(0.95);
        assertThat(worst).as("worst error in percent").isLessThan(3);
    }

    @Test
    void aStraightPictureNeedsNoRingsWhenTheWheelbaseIsKnown() {
        GivenPhoto photo = new GivenPhoto(0, 0, 2, 4000, 2200, false, GivenPhoto.TOURER);
        PhotoMarks ringed = photo.marks();
        PhotoMarks bare = new PhotoMarks(1600, 1200, ringed.rearAxle(), ringed.frontAxle(), ringed.bracket(), ringed.headBottom(),
                ringed.headTop(), ringed.seatCluster(),
                List.of(), List.of());
        KnownLengths wheelbase = new KnownLengths(Optional.of(Length.ofMillimetres(622)), Optional.of(Length.ofMillimetres(622)),
                Optional.of(Length.ofMillimetres(1062)), Length.ofMillimetres(1), TYRE, TYRE);
        PhotoAnswer answer = PhotoMeasure.measure(bare, wheelbase);
        assertThat(value(answer, TriangleMeasures.DOWN_TUBE).value().inMillimetres()).isCloseTo(627, within(3.0));
        assertThat(value(answer, TriangleMeasures.DOWN_TUBE).plusMinus()).isGreaterThan(value(PhotoMeasure.measure(ringed, wheelbase),
                TriangleMeasures.DOWN_TUBE).plusMinus());
        assertThat(answer.doubts()).anyMatch(d -> d.contains("Without rings"));
        assertThatThrownBy(() -> PhotoMeasure.measure(bare, GivenPhoto.TOURER.beadSeats())).hasMessageContaining("Ring both rims");
    }

    @Test
    void withoutTyreWidthsNothingThatHangsOnTheGroundIsGuessed() {
        GivenPhoto photo = new GivenPhoto(6, 0, 0, 4000, 2200, false, GivenPhoto.TOURER);
        Optional<Length> bead = Optional.of(Length.ofMillimetres(622));
        PhotoAnswer answer = PhotoMeasure.measure(photo.marks(),
                new KnownLengths(bead, bead, Optional.empty(), Length.ZERO, TYRE, Optional.empty()));
        assertThat(answer.values()).extracting(PhotoAnswer.Value::measure).containsExactly(RearMeasures.CHAINSTAY,
                TriangleMeasures.SEAT_TUBE, TriangleMeasures.DOWN_TUBE,
                TriangleMeasures.TOP_TUBE, FrontMeasures.WHEELBASE);
        assertThat(value(answer, TriangleMeasures.DOWN_TUBE).value().inMillimetres()).isCloseTo(627, within(6.3));
        assertThat(answer.doubts()).anyMatch(d -> d.contains("Tyre widths are not measured"));
    }

    @Test
    void doubtsAreSaid() {
        GivenPhoto aslant = new GivenPhoto(25, 0, 0, 4000, 2200, false, GivenPhoto.TOURER);
        assertThat(PhotoMeasure.measure(aslant.marks(), GivenPhoto.TOURER.beadSeats()).doubts())
                .anyMatch(d -> d.contains("off the bike's axis"));
        GivenPhoto straight = new GivenPhoto(2, 0, 0, 4000, 2200, false, GivenPhoto.TOURER);
        assertThat(PhotoMeasure.measure(straight.marks(), GivenPhoto.TOURER.beadSeats()).doubts()).isEmpty();
        assertThat(PhotoMeasure.measure(straight.marks().moved(8, 40, 0), GivenPhoto.TOURER.beadSeats()).doubts())
                .anyMatch(d -> d.contains("off true circles"));
        KnownLengths wrong = new KnownLengths(Optional.of(Length.ofMillimetres(622)), Optional.of(Length.ofMillimetres(622)),
                Optional.of(Length.ofMillimetres(1200)), Length.ofMillimetres(1), TYRE, TYRE);
        assertThat(PhotoMeasure.measure(straight.marks(), wrong).doubts()).anyMatch(d -> d.contains("measured were 1200.0 mm"));
    }

    @Test
    void impossibleMarksAreRefused() {
        Point p = new Point(100, 100);
        assertThatThrownBy(() -> PhotoMeasure.measure(new PhotoMarks(1600, 1200, p, p, p, p, p, p, List.of(), List.of()),
                GivenPhoto.TOURER.beadSeats())).hasMessageContaining("one spot");
        assertThatThrownBy(() -> new PhotoMarks(1600, 1200, p, new Point(900, 100), p, p, p, p, List.of(p, p), List.of()))
                .hasMessageContaining("rear rim has 2 marks");
        assertThatThrownBy(() -> new KnownLengths(Optional.empty(), Optional.empty(), Optional.empty(), Length.ZERO, TYRE, TYRE))
                .hasMessageContaining("One length must be known");
    }

    private static PhotoAnswer.Value value(PhotoAnswer answer, LengthMeasure measure) {
        return answer.values().stream().filter(v -> v.measure().equals(measure)).findFirst().orElseThrow();
    }
}
