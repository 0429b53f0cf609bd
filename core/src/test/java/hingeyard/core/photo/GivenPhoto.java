package hingeyard.core.photo;

import hingeyard.core.bike.Point;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * A bike of known geometry seen through a pinhole camera. World: origin at the rear axle, x forward, y up, z towards the camera's side;
 * millimetres. Picture: 1600 × 1200 pixels.
 *
 * @param yaw,pitch degrees off the bike's axis
 * @param roll      degrees the phone is held aslant
 * @param distance  millimetres from the middle of the bike
 * @param focal     pixels
 * @param left      seen from the left side instead of the drive side
 */
public record GivenPhoto(double yaw, double pitch, double roll, double distance, double focal, boolean left, Frame frame) {

    /** Coordinates from the bracket, as the survey has them, and the wheels. */
    public record Frame(double rearBead, double frontBead, double rearTyre, double frontTyre, double chainstay, double bracketHeight,
            double wheelbase,
            Point headBottom, Point headTop, Point seatCluster) {

        Point rearAxle() {
            double rise = rearBead / 2 + rearTyre - bracketHeight;
            return new Point(-Math.sqrt(chainstay * chainstay - rise * rise), rise);
        }

        Point frontAxle() {
            double rise = frontBead / 2 + frontTyre - bracketHeight - rearAxle().y();
            return rearAxle().plus(new Point(Math.sqrt(wheelbase * wheelbase - rise * rise), rise));
        }

        KnownLengths beadSeats() {
            return KnownLengths.beadSeats(mm(rearBead), mm(frontBead), mm(rearTyre), mm(frontTyre));
        }
    }

    public static final Frame TOURER = new Frame(622, 622, 40, 40, 445, 285, 1062, new Point(439, 448), new Point(390, 590),
            new Point(-152, 497));
    public static final Frame LONG_TAIL = new Frame(406, 559, 55, 55, 880, 290, 1490, new Point(420, 455), new Point(370, 600),
            new Point(-133, 409));

    static Length mm(double mm) {
        return Length.ofNearestMillimetres(mm);
    }

    /** Where the camera sees a point of the side plane. */
    public Point pixel(Point p) {
        Point middle = frame.rearAxle().towards(frame.frontAxle(), 0.5).plus(new Point(0, 150));
        double x = (p.x() - middle.x()) * (left ? -1 : 1);
        double y = p.y() - middle.y();
        double cy = Math.cos(Math.toRadians(yaw));
        double sy = Math.sin(Math.toRadians(yaw));
        double cp = Math.cos(Math.toRadians(pitch));
        double sp = Math.sin(Math.toRadians(pitch));
        double turnedX = x * cy;
        double depth = x * sy;
        double turnedY = y * cp - depth * sp;
        double away = distance + y * sp + depth * cp;
        double cr = Math.cos(Math.toRadians(roll));
        double sr = Math.sin(Math.toRadians(roll));
        double u = focal * turnedX / away;
        double v = focal * turnedY / away;
        return new Point(800 + u * cr - v * sr, 600 - (u * sr + v * cr));
    }

    public List<Point> ring(Point axle, double beadSeat, int count, double from) {
        List<Point> ring = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            ring.add(pixel(axle.plus(Point.direction(from + i * 360.0 / count).times(beadSeat / 2 + KnownLengths.FLANGE))));
        }
        return ring;
    }

    public PhotoMarks marks() {
        return new PhotoMarks(1600, 1200, pixel(frame.rearAxle()), pixel(frame.frontAxle()), pixel(Point.BRACKET), pixel(frame.headBottom),
                pixel(frame.headTop),
                pixel(frame.seatCluster), ring(frame.rearAxle(), frame.rearBead, 5, 90), ring(frame.frontAxle(), frame.frontBead, 5, 90));
    }

    /** The same, each mark off by up to a standard deviation of {@code pixels}. */
    PhotoMarks shakenMarks(double pixels, long seed) {
        Random random = new Random(seed);
        return marks().map(p -> p.plus(new Point(random.nextGaussian() * pixels, random.nextGaussian() * pixels)));
    }
}
