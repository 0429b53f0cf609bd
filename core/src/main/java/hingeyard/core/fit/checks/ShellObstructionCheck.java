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
        return kit.drive().bracket().flatMap(b -> b.body()).isPresent();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of("the whole bore", Sentence.of("axle tube Ø %s", c.kit().drive().bracket().orElseThrow().axleTubeDiameter())));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Obstruction found = c.survey().choice(BracketMeasures.OBSTRUCTION).orElseThrow();
        finding.bike(Leaf.of(found.label())).figure(Figure.measured("Crossing the inside", new Words(found.label()), BracketMeasures.OBSTRUCTION.key()));
        return switch (found) {
            case NOTHING -> finding.margin(Margin.said("clear")).is(Verdict.FITS, "Nothing crosses the inside of the shell.");
            case GUIDE_SCREW -> out(finding, found, 10, "Guide screw out, a shorter one in; the guide stays.");
            case SLEEVE -> out(finding, found, 5, "Pull the plastic sleeve; grease the bore.");
            case THREAD -> out(finding, found, 15, "Screw out; the thread sealed from outside, flush inside.");
            case CABLE -> out(finding, found, 40, "Lead the cable round the shell in an outer of its own.");
            case HOSE -> finding.margin(Margin.said("hose crosses")).remedy(Remedy.otherKit("A hub kit, or the hose re-routed outside the shell by somebody who bleeds brakes."))
                    .is(Verdict.NO_FIT, "A brake hose crosses the shell where the axle tube must pass.");
        };
    }

    private static Finding out(Finding.Builder finding, Obstruction found, int minutes, String text) {
        return finding.margin(Margin.said("comes out")).remedy(Remedy.work("general", minutes, text))
                .is(Verdict.FITS_WITH, Sentence.of("The shell is crossed by a %s, which can be moved: %s", found.label(), text));
    }
}
