package hingeyard.core.fit.checks;

import hingeyard.core.bike.Measure;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitCheck;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.Controller;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Voltage;
import hingeyard.core.rules.School;
import java.util.List;
import java.util.stream.Collectors;

/** Does the controller take this battery, also when it is fully charged? */
final class ControllerVoltageCheck implements FitCheck {

    @Override
    public String id() {
        return "controller-voltage";
    }

    @Override
    public String title() {
        return "Voltage";
    }

    @Override
    public boolean concerns(Kit kit) {
        return BatteryBayCheck.bringsBattery(kit);
    }

    @Override
    public List<Measure> needs() {
        return List.of();
    }

    @Override
    public Finding assess(FitCase c) {
        Battery battery = c.kit().battery();
        Controller controller = c.kit().controller();
        Voltage spare = controller.maximumInput().minus(battery.full());
        boolean rated = controller.rated().contains(battery.soldAs());
        String ratedFor = controller.rated().stream().map(Voltage::text).collect(Collectors.joining(", "));
        Finding.Builder finding = finding()
                .bike(Leaf.of(battery.soldAs(), Sentence.of("%d in series, full %s", battery.cellsInSeries(), battery.full())))
                .kit(Leaf.of(Sentence.of("rated %s", ratedFor), Sentence.of("never above %s", controller.maximumInput())))
                .margin(Margin.spare(spare))
                .figure(Figure.computed("Nominal voltage", battery.nominal(), "3.6 V × cells in series"))
                .figure(Figure.computed("Fully charged", battery.full(), "4.2 V × cells in series"))
                .figure(Figure.published("Controller's maximum input", controller.maximumInput(), c.kit().code()))
                .figure(Figure.published("Controller's low cut-off", controller.lowCutOff(), c.kit().code()))
                .figure(Figure.published("Battery's own cut-off", battery.cutOff(), battery.code()));
        if (battery.full().isMoreThan(controller.maximumInput())) {
            return finding.neverOverridden().remedy(Remedy.otherKit("A battery with fewer cells in series."))
                    .is(Verdict.NO_FIT, Sentence.of("Fully charged the battery gives %s, more than the %s the controller may ever see.", battery.full(), controller.maximumInput()));
        }
        if (!rated && c.rules().value(School.ABOVE_RATED).equals("never")) {
            return finding.remedy(Remedy.otherKit(Sentence.of("A battery the controller is rated for: %s.", ratedFor)))
                    .is(Verdict.NO_FIT, Sentence.of("The controller is rated for %s, not for %s, and this shop goes by the rating.", ratedFor, battery.soldAs()));
        }
        if (!rated) {
            return finding.remedy(Remedy.consent(Sentence.of("Battery of %s on a controller rated %s: the manager signs off.", battery.soldAs(), ratedFor)))
                    .is(Verdict.TRADE_OFF, Sentence.of("The controller is rated for %s, not for %s, but stands the full %s.", ratedFor, battery.soldAs(), battery.full()));
        }
        Voltage early = controller.lowCutOff().minus(battery.cutOff());
        if (early.millivolts() < 0) {
            return finding.remedy(Remedy.work("electrics", 5, "Note on the settings sheet: the pack switches off before the gauge is empty."))
                    .is(Verdict.FITS_WITH, Sentence.of("The pack switches itself off at %s, before the controller does at %s: it ends without warning.", battery.cutOff(), controller.lowCutOff()));
        }
        return finding.is(Verdict.FITS, Sentence.of("The controller is rated for %s; fully charged the battery gives %s of the %s it stands.", battery.soldAs(), battery.full(), controller.maximumInput()));
    }
}
