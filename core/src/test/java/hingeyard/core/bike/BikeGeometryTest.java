package hingeyard.core.bike;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hingeyard.core.Given;
import hingeyard.core.bike.Shape.Ink;
import java.util.Optional;
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
            assertThat(d.text()).isEqualTo("440.0 mm");
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

    private static Shape part(BikeDrawing drawing, String part) {
        return drawing.shapes().stream().filter(s -> s.part().equals(part)).findFirst().orElseThrow();
    }

    private static double lowest(Shape circle) {
        return circle.points().get(0).y() - circle.radius() - circle.width() / 2;
    }
}
