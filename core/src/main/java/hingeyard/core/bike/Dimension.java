package hingeyard.core.bike;

/**
 * A dimension line of the drawing.
 *
 * @param measureKey the measure it shows
 * @param from,to    ends of what is measured
 * @param offset     millimetres the line stands off, to the left of the direction from → to
 * @param text       the measured value, or the measure's title while it is open
 * @param measured   whether it has been measured
 */
public record Dimension(String measureKey, Point from, Point to, double offset, String text, boolean measured) {
}
