package hingeyard.core.fit.checks;

import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.BrakeKind;
import hingeyard.core.bike.CogKind;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.OtherBrake;
import hingeyard.core.bike.RearMeasures;
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
import java.util.List;

/**
 * Does the rear brake outlive a drive that freewheels backwards? A coaster brake or a fixed cog works through the chain, and such a drive
 * does not turn it back.
 */
final class RearBrakeCheck extends MeasuredCheck {

    private static final int FITTING_MINUTES = 60;

    RearBrakeCheck() {
        super("rear-brake", "Rear brake", RearMeasures.BRAKE_KIND, RearMeasures.COG_KIND, RearMeasures.OTHER_BRAKE);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().throughThePedals();
    }

    /** A bare frame has no brake yet; only what is lost asks for another. */
    @Override
    List<Measure> needed(FitCase c) {
        if (bare(c)) {
            return List.of();
        }
        boolean lost = !c.kit().drive().turnsBackwards() && (is(c, BrakeKind.COASTER) || fixed(c) && is(c, BrakeKind.NONE));
        return lost ? needs() : List.of(RearMeasures.BRAKE_KIND, RearMeasures.COG_KIND);
    }

    private static boolean is(FitCase c, BrakeKind kind) {
        return c.survey().choice(RearMeasures.BRAKE_KIND).filter(b -> b == kind).isPresent();
    }

    /** A frame without a wheel; one whose brake somebody has looked at is a bike. */
    private static boolean bare(FitCase c) {
        return c.bike().kind() == BikeKind.BARE_FRAME && c.survey().choice(RearMeasures.BRAKE_KIND).isEmpty();
    }

    private static boolean fixed(FitCase c) {
        return c.survey().choice(RearMeasures.COG_KIND).filter(k -> k == CogKind.FIXED).isPresent();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(c.kit().drive().turnsBackwards() ? "coaster version" : "freewheels backwards"));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        if (bare(c)) {
            return finding.bike(Leaf.of("bare frame")).margin(Margin.said("to be fitted")).is(Verdict.FITS,
                    "A bare frame has no brake yet: build it up with a hand brake at the rear.");
        }
        BrakeKind brake = c.survey().choice(RearMeasures.BRAKE_KIND).orElseThrow();
        finding.bike(Leaf.of(brake.label())).figure(Figure.measured("Rear brake", new Words(brake.label()), RearMeasures.BRAKE_KIND.key()));
        if (c.kit().drive().turnsBackwards()) {
            return finding.margin(Margin.said("kept")).is(Verdict.FITS, "This is the coaster version: back-pedalling still brakes.");
        }
        if (brake == BrakeKind.COASTER || fixed(c) && brake == BrakeKind.NONE) {
            return lost(c, finding, brake);
        }
        if (fixed(c)) {
            return finding.margin(Margin.said("no longer fixed"))
                    .remedy(Remedy
                            .consent("The cog is no longer fixed to the pedals: the bike freewheels and cannot be slowed by the legs."))
                    .is(Verdict.TRADE_OFF,
                            "The drive freewheels backwards, so the fixed cog no longer turns the pedals; the hand brake stays.");
        }
        return finding.margin(Margin.said("stays")).is(Verdict.FITS,
                brake == BrakeKind.NONE ? "There is no rear brake for the drive to take away."
                        : Sentence.of("The rear brake (%s) works as before.", brake.label()));
    }

    private static Finding lost(FitCase c, Finding.Builder finding, BrakeKind brake) {
        String what = brake == BrakeKind.COASTER ? "coaster brake" : "fixed cog, the only rear brake,";
        OtherBrake other = c.survey().choice(RearMeasures.OTHER_BRAKE).orElseThrow();
        finding.figure(Figure.measured("Another rear brake", new Words(other.label()), RearMeasures.OTHER_BRAKE.key()));
        return switch (other) {
            case FITTED -> finding.margin(Margin.said("hand brake stays"))
                    .remedy(Remedy.consent("Back-pedalling no longer brakes; only the hand lever does."))
                    .is(Verdict.TRADE_OFF,
                            Sentence.of("The drive freewheels backwards, so the %s is lost; the hand brake at the rear stays.", what));
            case MOUNTS -> finding.margin(Margin.said("needs a hand brake"))
                    .remedy(Needs.drawerOrBuy(c, "rear-brake-set", 1, p -> true, "rear-brake", "Rear rim brake with lever, cable and pads"))
                    .remedy(Remedy.work("brakes and hydraulics", FITTING_MINUTES,
                            "Fit the rear rim brake, set the pads wholly on the braking track and test it before the drive is powered."))
                    .remedy(Remedy.consent("Back-pedalling no longer brakes; only the new hand lever does."))
                    .is(Verdict.TRADE_OFF, Sentence
                            .of("The drive freewheels backwards, so the %s is lost: a rear rim brake goes on its mounts first.", what));
            case NONE -> finding.margin(Margin.said("brake lost")).neverOverridden()
                    .remedy(Remedy
                            .otherKit("Choose the kit's coaster version, a front hub kit, or a frame with mounts for another rear brake."))
                    .is(Verdict.NO_FIT, Sentence.of(
                            "The drive freewheels backwards: the %s would no longer work, and there is no mount for another rear brake.",
                            what));
        };
    }
}
