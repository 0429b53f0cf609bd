package hingeyard.core.bike;

import hingeyard.core.bike.Shape.Ink;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Draws a bike's side elevation to scale. The entry of the drawing; the front end only strokes what it answers. */
public final class BikeGeometry {

    private BikeGeometry() {
    }

    /** The bare bike as surveyed. */
    public static BikeDrawing draw(BikeKind kind, FrameSurvey survey) {
        return draw(kind, survey, Optional.empty(), Ink.PLANNED, Ink.PLANNED);
    }

    /**
     * The bike with its kit.
     *
     * @param motor   how the motor is drawn
     * @param battery how the battery is drawn
     */
    public static BikeDrawing draw(BikeKind kind, FrameSurvey survey, Optional<KitOutline> kit, Ink motor, Ink battery) {
        FramePoints at = FramePoints.of(kind, survey);
        List<Shape> shapes = new ArrayList<>();
        shapes.addAll(WheelShapes.of(kind, at));
        shapes.addAll(FrameShapes.of(kind, at));
        kit.ifPresent(k -> shapes.addAll(KitShapes.of(k, at, motor, battery)));
        if (kind != BikeKind.STAND_UP_TRIKE && kind != BikeKind.BARE_FRAME) {
            shapes.addAll(cranks(survey));
        }
        return BikeDrawing.around(shapes, dimensions(kind, at));
    }

    /** Where the survey puts the joints: rear axle, front axle, bracket, head tube's bottom and top, seat cluster. */
    public static List<Point> joints(BikeKind kind, FrameSurvey survey) {
        FramePoints at = FramePoints.of(kind, survey);
        return List.of(at.rearAxle(), at.frontAxle(), Point.BRACKET, at.headBottom(), at.headTop(), at.seatCluster());
    }

    /**
     * Whether the lengths of the tubes alone say how the main triangle stands; where they do not, the head tube's lower end has to be
     * measured by itself.
     */
    public static boolean closes(BikeKind kind, FrameSurvey survey) {
        return FramePoints.closes(kind, survey);
    }

    private static List<Shape> cranks(FrameSurvey survey) {
        Ink ink = survey.has(RearMeasures.CHAINSTAY) ? Ink.MEASURED : Ink.PENCIL;
        Point down = Point.direction(-58).times(165);
        return List.of(Shape.circle("chainring", ink, Point.BRACKET, 78, 7),
                Shape.line("crank", ink, 16, Point.BRACKET, down),
                Shape.line("pedal", ink, 14, down.plus(new Point(-45, 0)), down.plus(new Point(45, 0))));
    }

    private static List<Dimension> dimensions(BikeKind kind, FramePoints at) {
        Point underRear = new Point(at.rearAxle().x(), at.ground());
        Point underFront = new Point(at.frontAxle().x(), at.ground());
        boolean upright = kind != BikeKind.RECUMBENT_TRIKE && kind != BikeKind.STAND_UP_TRIKE;
        List<Dimension> lines = new ArrayList<>();
        lines.add(dimension(at, FrontMeasures.WHEELBASE, underRear, underFront, -70));
        lines.add(dimension(at, RearMeasures.CHAINSTAY, at.rearAxle(), Point.BRACKET, -110));
        lines.add(dimension(at, BracketMeasures.HEIGHT, new Point(0, at.ground()), Point.BRACKET, upright ? -130 : -170));
        if (upright && kind != BikeKind.FOLDING) {
            lines.add(dimension(at, TriangleMeasures.SEAT_TUBE, Point.BRACKET, at.seatCluster(), 95));
        }
        if (upright) {
            lines.add(dimension(at, TriangleMeasures.DOWN_TUBE, Point.BRACKET, at.headBottom(), -80));
        }
        if (kind == BikeKind.DIAMOND || kind == BikeKind.FAT_TYRE || kind == BikeKind.LONG_TAIL || kind == BikeKind.BARE_FRAME) {
            lines.add(dimension(at, TriangleMeasures.TOP_TUBE, at.seatCluster(), at.headTop(), 70));
        }
        double rearBead = at.rearRadius() - at.rearTyre();
        double frontBead = at.frontRadius() - at.frontTyre();
        lines.add(dimension(at, RearMeasures.BEAD_SEAT, beadEdge(at.rearAxle(), rearBead, -1), beadEdge(at.rearAxle(), rearBead, 1),
                at.rearRadius() + 40));
        lines.add(dimension(at, FrontMeasures.BEAD_SEAT, beadEdge(at.frontAxle(), frontBead, -1), beadEdge(at.frontAxle(), frontBead, 1),
                at.frontRadius() + 40));
        return lines.stream().filter(d -> MeasureCatalogue.find(d.measureKey()).filter(m -> m.concerns(kind)).isPresent()).toList();
    }

    private static Point beadEdge(Point axle, double radius, int side) {
        return new Point(axle.x() + side * radius, axle.y());
    }

    private static Dimension dimension(FramePoints at, LengthMeasure measure, Point from, Point to, double offset) {
        Optional<Reading.OfLength> reading = at.survey().length(measure);
        return new Dimension(measure.key(), from, to, offset, reading.map(Reading::text).orElse(measure.title()),
                reading.isPresent());
    }
}
