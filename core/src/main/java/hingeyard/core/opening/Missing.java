package hingeyard.core.opening;

import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** What a first bike would stop at, in the order it meets it. */
public enum Missing {
    KITS("Kit sheets", "Without a sheet nothing is matched to a frame.", true, s -> s.kits() == 0),
    PARTS("Parts in the drawers", "Spacers, washers and screws are chosen from what the drawers hold.", true, s -> s.parts() == 0),
    COUNTED("A count of what lies in the drawers", "What is not counted counts as not there, and is ordered.", false,
            s -> s.parts() > 0 && s.counted() == 0),
    BOXES("Kit boxes on the shelf", "A kit that is not on the shelf is ordered first, and the promised day waits for it.", false,
            s -> s.kits() > 0 && s.boxes() == 0),
    SUPPLIERS("Suppliers and how long they take", "A missing part’s day is told by its supplier’s lead time.", false,
            s -> s.suppliers() == 0),
    TECHNICIANS("A technician", "Steps are planned for technicians; in a small shop the manager is one as well.", true,
            s -> s.technicians() == 0),
    HOURS("Working hours", "Nobody is planned for whose hours are not entered.", true, s -> s.technicians() > 0 && s.hours() == 0),
    SECOND_PERSON("A second person", "Hold points (axles, brakes, battery) are looked at by somebody else than whoever did them.", true,
            s -> s.hands() < 2),
    CODES("Codes for those who have no password yet", "They choose their own with a code that counts once.", false,
            s -> s.comeIn() < s.people()),
    WRENCHES("Torque wrenches", "A torque counts only when it is read from a tested wrench.", true, s -> s.wrenches() == 0),
    ADDRESS("The shop’s address", "It stands on quotes, bills and the customer’s papers.", false, s -> !s.address());

    private final String what;
    private final String why;
    private final boolean stops;
    private final Predicate<ShopHas> missing;

    Missing(String what, String why, boolean stops, Predicate<ShopHas> missing) {
        this.what = what;
        this.why = why;
        this.stops = stops;
        this.missing = missing;
    }

    /** What a shop has not. */
    public static List<Missing> of(ShopHas shop) {
        return Stream.of(values()).filter(m -> m.missing.test(shop)).toList();
    }

    /** As one names it. */
    public String what() {
        return what;
    }

    /** What it is for: a sentence. */
    public String why() {
        return why;
    }

    /** Whether a bike stops there; else it goes on, and something is said less well. */
    public boolean stops() {
        return stops;
    }
}
