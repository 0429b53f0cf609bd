package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.Underside;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Making;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.BracketBody;
import hingeyard.core.kit.BracketDrive;
import hingeyard.core.kit.Kit;
import hingeyard.core.made.MadeKind;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.stock.DrawerPart;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** When the motor is swung up, what is left between it and the down tube, and does anything get pinched there? */
final class MotorRotationCheck extends MeasuredCheck {

    /** Up to here the rubber pad bridges it. */
    private static final Length PAD = Length.ofMillimetres(1);
    /** A block so much thinner than the gap still holds, with the pad. */
    private static final Length SLACK = Length.ofMillimetres(2);
    /** A made block or separator along the tube, and the block across a tube of usual width. */
    private static final Length ALONG = Length.ofMillimetres(40);
    private static final Length USUAL_TUBE = Length.ofMillimetres(38);
    private static final Length WIDEST = Length.ofMillimetres(34);
    /** Under a shell run two cables, or a hose and one. */
    private static final int CABLES = 2;

    MotorRotationCheck() {
        super("motor-rotation", "Motor and down tube", BracketMeasures.DOWN_TUBE_DISTANCE, BracketMeasures.UNDERSIDE,
                BracketMeasures.UNDERSIDE_DEPTH);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().bracket().isPresent();
    }

    @Override
    Optional<String> unsaid(FitCase c) {
        return c.kit().drive().bracket().flatMap(BracketDrive::body).isPresent() ? Optional.empty()
                : Optional.of("where the motor's body stops when it is swung up");
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        BracketBody body = c.kit().drive().bracket().flatMap(b -> b.body()).orElseThrow();
        finding.kit(Leaf.of(Sentence.of("motor's top at %s", body.bridge()), "from the bottom bracket, swung up"))
                .figure(Figure.published("Motor's top, swung up", body.bridge(), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Reading.OfLength tube = bike(c, finding, BracketMeasures.DOWN_TUBE_DISTANCE);
        Underside under = c.survey().choice(BracketMeasures.UNDERSIDE).orElseThrow();
        Length depth = value(c, BracketMeasures.UNDERSIDE_DEPTH);
        finding.margin(Margin.said("gap?"));
        Optional<Finding> finer = Coarse.first(c, finding, List.of(BracketMeasures.DOWN_TUBE_DISTANCE), k -> blockFor(k));
        if (finer.isPresent()) {
            return finer.get();
        }
        Length gap = tube.value().minus(c.kit().drive().bracket().flatMap(b -> b.body()).orElseThrow().bridge());
        boolean lines = under == Underside.CABLES || under == Underside.HOSES;
        finding.figure(Figure.computed("Gap left", gap, "tube's underside − body's top")).margin(Margin.spare(gap));
        if (lines && gap.minus(depth).isLessThan(PAD)) {
            return finding.figure(Figure.measured("What hangs under the tube", depth, BracketMeasures.UNDERSIDE_DEPTH.key()))
                    .remedy(Needs.drawerOrMake(c, "cable-separator", 1, p -> true, "cable-separator", "Cable separator for under the shell",
                            Making.counting(MadeKind.CABLE_SEPARATOR.key(), CABLES, depth, ALONG)))
                    .remedy(Remedy.work("general", 20,
                            Sentence.of("Re-route the %s past the motor; nothing may lie between motor and tube.", under.label())))
                    .is(Verdict.FITS_WITH, Sentence.of("The %s under the shell need %s and only %s is left: the motor would pinch them.",
                            under.label(), depth, gap.max(Length.ZERO).told()));
        }
        if (!gap.isMoreThan(PAD)) {
            return finding.is(Verdict.FITS,
                    gap.isNegative()
                            ? Sentence.of("The motor meets the down tube %s before its end position and rests there on its pad.",
                                    gap.abs().told())
                            : Sentence.of("The motor stops %s short of the down tube; its rubber pad fills that.", gap.told()));
        }
        return finding.remedy(block(c, gap)).is(Verdict.FITS_WITH,
                Sentence.of(
                        "Swung up, the motor stops %s short of the down tube. Fit a block there, so that the motor cannot swing further under load.",
                        gap.told()));
    }

    /** What would bridge the gap; a tape's millimetre is within what a block and its pad take up. */
    private static Object blockFor(FitCase c) {
        Length gap = value(c, BracketMeasures.DOWN_TUBE_DISTANCE)
                .minus(c.kit().drive().bracket().flatMap(b -> b.body()).orElseThrow().bridge());
        return gap.isMoreThan(PAD) ? block(c, gap).part().map(Remedy.PartNeed::name) : "pad";
    }

    private static Remedy block(FitCase c, Length gap) {
        Optional<DrawerPart> nearest = c.drawers().usedAs("motor-block").stream()
                .filter(p -> p.free() > 0 && p.size().isPresent() && fills(p.size().get().thickness(), gap))
                .max(Comparator.comparing(p -> p.size().get().thickness()));
        return nearest.map(p -> Needs.fromDrawer(p, 1, "motor-block"))
                .orElseGet(() -> Needs.makeOrBuy(c,
                        Sentence.of("Motor block, %s high (printed or metal)", new Band(gap.minus(SLACK).max(PAD).told(), gap.told())), 1,
                        "motor-block", made(c, gap)));
    }

    /** As high as the gap less its pad, as wide as the tube carries it. */
    private static Making made(FitCase c, Length gap) {
        Length tube = c.survey().length(BracketMeasures.DOWN_TUBE_WIDTH).map(Reading.OfLength::value).orElse(USUAL_TUBE);
        Length width = tube.minus(Length.ofMillimetres(6)).min(WIDEST);
        Length height = gap.minus(PAD);
        return Making.of(MadeKind.BLOCK.key(), width, ALONG, height, height, tube);
    }

    private static boolean fills(Length height, Length gap) {
        return !height.isMoreThan(gap) && !height.isLessThan(gap.minus(SLACK));
    }
}
