package hingeyard.core.fit.checks;

import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.PlugKind;
import hingeyard.core.quantity.Count;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Does every joint from battery to controller go together one way only? An unkeyed plug anywhere on the way, adapters' included, wants its
 * polarity found and marked first.
 */
final class PolarityCheck extends SupplyCheck {

    private static final int MINUTES = 10;

    PolarityCheck() {
        super("polarity", "Polarity");
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.bike(Leaf.of(Sentence.of("battery: %s", c.kit().battery().plug().kind().label())))
                .kit(Leaf.of(Sentence.of("controller: %s", c.kit().controller().plug().kind().label())));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        List<PlugKind> unkeyed = SupplyPath.of(c).joints().stream().filter(j -> !j.keyed()).toList();
        finding.figure(Figure.computed("Unkeyed joints from battery to controller", new Count(unkeyed.size(), ""), "plugs on the way"));
        if (unkeyed.isEmpty()) {
            return finding.margin(Margin.said("keyed")).is(Verdict.FITS,
                    "Every plug from battery to controller goes together one way only.");
        }
        String kinds = unkeyed.stream().map(PlugKind::label).distinct().collect(Collectors.joining(" and "));
        return finding.margin(Margin.said(unkeyed.size() == 1 ? "one unkeyed plug" : unkeyed.size() + " unkeyed plugs"))
                .remedy(Remedy.work("electrics", MINUTES,
                        "Find the polarity of each unkeyed plug with the meter and mark both halves before anything is joined."))
                .is(Verdict.FITS_WITH, Sentence.of(
                        "An unkeyed plug (%s) mates both ways round. Find its polarity with the meter and mark it before the loom disappears.",
                        kinds));
    }
}
