package hingeyard.core.fit.checks;

import hingeyard.core.bike.Material;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.LimitKind;
import hingeyard.core.explain.Sentence;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.HubDrive;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackBlank;
import hingeyard.core.stack.StackLimit;
import hingeyard.core.stack.StackPiece;
import hingeyard.core.stack.StackProblem;
import hingeyard.core.stack.StackSection;
import hingeyard.core.stack.StackSet;
import hingeyard.core.stack.StackSolver;
import hingeyard.core.stack.StackWish;
import java.util.ArrayList;
import java.util.List;

/**
 * The washers inside a hub motor's dropouts. Width: shoulders with anti-turn washers + left + right within [over-locknut − pull-in,
 * over-locknut + spread]. Rim offset
 * from the middle: motor's own + (left − right)/2; washers on the right push the hub left. Up to the shop's limit of re-dishing that is no
 * bar, only a wish.
 */
final class HubWidthStack {

    static final List<String> SIDES = List.of("left", "right");
    static final List<String> ROLES = List.of("axle-washer-left", "axle-washer-right");
    static final String USE = "axle-washer";
    private static final Length LOOSEST_BORE = Length.ofMillimetres(1);
    private static final Length BORE = Length.ofMicrometres(200);
    private static final Length RIM = Length.ofMillimetres(12);
    /** Less than this is taken up by hand when the wheel goes in. */
    private static final Length EASE_UNDER = Length.ofMillimetres("0.5");

    private final FitCase fitCase;
    private final HubDrive hub;
    private final Length spread;
    private final Length pullIn;
    private final Length tolerance;

    HubWidthStack(FitCase fitCase, Material material) {
        this.fitCase = fitCase;
        this.hub = fitCase.kit().drive().hub().orElseThrow();
        this.spread = fitCase.rules().spread(material);
        this.pullIn = fitCase.rules().pullIn(material);
        this.tolerance = fitCase.rules().value(LengthRule.WIDTH_TOLERANCE);
    }

    /** Shoulder to shoulder, with the anti-turn washers that belong inside. */
    Length shoulders() {
        return hub.axle().shoulderWidth().plus(hub.axle().inside(0)).plus(hub.axle().inside(1));
    }

    Length spread() {
        return spread;
    }

    Length easeUnder() {
        return EASE_UNDER;
    }

    /**
     * How much wider than the dropouts the bare motor may be: a limit of safety. No spread at all means what the size's own tolerance
     * leaves.
     */
    Clearance widest(Reading.OfLength overLocknut) {
        boolean none = spread.equals(Length.ZERO);
        Length spare = overLocknut.value().plus(none ? tolerance : spread).minus(shoulders());
        return new Clearance(spare,
                none ? new Doubt(Length.ZERO, Doubt.of(overLocknut).coarse(), Doubt.of(overLocknut).finer()) : Doubt.of(overLocknut),
                Length.ZERO, LimitKind.SAFETY);
    }

    boolean somethingFits(Reading.OfLength overLocknut) {
        return widest(overLocknut).answer() == Clearance.Answer.ENOUGH;
    }

    List<Figure> figures() {
        return List.of(Figure.shopRule("May be eased apart by", spread, "dropout.spread"),
                Figure.published("Most inner washers on one side", hub.axle().innerWashersMost(), fitCase.kit().code()),
                Figure.shopRule("May be pulled in by", pullIn, "dropout.pull-in"),
                fitCase.rules().figure("Rim counts as in the middle within", LengthRule.RIM_MIDDLE),
                fitCase.rules().figure("Rim off the middle at most, not re-dished", LengthRule.DISH));
    }

    /** @param more what else the washers must leave @param wishes what the rider keeps */
    StackAnswer solve(Reading.OfLength overLocknut, List<StackLimit> more, List<StackWish> wishes) {
        StackProblem problem = problem(overLocknut, more, wishes);
        return fitCase.shared(StackAnswer.class, problem, c -> StackSolver.best(problem));
    }

