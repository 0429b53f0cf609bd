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
import hingeyard.core.kit.Wire;
import hingeyard.core.quantity.Amount;
import hingeyard.core.quantity.Current;
import hingeyard.core.rules.NumberRule;

/** Is the supply lead thick enough? Drop = 2·l·I·r, there and back. */
final class SupplyWireCheck extends SupplyCheck {

    SupplyWireCheck() {
        super("supply-wire", "Supply lead", WholeMeasures.CONTROLLER_AMPERES);
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Wire wire = c.kit().controller().supply();
        finding.kit(Leaf.of(Sentence.of("AWG %s", wire.gauge()), Sentence.of("%s one way", wire.length())))
                .bike(Leaf.of(Sentence.of("battery of %s", c.kit().battery().nominal())))
                .figure(Figure.published("Supply lead, one way", wire.length(), c.kit().code()))
                .figure(c.rules().figure(NumberRule.WIRE_DROP))
                .figure(Figure.limit("Screening current of AWG " + wire.gauge(), wire.carries(), "wire table"));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Wire wire = c.kit().controller().supply();
        Current limit = Draw.of(c);
        double nominal = c.kit().battery().nominal().millivolts() / 1000.0;
        double most = nominal * c.rules().number(NumberRule.WIRE_DROP) / 100;
        double drop = wire.dropAt(limit);
        Amount percent = Amount.rounded(100 * drop / nominal, 1, "%");
        finding.margin(Margin.said(Sentence.of("%s of %s", percent, c.rules().text(NumberRule.WIRE_DROP))))
                .figure(Figure.computed("Voltage lost", Amount.rounded(drop, 2, "V"), "2·l·I·r"));
        if (drop <= most && !wire.carries().isLessThan(limit)) {
            return finding.is(Verdict.FITS,
                    Sentence.of("At %s the supply lead loses %s of the voltage; it is good for %s.", limit, percent, wire.carries()));
        }
        int gauge = wire.gaugeFor(limit, most);
        return finding
                .remedy(Needs.drawerOrBuy(c, "supply-lead-" + gauge, 1, p -> true, "supply-lead",
                        Sentence.of("Supply lead AWG %d, %s", gauge, wire.length())))
                .remedy(Remedy.work("electrics", 20, "Fit the thicker supply lead with its plugs crimped or soldered and shrunk."))
                .is(Verdict.FITS_WITH, Sentence.of("At %s a lead of AWG %d loses %s and is good for %s only: fit AWG %d.", limit,
                        wire.gauge(), percent, wire.carries(), gauge));
    }
}
