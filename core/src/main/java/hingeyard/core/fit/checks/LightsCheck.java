package hingeyard.core.fit.checks;

import hingeyard.core.bike.Lamps;
import hingeyard.core.bike.WholeMeasures;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Controller;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Voltage;
import hingeyard.core.quantity.Words;

/** Can the lamps live on the controller's light output? */
final class LightsCheck extends MeasuredCheck {

    LightsCheck() {
        super("lights", "Lights", WholeMeasures.LAMPS);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.controller().lights().isPresent();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Controller.LightOutput out = c.kit().controller().lights().orElseThrow();
        finding.kit(Leaf.of(out.voltage(), Sentence.of("up to %s", out.most()))).figure(Figure.published("Light output", out.voltage(), c.kit().code()))
                .figure(Figure.published("It gives up to", out.most(), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Lamps lamps = c.survey().choice(WholeMeasures.LAMPS).orElseThrow();
        Voltage out = c.kit().controller().lights().orElseThrow().voltage();
        finding.bike(Leaf.of(lamps.label())).figure(Figure.measured("Lamps live on", new Words(lamps.label()), WholeMeasures.LAMPS.key()));
        if (lamps != Lamps.SIX_VOLTS && lamps != Lamps.TWELVE_VOLTS) {
            return finding.margin(Margin.said("stay as they are")).is(Verdict.FITS, Sentence.of("Lamps: %s. They stay as they are; the light output is capped.", lamps.label()));
        }
        Voltage wanted = Voltage.ofMillivolts(lamps == Lamps.SIX_VOLTS ? 6000 : 12_000);
        if (wanted.equals(out)) {
            return finding.margin(Margin.said("same voltage")).is(Verdict.FITS, Sentence.of("Lamps and light output are both %s; plus and minus by meter.", out));
        }
        return finding.margin(Margin.said("converter")).remedy(Needs.drawerOrBuy(c, "light-converter", 1, p -> true, "light-converter", Sentence.of("Converter from %s to %s", out, wanted)))
                .is(Verdict.FITS_WITH, Sentence.of("The lamps want %s, the controller gives %s: a converter between them.", wanted, out));
    }
}