    /** What giving way on one limit would buy, where nothing would do. */
    Sentence relaxed(Reading.OfLength overLocknut) {
        return StackWords.relaxed(() -> problem(overLocknut, List.of(), List.of()));
    }

    private StackProblem problem(Reading.OfLength overLocknut, List<StackLimit> more, List<StackWish> wishes) {
        Length wanted = overLocknut.value().minus(shoulders());
        Length redish = fitCase.rules().value(LengthRule.REDISH).times(2);
        Length offset = hub.axle().rimOffset().times(2).plus(hub.axle().inside(0)).minus(hub.axle().inside(1));
        Band room = new Band(Length.ZERO, hub.axle().innerWashersMost());
        // The guard of the spread is in the interval; nominal sizes keep the rest.
        Length apart = spread.equals(Length.ZERO) ? tolerance : spread.minus(overLocknut.plusMinus()).max(Length.ZERO);
        Length together = pullIn.max(tolerance);
        List<StackLimit> limits = new ArrayList<>(List.of(
                StackLimit.nominal("thread for the left nut", List.of(1, 0), room),
                StackLimit.nominal("thread for the right nut", List.of(0, 1), room),
                StackLimit.toleranced("width between the dropouts", List.of(1, 1), new Band(wanted.minus(together), wanted.plus(apart)),
                        Length.ZERO),
                StackLimit.nominal("rim that can be re-dished", List.of(1, -1),
                        new Band(redish.negated().minus(offset), redish.minus(offset)))));
        limits.addAll(more);
        Length each = wanted.max(Length.ZERO).half();
        StackBlank blank = new StackBlank("Axle washer", hub.axle().diameter().plus(BORE), hub.axle().diameter().plus(RIM));
        return new StackProblem(SIDES, pieces(), limits, wishes, List.of(each, each), StackWords.mostPerSide(fitCase), true, blank);
    }

    private List<StackPiece> pieces() {
        List<StackPiece> pieces = new ArrayList<>(StackWords.kitPieces(fitCase.kit(), USE));
        fitCase.drawers().usedAs(USE).stream().filter(p -> p.size().isPresent() && goesOver(p.size().get()))
                .forEach(p -> pieces.add(new StackPiece(p.number(), p.name(), p.place(), p.size().get(), p.free(), false)));
        return pieces;
    }

    private boolean goesOver(PieceSize size) {
        Length play = size.inner().minus(hub.axle().diameter());
        return !play.isNegative() && !play.isMoreThan(LOOSEST_BORE);
    }

    /** The axle drawn from left to right: dropout, washers, motor, washers, dropout. */
    StackSection section(Reading.OfLength overLocknut, StackSet set, StackAnswer answer) {
        Length plate = Length.ofMillimetres(6);
        Length outer = Length.ofMillimetres(34);
        Length out = Length.ofMillimetres(22);
        StackSketch sketch = new StackSketch(hub.end() == WheelEnd.FRONT ? "Front axle, left to right" : "Rear axle, left to right", answer,
                set, SIDES, plate.negated())
                .layer("left dropout", StackSection.Role.FRAME, plate, outer).pieces(0);
        antiTurn(sketch, 0, outer);
        sketch.layer(Sentence.of("motor %s", hub.axle().shoulderWidth()), StackSection.Role.BODY, hub.axle().shoulderWidth(),
                Length.ofMillimetres(60));
        antiTurn(sketch, 1, outer);
        sketch.pieces(1).ends(new Band(overLocknut.value().minus(pullIn.max(tolerance)), overLocknut.value().plus(spread.max(tolerance))),
                overLocknut.plusMinus());
        Band reaches = new Band(out.negated(), sketch.at().plus(out));
        return sketch.layer("right dropout", StackSection.Role.FRAME, plate, outer).on(hub.axle().diameter(), reaches, reaches.greatest());
    }

    private void antiTurn(StackSketch sketch, int side, Length outer) {
        if (hub.axle().inside(side).isMoreThan(Length.ZERO)) {
            sketch.layer(Sentence.of("anti-turn washer %s", hub.axle().inside(side)), StackSection.Role.PLATE, hub.axle().inside(side),
                    outer);
        }
    }
}
