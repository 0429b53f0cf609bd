package hingeyard.core.fit.checks;

import hingeyard.core.bench.CellCharge;
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
import hingeyard.core.quantity.Amount;
import hingeyard.core.quantity.Voltage;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.School;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Does the controller take this battery, also when it is fully charged, and does it use it up? A second battery's combiner has its own
 * check.
 */
final class ControllerVoltageCheck implements FitCheck {

    /** A battery of which more than this lies idle is another controller's. */
    private static final double IDLE_MOST = 50;
    private static final double MILLI = 1000;

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
        return BatteryBayCheck.bringsBattery(kit) && !kit.controller().combiner();
    }

    @Override
    public List<Measure> needs() {
        return List.of();
    }

    @Override
    public Finding assess(FitCase c) {
        Battery battery = c.kit().battery();
        Controller controller = c.kit().controller();
        boolean rated = controller.rated().contains(battery.soldAs());
        Sentence ratedFor = Sentence.later(units -> controller.rated().stream().map(Voltage::text).collect(Collectors.joining(", ")));
        Finding.Builder finding = finding()
                .bike(Leaf.of(battery.soldAs(), Sentence.of("%d in series, full %s", battery.cellsInSeries(), battery.full())))
                .kit(Leaf.of(Sentence.of("rated %s", ratedFor), Sentence.of("never above %s", controller.maximumInput())))
                .margin(Margin.spare(controller.maximumInput().minus(battery.full())))
                .figure(Figure.computed("Nominal voltage", battery.nominal(), "3.6 V × cells in series"))
                .figure(Figure.computed("Fully charged", battery.full(), "4.2 V × cells in series"))
                .figure(Figure.published("Controller's maximum input", controller.maximumInput(), c.kit().code()))
                .figure(Figure.published("Controller's low cut-off", controller.lowCutOff(), c.kit().code()))
                .figure(Figure.published("Battery's own cut-off", battery.cutOff(), battery.code()));
        if (battery.full().isMoreThan(controller.maximumInput())) {
            return finding.neverOverridden().remedy(Remedy.otherKit("Choose a battery with fewer cells in series."))
                    .is(Verdict.NO_FIT, Sentence.of("Fully charged the battery gives %s, more than the %s the controller may ever see.",
                            battery.full(), controller.maximumInput()));
        }
        if (!rated && c.rules().value(School.ABOVE_RATED).equals("never")) {
            return finding.remedy(Remedy.otherKit(Sentence.of("Choose a battery the controller is rated for: %s.", ratedFor)))
                    .is(Verdict.NO_FIT, Sentence.of("The controller is rated for %s, not for %s, and this shop goes by the rating.",
                            ratedFor, battery.soldAs()));
        }
        return used(c, finding, battery, controller, rated, ratedFor);
    }

    /** What of the pack lies below the controller's cut-off and above its own. */
    private static Finding used(FitCase c, Finding.Builder finding, Battery battery, Controller controller, boolean rated,
            Sentence ratedFor) {
        double idle = Math.max(0, charge(controller.lowCutOff(), battery) - charge(battery.cutOff(), battery));
        Amount share = Amount.rounded(idle, 0, "%");
        boolean said = idle >= 1;
        Sentence unused = said
                ? Sentence.of(" The controller stops at %s, with %s of the charge still in the battery.", controller.lowCutOff(), share)
                : Sentence.plain("");
        if (said) {
            finding.figure(Figure.computed("Charge that cannot be used", share, "charge of a cell at the cut-off"))
                    .figure(c.rules().figure(NumberRule.BATTERY_UNUSED));
        }
        if (idle > IDLE_MOST) {
            return finding.remedy(Remedy.otherKit("Choose a battery with more cells in series, or a controller with a lower cut-off."))
                    .is(Verdict.NO_FIT, Sentence.of("The controller stops at %s and leaves %s of this battery's charge unused.",
                            controller.lowCutOff(), share));
        }
        boolean much = idle > c.rules().number(NumberRule.BATTERY_UNUSED);
        if (much) {
            finding.remedy(
                    Remedy.consent(Sentence.of("%s of the battery's charge cannot be used: the range is that much shorter.", share)));
        }
        if (!rated) {
            return finding
                    .remedy(Remedy.consent(Sentence.of("Battery of %s on a controller rated %s: the service manager signs off.",
                            battery.soldAs(), ratedFor)))
                    .is(Verdict.TRADE_OFF, Sentence.of("The controller is rated for %s, not for %s, but may see the full %s.%s", ratedFor,
                            battery.soldAs(), battery.full(), unused));
        }
        if (much) {
            return finding.is(Verdict.TRADE_OFF, Sentence.of("The controller is rated for %s.%s", battery.soldAs(), unused));
        }
        if (battery.cutOff().isMoreThan(controller.lowCutOff())) {
            return finding
                    .remedy(Remedy.work("electrics", 5,
                            "Note on the settings sheet: the battery switches off before the gauge reads empty."))
                    .is(Verdict.FITS_WITH, Sentence.of(
                            "The battery switches itself off at %s, before the controller does at %s: the ride ends without warning.",
                            battery.cutOff(), controller.lowCutOff()));
        }
        return finding.is(Verdict.FITS,
                Sentence.of("The controller is rated for %s; fully charged the battery gives %s of the %s it may see.%s", battery.soldAs(),
                        battery.full(), controller.maximumInput(), unused));
    }

    private static double charge(Voltage at, Battery battery) {
        return CellCharge.percentAt(at.millivolts() / MILLI / battery.cellsInSeries());
    }
}
