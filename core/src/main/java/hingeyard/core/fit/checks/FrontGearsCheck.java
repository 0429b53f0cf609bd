package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.YesNo;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Words;

/** What becomes of the front gears? A motor in the bottom bracket has one chainring. */
final class FrontGearsCheck extends MeasuredCheck {

    private static final int MINUTES = 15;

    FrontGearsCheck() {
        super("front-gears", "Front gears", BracketMeasures.FRONT_DERAILLEUR);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().bracket().isPresent();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of("one chainring"));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        boolean there = c.survey().choice(BracketMeasures.FRONT_DERAILLEUR).orElseThrow() == YesNo.YES;
        finding.bike(Leaf.of(there ? "front derailleur" : "no front derailleur"))
                .figure(Figure.measured("Front derailleur", new Words(there ? "yes" : "no"), BracketMeasures.FRONT_DERAILLEUR.key()));
        if (!there) {
            return finding.margin(Margin.said("none to lose")).is(Verdict.FITS,
                    "The bike has no front derailleur: no gear is lost at the front.");
        }
        return finding.margin(Margin.said("given up"))
                .remedy(Remedy.work("general", MINUTES,
                        "Take off the front derailleur, its shifter and its cable; bag and label them to hand back."))
                .remedy(Remedy.consent("The front gears are given up: the motor has one chainring."))
                .is(Verdict.TRADE_OFF,
                        "The motor has one chainring: the front gears are given up, and derailleur, shifter and cable are handed back.");
    }
}
