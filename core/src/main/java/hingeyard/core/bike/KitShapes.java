package hingeyard.core.bike;

import hingeyard.core.bike.Shape.Ink;
import java.util.ArrayList;
import java.util.List;

/** What the kit adds: motor at the bracket or in a wheel, battery on the down tube. */
final class KitShapes {

    /** Where along the down tube a battery starts until its bay is computed: usual lowest boss. */
    private static final double BATTERY_FROM_BRACKET = 150;
    private static final double TUBE_AND_RAIL = 48;

    private KitShapes() {
    }

    static List<Shape> of(KitOutline kit, FramePoints at, Ink motor, Ink battery) {
        List<Shape> shapes = new ArrayList<>();
        if (kit.bracketMotor() > 0) {
            shapes.add(Shape.area("motor", motor, motorBody(kit, at)));
        }
        if (kit.frontHub() > 0) {
            shapes.add(Shape.disc("motor", motor, at.frontAxle(), kit.frontHub()));
        }
        if (kit.rearHub() > 0) {
            shapes.add(Shape.disc("motor", motor, at.rearAxle(), kit.rearHub()));
        }
        if (kit.batteryLength() > 0) {
            shapes.add(Shape.area("battery", battery, kit.batteryAt().isEmpty() ? batteryOutline(kit, at) : kit.batteryAt()));
        }
        return shapes;
    }

    /** The body hangs just below the down tube: the hull of a disc at the bracket and one where the motor is. */
    private static List<Point> motorBody(KitOutline kit, FramePoints at) {
        double tube = Math.toDegrees(Math.atan2(at.headBottom().y(), at.headBottom().x()));
        double clear = Math.toDegrees(Math.asin(Math.min(0.95, (kit.bodyRadius() + 26) / kit.bracketMotor())));
        double angle = tube - clear;
        Point centre = Point.direction(angle).times(kit.bracketMotor());
        double bracketRadius = 46;
        double lean = Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, (bracketRadius - kit.bodyRadius()) / kit.bracketMotor()))));
        List<Point> hull = new ArrayList<>();
        arc(hull, Point.BRACKET, bracketRadius, angle + lean, angle + 360 - lean);
        arc(hull, centre, kit.bodyRadius(), angle - lean, angle + lean);
        return hull;
    }

    private static void arc(List<Point> hull, Point centre, double radius, double from, double to) {
        int steps = 10;
        for (int i = 0; i <= steps; i++) {
            hull.add(centre.plus(Point.direction(from + (to - from) * i / steps).times(radius)));
        }
    }

    private static List<Point> batteryOutline(KitOutline kit, FramePoints at) {
        Point along = at.headBottom().times(1 / at.headBottom().distanceTo(Point.BRACKET));
        Point up = new Point(-along.y(), along.x());
        Point foot = along.times(BATTERY_FROM_BRACKET).plus(up.times(TUBE_AND_RAIL - 20));
        Point end = foot.plus(along.times(kit.batteryLength()));
        double h = kit.batteryHeight();
        return List.of(foot, end, end.plus(up.times(h)).plus(along.times(-h * 0.45)), foot.plus(up.times(h)).plus(along.times(h * 0.1)));
    }
}
