package hingeyard.app.match;

import hingeyard.core.bars.BarDrawing;
import hingeyard.core.bay.BayDrawing;
import hingeyard.core.explain.Exhibit;
import hingeyard.core.stack.StackSection;
import java.util.Optional;

/** What a finding shows, told apart by kind: at most one is there. */
public record Drawn(Optional<StackSection> stack, Optional<BayDrawing> bay, Optional<BarDrawing> bars) {

    public static final Drawn NOTHING = new Drawn(Optional.empty(), Optional.empty(), Optional.empty());

    public static Drawn of(Exhibit exhibit) {
        return new Drawn(Optional.of(exhibit).filter(StackSection.class::isInstance).map(StackSection.class::cast),
                Optional.of(exhibit).filter(BayDrawing.class::isInstance).map(BayDrawing.class::cast),
                Optional.of(exhibit).filter(BarDrawing.class::isInstance).map(BarDrawing.class::cast));
    }
}
