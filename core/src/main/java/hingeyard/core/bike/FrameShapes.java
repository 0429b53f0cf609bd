package hingeyard.core.bike;

import static hingeyard.core.bike.MeasureCatalogue.CHAINSTAY;
import static hingeyard.core.bike.MeasureCatalogue.DOWN_TUBE;
import static hingeyard.core.bike.MeasureCatalogue.SEAT_TUBE;
import static hingeyard.core.bike.MeasureCatalogue.TOP_TUBE;
import static hingeyard.core.bike.MeasureCatalogue.WHEELBASE;

import hingeyard.core.bike.Shape.Ink;
import java.util.ArrayList;
import java.util.List;

/** Tubes, fork, saddle and bars by kind of frame. A tube turns to ink once its own measure is taken. */
final class FrameShapes {

    private final FramePoints at;
    private final List<Shape> shapes = new ArrayList<>();

    private FrameShapes(FramePoints at) {
        this.at = at;
    }

    static List<Shape> of(BikeKind kind, FramePoints at) {
        FrameShapes frame = new FrameShapes(at);
        switch (kind) {
            case DIAMOND -> frame.diamond(34, 40);
            case FAT_TYRE -> frame.diamond(40, 52);
            case STEP_THROUGH -> frame.stepThrough();
            case FULL_SUSPENSION -> frame.fullSuspension();
            case FOLDING -> frame.folding();
            case LONG_TAIL -> frame.longTail();
            case BOX_CARGO -> frame.boxCargo();
        }
        frame.seatAndBars(kind);
        return frame.shapes;
    }

    private Ink ink(Measure measure) {
        return at.survey().has(measure) ? Ink.MEASURED : Ink.PENCIL;
    }

    private void tube(Measure by, double width, Point... points) {
        shapes.add(Shape.line("frame", ink(by), width, points));
    }

    private void rearTriangle(Point stayTop) {
        tube(CHAINSTAY, 22, Point.BRACKET, at.rearAxle());
        tube(CHAINSTAY, 18, stayTop, at.rearAxle());
    }

    private void fork() {
        shapes.add(Shape.line("fork", ink(WHEELBASE), 26, at.headBottom(), at.frontAxle()));
    }

    private void head() {
        tube(DOWN_TUBE, 44, at.headBottom(), at.headTop());
    }

    private void diamond(double topWidth, double downWidth) {
        rearTriangle(at.seatCluster());
        fork();
        tube(SEAT_TUBE, 34, Point.BRACKET, at.seatCluster());
        tube(TOP_TUBE, topWidth, at.seatCluster(), at.headTop().towards(at.headBottom(), 0.2));
        tube(DOWN_TUBE, downWidth, Point.BRACKET, at.headBottom().towards(at.headTop(), 0.2));
        head();
    }

    private void stepThrough() {
        rearTriangle(at.seatCluster());
        fork();
        tube(SEAT_TUBE, 34, Point.BRACKET, at.seatCluster());
        tube(TOP_TUBE, 30, at.seatCluster().towards(Point.BRACKET, 0.55), low(0.42, 60), at.headTop().towards(at.headBottom(), 0.35));
        tube(DOWN_TUBE, 42, Point.BRACKET, low(0.45, -25), at.headBottom().towards(at.headTop(), 0.15));
        head();
    }

    /** A point on the way from the bracket to the head tube, {@code up} millimetres above the straight line, sagging as step-throughs do. */
    private Point low(double fraction, double up) {
        Point on = Point.BRACKET.towards(at.headBottom(), fraction);
        return new Point(on.x() + 25, on.y() - 40 + up);
    }

    private void fullSuspension() {
        Point pivot = at.seatCluster().times(0.28).plus(new Point(12, 0));
        Point rocker = at.seatCluster().times(0.66).plus(new Point(20, 0));
        Point shockFoot = Point.BRACKET.towards(at.headBottom(), 0.42).plus(new Point(-12, 22));
        tube(CHAINSTAY, 26, pivot, at.rearAxle());
        tube(CHAINSTAY, 20, rocker.plus(new Point(-62, 8)), at.rearAxle());
        fork();
        shapes.add(Shape.line("fork-lower", ink(WHEELBASE), 44, at.headBottom().towards(at.frontAxle(), 0.5), at.frontAxle()));
        tube(SEAT_TUBE, 38, Point.BRACKET, at.seatCluster());
        tube(TOP_TUBE, 38, at.seatCluster().times(0.9), at.headTop().towards(at.headBottom(), 0.25));
        tube(DOWN_TUBE, 54, Point.BRACKET, at.headBottom().towards(at.headTop(), 0.2));
        head();
        shapes.add(Shape.line("link", ink(SEAT_TUBE), 24, rocker.plus(new Point(-62, 8)), rocker.plus(new Point(40, -4))));
        shapes.add(Shape.line("shock", ink(SEAT_TUBE), 26, rocker.plus(new Point(40, -4)), shockFoot));
    }

