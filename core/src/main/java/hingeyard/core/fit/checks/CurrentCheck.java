package hingeyard.core.fit.checks;

import hingeyard.core.bike.WholeMeasures;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.Controller;
import hingeyard.core.quantity.Current;

/** Do battery, plugs, fuses and combiner carry what the controller draws? A combiner's rating is what it carries, not what is drawn. */
final class CurrentCheck extends SupplyCheck {

    CurrentCheck() {
        super("current", "Current", WholeMeasures.CONTROLLER_AMPERES);
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Controller controller = c.kit().controller();
        finding.kit(controller.combiner() ? Leaf.of(Sentence.of("combiner for %s", controller.limit()), c.kit().battery().name())
                : Leaf.of(Sentence.of("draws up to %s", controller.limit()),
                        controller.settableTo().map(s -> Sentence.of("can be limited to %s", s)).orElse(Sentence.plain("fixed"))))
                .bike(Leaf.of(Sentence.of("%s continuous", c.kit().battery().continuous()), c.kit().battery().name()))
                .figure(Figure.published(controller.combiner() ? "Combiner's rating" : "Controller's limit", controller.limit(),
                        c.kit().code()))
                .figure(Figure.published("Battery, continuous", c.kit().battery().continuous(), c.kit().battery().code()))
                .figure(Figure.published("Battery's plug", c.kit().battery().plug().rating(), c.kit().battery().code()))
                .figure(Figure.published(controller.combiner() ? "Combiner's plug" : "Controller's plug", controller.plug().rating(),
                        c.kit().code()));
        controller.fuse().ifPresent(f -> finding.figure(Figure.published("Weakest fuse or switch", f, c.kit().code())));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Controller controller = c.kit().controller();
        Battery battery = c.kit().battery();
        Current draw = Draw.of(c);
        Current plugs = battery.plug().rating().min(controller.plug().rating());
        Current joint = controller.combiner() ? controller.limit() : plugs;
        Current weakest = battery.continuous().min(plugs).min(joint).min(controller.fuse().orElse(plugs));
        String which = weakest.equals(battery.continuous()) ? "the battery"
                : weakest.equals(plugs) ? "a plug" : weakest.equals(joint) ? "the combiner" : "a fuse or switch";
        finding.margin(Margin.spare(weakest.minus(draw)));
        if (controller.combiner()) {
            finding.figure(Figure.measured("Controller on the bike draws up to", draw, WholeMeasures.CONTROLLER_AMPERES.key()));
        }
        if (!weakest.isLessThan(draw)) {
            return finding.is(Verdict.FITS, controller.combiner()
                    ? Sentence.of("The controller on the bike draws up to %s; either battery alone, the plugs and the combiner carry %s.",
                            draw, weakest)
                    : Sentence.of("The controller draws up to %s; battery, plugs and fuses carry %s.", draw, weakest));
        }
        if (!controller.combiner() && controller.settableTo().filter(s -> !weakest.isLessThan(s)).isPresent()) {
            return finding
                    .remedy(Remedy.work("electrics", 5,
                            Sentence.of("Set the current limit to %s and note it on the settings sheet.", weakest)))
                    .remedy(Remedy.consent(Sentence.of("The drive pulls less than it could: its limit is %s.", weakest)))
                    .is(Verdict.TRADE_OFF, Sentence.of("The controller draws up to %s and %s carries %s: the current limit is set down.",
                            draw, which, weakest));
        }
        return finding.neverOverridden()
                .remedy(Remedy.otherKit(Sentence.of("Choose a battery with at least %s continuous, and plugs to match.", draw)))
                .is(Verdict.NO_FIT, Sentence.of("The controller draws up to %s and %s carries only %s.", draw, which, weakest));
    }
}
