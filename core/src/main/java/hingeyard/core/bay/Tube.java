package hingeyard.core.bay;

import hingeyard.core.bike.Point;

/**
 * A tube, or anything else that is as straight and round.
 *
 * @param name    as one says it: {@code seat tube}
 * @param from,to its centre line, mm
 * @param radius  mm
 */
public record Tube(String name, Point from, Point to, double radius) {
}
