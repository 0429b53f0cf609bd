package hingeyard.core.explain;

import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;

/** A finding's exhibit, drawn when it is first looked at. Equal to another that shows the same. */
public final class Drawing {

    private static final Drawing NONE = new Drawing(() -> null);

    private final Supplier<? extends Exhibit> drawer;
    // Two threads may draw it at once; they draw the same.
    private Optional<Exhibit> drawn;

    private Drawing(Supplier<? extends Exhibit> drawer) {
        this.drawer = drawer;
    }

    public static Drawing none() {
        return NONE;
    }

    /** @param drawer must answer the same whenever it is asked */
    public static Drawing of(Supplier<? extends Exhibit> drawer) {
        return new Drawing(drawer);
    }

    public Optional<Exhibit> shown() {
        Optional<Exhibit> known = drawn;
        if (known == null) {
            known = Optional.ofNullable(drawer.get());
            drawn = known;
        }
        return known;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Drawing d && shown().equals(d.shown());
    }

    @Override
    public int hashCode() {
        return Objects.hashCode(shown());
    }
}
