package hingeyard.core.photo;

import hingeyard.core.bike.Point;

/**
 * The frame's side plane and how the picture shows it.
 *
 * <p>Plane: origin at the rear axle, x to the front axle, y up, in units of {@link #UNIT} millimetres. Picture: origin in its
 * middle, x to the right, y up, the longer side is 1.
 *
 * @param h         the homography from plane to picture, row by row, last element 1
 * @param wheelbase in units, as the radii
 * @param tilt      the angle between the camera's view and the bike's axis, radians
 */
record SidePlane(double[] h, double wheelbase, double rearRadius, double frontRadius, double tilt) {

    /** Keeps the solver's parameters near one. */
    static final double UNIT = 500;

    /** In the order of the solver's parameters. */
    enum Parameter {
        YAW,
        PITCH,
        ROLL,
        CENTRE_X,
        CENTRE_Y,
        DISTANCE,
        LOG_FOCAL,
        WHEELBASE,
        REAR_RADIUS,
        FRONT_RADIUS;

        double of(double[] p) {
            return p[ordinal()];
        }
    }

    /**
     * A pinhole camera that looks at a point of the plane from a distance, turned by yaw, pitch and roll.
     *
     * @param side 1 when the bike heads to the right in the picture, -1 when to the left
     */
    static SidePlane of(double[] p, int side) {
        double cy = Math.cos(Parameter.YAW.of(p));
        double sy = Math.sin(Parameter.YAW.of(p));
        double cp = Math.cos(Parameter.PITCH.of(p));
        double sp = Math.sin(Parameter.PITCH.of(p));
        double cr = Math.cos(Parameter.ROLL.of(p));
        double sr = Math.sin(Parameter.ROLL.of(p));
        double f = Math.exp(Parameter.LOG_FOCAL.of(p));
        // Columns of the rotation that the plane's two directions take, roll last.
        double[] a = turned(side * cy, side * -sy * sp, side * sy * cp, cr, sr);
        double[] b = turned(0, cp, sp, cr, sr);
        double x = Parameter.CENTRE_X.of(p);
        double y = Parameter.CENTRE_Y.of(p);
        double w = Parameter.DISTANCE.of(p) - a[2] * x - b[2] * y;
        double[] h = {f * a[0] / w, f * b[0] / w, -f * (a[0] * x + b[0] * y) / w, f * a[1] / w, f * b[1] / w,
            -f * (a[1] * x + b[1] * y) / w, a[2] / w, b[2] / w};
        return new SidePlane(h, Parameter.WHEELBASE.of(p), Parameter.REAR_RADIUS.of(p), Parameter.FRONT_RADIUS.of(p), Math.acos(cy * cp));
    }

    private static double[] turned(double x, double y, double z, double cr, double sr) {
        return new double[]{x * cr - y * sr, x * sr + y * cr, z};
    }

    Point inPicture(Point plane) {
        double w = h[6] * plane.x() + h[7] * plane.y() + 1;
        return new Point((h[0] * plane.x() + h[1] * plane.y() + h[2]) / w, (h[3] * plane.x() + h[4] * plane.y() + h[5]) / w);
    }

    /** The point of the plane that the picture shows at {@code p}. */
    Point inPlane(Point p) {
        double a = h[0] - h[6] * p.x();
        double b = h[1] - h[7] * p.x();
        double c = p.x() - h[2];
        double d = h[3] - h[6] * p.y();
        double e = h[4] - h[7] * p.y();
        double f = p.y() - h[5];
        double det = a * e - b * d;
        return new Point((c * e - b * f) / det, (a * f - c * d) / det);
    }
}
