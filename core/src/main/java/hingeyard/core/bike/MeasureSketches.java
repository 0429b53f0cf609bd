package hingeyard.core.bike;

import hingeyard.core.bike.MeasureSpot.View;
import hingeyard.core.bike.Shape.Ink;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** Small drawings that show where a measure is taken. Sizes are usual ones, in millimetres; only the place counts. */
public final class MeasureSketches {

    private static final Map<View, List<Shape>> SHAPES = new EnumMap<>(Map.of(
            View.SIDE,
            BikeGeometry.draw(BikeKind.DIAMOND, FrameSurvey.empty()).shapes().stream().filter(s -> !s.part().equals("spoke")).toList(),
            View.SHELL, shell(), View.STAYS, stays(), View.TUBE, tube(), View.DROPOUT, dropout(), View.AXLE, axle(), View.RIM, rim(),
            View.BRAKE, brake(), View.COGS, cogs(), View.BARS, bars()));

    private MeasureSketches() {
    }

    /** The sketch of the place with one dimension line, or a line of no length at the one spot. */
    public static BikeDrawing of(Measure measure) {
        MeasureSpot spot = measure.head().spot();
        Dimension line = new Dimension(measure.key(), spot.from(), spot.to(), 0, measure.title(), true);
        return BikeDrawing.around(SHAPES.get(spot.view()), List.of(line));
    }

    /** The bare sketch. */
    public static BikeDrawing of(View view) {
        return BikeDrawing.around(SHAPES.get(view), List.of());
    }

    private static Shape line(String part, double width, double... xy) {
        Point[] points = new Point[xy.length / 2];
        for (int i = 0; i < points.length; i++) {
            points[i] = new Point(xy[2 * i], xy[2 * i + 1]);
        }
        return Shape.line(part, Ink.MEASURED, width, points);
    }

    private static Shape box(String part, double x1, double y1, double x2, double y2) {
        return Shape.area(part, Ink.MEASURED, List.of(new Point(x1, y1), new Point(x2, y1), new Point(x2, y2), new Point(x1, y2)));
    }

    private static Shape ring(String part, double x, double y, double radius, double width) {
        return Shape.circle(part, Ink.MEASURED, new Point(x, y), radius, width);
    }

    private static List<Shape> shell() {
        return List.of(box("frame", -36.5, 17, 36.5, 20), box("frame", -36.5, -20, 36.5, -17), line("axis", 0.6, -70, 0, 70, 0),
                box("cup", -46, -17, -36.5, 17), box("cup", 36.5, -17, 46, 17), line("crank", 5, -56, 0, -56, 40),
                line("crank", 5, 56, 0, 56, -40),
                line("spindle", 9, -60, 0, 60, 0), line("cable", 3, 4, -24, 12, -24));
    }

    private static List<Shape> stays() {
        return List.of(line("frame", 40, 0, -18, 0, 18), line("frame", 3, -36.5, 0, 36.5, 0), line("frame", 36, 0, 30, 0, 110),
                line("frame", 18, 28, -16, 44, -120, 62, -430), line("frame", 18, -28, -16, -44, -120, -62, -430),
                line("tyre", 38, 0, -150, 0, -430), line("chainring", 5, 52, -85, 52, 85), line("spindle", 8, -70, -430, 70, -430));
    }

    private static List<Shape> tube() {
        return List.of(line("frame", 3, 0, 18, 620, 18), line("frame", 3, 0, -18, 620, -18), ring("shell", 0, 0, 20, 6),
                ring("boss", 150, 18, 5, 3),
                ring("boss", 214, 18, 5, 3), line("axis", 0.8, -30, 0, 640, 0), line("frame", 44, 640, -60, 640, 60));
    }

    private static List<Shape> dropout() {
        return List.of(
                Shape.area("frame", Ink.MEASURED,
                        List.of(new Point(-20, 46), new Point(20, 46), new Point(22, 4), new Point(19, -24), new Point(5, -24),
                                new Point(5, 0), new Point(3, 4), new Point(-3, 4), new Point(-5, 0), new Point(-5, -24),
                                new Point(-19, -24), new Point(-22, 4))),
                ring("recess", 0, 0, 10, 1), line("blade", 30, 0, 46, 0, 80));
    }

    private static List<Shape> axle() {
        return List.of(box("frame", -71, -26, -65, 34), box("frame", 65, -26, 71, 34), line("blade", 16, -72, 38, -72, 84),
                line("blade", 16, 72, 38, 72, 84),
                line("spindle", 10, -82, 0, 82, 0), box("hub", -40, -14, 40, 14), line("hub", 5, -40, -24, -40, 24),
                line("hub", 5, 40, -24, 40, 24));
    }

    private static List<Shape> rim() {
        return List.of(line("rim", 2.5, -11, 12, -11, 2, -5, -6, 5, -6, 11, 2, 11, 12), ring("tyre", 0, 24, 18.5, 3),
                line("blade", 10, -41, -14, -41, 58),
                line("blade", 10, 41, -14, 41, 58), line("blade", 8, -41, 62, 41, 62), line("spoke", 1.6, 0, -6, 0, -26));
    }

    private static List<Shape> brake() {
        return List.of(box("frame", -6, -24, 0, 30), line("spindle", 10, -14, 0, 50, 0), box("hub", 12, -16, 50, 16),
                line("rotor", 2, 15.3, -80, 15.3, 80),
                box("caliper", -2, 58, 14, 92), box("caliper", 16.6, 58, 34, 92), line("blade", 12, -8, 34, -8, 100));
    }

    private static List<Shape> cogs() {
        return List.of(box("frame", 0, -22, 6, 30), line("spindle", 10, -60, 0, 16, 0), line("cog", 2.2, -4, -14, -4, 14),
                line("cog", 2.2, -8, -18, -8, 18),
                line("cog", 2.2, -12, -22, -12, 22), line("cog", 2.2, -17, -27, -17, 27), line("cog", 2.2, -23, -33, -23, 33),
                line("cog", 2.2, -30, -40, -30, 40),
                box("hub", -60, -12, -34, 12));
    }

    private static List<Shape> bars() {
        return List.of(line("bars", 22, -300, 0, 300, 0), line("bars", 31, -40, 0, 40, 0), line("grip", 30, -300, 0, -172, 0),
                line("grip", 30, 300, 0, 172, 0),
                line("stem", 30, 0, 0, 0, -70), line("lever", 10, 153, 12, 160, 46, 270, 60),
                line("lever", 10, -153, 12, -160, 46, -270, 60),
                box("shifter", 122, -20, 142, 20), ring("bell", 111, 0, 16, 5));
    }
}
