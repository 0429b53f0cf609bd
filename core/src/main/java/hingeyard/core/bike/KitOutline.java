package hingeyard.core.bike;

import java.util.List;

/**
 * What a kit adds to the side elevation.
 *
 * @param bracketMotor                reach of the motor's body forward of the bracket, 0 when there is none
 * @param bodyRadius                  radius of that body
 * @param frontHub,rearHub            radius of a hub motor in that wheel, 0 when there is none
 * @param batteryLength,batteryHeight the battery's side outline, 0 when it has none on the down tube
 * @param batteryAt                   where its place has been computed: its outline; empty before, and its usual place is drawn
 */
public record KitOutline(double bracketMotor, double bodyRadius, double frontHub, double rearHub, double batteryLength,
        double batteryHeight, List<Point> batteryAt) {

    public KitOutline {
        batteryAt = List.copyOf(batteryAt);
    }

    public KitOutline(double bracketMotor, double bodyRadius, double frontHub, double rearHub, double batteryLength, double batteryHeight) {
        this(bracketMotor, bodyRadius, frontHub, rearHub, batteryLength, batteryHeight, List.of());
    }

    /** The same with the battery in its computed place. */
    public KitOutline at(List<Point> outline) {
        return new KitOutline(bracketMotor, bodyRadius, frontHub, rearHub, batteryLength, batteryHeight, outline);
    }
}
