package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.Underside;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.BracketBody;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
import hingeyard.core.stock.DrawerPart;
import java.util.Comparator;
import java.util.Optional;

/** When the motor is swung up, what is left between it and the down tube, and does anything get pinched there? */
final class MotorRotationCheck extends MeasuredCheck {

    /** Up to here the rubber pad bridges it. */
    private static final Length PAD = Length.ofMillimetres(1);
    /** A block so much thinner than the gap still holds, with the pad. */
    private static final Length SLACK = Length.ofMillimetres(2);

    MotorRotationCheck() {
        super("motor-rotation", "Motor and down tube", BracketMeasures.DOWN_TUBE_DISTANCE, BracketMeasures.UNDERSIDE, BracketMeasures.UNDERSIDE_DEPTH);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().bracket().flatMap(b -> b.body()).isPresent();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        BracketBody body = c.kit().drive().bracket().flatMap(b -> b.body()).orElseThrow();
        finding.kit(Leaf.of(Sentence.of("body's top at %s", body.bridge()), "from the bracket, swung up"))
                .figure(Figure.published("Body's top, swung up", body.bridge(), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Reading.OfLength tube = bike(c, finding, BracketMeasures.DOWN_TUBE_DISTANCE);
        Underside under = c.survey().choice(BracketMeasures.UNDERSIDE).orElseThrow();
        Length depth = value(c, BracketMeasures.UNDERSIDE_DEPTH);
        Length gap = tube.value().minus(c.kit().drive().bracket().flatMap(b -> b.body()).orElseThrow().bridge());
        boolean lines = under == Underside.CABLES || under == Underside.HOSES;
        finding.figure(Figure.computed("Gap left", gap, "tube's underside − body's top")).margin(Margin.spare(gap));
        if (lines && gap.minus(depth).isLessThan(PAD)) {
            return finding.figure(Figure.measured("What hangs under the tube", depth, BracketMeasures.UNDERSIDE_DEPTH.key()))
                    .remedy(Needs.drawerOrBuy(c, "cable-separator", 1, p -> true, "cable-separator", "Cable separator for under the shell"))
                    .remedy(Remedy.work("general", 20, Sentence.of("Lead the %s past the motor: nothing between motor and tube.", under.label())))
                    .is(Verdict.FITS_WITH, Sentence.of("Under the tube the %s stand %s down where only %s are left: the motor would pinch them.", under.label(), depth,
                            gap.max(Length.ZERO)));
        }
        if (!gap.isMoreThan(PAD)) {
            return finding.is(Verdict.FITS, gap.isNegative() ? Sentence.of("The motor meets the tube %s before its maker's place and rests there on its pad.", gap.abs())
                    : Sentence.of("The motor comes to rest %s from the tube: its rubber pad fills that.", gap));
        }
        return finding.remedy(block(c, gap)).is(Verdict.FITS_WITH,
                Sentence.of("Swung up, %s are left to the down tube: a block fills them, so that the drive's reaction has nothing to swing into.", gap));
    }

    private static Remedy block(FitCase c, Length gap) {
        Optional<DrawerPart> nearest = c.drawers().usedAs("motor-block").stream().filter(p -> p.free() > 0 && p.size().isPresent() && fills(p.size().get().thickness(), gap))
                .max(Comparator.comparing(p -> p.size().get().thickness()));
        return nearest.map(p -> Needs.fromDrawer(p, 1, "motor-block"))
                .orElseGet(() -> Needs.buy(Sentence.of("Block under the tube, %s to %s high (printed or metal)", gap.minus(SLACK).max(PAD), gap), 1, "motor-block"));
    }

    private static boolean fills(Length height, Length gap) {
        return !height.isMoreThan(gap) && !height.isLessThan(gap.minus(SLACK));
    }
}
