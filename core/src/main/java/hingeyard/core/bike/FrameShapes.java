package hingeyard.core.bike;

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
            case DELTA_TRIKE -> frame.deltaTrike();
            case RECUMBENT_TRIKE -> frame.shapes.addAll(TrikeShapes.recumbent(at));
            case STAND_UP_TRIKE -> frame.shapes.addAll(TrikeShapes.standUp(at));
            case BARE_FRAME -> frame.bareFrame();
        }
        if (kind != BikeKind.RECUMBENT_TRIKE && kind != BikeKind.STAND_UP_TRIKE && kind != BikeKind.BARE_FRAME) {
            frame.seatAndBars(kind);
        }
        return frame.shapes;
    }

    private Ink ink(Measure measure) {
        return at.survey().has(measure) ? Ink.MEASURED : Ink.PENCIL;
    }

    private void tube(Measure by, double width, Point... points) {
        shapes.add(Shape.line("frame", ink(by), width, points));
    }

    private void rearTriangle(Point stayTop) {
        tube(RearMeasures.CHAINSTAY, 22, Point.BRACKET, at.rearAxle());
        tube(RearMeasures.CHAINSTAY, 18, stayTop, at.rearAxle());
    }

    private void fork() {
        shapes.add(Shape.line("fork", ink(FrontMeasures.WHEELBASE), 26, at.headBottom(), at.frontAxle()));
    }

    private void head() {
        tube(TriangleMeasures.DOWN_TUBE, 44, at.headBottom(), at.headTop());
    }

    private void diamond(double topWidth, double downWidth) {
        rearTriangle(at.seatCluster());
        fork();
        tube(TriangleMeasures.SEAT_TUBE, 34, Point.BRACKET, at.seatCluster());
        tube(TriangleMeasures.TOP_TUBE, topWidth, at.seatCluster(), at.headTop().towards(at.headBottom(), 0.2));
        tube(TriangleMeasures.DOWN_TUBE, downWidth, Point.BRACKET, at.headBottom().towards(at.headTop(), 0.2));
        head();
    }

    private void stepThrough() {
        rearTriangle(at.seatCluster());
        fork();
        tube(TriangleMeasures.SEAT_TUBE, 34, Point.BRACKET, at.seatCluster());
        tube(TriangleMeasures.TOP_TUBE, 30, at.seatCluster().towards(Point.BRACKET, 0.55), low(0.42, 60),
                at.headTop().towards(at.headBottom(), 0.35));
        tube(TriangleMeasures.DOWN_TUBE, 42, Point.BRACKET, low(0.45, -25), at.headBottom().towards(at.headTop(), 0.15));
        head();
    }

    /**
     * A point on the way from the bracket to the head tube, {@code up} millimetres above the straight line, sagging as step-throughs do.
     */
    private Point low(double fraction, double up) {
        Point on = Point.BRACKET.towards(at.headBottom(), fraction);
        return new Point(on.x() + 25, on.y() - 40 + up);
    }

    private void fullSuspension() {
        Point pivot = at.seatCluster().times(0.28).plus(new Point(12, 0));
        Point rocker = at.seatCluster().times(0.66).plus(new Point(20, 0));
        Point shockFoot = Point.BRACKET.towards(at.headBottom(), 0.42).plus(new Point(-12, 22));
        tube(RearMeasures.CHAINSTAY, 26, pivot, at.rearAxle());
        tube(RearMeasures.CHAINSTAY, 20, rocker.plus(new Point(-62, 8)), at.rearAxle());
        fork();
        shapes.add(
                Shape.line("fork-lower", ink(FrontMeasures.WHEELBASE), 44, at.headBottom().towards(at.frontAxle(), 0.5), at.frontAxle()));
        tube(TriangleMeasures.SEAT_TUBE, 38, Point.BRACKET, at.seatCluster());
        tube(TriangleMeasures.TOP_TUBE, 38, at.seatCluster().times(0.9), at.headTop().towards(at.headBottom(), 0.25));
        tube(TriangleMeasures.DOWN_TUBE, 54, Point.BRACKET, at.headBottom().towards(at.headTop(), 0.2));
        head();
        shapes.add(Shape.line("link", ink(TriangleMeasures.SEAT_TUBE), 24, rocker.plus(new Point(-62, 8)), rocker.plus(new Point(40, -4))));
        shapes.add(Shape.line("shock", ink(TriangleMeasures.SEAT_TUBE), 26, rocker.plus(new Point(40, -4)), shockFoot));
    }

    private void folding() {
        Point hinge = at.headBottom().towards(Point.BRACKET, 0.48).plus(new Point(0, 8));
        Point seatFoot = at.seatCluster();
        tube(RearMeasures.CHAINSTAY, 24, Point.BRACKET, at.rearAxle());
        tube(RearMeasures.CHAINSTAY, 18, seatFoot.times(0.9), at.rearAxle());
        fork();
        tube(TriangleMeasures.SEAT_TUBE, 40, Point.BRACKET, seatFoot);
        tube(TriangleMeasures.DOWN_TUBE, 52, seatFoot.times(0.55), hinge, at.headTop().towards(at.headBottom(), 0.5));
        shapes.add(Shape.line("hinge", ink(TriangleMeasures.DOWN_TUBE), 12, hinge.plus(new Point(0, -42)), hinge.plus(new Point(0, 42))));
        head();
    }

    private void longTail() {
        diamond(32, 42);
        Point rackRear = new Point(at.rearAxle().x() - 190, at.rearAxle().y() + 330);
        Point rackFront = at.seatCluster().towards(Point.BRACKET, 0.12);
        tube(RearMeasures.CHAINSTAY, 20, at.seatCluster().towards(Point.BRACKET, 0.62), at.rearAxle());
        shapes.add(Shape.line("rack", ink(RearMeasures.CHAINSTAY), 20, rackFront, rackRear));
        shapes.add(Shape.line("rack", ink(RearMeasures.CHAINSTAY), 14, rackRear.towards(rackFront, 0.12), at.rearAxle()));
    }

    /** A step-through with a basket over its two rear wheels. */
    private void deltaTrike() {
        tube(RearMeasures.CHAINSTAY, 30, at.seatCluster().times(0.32), at.rearAxle().plus(new Point(40, 0)));
        fork();
        tube(TriangleMeasures.SEAT_TUBE, 36, Point.BRACKET, at.seatCluster());
        tube(TriangleMeasures.DOWN_TUBE, 44, at.seatCluster().times(0.32), low(0.42, -10), at.headBottom().towards(at.headTop(), 0.2));
        tube(TriangleMeasures.DOWN_TUBE, 30, Point.BRACKET, low(0.3, -40));
        head();
        double floor = at.rearAxle().y() + at.rearRadius() * 0.72;
        shapes.add(Shape.area("box", ink(RearMeasures.CHAINSTAY),
                List.of(new Point(at.rearAxle().x() - 250, floor + 250), new Point(at.rearAxle().x() - 215, floor),
                        new Point(at.rearAxle().x() + 215, floor), new Point(at.rearAxle().x() + 250, floor + 250))));
    }

    private void bareFrame() {
        rearTriangle(at.seatCluster());
        tube(TriangleMeasures.SEAT_TUBE, 34, Point.BRACKET, at.seatCluster());
        tube(TriangleMeasures.TOP_TUBE, 34, at.seatCluster(), at.headTop().towards(at.headBottom(), 0.2));
        tube(TriangleMeasures.DOWN_TUBE, 40, Point.BRACKET, at.headBottom().towards(at.headTop(), 0.2));
        head();
        shapes.add(Shape.circle("shell", ink(BracketMeasures.SHELL_WIDTH), Point.BRACKET, 19, 8));
        shapes.add(Shape.line("dropout", ink(RearMeasures.OVER_LOCKNUT), 12, at.rearAxle().plus(new Point(-16, 14)),
                at.rearAxle().plus(new Point(-6, -16))));
    }

    private void boxCargo() {
        Point keel = new Point(at.headBottom().x() + 60, at.ground() + 190);
        Point front = at.frontAxle().plus(new Point(-40, at.frontRadius() + 40));
        rearTriangle(at.seatCluster());
        tube(TriangleMeasures.SEAT_TUBE, 36, Point.BRACKET, at.seatCluster());
        tube(TriangleMeasures.TOP_TUBE, 34, at.seatCluster().towards(Point.BRACKET, 0.3), at.headTop().towards(at.headBottom(), 0.4));
        tube(TriangleMeasures.DOWN_TUBE, 48, Point.BRACKET, keel, front);
        tube(TriangleMeasures.DOWN_TUBE, 40, at.headTop(), at.headBottom(), keel);
        shapes.add(Shape.line("fork", ink(FrontMeasures.WHEELBASE), 26, front, at.frontAxle()));
        double boxRear = at.headTop().x() + 70;
        double boxFront = front.x() - 70;
        double floor = keel.y() + 40;
        shapes.add(
                Shape.area("box", ink(TriangleMeasures.DOWN_TUBE), List.of(new Point(boxRear, floor + 400), new Point(boxRear + 40, floor),
                        new Point(boxFront - 30, floor), new Point(boxFront + 20, floor + 330))));
    }

    private void seatAndBars(BikeKind kind) {
        shapes.add(Shape.line("post", ink(TriangleMeasures.SEAT_TUBE), 24, at.seatCluster(), at.saddle()));
        shapes.add(Shape.line("saddle", ink(TriangleMeasures.SEAT_TUBE), 30, at.saddle().plus(new Point(-125, 12)),
                at.saddle().plus(new Point(135, 2))));
        KindDefaults usual = at.kind();
        Point up = at.headTop().plus(at.headBottom().plus(at.headTop().times(-1)).times(-usual.barRise() / usual.headTube()));
        Point clamp = up.plus(new Point(kind == BikeKind.FOLDING ? 0 : 45, 8));
        shapes.add(Shape.line("stem", ink(TriangleMeasures.DOWN_TUBE), 26, at.headTop(), up, clamp));
        Point grip = clamp.plus(new Point(-usual.barSweep(), 22));
        shapes.add(Shape.line("bars", ink(TriangleMeasures.DOWN_TUBE), 24, clamp.plus(new Point(6, 0)), grip));
        shapes.add(Shape.line("grip", ink(TriangleMeasures.DOWN_TUBE), 34, grip,
                grip.plus(new Point(-Math.min(70, usual.barSweep() / 2 + 20), -4))));
    }
}
