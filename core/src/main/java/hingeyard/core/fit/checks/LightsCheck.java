package hingeyard.core.fit.checks;

import hingeyard.core.bike.Lamps;
import hingeyard.core.bike.Measure;
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
import hingeyard.core.quantity.Amount;
import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Voltage;
import hingeyard.core.quantity.Words;
import java.util.List;
import java.util.Optional;

/** Can the lamps live on the controller's light output? */
final class LightsCheck extends MeasuredCheck {

    LightsCheck() {
        super("lights", "Lights", WholeMeasures.LAMPS, WholeMeasures.LAMP_WATTS);
    }

    /** Watts over millivolts to milliamperes. */
    private static final long MICRO = 1_000_000;

    @Override
    public boolean concerns(Kit kit) {
        return kit.controller().lights().isPresent();
    }

    /** Only lamps on the drive's battery draw from it. */
    @Override
    List<Measure> needed(FitCase c) {
        Optional<Lamps> lamps = c.survey().choice(WholeMeasures.LAMPS);
        return lamps.filter(l -> l == Lamps.SIX_VOLTS || l == Lamps.TWELVE_VOLTS).isPresent() ? needs() : List.of(WholeMeasures.LAMPS);
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Controller.LightOutput out = c.kit().controller().lights().orElseThrow();
        finding.kit(Leaf.of(out.voltage(), Sentence.of("up to %s", out.most())))
                .figure(Figure.published("Light output", out.voltage(), c.kit().code()))
                .figure(Figure.published("It gives up to", out.most(), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Lamps lamps = c.survey().choice(WholeMeasures.LAMPS).orElseThrow();
        Voltage out = c.kit().controller().lights().orElseThrow().voltage();
        finding.bike(Leaf.of(lamps.label())).figure(Figure.measured("Lamps live on", new Words(lamps.label()), WholeMeasures.LAMPS.key()));
        if (lamps != Lamps.SIX_VOLTS && lamps != Lamps.TWELVE_VOLTS) {
            return finding.margin(Margin.said("stay as they are")).is(Verdict.FITS,
                    Sentence.of("Lamps: %s. They stay as they are; cap the light output.", lamps.label()));
        }
        Voltage wanted = Voltage.ofMillivolts(lamps == Lamps.SIX_VOLTS ? 6000 : 12_000);
        long watts = c.survey().number(WholeMeasures.LAMP_WATTS).orElseThrow();
        Current drawn = new Current(-Math.floorDiv(-watts * MICRO, out.millivolts()));
        Current most = c.kit().controller().lights().orElseThrow().most();
        finding.figure(Figure.measured("Lamps together", Amount.of(watts, "W"), WholeMeasures.LAMP_WATTS.key()))
                .figure(Figure.computed("They draw from the output", drawn, "W / V"));
        if (most.isLessThan(drawn)) {
            return finding.margin(Margin.spare(most.minus(drawn)))
                    .remedy(Needs.drawerOrBuy(c, "light-relay", 1, p -> true, "light-relay",
                            Sentence.of("Relay with its own supply for lamps of %s W at %s", watts, wanted)))
                    .is(Verdict.FITS_WITH,
                            Sentence.of("The lamps draw %s and the light output gives %s: switch them through a relay.", drawn, most));
        }
        if (wanted.equals(out)) {
            return finding.margin(Margin.said("same voltage")).is(Verdict.FITS,
                    Sentence.of("Lamps and light output are both %s. Check plus and minus with the meter.", out));
        }
        return finding.margin(Margin.said("converter"))
                .remedy(Needs.drawerOrBuy(c, "light-converter", 1, p -> true, "light-converter",
                        Sentence.of("Converter from %s to %s", out, wanted)))
                .is(Verdict.FITS_WITH, Sentence.of("The lamps need %s and the controller gives %s: fit a converter.", wanted, out));
    }
}
