package hingeyard.core.bay;

import hingeyard.core.bike.Point;
import java.util.List;

/**
 * A place.
 *
 * @param carrier    the tube it sits on
 * @param from       the case's lower end from the bracket along the tube, mm
 * @param clearance  least clearance to anything, mm; negative when it would overlap
 * @param nearest    what that is
 * @param bosses     the bosses its screws go into; fewer than two when they do not line up
 * @param massCentre centre of the case
 * @param outline    the case
 * @param swept      the case and its way off the rail
 * @param reach      the case and the room for the hand that turns the key; empty when none is needed here
 */
public record BayPlace(String carrier, double from, double clearance, String nearest, List<Double> bosses, Point massCentre,
        List<Point> outline, List<Point> swept, List<Point> reach) {

    public BayPlace {
        bosses = List.copyOf(bosses);
        outline = List.copyOf(outline);
        swept = List.copyOf(swept);
        reach = List.copyOf(reach);
    }
}
