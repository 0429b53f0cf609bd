package hingeyard.core.kit;

import hingeyard.core.quantity.Mass;
import java.util.List;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;

/**
 * A kit's sheet: everything its maker publishes that the checks, the bill and the steps need.
 *
 * @param code       the shop's code of this variant; {@code CODE+BATTERY} when another battery than its own goes with it
 * @param maker      who makes it
 * @param name       what it is called, with what tells this variant from its sisters
 * @param drive      the driving part
 * @param controller ratings of its controller
 * @param battery    the battery it comes with
 * @param equipment  sensors, cockpit, loom
 * @param contents   what is in the box
 */
public record Kit(String code, String maker, String name, Drive drive, Controller controller, Battery battery, Equipment equipment,
        List<KitItem> contents) {

    private static final String WITH = "+";

    public Kit {
        contents = List.copyOf(contents);
    }

    /** For example {@code Velmora M4, long axle}. */
    public String fullName() {
        return maker.isEmpty() ? name : maker + " " + name;
    }

    /** Whether it comes in a box; the shop's own work does not. */
    public boolean boxed() {
        return drive.none().filter(NoDrive::ownWork).isEmpty();
    }

    /** The part number its box is stocked under. */
    public String boxNumber() {
        return boxNumber(code);
    }

    /** The box's part number in a kit's code. */
    public static String boxNumber(String code) {
        return code.contains(WITH) ? code.substring(0, code.indexOf(WITH)) : code;
    }

    /**
     * How many of it could go on a bike now: the lesser of boxes and other batteries; the shop's own work is never short.
     *
     * @param free pieces of a part that no job holds, by its number
     */
    public int free(ToIntFunction<String> free) {
        int boxes = boxed() ? free.applyAsInt(boxNumber()) : 1;
        return otherBattery() ? Math.min(boxes, free.applyAsInt(battery.code())) : boxes;
    }

    /** The other battery's part number in a kit's code; empty when it goes with its own. */
    public static String batteryCode(String code) {
        return code.contains(WITH) ? code.substring(code.indexOf(WITH) + 1) : "";
    }

    /** Whether the battery comes out of a drawer instead of the box. */
    public boolean otherBattery() {
        return code.contains(WITH);
    }

    /** This kit with another battery; itself when it is its own. */
    public Kit with(Battery other) {
        return other.code().equals(battery.code()) ? this
                : new Kit(boxNumber() + WITH + other.code(), maker, name, drive, controller, other, equipment, contents);
    }

    /**
     * Whether this other battery is offered with it: of a voltage the controller is rated for, and never above what it stands when full.
     */
    public boolean takes(Battery other) {
        return !other.code().equals(battery.code()) && controller.rated().contains(other.soldAs())
                && !other.full().isMoreThan(controller.maximumInput());
    }

    /** Mass of everything it adds. */
    public Mass addedMass() {
        return equipment.mass().plus(battery.mass());
    }

    /** Contents mounted in one role. */
    public Stream<KitItem> contentsFor(String role) {
        return contents.stream().filter(i -> i.role().equals(role));
    }
}
