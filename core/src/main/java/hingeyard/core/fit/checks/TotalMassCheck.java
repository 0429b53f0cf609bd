package hingeyard.core.fit.checks;

import hingeyard.core.bike.WholeMeasures;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Amount;
import hingeyard.core.quantity.Mass;
import java.util.Optional;

/** Does bike, kit, rider and load stay under what the frame is permitted? */
final class TotalMassCheck extends MeasuredCheck {

    TotalMassCheck() {
        super("total-mass", "Total mass", WholeMeasures.MASS, WholeMeasures.PERMITTED_MASS);
    }

    private static final double PER_CENT = 100;

    @Override
    public boolean concerns(Kit kit) {
        return kit.equipment().mass().isMoreThan(Mass.ZERO);
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Mass kit = c.kit().addedMass();
        finding.kit(Leaf.of(Sentence.of("adds %s", kit), Sentence.of("battery of %s", c.kit().battery().mass())))
                .figure(Figure.published("Kit with battery", kit, c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Mass bike = new Mass(c.survey().number(WholeMeasures.MASS).orElseThrow());
        Mass permitted = new Mass(c.survey().number(WholeMeasures.PERMITTED_MASS).orElseThrow());
        Optional<Mass> rider = c.bike().need().amount(NeedAmount.RIDER).map(Mass::new);
        Mass cargo = c.bike().need().amount(NeedAmount.CARGO).map(Mass::new).orElse(Mass.ZERO);
        Mass left = permitted.minus(bike).minus(c.kit().addedMass()).minus(cargo);
        finding.bike(Leaf.of(permitted, Sentence.of("permitted, bike %s", bike)))
                .figure(Figure.measured("Bike", bike, WholeMeasures.MASS.key()))
                .figure(Figure.measured("Permitted", permitted, WholeMeasures.PERMITTED_MASS.key()));
        if (rider.isEmpty()) {
            return left.isMoreThan(Mass.ZERO)
                    ? finding.margin(Margin.said(Sentence.of("%s left", left.told()))).is(Verdict.FITS,
                            Sentence.of("With the kit and its load, %s is left for the rider, whose mass is not known.", left.told()))
                    : tooMuch(finding, left);
        }
        Mass spare = left.minus(rider.get());
        finding.margin(Margin.spare(spare)).figure(Figure.computed("Rider and load", rider.get().plus(cargo), "the rider's need"));
        if (spare.grams() < 0) {
            return tooMuch(finding, spare);
        }
        Sentence all = Sentence.of("Bike, kit, rider and load come to %s of the %s permitted", permitted.minus(spare).told(), permitted);
        return AxleShare.of(c, bike, rider.get(), cargo).map(share -> Amount.rounded(share * PER_CENT, 0, "%"))
                .map(share -> finding.figure(Figure.computed("On the front wheel, about", share, AxleShare.HOW)).is(Verdict.FITS,
                        Sentence.of("%s, about %s of it on the front wheel.", all, share)))
                .orElseGet(() -> finding.is(Verdict.FITS, Sentence.of("%s.", all)));
    }

    private static Finding tooMuch(Finding.Builder finding, Mass spare) {
        return finding.margin(Margin.spare(spare)).neverOverridden()
                .remedy(Remedy.otherKit("Choose a lighter kit or battery, or carry less: the frame is permitted for no more."))
                .is(Verdict.NO_FIT,
                        Sentence.of("Bike, kit, rider and load are %s over what the frame is permitted.", new Mass(-spare.grams()).told()));
    }
}
