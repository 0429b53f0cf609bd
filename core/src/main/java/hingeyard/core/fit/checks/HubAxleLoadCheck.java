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
import hingeyard.core.kit.Motor;
import hingeyard.core.quantity.Amount;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Words;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.School;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How hard do the axle's flats press on the dropouts at full torque, and how many torque arms does that ask for? {@link ArmPlan} chooses
 * them.
 */
final class HubAxleLoadCheck extends HubCheck {

    /** Places of a pressure so near what the dropout bears that fewer would put it on the other side. */
    private static final int FINEST = 2;

    HubAxleLoadCheck(WheelEnd end) {
        super(end, ended(end, "axle-load"), endTitle(end, "axle twist"), Stream.concat(Stream.of(end.plateThickness(), end.material()),
                end == WheelEnd.FRONT ? Stream.of(FrontMeasures.FORK_KIND) : Stream.empty()).toArray(Measure[]::new));
    }

    static Optional<String> unsaidMotor(FitCase c) {
        return c.kit().equipment().motor().isPresent() ? Optional.empty() : Optional.of("motor's peak torque and peak power");
    }

    @Override
    Optional<String> unsaid(FitCase c) {
        return unsaidMotor(c);
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Motor motor = c.kit().equipment().motor().orElseThrow();
        finding.kit(Leaf.of(Sentence.of("%s at the axle", motor.peakTorque()), Sentence.of("peak %s W", motor.peakWatts())))
                .figure(Figure.published("Peak torque", motor.peakTorque(), c.kit().code()))
                .figure(Figure.published("Peak power", Amount.of(motor.peakWatts(), "W"), c.kit().code()))
                .figure(Figure.published("Flat in the slot", hub(c).axle().flatLength(), c.kit().code()))
                .figure(Figure.shopRule("Torque-arm policy", new Words(c.rules().value(School.TORQUE_ARMS)), School.TORQUE_ARMS.key()));
        c.survey().length(end().slotDepth()).ifPresent(d -> finding.figure(measured(d)));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Motor motor = c.kit().equipment().motor().orElseThrow();
        Material material = c.survey().choice(end().material()).orElseThrow();
        Length plate = bike(c, finding, end().plateThickness()).value();
        ArmPlan plan = HubPlan.of(c, end()).arms();
        double pressing = ArmPlan.bearing(motor, plate, plan.pressed());
        NumberRule rule = ArmPlan.allowable(material);
        double bears = rule == null ? 0 : c.rules().number(rule);
        Amount pressure = Amount.beside(pressing, 0, FINEST, "N/mm²", bears);
        finding.figure(Figure.computed("Pressure at the flat's edge", pressure, "6·(T/2) / (t·L²)"));
        if (rule == null) {
            return finding.margin(Margin.said("never")).neverOverridden()
                    .remedy(Remedy.otherKit("Choose a mid-drive: these dropouts take no twist from a motor."))
                    .is(Verdict.NO_FIT, Sentence.of("Dropouts that are %s take no twist from a motor at all.", material.label()));
        }
        int arms = plan.wanted();
        finding.figure(c.rules().figure(rule))
                .margin(Margin.said(Sentence.of("%s of %s", pressure, c.rules().value(rule).toPlainString())));
        if (arms == 0) {
            return finding.is(Verdict.FITS,
                    Sentence.of("At full torque the flats press with %s; %s bears %s, and the shop's policy asks for no arm.", pressure,
                            material.label(), c.rules().text(rule)));
        }
        boolean over = pressing > bears;
        String why = HubPlan.sprung(c, end()) ? "the fork is sprung"
                : over ? "that is more than it bears" : "a lost wheel is the worst failure";
        return finding.remedies(plan.parts()).is(Verdict.FITS_WITH,
                Sentence.of("At full torque the flats press with %s and %s bears %s. Fit %s, because %s.", pressure, material.label(),
                        c.rules().text(rule), arms == 1 ? "a torque arm" : "two torque arms, one on each side", why));
    }
}
