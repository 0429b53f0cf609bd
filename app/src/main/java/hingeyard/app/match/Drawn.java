package hingeyard.app.match;

import hingeyard.core.bars.BarDrawing;
import hingeyard.core.bay.BayDrawing;
import hingeyard.core.explain.Exhibit;
import hingeyard.core.install.Step;
import hingeyard.core.stack.StackSection;
import java.util.Map;
import java.util.Optional;

/** What a finding shows, told apart by kind: at most one is there. */
public record Drawn(Optional<StackSection> stack, Optional<BayDrawing> bay, Optional<BarDrawing> bars) {

    public static final Drawn NOTHING = new Drawn(Optional.empty(), Optional.empty(), Optional.empty());

    /** What a step shows of a job's drawings, kept by the check they belong to. */
    public static Drawn on(Step step, Map<String, Drawn> byCheck) {
        return step.exhibitOf().map(byCheck::get).map(d -> new Drawn(d.stack.filter(step::shows), d.bay, d.bars)).orElse(NOTHING);
    }

    public Optional<Exhibit> exhibit() {
        return stack.<Exhibit>map(s -> s).or(() -> bay).or(() -> bars);
    }

    public static Drawn of(Exhibit exhibit) {
        return new Drawn(Optional.of(exhibit).filter(StackSection.class::isInstance).map(StackSection.class::cast),
                Optional.of(exhibit).filter(BayDrawing.class::isInstance).map(BayDrawing.class::cast),
                Optional.of(exhibit).filter(BarDrawing.class::isInstance).map(BarDrawing.class::cast));
    }
}
