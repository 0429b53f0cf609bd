package hingeyard.core.photo;

import hingeyard.core.bike.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * What was marked in a picture: pixels from its top left corner, x to the right, y down.
 *
 * @param width,height     of the picture, uncropped: its middle is taken for where the lens pointed
 * @param rearRim,frontRim points on the rim's edge, where it meets the tyre; empty or at least five, spread all round: marks opposite one
 *                         another say the same of a tilt
 */
public record PhotoMarks(double width, double height, Point rearAxle, Point frontAxle, Point bracket, Point headBottom, Point headTop,
        Point seatCluster,
        List<Point> rearRim, List<Point> frontRim) {

    private static final int RING = 5;

    /** @throws IllegalArgumentException when a ring has one to four marks */
    public PhotoMarks {
        rearRim = List.copyOf(rearRim);
        frontRim = List.copyOf(frontRim);
        ring("rear", rearRim);
        ring("front", frontRim);
    }

    private static void ring(String end, List<Point> rim) {
        if (!rim.isEmpty() && rim.size() < RING) {
            throw new IllegalArgumentException("The %s rim has %d marks: none, or at least %d all round.".formatted(end, rim.size(), RING));
        }
    }

    boolean ringed() {
        return !rearRim.isEmpty() && !frontRim.isEmpty();
    }

    /** The six points, the rear ring, the front ring. */
    List<Point> all() {
        List<Point> all = new ArrayList<>(List.of(rearAxle, frontAxle, bracket, headBottom, headTop, seatCluster));
        all.addAll(rearRim);
        all.addAll(frontRim);
        return all;
    }

    private PhotoMarks with(List<Point> all) {
        int rear = rearRim.size();
        return new PhotoMarks(width, height, all.get(0), all.get(1), all.get(2), all.get(3), all.get(4), all.get(5),
                all.subList(6, 6 + rear),
                all.subList(6 + rear, all.size()));
    }

    PhotoMarks map(UnaryOperator<Point> move) {
        return with(all().stream().map(move).toList());
    }

    /** These marks with one of {@link #all()} moved. */
    PhotoMarks moved(int index, double dx, double dy) {
        List<Point> all = all();
        all.set(index, all.get(index).plus(new Point(dx, dy)));
        return with(all);
    }
}
