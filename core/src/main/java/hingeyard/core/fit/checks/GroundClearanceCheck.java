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
import hingeyard.core.kit.BracketDrive;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import java.util.Optional;

/** How high above the ground does the motor hang? */
final class GroundClearanceCheck extends MeasuredCheck {

    GroundClearanceCheck() {
        super("ground-clearance", "Above the ground", BracketMeasures.HEIGHT);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().bracket().isPresent();
    }

    @Override
    Optional<String> unsaid(FitCase c) {
        return c.kit().drive().bracket().flatMap(BracketDrive::body).isPresent() ? Optional.empty()
                : Optional.of("how far the motor reaches below the bottom bracket");
    }

    private static Length lowest(FitCase c) {
        return c.kit().drive().bracket().flatMap(b -> b.body()).orElseThrow().lowest();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(Sentence.of("%s below", lowest(c)), "the bottom bracket's centre"))
                .figure(Figure.published("Motor's lowest point below the bottom bracket", lowest(c), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        boolean offRoad = c.bike().need().legalClass() == LegalClass.OFF_ROAD || c.bike().kind() == BikeKind.FULL_SUSPENSION
                || c.bike().kind() == BikeKind.FAT_TYRE;
        String where = offRoad ? "off road" : "on roads";
        LengthRule rule = offRoad ? LengthRule.GROUND_OFF_ROAD : LengthRule.GROUND_ROAD;
        Reading.OfLength height = bike(c, finding, BracketMeasures.HEIGHT);
        Clearance clearance = new Clearance(height.value().minus(lowest(c)), Doubt.of(height), c.rules().value(rule));
        finding.margin(clearance.margin()).figure(c.rules().figure("Wanted", rule))
                .figure(Figure.computed("Above the ground", clearance.gap(), "bracket height − lowest point"));
        return switch (clearance.answer()) {
            case ENOUGH -> finding.is(Verdict.FITS, passing(clearance,
                    Sentence.of("The motor is %s above the ground; %s is needed %s.", clearance.gap().told(), clearance.wanted(), where)));
            case UNSURE -> unsure(finding, clearance);
            case SHORT -> finding.remedy(Remedy.consent("The motor is the lowest part of the bike and may hit kerbs and stones."))
                    .is(Verdict.TRADE_OFF, Sentence.of("The motor is only %s above the ground; %s is needed %s.", clearance.gap().told(),
                            clearance.wanted(), where));
        };
    }
}
