package hingeyard.core.fit.checks;

import hingeyard.core.bike.Actuation;
import hingeyard.core.bike.CockpitMeasures;
import hingeyard.core.bike.YesNo;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.CutOff;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Words;
import java.util.Optional;

/** Does each brake lever stop the motor? */
final class BrakeCutOffCheck extends MeasuredCheck {

    BrakeCutOffCheck() {
        super("brake-cut-off", "Brake cut-off", CockpitMeasures.BRAKE_ACTUATION, CockpitMeasures.LEVERS_REPLACEABLE);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().motorised() || kit.equipment().cutOff().isPresent();
    }

    @Override
    Optional<String> unsaid(FitCase c) {
        return c.kit().equipment().cutOff().isEmpty() ? Optional.of(
                "how a pulled brake lever stops the motor" + (c.kit().equipment().throttle() ? ", which a throttle cannot do without" : ""))
                : Optional.empty();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(c.kit().equipment().cutOff().orElseThrow().label(),
                c.kit().equipment().throttle() ? "kit has a throttle" : "no throttle"));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Actuation brakes = c.survey().choice(CockpitMeasures.BRAKE_ACTUATION).orElseThrow();
        boolean replaceable = c.survey().choice(CockpitMeasures.LEVERS_REPLACEABLE).orElseThrow() == YesNo.YES;
        CutOff own = c.kit().equipment().cutOff().orElseThrow();
        finding.bike(Leaf.of(brakes.label(), replaceable ? "levers may be replaced" : "levers stay"))
                .figure(Figure.measured("Brakes pulled by", new Words(brakes.label()),
                        CockpitMeasures.BRAKE_ACTUATION.key()));
        if (works(own, brakes, replaceable)) {
            return finding.margin(Margin.said("both levers")).is(Verdict.FITS,
                    Sentence.of("The kit's %s suit these brakes: each lever alone stops the motor.", own.label()));
        }
        if (brakes == Actuation.COASTER || brakes == Actuation.NONE) {
            return without(c, finding, "there are not two hand levers that could carry a switch");
        }
        return finding.margin(Margin.said("other sensors"))
                .remedy(Needs.drawerOrBuy(c, "clip-on-cut-off", 2, p -> true, "cut-off-sensors", "Clip-on lever sensor with magnet")
                        .replacing("levers"))
                .remedy(Remedy.work("electrics", 15, "Fit clip-on sensors to both levers; each alone must stop the motor."))
                .is(Verdict.FITS_WITH, own == CutOff.NONE ? Sentence.plain("The kit brings no cut-off: fit clip-on sensors to both levers.")
                        : Sentence.of(
                                "The kit's %s do not suit %s brakes%s: fit clip-on sensors to both levers. Never mix oils or systems.",
                                own.label(), brakes.label(),
                                replaceable ? "" : " whose levers stay"));
    }

    private static boolean works(CutOff own, Actuation brakes, boolean replaceable) {
        return switch (own) {
            case NONE -> false;
            case CLIP_ON -> brakes != Actuation.COASTER && brakes != Actuation.NONE;
            case CABLE_LEVERS -> replaceable && (brakes == Actuation.CABLE || brakes == Actuation.DRUM);
            case MINERAL_LEVERS -> replaceable && brakes == Actuation.HYDRAULIC_MINERAL;
            case GLYCOL_LEVERS -> replaceable && brakes == Actuation.HYDRAULIC_DOT;
        };
    }

    private static Finding without(FitCase c, Finding.Builder finding, String why) {
        if (c.kit().equipment().throttle()) {
            return finding.margin(Margin.said("never")).neverOverridden()
                    .remedy(Remedy.otherKit("Choose a kit without a throttle, or fit hand brakes on both sides first."))
                    .is(Verdict.NO_FIT,
                            Sentence.of("A throttle is never fitted without a working cut-off on both levers, and here %s.", why));
        }
        return finding.margin(Margin.said("pedals only"))
                .remedy(Remedy.consent("The motor stops when pedalling stops, not at a brake lever."))
                .is(Verdict.TRADE_OFF, Sentence.of("There is no throttle, but %s: the motor stops only when pedalling stops.", why));
    }
}
