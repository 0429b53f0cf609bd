package hingeyard.core.kit;

import java.util.List;

/**
 * A kit's sheet: everything its maker publishes that the checks, the bill and the steps need.
 *
 * @param code       the shop's code of this variant, also the part number its box is stocked under
 * @param maker      who makes it
 * @param name       what it is called, with what tells this variant from its sisters
 * @param drive      the driving part
 * @param controller supply ratings of its controller
 * @param battery    the battery it comes with
 * @param contents   what is in the box
 */
public record Kit(String code, String maker, String name, Drive drive, Controller controller, Battery battery,
                  List<KitItem> contents) {

    public Kit {
        contents = List.copyOf(contents);
    }

    /** For example {@code Velmora M4, long axle}. */
    public String fullName() {
        return maker + " " + name;
    }
}
