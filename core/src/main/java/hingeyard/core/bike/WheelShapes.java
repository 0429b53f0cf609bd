package hingeyard.core.bike;

import hingeyard.core.bike.Shape.Ink;
import java.util.ArrayList;
import java.util.List;

/** Wheels by bead seat and tyre. */
final class WheelShapes {

    private static final int SPOKES = 16;

    private WheelShapes() {
    }

    /** On a trike the far one of a pair stands off by this much, so that the pair can be seen. */
    private static final Point FAR = new Point(70, 26);

    static List<Shape> of(BikeKind kind, FramePoints at) {
        List<Shape> shapes = new ArrayList<>();
        if (kind == BikeKind.BARE_FRAME) {
            return shapes;
        }
        if (kind == BikeKind.DELTA_TRIKE) {
            far(shapes, at.rearAxle(), at.rearRadius(), at.rearTyre());
        }
        if (kind == BikeKind.RECUMBENT_TRIKE || kind == BikeKind.STAND_UP_TRIKE) {
            far(shapes, at.frontAxle(), at.frontRadius(), at.frontTyre());
        }
        Ink rear = at.survey().has(RearMeasures.BEAD_SEAT) ? Ink.MEASURED : Ink.PENCIL;
        Ink front = at.survey().has(FrontMeasures.BEAD_SEAT) ? Ink.MEASURED : Ink.PENCIL;
        wheel(shapes, "rear", rear, at.rearAxle(), at.rearRadius(), at.rearTyre());
        wheel(shapes, "front", front, at.frontAxle(), at.frontRadius(), at.frontTyre());
        return shapes;
    }

    private static void far(List<Shape> shapes, Point axle, double radius, double tyre) {
        shapes.add(Shape.circle("far-tyre", Ink.PENCIL, axle.plus(FAR), radius - tyre / 2, tyre));
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
