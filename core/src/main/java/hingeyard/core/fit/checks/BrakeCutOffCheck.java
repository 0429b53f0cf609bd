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

/** Does each brake lever stop the motor? */
final class BrakeCutOffCheck extends MeasuredCheck {

    BrakeCutOffCheck() {
        super("brake-cut-off", "Brake cut-off", CockpitMeasures.BRAKE_ACTUATION, CockpitMeasures.LEVERS_REPLACEABLE);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.equipment().cutOff().isPresent();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(c.kit().equipment().cutOff().orElseThrow().label(), c.kit().equipment().throttle() ? "kit has a throttle" : "no throttle"));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Actuation brakes = c.survey().choice(CockpitMeasures.BRAKE_ACTUATION).orElseThrow();
        boolean replaceable = c.survey().choice(CockpitMeasures.LEVERS_REPLACEABLE).orElseThrow() == YesNo.YES;
        CutOff own = c.kit().equipment().cutOff().orElseThrow();
        finding.bike(Leaf.of(brakes.label(), replaceable ? "levers may be replaced" : "levers stay")).figure(Figure.measured("Brakes pulled by", new Words(brakes.label()),
                CockpitMeasures.BRAKE_ACTUATION.key()));
        if (works(own, brakes, replaceable)) {
            return finding.margin(Margin.said("both levers")).is(Verdict.FITS, Sentence.of("The kit's %s suit these brakes: each lever alone stops the motor.", own.label()));
        }
        if (brakes == Actuation.COASTER || brakes == Actuation.NONE) {
            return without(c, finding, "no lever on both sides could carry a switch");
        }
        return finding.margin(Margin.said("other sensors"))
                .remedy(Needs.drawerOrBuy(c, "clip-on-cut-off", 2, p -> true, "cut-off-sensors", "Clip-on lever sensor with magnet"))
                .remedy(Remedy.work("electrics", 15, "Clip-on sensors fitted to both levers; each alone must stop the motor."))
                .is(own == CutOff.NONE && !c.kit().equipment().throttle() ? Verdict.FITS_WITH : Verdict.FITS_WITH,
                        Sentence.of("%s do not suit %s brakes%s: clip-on sensors on both levers do; oils and systems are never mixed.", capital(own), brakes.label(),
                                replaceable ? "" : " whose levers stay"));
    }

    private static String capital(CutOff own) {
        return own == CutOff.NONE ? "The kit brings no cut-off, and bare levers" : "The kit's " + own.label();
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
            return finding.margin(Margin.said("never")).neverOverridden().remedy(Remedy.otherKit("A kit without a throttle, or hand brakes on both sides first."))
                    .is(Verdict.NO_FIT, Sentence.of("A throttle without a working cut-off on both levers is never fitted, and here %s.", why));
        }
        return finding.margin(Margin.said("pedals only")).remedy(Remedy.consent("The motor stops when the pedals stop, not at a lever."))
                .is(Verdict.TRADE_OFF, Sentence.of("There is no throttle, but %s: the motor stops by the pedals only.", why));
    }
}
