package hingeyard.core.fit.checks;

import hingeyard.core.bay.BayPlace;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.TriangleMeasures;
import hingeyard.core.bike.TubeShape;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
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
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A rail on two bosses of a down tube. On a bent tube it lies on stand-offs, each as thick as the gap between a straight edge and the tube
 * at its boss: not
 * thinner by more than a rail gives, not thicker by more than the shop's rule.
 */
final class RailHold {

    private static final List<String> SIDES = List.of("lower boss", "upper boss");
    private static final String USE = "rail-stand-off";
    private static final List<String> ROLES = List.of(USE, USE);
    private static final StackBlank STAND_OFF = new StackBlank("Rail stand-off M5", Length.ofMicrometres(5200), Length.ofMillimetres(12));
    /** So much a rail gives without being bent: what the step's feeler gauge lets pass under a foot. */
    private static final Length GIVES = Length.ofMicrometres(200);
    /** How much is drawn of tube and rail, and between the two feet. */
    private static final Length DRAWN = Length.ofMillimetres(5);
    private static final Length APART = Length.ofMillimetres(14);

    private RailHold() {
    }

    /** A tube with both bosses is looked at with a straight edge; only a bent one has gaps to measure. */
    static Stream<Measure> needed(FitCase c) {
        if (!c.survey().has(TriangleMeasures.DOWN_BOSS_LOW) || !c.survey().has(TriangleMeasures.DOWN_BOSS_HIGH)) {
            return Stream.empty();
        }
        return bent(c)
                ? Stream.of(TriangleMeasures.DOWN_TUBE_SHAPE, TriangleMeasures.DOWN_BOSS_LOW_GAP, TriangleMeasures.DOWN_BOSS_HIGH_GAP)
                : Stream.of(TriangleMeasures.DOWN_TUBE_SHAPE);
    }

    private static boolean bent(FitCase c) {
        return c.survey().choice(TriangleMeasures.DOWN_TUBE_SHAPE).filter(s -> s == TubeShape.BENT).isPresent();
    }

    /** How much higher the rail lies for the tube's bend. */
    static Length raised(FitCase c) {
        return bent(c) ? gap(c, TriangleMeasures.DOWN_BOSS_LOW_GAP).max(gap(c, TriangleMeasures.DOWN_BOSS_HIGH_GAP)) : Length.ZERO;
    }

    private static Length gap(FitCase c, LengthMeasure measure) {
        return c.survey().length(measure).map(Reading.OfLength::value).orElse(Length.ZERO);
    }

    /** Whether so high feet are no levers on the bosses yet. */
    static boolean holdsOnBosses(FitCase c, BayPlace place) {
        return !place.carrier().equals(BayPlan.DOWN_TUBE) || !raised(c).isMoreThan(c.rules().value(LengthRule.STAND_OFF_MOST));
    }

    /** @param place with two bosses */
    static Finding onBosses(FitCase c, Finding.Builder finding, BayPlace place) {
        Length head = c.kit().battery().casing().screwHead();
        finding.margin(Margin.said("two bosses"))
                .figure(Figure.published("Highest screw head under the case", head, c.kit().battery().code()));
        if (!place.carrier().equals(BayPlan.DOWN_TUBE) || !raised(c).isMoreThan(GIVES)) {
            return finding.is(Verdict.FITS, Sentence
                    .of("Two of the frame's bosses line up with the rail's slots; screw heads up to %s pass under the case.", head));
        }
        Band low = allowed(c, finding, TriangleMeasures.DOWN_BOSS_LOW_GAP);
        Band high = allowed(c, finding, TriangleMeasures.DOWN_BOSS_HIGH_GAP);
        finding.figure(c.rules().figure("Stand-off over its gap, at most", LengthRule.STAND_OFF_OVER));
        StackProblem problem = problem(c, low, high);
        StackAnswer answer = c.shared(StackAnswer.class, problem, k -> StackSolver.best(problem));
        if (!answer.possible()) {
            return finding.remedy(Needs.buy(Sentence.of("Rail stand-offs, %s at the lower and %s at the upper boss", low, high), 2, USE))
                    .is(Verdict.FITS_WITH, Sentence
                            .of("The down tube is bent: the rail needs %s under it at the lower boss and %s at the upper.", low, high));
        }
        StackSet set = answer.inPlace().orElseThrow();
        Optional<Finding> finer = Coarse.first(c, finding, List.of(TriangleMeasures.DOWN_BOSS_LOW_GAP, TriangleMeasures.DOWN_BOSS_HIGH_GAP),
                k -> chosen(k));
        return finer.orElseGet(() -> finding.margin(Margin.said(StackWords.sums(set, SIDES))).remedies(StackWords.parts(c, USE, set, ROLES))
                .exhibit(() -> section(answer, set, low, high))
                .is(Verdict.FITS_WITH, Sentence.of(
                        "The down tube is bent: put stand-offs of %s under the rail, with screws that much longer and heads of at most %s.%s",
                        StackWords.spoken(set, SIDES), head,
                        answer.best().isPresent() ? "" : " The drawers do not hold them all.")));
    }

