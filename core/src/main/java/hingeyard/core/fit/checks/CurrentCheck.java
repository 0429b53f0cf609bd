package hingeyard.core.fit.checks;

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
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Current;

/** Do battery and plugs carry what the controller draws? */
final class CurrentCheck extends MeasuredCheck {

    CurrentCheck() {
        super("current", "Current");
    }

    @Override
    public boolean concerns(Kit kit) {
        return BatteryBayCheck.bringsBattery(kit);
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Controller controller = c.kit().controller();
        finding.kit(Leaf.of(Sentence.of("draws up to %s", controller.limit()), controller.settableTo().map(s -> "settable down to " + s).orElse("not settable")))
                .bike(Leaf.of(Sentence.of("%s continuous", c.kit().battery().continuous()), c.kit().battery().name()))
                .figure(Figure.published("Controller's limit", controller.limit(), c.kit().code()))
                .figure(Figure.published("Battery, continuous", c.kit().battery().continuous(), c.kit().battery().code()))
                .figure(Figure.published("Battery's plug", c.kit().battery().plug().rating(), c.kit().battery().code()))
                .figure(Figure.published("Controller's plug", controller.plug().rating(), c.kit().code()));
        controller.fuse().ifPresent(f -> finding.figure(Figure.published("Weakest fuse or switch", f, c.kit().code())));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Controller controller = c.kit().controller();
        Battery battery = c.kit().battery();
        Current plugs = battery.plug().rating().min(controller.plug().rating());
        Current weakest = battery.continuous().min(plugs).min(controller.fuse().orElse(plugs));
        String which = weakest.equals(battery.continuous()) ? "the battery" : weakest.equals(plugs) ? "a plug" : "a fuse or switch";
        finding.margin(Margin.spare(weakest.minus(controller.limit())));
        if (!weakest.isLessThan(controller.limit())) {
            return finding.is(Verdict.FITS, Sentence.of("The controller draws up to %s; battery, plugs and fuses carry %s.", controller.limit(), weakest));
        }
        if (controller.settableTo().filter(s -> !weakest.isLessThan(s)).isPresent()) {
            return finding.remedy(Remedy.work("electrics", 5, Sentence.of("Set the current limit to %s; note it on the settings sheet.", weakest)))
                    .remedy(Remedy.consent(Sentence.of("The drive pulls less than it could: limit %s.", weakest)))
                    .is(Verdict.TRADE_OFF, Sentence.of("The controller draws up to %s and %s carries %s: the limit is set down.", controller.limit(), which, weakest));
        }
        return finding.neverOverridden().remedy(Remedy.otherKit(Sentence.of("A battery with at least %s continuous and plugs to match.", controller.limit())))
                .is(Verdict.NO_FIT, Sentence.of("The controller draws up to %s, %s carries %s, and the limit cannot be set that low.", controller.limit(), which, weakest));
    }
}
