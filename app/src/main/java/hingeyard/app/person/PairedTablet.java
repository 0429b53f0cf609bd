package hingeyard.app.person;

import java.util.Optional;

/** A tablet the shop knows. @param stand where it hangs; empty for one that is carried about */
public record PairedTablet(int id, String name, Optional<Integer> stand) {
}