    private static Object chosen(FitCase c) {
        StackProblem problem = problem(c, band(c, TriangleMeasures.DOWN_BOSS_LOW_GAP), band(c, TriangleMeasures.DOWN_BOSS_HIGH_GAP));
        return StackSolver.best(problem).inPlace().map(StackSet::sides);
    }

    private static Band band(FitCase c, LengthMeasure gap) {
        Length value = MeasuredCheck.value(c, gap);
        return new Band(value.minus(GIVES).max(Length.ZERO), value.plus(c.rules().value(LengthRule.STAND_OFF_OVER)));
    }

    private static Band allowed(FitCase c, Finding.Builder finding, LengthMeasure gap) {
        Reading.OfLength reading = MeasuredCheck.reading(c, gap);
        finding.figure(MeasuredCheck.measured(reading));
        return band(c, gap);
    }

    private static StackProblem problem(FitCase c, Band low, Band high) {
        List<StackPiece> pieces = new ArrayList<>(StackWords.kitPieces(c.kit(), USE));
        c.drawers().usedAs(USE).stream().filter(p -> p.size().isPresent())
                .forEach(p -> pieces.add(new StackPiece(p.number(), p.name(), p.place(), p.size().get(), p.free(), false)));
        return new StackProblem(SIDES, pieces,
                List.of(StackLimit.toleranced("gap at the lower boss", List.of(1, 0), low,
                        MeasuredCheck.reading(c, TriangleMeasures.DOWN_BOSS_LOW_GAP).plusMinus()),
                        StackLimit.toleranced("gap at the upper boss", List.of(0, 1), high,
                                MeasuredCheck.reading(c, TriangleMeasures.DOWN_BOSS_HIGH_GAP).plusMinus())),
                List.of(gap(c, TriangleMeasures.DOWN_BOSS_LOW_GAP), gap(c, TriangleMeasures.DOWN_BOSS_HIGH_GAP)), StackWords.mostPerSide(c),
                STAND_OFF);
    }

    /** Both feet side by side. */
    private static StackSection section(StackAnswer answer, StackSet set, Band low, Band high) {
        StackPiece any = set.sides().stream().flatMap(List::stream).findFirst().orElseThrow().piece();
        Length outer = any.size().outer().plus(DRAWN);
        StackSketch sketch = new StackSketch("Stand-offs under the rail, tube to rail", answer, set, SIDES, DRAWN.negated());
        foot(sketch, 0, low, Length.ZERO, outer);
        sketch.layer("", StackSection.Role.APART, APART, outer);
        foot(sketch, 1, high, sketch.at().plus(DRAWN), outer);
        return sketch.on(any.size().inner(), new Band(DRAWN.negated(), sketch.at()), sketch.at());
    }

    private static void foot(StackSketch sketch, int side, Band allowed, Length from, Length outer) {
        sketch.layer(SIDES.get(side), StackSection.Role.FRAME, DRAWN, outer).pieces(side)
                .ends(allowed.plus(Band.exactly(from)), Length.ZERO, side).layer("rail", StackSection.Role.PLATE, DRAWN, outer);
    }
}
