package hingeyard.core.bike;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hingeyard.core.Given;
import hingeyard.core.bike.Shape.Ink;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class BikeGeometryTest {

    private static final String MEASURED = "rear.bead-seat=622;rear.tyre-width=40;rear.chainstay=440;bracket.height=285;"
            + "triangle.seat-tube=520;triangle.down-tube=640;triangle.top-tube=565;front.wheelbase=1050;front.bead-seat=622;front.tyre-width=40";

    @ParameterizedTest
    @EnumSource(value = BikeKind.class, mode = EnumSource.Mode.EXCLUDE, names = "BARE_FRAME")
    void everyKindStandsOnItsWheelsAndIsPencilBeforeItIsMeasured(BikeKind kind) {
        BikeDrawing drawing = BikeGeometry.draw(kind, FrameSurvey.empty());
        assertThat(drawing.shapes()).allMatch(s -> s.ink() == Ink.PENCIL);
        Shape rear = part(drawing, "rear-tyre");
        Shape front = part(drawing, "front-tyre");
        assertThat(lowest(rear)).isCloseTo(lowest(front), within(0.01)).isCloseTo(drawing.bottom(), within(0.01));
        assertThat(front.points().get(0).x()).isGreaterThan(rear.points().get(0).x() + 600);
        assertThat(drawing.right() - drawing.left()).isBetween(900.0, 3000.0);
        assertThat(drawing.shapes()).allSatisfy(s -> s.points().forEach(p -> assertThat(p.x() + p.y()).isFinite()));
    }

    @Test
    void aBareFrameHasNoWheelsAndTurnsToInkAsItIsMeasured() {
        BikeDrawing drawing = BikeGeometry.draw(BikeKind.BARE_FRAME, Given.survey("triangle.seat-tube=520;triangle.down-tube=640"));
        assertThat(drawing.shapes()).noneMatch(s -> s.part().endsWith("tyre"));
        assertThat(drawing.shapes()).anyMatch(s -> s.ink() == Ink.MEASURED).anyMatch(s -> s.ink() == Ink.PENCIL);
        assertThat(drawing.dimensions()).allMatch(d -> MeasureCatalogue.find(d.measureKey()).orElseThrow().concerns(BikeKind.BARE_FRAME));
    }

    @Test
    void coordinatesOfAPhotoPlaceTheJoints() {
        FramePoints at = FramePoints.of(BikeKind.DIAMOND, Given.survey("triangle.head-bottom-forward=450;triangle.head-bottom-up=430;"
                + "triangle.head-top-forward=400;triangle.head-top-up=570;triangle.seat-cluster-behind=140;triangle.seat-cluster-up=490"));
        assertThat(at.headBottom()).isEqualTo(new Point(450, 430));
        assertThat(at.headTop()).isEqualTo(new Point(400, 570));
        assertThat(at.seatCluster()).isEqualTo(new Point(-140, 490));
    }

    @Test
    void measuredLengthsComeOutToScale() {
        FramePoints at = FramePoints.of(BikeKind.DIAMOND, Given.survey(MEASURED));
        assertThat(at.rearAxle().distanceTo(Point.BRACKET)).isCloseTo(440, within(0.01));
        assertThat(at.rearAxle().distanceTo(at.frontAxle())).isCloseTo(1050, within(0.01));
        assertThat(at.seatCluster().distanceTo(Point.BRACKET)).isCloseTo(520, within(0.01));
        assertThat(at.headBottom().distanceTo(Point.BRACKET)).isCloseTo(640, within(0.01));
        assertThat(at.seatCluster().distanceTo(at.headTop())).isCloseTo(565, within(0.01));
        assertThat(at.rearRadius()).isCloseTo(351, within(0.01));
    }

    @Test
    void whatIsMeasuredTurnsToInk() {
        BikeDrawing drawing = BikeGeometry.draw(BikeKind.DIAMOND, Given.survey("rear.bead-seat=622"));
        assertThat(part(drawing, "rear-tyre").ink()).isEqualTo(Ink.MEASURED);
        assertThat(part(drawing, "front-tyre").ink()).isEqualTo(Ink.PENCIL);
        assertThat(BikeGeometry.draw(BikeKind.DIAMOND, Given.survey(MEASURED)).shapes()).noneMatch(s -> s.ink() == Ink.PENCIL);
    }

    @Test
    void dimensionsNameTheirMeasure() {
        BikeDrawing drawing = BikeGeometry.draw(BikeKind.DIAMOND, Given.survey("rear.chainstay=440"));
        assertThat(drawing.dimensions()).anySatisfy(d -> {
            assertThat(d.measureKey()).isEqualTo("rear.chainstay");
            assertThat(d.text()).isEqualTo("440 mm");
            assertThat(d.measured()).isTrue();
        }).allSatisfy(d -> assertThat(MeasureCatalogue.find(d.measureKey())).isPresent());
    }

    @Test
    void theKitIsDrawnAsFarAsItIsFitted() {
        KitOutline mid = Given.bracketKit("70", "92", "0", 13, "60").drive().outline(Given.battery(13));
        BikeDrawing drawing = BikeGeometry.draw(BikeKind.DIAMOND, Given.survey(MEASURED), Optional.of(mid), Ink.FITTED, Ink.PLANNED);
        assertThat(part(drawing, "motor").ink()).isEqualTo(Ink.FITTED);
        assertThat(part(drawing, "battery").ink()).isEqualTo(Ink.PLANNED);
        KitOutline hub = Given.frontHubKit("100").drive().outline(Given.battery(10));
        Shape motor = part(BikeGeometry.draw(BikeKind.DIAMOND, Given.survey(MEASURED), Optional.of(hub), Ink.STUCK, Ink.PLANNED), "motor");
        assertThat(motor.radius()).isEqualTo(95);
    }

    /** Whatever can be measured can be drawn: every kind, any possible values together. */
    @ParameterizedTest
    @EnumSource(BikeKind.class)
    void anyPossibleSurveyIsDrawnWithFiniteCoordinates(BikeKind kind) {
        Random random = new Random(kind.ordinal());
        for (int turn = 0; turn < 400; turn++) {
            List<Reading> readings = new ArrayList<>();
            for (Measure measure : MeasureCatalogue.of(kind)) {
                if (measure instanceof LengthMeasure l && random.nextInt(3) == 0) {
                    long span = l.possible().width().micrometres();
                    Length at = l.possible().least().plus(Length.ofMicrometres((long) (span * random.nextDouble())));
                    readings.add(new Reading.OfLength(l, at, Length.ZERO, Tool.TAPE, "Tova", Given.TUESDAY));
                }
            }
            BikeDrawing drawing = BikeGeometry.draw(kind, FrameSurvey.of(readings));
            assertThat(drawing.left()).isLessThan(drawing.right());
            assertThat(drawing.bottom()).isLessThan(drawing.top());
            assertThat(drawing.shapes())
                    .allSatisfy(s -> s.points().forEach(p -> assertThat(p.x() * p.y() * s.radius() * s.width()).isFinite()));
            assertThat(drawing.dimensions()).allSatisfy(d -> assertThat(d.from().distanceTo(d.to())).isFinite());
        }
    }

    @Test
    void everyMeasureHasASketchOnWhichItLies() {
        for (Measure measure : MeasureCatalogue.all()) {
            BikeDrawing sketch = MeasureSketches.of(measure.head().spot().view());
            for (Point end : List.of(measure.head().spot().from(), measure.head().spot().to())) {
                assertThat(end.x()).as(measure.key()).isBetween(sketch.left() - 60, sketch.right() + 60);
                assertThat(end.y()).as(measure.key()).isBetween(sketch.bottom() - 60, sketch.top() + 60);
            }
        }
    }

    private static Shape part(BikeDrawing drawing, String part) {
        return drawing.shapes().stream().filter(s -> s.part().equals(part)).findFirst().orElseThrow();
    }

    private static double lowest(Shape circle) {
        return circle.points().get(0).y() - circle.radius() - circle.width() / 2;
    }
}
