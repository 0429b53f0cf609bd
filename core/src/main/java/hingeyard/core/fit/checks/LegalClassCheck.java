package hingeyard.core.fit.checks;

import hingeyard.core.booking.LegalClass;
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
import hingeyard.core.rules.NumberRule;
import java.util.Optional;

/** Does the kit keep the class the rider asked for? A reminder, not advice: the local law's word stands above it. */
final class LegalClassCheck extends MeasuredCheck {

    LegalClassCheck() {
        super("legal-class", "Class asked for");
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().motorised();
    }

    @Override
    Optional<String> unsaid(FitCase c) {
        return c.kit().equipment().motor().isPresent() ? Optional.empty() : Optional.of("motor's rated power and cut-off speed");
    }

    private static Motor motor(FitCase c) {
        return c.kit().equipment().motor().orElseThrow();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Motor motor = motor(c);
        finding.kit(Leaf.of(Sentence.of("%d W, %d km/h", motor.ratedWatts(), motor.cutOffSpeed()),
                c.kit().equipment().throttle() ? "with throttle" : "no throttle"))
                .bike(Leaf.of(c.bike().need().legalClass().label()))
                .figure(Figure.published("Rated power", Amount.of(motor.ratedWatts(), "W"), c.kit().code()))
                .figure(Figure.published("Power ends at", Amount.of(motor.cutOffSpeed(), "km/h"), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        return switch (c.bike().need().legalClass()) {
            case OPEN -> finding.margin(Margin.said("not decided")).is(Verdict.FITS,
                    Sentence.of("No legal class was asked for. %s", LegalClass.REMINDER));
            case OFF_ROAD -> finding.margin(Margin.said("off-road only"))
                    .remedy(Remedy.consent(Sentence.of("Off-road only, not for public roads and paths. %s", LegalClass.REMINDER)))
                    .is(Verdict.TRADE_OFF, "Asked for off-road use only. What is allowed where it is ridden is decided by local law.");
            case CLASS_A -> inClass(c, finding, NumberRule.CLASS_A_POWER, NumberRule.CLASS_A_SPEED, false);
            case CLASS_B -> inClass(c, finding, NumberRule.CLASS_B_POWER, NumberRule.CLASS_B_SPEED, true);
        };
    }

    private static Finding inClass(FitCase c, Finding.Builder finding, NumberRule power, NumberRule speed, boolean throttle) {
        Motor motor = motor(c);
        finding.figure(c.rules().figure(power)).figure(c.rules().figure(speed)).figure(c.rules().figure(NumberRule.CLASS_WALK));
        if (motor.ratedWatts() > c.rules().number(power)) {
            return finding.margin(Margin.said(Sentence.of("%d of %s", motor.ratedWatts(), c.rules().text(power))))
                    .remedy(Remedy.otherKit(Sentence.of("Choose a kit rated up to %s.", c.rules().text(power))))
                    .is(Verdict.NO_FIT, Sentence.of("The motor is rated %d W and the class asked for ends at %s. %s", motor.ratedWatts(),
                            c.rules().text(power), LegalClass.REMINDER));
        }
        if (c.kit().equipment().throttle() && !throttle) {
            return finding.margin(Margin.said("throttle left off")).remedy(Remedy.consent("The throttle stays off and its plug is capped."))
                    .is(Verdict.TRADE_OFF, Sentence.of("The class asked for allows no throttle: leave it off. %s", LegalClass.REMINDER));
        }
        boolean slower = motor.cutOffSpeed() > c.rules().number(speed) || motor.walkSpeed() > c.rules().number(NumberRule.CLASS_WALK);
        if (slower) {
            return finding.margin(Margin.said("set down"))
                    .remedy(Remedy.work("electrics", 5,
                            Sentence.of("Set the speed limit to %s and walk assist to %s at most; note both on the settings sheet.",
                                    c.rules().text(speed), c.rules().text(NumberRule.CLASS_WALK))))
                    .is(Verdict.FITS_WITH, Sentence.of("As delivered the motor assists up to %s: set it to %s. %s",
                            Amount.of(motor.cutOffSpeed(), "km/h"), c.rules().text(speed), LegalClass.REMINDER));
        }
        return finding.margin(Margin.said("in class")).is(Verdict.FITS, Sentence.of("%d W and %s are inside the class asked for. %s",
                motor.ratedWatts(), Amount.of(motor.cutOffSpeed(), "km/h"), LegalClass.REMINDER));
    }
}
