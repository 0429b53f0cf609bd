package hingeyard.formats;

import java.util.List;
import java.util.Optional;

/** A shop whose papers are looked at. */
final class GivenShop {

    static final Letterhead OWN = new Letterhead("Quay & <Sons>", List.of("Shed 4", "Long Wharf"), "ext. 10", "T-4711",
            "To be paid on collection.\nParts stay ours until then.", "CHF", Optional.empty(), false);
    static final Letterhead DEMO = new Letterhead("Quay & <Sons>", List.of(), "", "", "", "EUR", Optional.empty(), true);

    private GivenShop() {
    }
}
