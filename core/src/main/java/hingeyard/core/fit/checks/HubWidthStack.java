package hingeyard.core.fit.checks;

import hingeyard.core.bike.Material;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Sentence;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.HubDrive;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackLimit;
import hingeyard.core.stack.StackPiece;
import hingeyard.core.stack.StackProblem;
import hingeyard.core.stack.StackSection;
import hingeyard.core.stack.StackSet;
import hingeyard.core.stack.StackSolver;
import java.util.ArrayList;
import java.util.List;

/**
 * The washers inside a hub motor's dropouts. Width: shoulders + left + right within [over-locknut − pull-in, over-locknut + spread].
 * Dish: rim offset + (left − right)/2 stays within the shop's limit to either side; washers on the right push the hub left.
 */
final class HubWidthStack {

    static final List<String> SIDES = List.of("left side", "right side");
    static final List<String> ROLES = List.of("axle-washer-left", "axle-washer-right");
    private static final String USE = "axle-washer";
    private static final Length LOOSEST_BORE = Length.ofMillimetres(1);
    /** Less than this is taken up by hand when the wheel goes in. */
    private static final Length EASE_UNDER = Length.ofMillimetres("0.5");

    private final FitCase fitCase;
    private final HubDrive hub;
    private final Length spread;
    private final Length pullIn;

    HubWidthStack(FitCase fitCase, Material material) {
        this.fitCase = fitCase;
        this.hub = fitCase.kit().drive().hub().orElseThrow();
        this.spread = fitCase.rules().spread(material);
        this.pullIn = fitCase.rules().pullIn(material);
    }

    Length shoulders() {
        return hub.axle().shoulderWidth();
    }

    Length spread() {
        return spread;
    }

    Length easeUnder() {
        return EASE_UNDER;
    }

    boolean somethingFits(Length overLocknut) {
        return !hub.axle().shoulderWidth().isMoreThan(overLocknut.plus(spread));
    }

    List<Figure> figures() {
        return List.of(Figure.shopRule("May be eased apart by", spread, "dropout.spread"),
                Figure.published("Most inner washers on one side", hub.axle().innerWashersMost(), fitCase.kit().code()),
                Figure.shopRule("May be pulled in by", pullIn, "dropout.pull-in"),
                fitCase.rules().figure("Rim off the middle at most", LengthRule.DISH));
    }

    StackAnswer solve(Length overLocknut, Length plusMinus) {
        StackProblem problem = problem(overLocknut, plusMinus);
        return fitCase.shared(StackAnswer.class, problem, c -> StackSolver.best(problem));
    }

    /** What giving way on one limit would buy, while the drawers hold no set. */
    Sentence relaxed(Reading.OfLength overLocknut) {
        return StackWords.relaxed(() -> problem(overLocknut.value(), overLocknut.plusMinus()));
    }

    private StackProblem problem(Length overLocknut, Length plusMinus) {
        Length wanted = overLocknut.minus(hub.axle().shoulderWidth());
        Length dish = fitCase.rules().value(LengthRule.DISH).times(2);
        Length offset = hub.axle().rimOffset().times(2);
        Band room = new Band(Length.ZERO, hub.axle().innerWashersMost());
        List<StackLimit> limits = List.of(
                StackLimit.nominal("thread left for the left nut", List.of(1, 0), room),
                StackLimit.nominal("thread left for the right nut", List.of(0, 1), room),
                StackLimit.toleranced("width between the dropouts", List.of(1, 1), new Band(wanted.minus(pullIn), wanted.plus(spread)), plusMinus),
                StackLimit.toleranced("rim in the middle", List.of(1, -1), new Band(dish.negated().minus(offset), dish.minus(offset)), Length.ZERO));
        Length each = wanted.max(Length.ZERO).half();
        return new StackProblem(SIDES, pieces(), limits, List.of(each, each), 3);
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
        StackSketch sketch = new StackSketch(hub.end() == WheelEnd.FRONT ? "Front axle, left to right" : "Rear axle, left to right", answer, set, plate.negated())
                .layer("left dropout", StackSection.Role.FRAME, plate, outer).pieces(0)
                .layer("motor " + hub.axle().shoulderWidth(), StackSection.Role.BODY, hub.axle().shoulderWidth(), Length.ofMillimetres(60)).pieces(1)
                .ends(new Band(overLocknut.value().minus(pullIn), overLocknut.value().plus(spread)), overLocknut.plusMinus());
        Band reaches = new Band(out.negated(), sketch.at().plus(out));
        return sketch.layer("right dropout", StackSection.Role.FRAME, plate, outer).on(hub.axle().diameter(), reaches, reaches.greatest());
    }
}
