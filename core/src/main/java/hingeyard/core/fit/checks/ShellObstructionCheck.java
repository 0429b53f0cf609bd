package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.Obstruction;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Words;

/** Does anything cross the shell where the axle tube goes? */
final class ShellObstructionCheck extends MeasuredCheck {

    ShellObstructionCheck() {
        super("shell-obstruction", "Inside the shell", BracketMeasures.OBSTRUCTION);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().bracket().isPresent();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of("bore clear", Sentence.of("axle tube Ø %s", c.kit().drive().bracket().orElseThrow().axleTubeDiameter())));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Obstruction found = c.survey().choice(BracketMeasures.OBSTRUCTION).orElseThrow();
        finding.bike(Leaf.of(found.label()))
                .figure(Figure.measured("Obstruction in the shell", new Words(found.label()), BracketMeasures.OBSTRUCTION.key()));
        return switch (found) {
            case NOTHING -> finding.margin(Margin.said("clear")).is(Verdict.FITS, "The shell is clear inside.");
            case GUIDE_SCREW -> out(finding, found, 10, "Replace the guide screw with a shorter one; the guide stays.");
            case SLEEVE -> out(finding, found, 5, "Pull out the plastic sleeve and grease the bore.");
            case THREAD -> out(finding, found, 15, "Remove the screw and plug the thread from outside, flush inside.");
            case CABLE -> out(finding, found, 40, "Re-route the cable outside the shell in its own outer.");
            case HOSE -> finding.margin(Margin.said("hose crosses"))
                    .remedy(Remedy.otherKit(
                            "Choose a hub kit, or have the hose re-routed outside the shell by somebody who can bleed the brake."))
                    .is(Verdict.NO_FIT, "A brake hose runs through the shell where the axle tube must go.");
        };
    }

    private static Finding out(Finding.Builder finding, Obstruction found, int minutes, String text) {
        return finding.margin(Margin.said("can be moved")).remedy(Remedy.work("general", minutes, text))
                .is(Verdict.FITS_WITH, Sentence.of("A %s is in the way inside the shell. %s", found.label(), text));
    }
}
