package hingeyard.core.fit.checks;

import hingeyard.core.bike.FrontMeasures;
import hingeyard.core.bike.Material;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.Motor;
import hingeyard.core.quantity.Amount;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Words;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.School;
import java.util.List;
import java.util.stream.Stream;

/** How hard do the axle's flats press on the dropouts at full torque, and how many torque arms does that ask for? */
final class HubAxleLoadCheck extends HubCheck {

    HubAxleLoadCheck(WheelEnd end) {
        super(end, ended(end, "axle-load"), endTitle(end, "axle's twist"), Stream.concat(Stream.of(end.plateThickness(), end.material()),
                end == WheelEnd.FRONT ? Stream.of(FrontMeasures.FORK_KIND) : Stream.empty()).toArray(Measure[]::new));
    }

    @Override
    public boolean concerns(Kit kit) {
        return super.concerns(kit) && kit.equipment().motor().isPresent();
    }

    /** How many arms this case gets; none while something for it is not measured. */
    static int arms(FitCase c, WheelEnd end, Length plate) {
        Motor motor = c.kit().equipment().motor().orElseThrow();
        return c.survey().choice(end.material()).map(m -> HubPlan.of(c, end).armsWanted(motor, HubPlan.bearing(motor, plate, hub(c).axle().flatLength()), m)).orElse(0);
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Motor motor = c.kit().equipment().motor().orElseThrow();
        finding.kit(Leaf.of(Sentence.of("%s at the axle", motor.peakTorque()), Sentence.of("peak %s W", motor.peakWatts())))
                .figure(Figure.published("Peak torque", motor.peakTorque(), c.kit().code()))
                .figure(Figure.published("Peak power", Amount.of(motor.peakWatts(), "W"), c.kit().code()))
                .figure(Figure.published("Flat in the slot", hub(c).axle().flatLength(), c.kit().code()))
                .figure(Figure.shopRule("School of torque arms", new Words(c.rules().value(School.TORQUE_ARMS)), School.TORQUE_ARMS.key()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Motor motor = c.kit().equipment().motor().orElseThrow();
        Material material = c.survey().choice(end().material()).orElseThrow();
        Length plate = bike(c, finding, end().plateThickness()).value();
        Amount pressure = Amount.rounded(HubPlan.bearing(motor, plate, hub(c).axle().flatLength()), 0, "N/mm²");
        NumberRule rule = HubPlan.allowableRule(material);
        finding.figure(Figure.computed("Pressure at the flat's edge", pressure, "6·(T/2) / (t·L²)"));
        if (rule == null) {
            return finding.margin(Margin.said("never")).neverOverridden().remedy(Remedy.otherKit("A mid-drive: no motor's twist goes into these dropouts."))
                    .is(Verdict.NO_FIT, Sentence.of("Dropouts of %s take no motor's twist at all.", material.label()));
        }
        int arms = arms(c, end(), plate);
        finding.figure(c.rules().figure(rule)).margin(Margin.said(Sentence.of("%s of %s", pressure, c.rules().value(rule).toPlainString())));
        if (arms == 0) {
            return finding.is(Verdict.FITS, Sentence.of("At full torque the flats press with %s; %s bears %s, and the shop's school asks for no arm.", pressure, material.label(),
                    c.rules().text(rule)));
        }
        String why = HubPlan.of(c, end()).sprung() ? "the fork is sprung" : pressure.amount().compareTo(c.rules().value(rule)) > 0 ? "that is more than " + material.label() + " bears"
                : "a lost wheel is the worst failure";
        List<Remedy> remedies = HubPlan.of(c, end()).arms(arms);
        return finding.remedies(remedies).is(Verdict.FITS_WITH, Sentence.of("At full torque the flats press with %s on %s that bears %s: %s, because %s.", pressure, material.label(),
                c.rules().text(rule), arms == 1 ? "one torque arm" : "two torque arms", why));
    }
}
