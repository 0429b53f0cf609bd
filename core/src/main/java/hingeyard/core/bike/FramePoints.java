package hingeyard.core.bike;

import java.util.Optional;

/**
 * Where the frame's joints lie: measured where there is a measure, the kind's usual dimension elsewhere.
 *
 * <p>The ground lies bracket height below the origin and both wheels stand on it. The rear axle follows from the chainstay, the
 * seat cluster from its coordinates, else from the seat tube at the kind's angle, the head tube's ends from theirs, else from
 * the down and top tube lengths (two circles), the front axle from the wheelbase, else from head angle and rake.
 */
record FramePoints(FrameSurvey survey, KindDefaults kind, double ground, double rearRadius, double frontRadius,
        Point rearAxle, Point seatCluster, Point saddle, Point headTop, Point headBottom, Point frontAxle) {

    /** Tyres stand about as high as they are wide. */
    private static final double TYRE_HEIGHT_TO_WIDTH = 1.0;
    /** Cosine of 15°, where a millimetre along one tube moves the joint by 1/sin 15° = 3.9 mm. */
    private static final double FLATTEST = Math.cos(Math.toRadians(15));

    static FramePoints of(BikeKind bikeKind, FrameSurvey survey) {
        KindDefaults kind = KindDefaults.of(bikeKind);
        double rearRadius = radius(survey, RearMeasures.BEAD_SEAT, kind.rearBead(), RearMeasures.TYRE_WIDTH, kind.rearTyre());
        double frontRadius = radius(survey, FrontMeasures.BEAD_SEAT, kind.frontBead(), FrontMeasures.TYRE_WIDTH, kind.frontTyre());
        double ground = -value(survey, BracketMeasures.HEIGHT, kind.bracketHeight());
        double chainstay = value(survey, RearMeasures.CHAINSTAY, kind.chainstay());
        double rearRise = rearRadius + ground;
        Point rearAxle = new Point(-Math.sqrt(Math.max(1, chainstay * chainstay - rearRise * rearRise)), rearRise);
        Point seatDirection = Point.direction(180 - kind.seatAngle());
        Point seatCluster = seatCluster(survey, kind);
        Point saddle = seatDirection.times(Math.max(kind.saddle(), seatCluster.distanceTo(Point.BRACKET) + 90));
        Point headBottom = coordinates(survey, TriangleMeasures.HEAD_BOTTOM_FORWARD, 1, TriangleMeasures.HEAD_BOTTOM_UP)
                .orElseGet(() -> headBottom(survey, kind, seatCluster));
        Point headTop = coordinates(survey, TriangleMeasures.HEAD_TOP_FORWARD, 1, TriangleMeasures.HEAD_TOP_UP)
                .orElseGet(() -> headBottom.plus(alongHead(kind).times(-kind.headTube())));
        Point frontAxle = frontAxle(survey, kind, headBottom, rearAxle, frontRadius + ground);
        return new FramePoints(survey, kind, ground, rearRadius, frontRadius, rearAxle, seatCluster, saddle, headTop, headBottom,
                frontAxle);
    }

    /** Unit vector down the head tube. */
    private static Point alongHead(KindDefaults kind) {
        return Point.direction(-kind.headAngle());
    }

    private static Point headBottom(FrameSurvey survey, KindDefaults kind, Point seatCluster) {
        Point usual = new Point(kind.reach(), kind.stack()).plus(alongHead(kind).times(kind.headTube()));
        double usualDown = usual.distanceTo(Point.BRACKET);
        if (!survey.has(TriangleMeasures.DOWN_TUBE)) {
            return usual;
        }
        double down = value(survey, TriangleMeasures.DOWN_TUBE, usualDown);
        if (!survey.has(TriangleMeasures.TOP_TUBE)) {
            return usual.times(down / usualDown);
        }
        // The top tube ends at the head tube's top, one head tube above the point we look for.
        Point centre = seatCluster.plus(alongHead(kind).times(kind.headTube()));
        return forwardCrossing(down, centre, value(survey, TriangleMeasures.TOP_TUBE, 0)).orElse(usual.times(down / usualDown));
    }

    /**
     * Whether the three tubes' lengths say where the head tube is: their circles cross, and not so flatly that a millimetre of one of them
     * moves it by
     * four or more. Always so where its lower end was measured by itself, or a length is not known and the kind's usual shape stands for
     * it.
     */
    static boolean closes(BikeKind bikeKind, FrameSurvey survey) {
        if (!survey.has(TriangleMeasures.DOWN_TUBE) || !survey.has(TriangleMeasures.TOP_TUBE)
                || coordinates(survey, TriangleMeasures.HEAD_BOTTOM_FORWARD, 1, TriangleMeasures.HEAD_BOTTOM_UP).isPresent()) {
            return true;
        }
        KindDefaults kind = KindDefaults.of(bikeKind);
        double down = value(survey, TriangleMeasures.DOWN_TUBE, 0);
        double top = value(survey, TriangleMeasures.TOP_TUBE, 0);
        double apart = seatCluster(survey, kind).plus(alongHead(kind).times(kind.headTube())).distanceTo(Point.BRACKET);
        double cosine = (down * down + top * top - apart * apart) / (2 * down * top);
        return Math.abs(cosine) <= FLATTEST;
    }

    private static Point seatCluster(FrameSurvey survey, KindDefaults kind) {
        return coordinates(survey, TriangleMeasures.SEAT_CLUSTER_BEHIND, -1, TriangleMeasures.SEAT_CLUSTER_UP)
                .orElseGet(() -> Point.direction(180 - kind.seatAngle()).times(value(survey, TriangleMeasures.SEAT_TUBE, kind.seatTube())));
    }

    /** A point measured by its coordinates; empty unless both are. */
    private static Optional<Point> coordinates(FrameSurvey survey, LengthMeasure x, int sign, LengthMeasure y) {
        return survey.length(x).flatMap(across -> survey.length(y)
                .map(up -> new Point(sign * across.value().inMillimetres(), up.value().inMillimetres())));
    }

    /** The crossing of a circle round the bracket and one round {@code centre} that lies further forward. */
    private static Optional<Point> forwardCrossing(double r0, Point centre, double r1) {
        double d = centre.distanceTo(Point.BRACKET);
        double a = (r0 * r0 - r1 * r1 + d * d) / (2 * d);
        double h2 = r0 * r0 - a * a;
        if (d == 0 || h2 < 0) {
            return Optional.empty();
        }
        double h = Math.sqrt(h2);
        Point along = centre.times(a / d);
        Point one = along.plus(new Point(-centre.y(), centre.x()).times(h / d));
        Point other = along.plus(new Point(centre.y(), -centre.x()).times(h / d));
        return Optional.of(one.x() > other.x() ? one : other);
    }

    private static Point frontAxle(FrameSurvey survey, KindDefaults kind, Point headBottom, Point rearAxle, double y) {
        double sin = Math.sin(Math.toRadians(kind.headAngle()));
        double cos = Math.cos(Math.toRadians(kind.headAngle()));
        double down = (headBottom.y() + kind.rake() * cos - y) / sin;
        double x = headBottom.x() + down * cos + kind.rake() * sin;
        double wheelbase = value(survey, FrontMeasures.WHEELBASE, kind.wheelbase());
        if (wheelbase > 0) {
            double rise = y - rearAxle.y();
            x = rearAxle.x() + Math.sqrt(Math.max(1, wheelbase * wheelbase - rise * rise));
        }
        return new Point(x, y);
    }

    static double value(FrameSurvey survey, LengthMeasure measure, double otherwise) {
        return survey.length(measure).map(r -> r.value().inMillimetres()).orElse(otherwise);
    }

    private static double radius(FrameSurvey survey, LengthMeasure bead, double usualBead, LengthMeasure tyre, double usualTyre) {
        return value(survey, bead, usualBead) / 2 + value(survey, tyre, usualTyre) * TYRE_HEIGHT_TO_WIDTH;
    }

    double rearTyre() {
        return value(survey, RearMeasures.TYRE_WIDTH, kind.rearTyre());
    }

    double frontTyre() {
        return value(survey, FrontMeasures.TYRE_WIDTH, kind.frontTyre());
    }
}
