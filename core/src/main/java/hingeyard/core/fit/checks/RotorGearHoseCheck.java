package hingeyard.core.fit.checks;

import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.WholeMeasures;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
import java.util.List;

/** Does the brake hose reach the moved caliper through the whole travel? */
final class RotorGearHoseCheck extends MeasuredCheck {

    RotorGearHoseCheck() {
        super("rotor-gear-hose", "Hose and linkage", WholeMeasures.LINKAGE_SLACK);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().rotorGear().isPresent();
    }

    /** Only a frame with a linkage has one to measure. */
    @Override
    List<Measure> needed(FitCase c) {
        return c.bike().kind() == BikeKind.FULL_SUSPENSION ? needs() : List.of();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Length slack = c.kit().drive().rotorGear().orElseThrow().hoseSlack();
        finding.kit(Leaf.of(Sentence.of("needs %s", slack), "of the hose"))
                .figure(Figure.published("Hose the moved caliper takes", slack, c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Length slack = c.kit().drive().rotorGear().orElseThrow().hoseSlack();
        Length linkage = c.bike().kind() == BikeKind.FULL_SUSPENSION ? bike(c, finding, WholeMeasures.LINKAGE_SLACK).value() : Length.ZERO;
        if (linkage.equals(Length.ZERO)) {
            finding.bike(Leaf.of("no linkage"));
        }
        return finding.margin(Margin.said(Sentence.of("%s of hose", slack.plus(linkage)))).remedy(Remedy.work("brakes and hydraulics", 15,
                Sentence.of("Open the hose clips, pull %s of slack through and close them; then sweep the whole travel by hand.",
                        slack.plus(linkage))))
                .is(Verdict.FITS_WITH, Sentence.of("The moved caliper needs %s more hose%s: it comes from the clips.", slack,
                        linkage.equals(Length.ZERO) ? "" : Sentence.of(" and the linkage %s", linkage)));
    }
}
