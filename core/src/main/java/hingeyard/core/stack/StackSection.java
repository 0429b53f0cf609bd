package hingeyard.core.stack;

import hingeyard.core.explain.Exhibit;
import hingeyard.core.quantity.Length;
import java.util.List;

/**
 * A stack in section, to scale, from inside to outside along its axle.
 *
 * @param title     what is shown
 * @param axle      outer diameter of the tube or axle everything sits on
 * @param axleFrom  where it begins
 * @param axleTo    where it ends
 * @param threadFrom where its thread begins
 * @param layers    the pieces, inside to outside
 * @param marks     limits along the axle
 * @param note      how it was chosen, one sentence
 * @param others    other sets that would do, best first; none on drawings of before they were kept
 */
public record StackSection(String title, Length axle, Length axleFrom, Length axleTo, Length threadFrom, List<Layer> layers,
                           List<Mark> marks, String note, List<String> others) implements Exhibit {

    public StackSection {
        layers = List.copyOf(layers);
        marks = List.copyOf(marks);
        others = others == null ? List.of() : List.copyOf(others);
    }

    /** What a layer is. */
    public enum Role { BODY, SPACER, FRAME, PLATE, NUT }

    /**
     * @param name  what it is called
     * @param place the drawer it lies in; empty when it comes with the kit or belongs to the bike
     * @param role  what it is
     * @param from  where it begins along the axle
     * @param thickness its length along the axle
     * @param outer its outer diameter
     */
    public record Layer(String name, String place, Role role, Length from, Length thickness, Length outer) {
    }

    /**
     * @param name what is marked
     * @param at   where along the axle
     */
    public record Mark(String name, Length at) {
    }

    @Override
    public String exhibit() {
        return "stack-section";
    }
}
