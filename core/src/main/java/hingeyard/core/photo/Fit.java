package hingeyard.core.photo;

import hingeyard.core.bike.Point;
import hingeyard.core.photo.SidePlane.Parameter;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.MultivariateJacobianFunction;
import org.hipparchus.util.Pair;

/** Finds the camera and the wheels that fit the marks best. */
final class Fit {

    /** How surely a mark is set, pixels of a picture about 1600 wide. */
    static final double MARK = 1.5;
    private static final int MOST_TURNS = 500;
    private static final double DIFFERENCE = 1e-6;
    /** People stand within about this of straight beside the bike; only what the marks leave open is decided by it. Radians. */
    private static final double USUAL_TILT = 0.14;
    /** Usual lenses: focal length over the picture's longer side, its logarithm and how widely that varies. */
    private static final double USUAL_LOG_FOCAL = Math.log(0.9);
    private static final double LOG_FOCAL_SPREAD = 0.7;
    private static final double USUAL_RADIUS = 0.63;

    private final PhotoMarks marks;
    private final KnownLengths known;
    private final double width;
    private final double height;
    private final int side;

    private Fit(PhotoMarks pixels, KnownLengths known) {
        this.known = known;
        this.width = pixels.width();
        this.height = pixels.height();
        this.marks = pixels.map(this::normal);
        this.side = marks.frontAxle().x() >= marks.rearAxle().x() ? 1 : -1;
    }

    /** The plane, and how to get there from pixels. */
    record Solved(SidePlane plane, Fit fit, double residualPixels) {

        Point inPlane(Point pixel) {
            return plane.inPlane(fit.normal(pixel)).times(SidePlane.UNIT);
        }
    }

    static Solved solve(PhotoMarks pixels, KnownLengths known) {
        Fit fit = new Fit(pixels, known);
        double[] start = fit.straight();
        if (!pixels.ringed()) {
            // Nothing tells a tilt: the picture is taken to be straight.
            return new Solved(SidePlane.of(start, fit.side), fit, 0);
        }
        double[] found;
        try {
            found = new LevenbergMarquardtOptimizer().optimize(new LeastSquaresBuilder().start(start).model(fit.model())
                    .target(new double[fit.residuals(start).length]).maxEvaluations(MOST_TURNS).maxIterations(MOST_TURNS).build())
                    .getPoint().toArray();
        } catch (MathRuntimeException noSolution) {
            throw new IllegalArgumentException(
                    "No camera could have seen these marks and lengths together. Look at the rings and the bead seats again.", noSolution);
        }
        SidePlane plane = SidePlane.of(found, fit.side);
        List<Double> off = fit.markResiduals(plane);
        double sum = off.stream().mapToDouble(o -> o * o).sum();
        return new Solved(plane, fit, Math.sqrt(sum / off.size()) * fit.longer());
    }

    private double longer() {
        return Math.max(width, height);
    }

    private Point normal(Point pixel) {
        return new Point((pixel.x() - width / 2) / longer(), (height / 2 - pixel.y()) / longer());
    }

    /** A camera straight beside the bike, its picture's axles level; the known length gives the distance. */
    private double[] straight() {
        double dx = (marks.frontAxle().x() - marks.rearAxle().x()) * side;
        double dy = (marks.frontAxle().y() - marks.rearAxle().y()) * side;
        double across = Math.hypot(dx, dy);
        Optional<Length> wheelbase = marks.ringed() ? known.wheelbaseGivesSize() : known.wheelbase();
        double base = wheelbase.map(l -> l.inMillimetres() / SidePlane.UNIT).orElseGet(() -> baseFromRims(across));
        double perUnit = across / base;
        double roll = Math.atan2(dy, dx);
        Point rear = marks.rearAxle().times(-1 / perUnit);
        double focal = Math.exp(USUAL_LOG_FOCAL);
        double[] p = new double[Parameter.values().length];
        p[Parameter.ROLL.ordinal()] = roll;
        p[Parameter.CENTRE_X.ordinal()] = (rear.x() * Math.cos(roll) + rear.y() * Math.sin(roll)) * side;
        p[Parameter.CENTRE_Y.ordinal()] = rear.y() * Math.cos(roll) - rear.x() * Math.sin(roll);
        p[Parameter.DISTANCE.ordinal()] = focal / perUnit;
        p[Parameter.LOG_FOCAL.ordinal()] = USUAL_LOG_FOCAL;
        p[Parameter.WHEELBASE.ordinal()] = base;
        p[Parameter.REAR_RADIUS.ordinal()] = radius(marks.rearAxle(), marks.rearRim()) / perUnit;
        p[Parameter.FRONT_RADIUS.ordinal()] = radius(marks.frontAxle(), marks.frontRim()) / perUnit;
        return p;
    }

