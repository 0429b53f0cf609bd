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
import hingeyard.core.kit.Controller;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.NoDrive;
import hingeyard.core.quantity.Count;
import hingeyard.core.quantity.Voltage;

/**
 * May the second battery join the one on the bike? Only through a combiner that keeps them apart, and never above what combiner and
 * controller stand.
 */
final class TwoBatteriesCheck extends MeasuredCheck {

    private static final long FULL_CELL = 4200;
    private static final long MILLI = 1000;

    TwoBatteriesCheck() {
        super("two-batteries", "Two batteries", WholeMeasures.PACK_CELLS, WholeMeasures.CONTROLLER_VOLTS);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().none().filter(n -> n.job() == NoDrive.Job.SECOND_BATTERY).isPresent();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Controller joint = c.kit().controller();
        finding.kit(Leaf.of(joint.combiner() ? Sentence.of("combiner, %s", joint.limit()) : Sentence.plain("no combiner"),
                Sentence.of("up to %s", joint.maximumInput())))
                .figure(Figure.published("Combiner's most voltage", joint.maximumInput(), c.kit().code()))
                .figure(Figure.published("Combiner's rating", joint.limit(), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        long cells = c.survey().number(WholeMeasures.PACK_CELLS).orElseThrow();
        Voltage first = Voltage.ofMillivolts(FULL_CELL * cells);
        Voltage second = c.kit().battery().full();
        Voltage controller = Voltage.ofMillivolts(c.survey().number(WholeMeasures.CONTROLLER_VOLTS).orElseThrow() * MILLI);
        Voltage combiner = c.kit().controller().maximumInput();
        finding.bike(Leaf.of(Sentence.of("%s in series", cells), Sentence.of("full %s", first)))
                .figure(Figure.measured("Pack on the bike", new Count(cells, "cells"), WholeMeasures.PACK_CELLS.key()))
                .figure(Figure.measured("Controller on the bike, at most", controller, WholeMeasures.CONTROLLER_VOLTS.key()))
                .figure(Figure.computed("Its full voltage", first, "4.2 V × cells"))
                .figure(Figure.computed("The second's full voltage", second, "4.2 V × cells"));
        if (!c.kit().controller().combiner()) {
            return finding.margin(Margin.said("never parallel")).neverOverridden().remedy(Remedy.otherKit("Choose a kit with a combiner."))
                    .is(Verdict.NO_FIT, "Never join two batteries in plain parallel: the fuller one would charge the other without limit.");
        }
        boolean weaker = combiner.isMoreThan(controller);
        Voltage most = weaker ? controller : combiner;
        Voltage higher = first.isMoreThan(second) ? first : second;
        finding.margin(Margin.spare(most.minus(higher)));
        if (higher.isMoreThan(most)) {
            return finding.neverOverridden()
                    .remedy(Remedy.otherKit("Choose a pack with fewer cells in series, or a combiner and controller for more."))
                    .is(Verdict.NO_FIT, Sentence.of("Fully charged one pack gives %s and the %s may see %s at most.", higher,
                            weaker ? "controller on the bike" : "combiner", most));
        }
        if (first.equals(second)) {
            return finding.is(Verdict.FITS, Sentence
                    .of("Both packs are full at %s. The combiner lets the fuller one feed until they are level, then both.", first));
        }
        return finding
                .remedy(Remedy.consent(
                        Sentence.of("Packs of %s and %s: the higher one feeds alone until they are level. The service manager signs off.",
                                first, second)))
                .is(Verdict.TRADE_OFF,
                        Sentence.of("The packs are full at %s and %s: the higher one feeds alone first, then both share.", first, second));
    }
}