    private void folding() {
        Point hinge = at.headBottom().towards(Point.BRACKET, 0.48).plus(new Point(0, 8));
        Point seatFoot = at.seatCluster();
        tube(CHAINSTAY, 24, Point.BRACKET, at.rearAxle());
        tube(CHAINSTAY, 18, seatFoot.times(0.9), at.rearAxle());
        fork();
        tube(SEAT_TUBE, 40, Point.BRACKET, seatFoot);
        tube(DOWN_TUBE, 52, seatFoot.times(0.55), hinge, at.headTop().towards(at.headBottom(), 0.5));
        shapes.add(Shape.line("hinge", ink(DOWN_TUBE), 12, hinge.plus(new Point(0, -42)), hinge.plus(new Point(0, 42))));
        head();
    }

    private void longTail() {
        diamond(32, 42);
        Point rackRear = new Point(at.rearAxle().x() - 190, at.rearAxle().y() + 330);
        Point rackFront = at.seatCluster().towards(Point.BRACKET, 0.12);
        tube(CHAINSTAY, 20, at.seatCluster().towards(Point.BRACKET, 0.62), at.rearAxle());
        shapes.add(Shape.line("rack", ink(CHAINSTAY), 20, rackFront, rackRear));
        shapes.add(Shape.line("rack", ink(CHAINSTAY), 14, rackRear.towards(rackFront, 0.12), at.rearAxle()));
    }

    private void boxCargo() {
        Point keel = new Point(at.headBottom().x() + 60, at.ground() + 190);
        Point front = at.frontAxle().plus(new Point(-40, at.frontRadius() + 40));
        rearTriangle(at.seatCluster());
        tube(SEAT_TUBE, 36, Point.BRACKET, at.seatCluster());
        tube(TOP_TUBE, 34, at.seatCluster().towards(Point.BRACKET, 0.3), at.headTop().towards(at.headBottom(), 0.4));
        tube(DOWN_TUBE, 48, Point.BRACKET, keel, front);
        tube(DOWN_TUBE, 40, at.headTop(), at.headBottom(), keel);
        shapes.add(Shape.line("fork", ink(WHEELBASE), 26, front, at.frontAxle()));
        double boxRear = at.headTop().x() + 70;
        double boxFront = front.x() - 70;
        double floor = keel.y() + 40;
        shapes.add(Shape.area("box", ink(DOWN_TUBE), List.of(new Point(boxRear, floor + 400), new Point(boxRear + 40, floor),
                new Point(boxFront - 30, floor), new Point(boxFront + 20, floor + 330))));
    }

    private void seatAndBars(BikeKind kind) {
        shapes.add(Shape.line("post", ink(SEAT_TUBE), 24, at.seatCluster(), at.saddle()));
        shapes.add(Shape.line("saddle", ink(SEAT_TUBE), 30, at.saddle().plus(new Point(-125, 12)), at.saddle().plus(new Point(135, 2))));
        KindDefaults usual = at.kind();
        Point up = at.headTop().plus(at.headBottom().plus(at.headTop().times(-1)).times(-usual.barRise() / usual.headTube()));
        Point clamp = up.plus(new Point(kind == BikeKind.FOLDING ? 0 : 45, 8));
        shapes.add(Shape.line("stem", ink(DOWN_TUBE), 26, at.headTop(), up, clamp));
        Point grip = clamp.plus(new Point(-usual.barSweep(), 22));
        shapes.add(Shape.line("bars", ink(DOWN_TUBE), 24, clamp.plus(new Point(6, 0)), grip));
        shapes.add(Shape.line("grip", ink(DOWN_TUBE), 34, grip, grip.plus(new Point(-Math.min(70, usual.barSweep() / 2 + 20), -4))));
    }
}
