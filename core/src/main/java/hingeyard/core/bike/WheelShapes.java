package hingeyard.core.bike;

import hingeyard.core.bike.Shape.Ink;
import java.util.ArrayList;
import java.util.List;

/** Wheels by bead seat and tyre. */
final class WheelShapes {

    private static final int SPOKES = 16;

    private WheelShapes() {
    }

    static List<Shape> of(FramePoints at) {
        List<Shape> shapes = new ArrayList<>();
        Ink rear = at.survey().has(MeasureCatalogue.REAR_BEAD_SEAT) ? Ink.MEASURED : Ink.PENCIL;
        Ink front = at.survey().has(MeasureCatalogue.FRONT_BEAD_SEAT) ? Ink.MEASURED : Ink.PENCIL;
        wheel(shapes, "rear", rear, at.rearAxle(), at.rearRadius(), at.rearTyre());
        wheel(shapes, "front", front, at.frontAxle(), at.frontRadius(), at.frontTyre());
        return shapes;
    }

    private static void wheel(List<Shape> shapes, String name, Ink ink, Point axle, double radius, double tyre) {
        double bead = radius - tyre;
        for (int i = 0; i < SPOKES; i++) {
            Point rim = axle.plus(Point.direction(i * 360.0 / SPOKES + 6).times(bead - 8));
            shapes.add(Shape.line("spoke", ink, 2, axle, rim));
        }
        shapes.add(Shape.circle("rim", ink, axle, bead - 6, 12));
        shapes.add(Shape.circle(name + "-tyre", ink, axle, radius - tyre / 2, tyre));
        shapes.add(Shape.disc("hub", ink, axle, 24));
    }
}
