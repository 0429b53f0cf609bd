package hingeyard.core.fit.checks;

import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.Reading;
import hingeyard.core.booking.LegalClass;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;

/** How high above the ground does the motor hang? */
final class GroundClearanceCheck extends MeasuredCheck {

    GroundClearanceCheck() {
        super("ground-clearance", "Above the ground", BracketMeasures.HEIGHT);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().bracket().flatMap(b -> b.body()).isPresent();
    }

    private static Length lowest(FitCase c) {
        return c.kit().drive().bracket().flatMap(b -> b.body()).orElseThrow().lowest();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(Sentence.of("%s below", lowest(c)), "the bracket's centre")).figure(Figure.published("Motor's lowest point below the bracket", lowest(c), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        boolean offRoad = c.bike().need().legalClass() == LegalClass.OFF_ROAD || c.bike().kind() == BikeKind.FULL_SUSPENSION || c.bike().kind() == BikeKind.FAT_TYRE;
        LengthRule rule = offRoad ? LengthRule.GROUND_OFF_ROAD : LengthRule.GROUND_ROAD;
        Reading.OfLength height = bike(c, finding, BracketMeasures.HEIGHT);
        Clearance clearance = new Clearance(height.value().minus(lowest(c)), height.plusMinus(), c.rules().value(rule));
        finding.margin(clearance.margin()).figure(c.rules().figure("Wanted", rule)).figure(Figure.computed("Above the ground", clearance.gap(), "bracket height − lowest point"));
        return switch (clearance.answer()) {
            case ENOUGH -> finding.is(Verdict.FITS, Sentence.of("The motor hangs %s above the ground; %s are wanted %s.", clearance.gap(), clearance.wanted(),
                    offRoad ? "off road" : "on roads"));
            case UNSURE -> unsure(finding, clearance, BracketMeasures.HEIGHT);
            case SHORT -> finding.remedy(Remedy.consent("The motor may strike kerbs and stones; it is the lowest thing on the bike."))
                    .is(Verdict.TRADE_OFF, Sentence.of("The motor hangs only %s above the ground; %s are wanted %s.", clearance.gap(), clearance.wanted(),
                            offRoad ? "off road" : "on roads"));
        };
    }
}