    private double baseFromRims(double across) {
        boolean rear = known.rearBeadSeat().isPresent();
        double radius = KnownLengths.edgeRadius((rear ? known.rearBeadSeat() : known.frontBeadSeat()).orElseThrow()) / SidePlane.UNIT;
        return across * radius / (rear ? radius(marks.rearAxle(), marks.rearRim()) : radius(marks.frontAxle(), marks.frontRim()));
    }

    private static double radius(Point axle, List<Point> rim) {
        return rim.stream().mapToDouble(axle::distanceTo).average().orElse(USUAL_RADIUS);
    }

    /** How far each mark is off, in longer sides of the picture. */
    private List<Double> markResiduals(SidePlane plane) {
        List<Double> off = new ArrayList<>();
        Point front = new Point(plane.wheelbase(), 0);
        difference(off, plane.inPicture(Point.BRACKET), marks.rearAxle());
        difference(off, plane.inPicture(front), marks.frontAxle());
        double perUnit = marks.rearAxle().distanceTo(marks.frontAxle()) / plane.wheelbase();
        marks.rearRim().forEach(m -> off.add((plane.inPlane(m).distanceTo(Point.BRACKET) - plane.rearRadius()) * perUnit));
        marks.frontRim().forEach(m -> off.add((plane.inPlane(m).distanceTo(front) - plane.frontRadius()) * perUnit));
        return off;
    }

    private static void difference(List<Double> off, Point a, Point b) {
        off.add(a.x() - b.x());
        off.add(a.y() - b.y());
    }

    /** Each over its own standard deviation. */
    private double[] residuals(double[] p) {
        SidePlane plane = SidePlane.of(p, side);
        List<Double> r = new ArrayList<>();
        markResiduals(plane).forEach(m -> r.add(m * longer() / MARK));
        double flange = KnownLengths.FLANGE_PLUS_MINUS / SidePlane.UNIT;
        r.add(known.rearBeadSeat().map(l -> (plane.rearRadius() - KnownLengths.edgeRadius(l) / SidePlane.UNIT) / flange)
                .orElse((plane.rearRadius() - USUAL_RADIUS) / 10));
        r.add(known.frontBeadSeat().map(l -> (plane.frontRadius() - KnownLengths.edgeRadius(l) / SidePlane.UNIT) / flange)
                .orElse((plane.frontRadius() - USUAL_RADIUS) / 10));
        double base = Math.max(0.5, known.wheelbasePlusMinus().inMillimetres()) / SidePlane.UNIT;
        known.wheelbaseGivesSize().ifPresent(l -> r.add((plane.wheelbase() - l.inMillimetres() / SidePlane.UNIT) / base));
        r.add(Parameter.YAW.of(p) / USUAL_TILT);
        r.add(Parameter.PITCH.of(p) / USUAL_TILT);
        r.add((Parameter.LOG_FOCAL.of(p) - USUAL_LOG_FOCAL) / LOG_FOCAL_SPREAD);
        return r.stream().mapToDouble(Double::doubleValue).toArray();
    }

    private MultivariateJacobianFunction model() {
        return point -> {
            double[] p = point.toArray();
            double[] value = residuals(p);
            double[][] jacobian = new double[value.length][p.length];
            for (int i = 0; i < p.length; i++) {
                double keep = p[i];
                p[i] = keep + DIFFERENCE;
                double[] above = residuals(p);
                p[i] = keep - DIFFERENCE;
                double[] below = residuals(p);
                p[i] = keep;
                for (int j = 0; j < value.length; j++) {
                    jacobian[j][i] = (above[j] - below[j]) / (2 * DIFFERENCE);
                }
            }
            return new Pair<>(new ArrayRealVector(value, false), new Array2DRowRealMatrix(jacobian, false));
        };
    }
}
