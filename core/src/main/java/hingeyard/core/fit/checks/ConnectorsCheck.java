package hingeyard.core.fit.checks;

import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.Plug;
import hingeyard.core.rules.School;
import hingeyard.core.stock.DrawerPart;
import java.util.Optional;
import java.util.stream.Collectors;

/** How does the battery's plug come to the controller's? */
final class ConnectorsCheck extends MeasuredCheck {

    private static final int TERMINATION_MINUTES = 25;

    ConnectorsCheck() {
        super("connectors", "Supply plugs");
    }

    @Override
    public boolean concerns(Kit kit) {
        return BatteryBayCheck.bringsBattery(kit);
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.bike(Leaf.of(Sentence.of("battery: %s", c.kit().battery().plug().kind().label()), c.kit().battery().plug().text()))
                .kit(Leaf.of(Sentence.of("controller: %s", c.kit().controller().plug().kind().label()), c.kit().controller().plug().text()))
                .figure(Figure.published("Controller's limit", c.kit().controller().limit(), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Plug battery = c.kit().battery().plug();
        Plug controller = c.kit().controller().plug();
        boolean keyed = battery.kind().keyed() && controller.kind().keyed();
        String polarity = keyed ? "" : " A plug that goes together both ways gets a polarity step with the meter.";
        if (battery.mates(controller)) {
            return finding.margin(Margin.said("go together")).is(Verdict.FITS, Sentence.of("The two plugs go together: %s.%s", battery.kind().label(), polarity));
        }
        Optional<PlugPath.Path> path = c.rules().value(School.PLUG_MISMATCH).equals("terminate") ? Optional.empty()
                : PlugPath.find(battery, controller, c.drawers().usedAs("plug-adapter"), c.kit().controller().limit());
        if (path.isPresent()) {
            path.get().adapters().forEach(a -> finding.remedy(Needs.fromDrawer(a, 1, "plug-adapter")));
            boolean later = c.rules().value(School.PLUG_MISMATCH).startsWith("adapter-then");
            return finding.margin(Margin.said(path.get().adapters().size() + (path.get().adapters().size() == 1 ? " adapter" : " adapters")))
                    .figure(Figure.computed("Weakest of them", path.get().weakest(), "path of adapters"))
                    .is(Verdict.FITS_WITH, Sentence.of("From %s to %s by %s, good for %s.%s%s", battery.kind().label(), controller.kind().label(),
                            path.get().adapters().stream().map(DrawerPart::name).collect(Collectors.joining(", then ")), path.get().weakest(),
                            later ? " Once the conversion has proved itself the lead is re-terminated." : "", polarity));
        }
        return finding.margin(Margin.said("re-terminate")).remedy(Needs.buy(Sentence.of("Plug to match: %s", controller.counterpart()), 1, "plug"))
                .remedy(Remedy.work("electrics", TERMINATION_MINUTES, "Battery lead cut and re-terminated one wire at a time, crimped or soldered, shrunk; polarity by meter before it meets anything."))
                .is(Verdict.FITS_WITH, Sentence.of("No adapter at hand leads from %s to %s for %s: the lead is re-terminated.%s", battery.kind().label(), controller.kind().label(),
                        c.kit().controller().limit(), polarity));
    }
}
