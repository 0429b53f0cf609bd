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
import hingeyard.core.kit.Plug;
import hingeyard.core.rules.School;
import hingeyard.core.stock.DrawerPart;
import java.util.Optional;
import java.util.stream.Collectors;

/** How does the battery's plug come to the controller's? */
final class ConnectorsCheck extends SupplyCheck {

    private static final int TERMINATION_MINUTES = 25;

    ConnectorsCheck() {
        super("connectors", "Supply plugs", WholeMeasures.CONTROLLER_AMPERES);
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
        SupplyPath way = SupplyPath.of(c);
        if (way.direct()) {
            return finding.margin(Margin.said("plugs mate")).is(Verdict.FITS,
                    Sentence.of("The two plugs mate: %s.", battery.kind().label()));
        }
        if (way.path().isPresent()) {
            PlugPath.Path path = way.path().get();
            path.adapters().forEach(a -> finding.remedy(Needs.fromDrawer(a, 1, "plug-adapter")));
            boolean later = c.rules().value(School.PLUG_MISMATCH).startsWith("adapter-then");
            return finding.margin(Margin.said(path.adapters().size() + (path.adapters().size() == 1 ? " adapter" : " adapters")))
                    .figure(Figure.computed("Weakest of them", path.weakest(), "path of adapters"))
                    .is(Verdict.FITS_WITH,
                            Sentence.of("Connect %s to %s with %s, good for %s.%s", battery.kind().label(), controller.kind().label(),
                                    path.adapters().stream().map(DrawerPart::name).collect(Collectors.joining(", then ")), path.weakest(),
                                    later ? " Once the conversion has proved itself, re-terminate the lead." : ""));
        }
        return finding.margin(Margin.said("re-terminate"))
                .remedy(Needs.buy(Sentence.of("Plug to match: %s", controller.counterpart().text()), 1, "plug"))
                .remedy(Remedy.work("electrics", TERMINATION_MINUTES,
                        "Cut and re-terminate the battery lead one wire at a time, crimped or soldered, shrunk; check the polarity with the meter before anything is joined."))
                .is(Verdict.FITS_WITH, Sentence.of("No adapter in the drawers leads from %s to %s for %s: re-terminate the lead.",
                        battery.kind().label(), controller.kind().label(), Draw.of(c)));
    }
}
