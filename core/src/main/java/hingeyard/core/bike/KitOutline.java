package hingeyard.core.bike;

/**
 * What a kit adds to the side elevation.
 *
 * @param bracketMotor   reach of the motor's body forward of the bracket, 0 when there is none
 * @param bodyRadius     radius of that body
 * @param frontHub,rearHub radius of a hub motor in that wheel, 0 when there is none
 * @param batteryLength,batteryHeight the battery's side outline, 0 when it has none on the down tube
 */
public record KitOutline(double bracketMotor, double bodyRadius, double frontHub, double rearHub, double batteryLength,
                         double batteryHeight) {
}
