package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.LimitKind;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.BracketBody.Fixing;
import hingeyard.core.kit.BracketBody.Hold;
import hingeyard.core.kit.BracketDrive;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.List;
import java.util.Optional;

/**
 * What keeps the motor from turning, and are its screws long enough? A tooth plate's screws pass the plate and reach into the motor: from
 * the
 * tapped face to the plate's outer face, and 1.5 diameters of thread (tapped aluminium), without touching the bottom.
 */
final class MotorFixingCheck extends MeasuredCheck {

    private static final String SCREWS = "plate-screws";
    private static final String BAND = "motor-band";

    MotorFixingCheck() {
        super("motor-fixing", "Anti-rotation", BracketMeasures.SHELL_WIDTH, BracketMeasures.DOWN_TUBE_WIDTH);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().bracket().isPresent();
    }

    @Override
    Optional<String> unsaid(FitCase c) {
        return c.kit().drive().bracket().flatMap(BracketDrive::body).isPresent() ? Optional.empty()
                : Optional.of("what keeps the motor from turning, with its screws");
    }

    @Override
    List<Measure> needed(FitCase c) {
        return fixing(c).hold().screwed() ? BracketPlan.needed(c) : List.of(BracketMeasures.DOWN_TUBE_WIDTH);
    }

    private static Fixing fixing(FitCase c) {
        return c.kit().drive().bracket().flatMap(BracketDrive::body).orElseThrow().fixing();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Fixing f = fixing(c);
        finding.kit(f.hold().screwed()
                ? Leaf.of(f.hold() == Hold.TOOTH_PLATE ? "tooth plate" : "side plate", Sentence.of("screws of %s", f.supplied()))
                : Leaf.of(Sentence.of("%s for %s", name(f), new Band(f.tubeLeast(), f.tubeMost())), "down tube"));
    }

    private static String name(Fixing f) {
        return f.hold() == Hold.BAND ? "band" : "bracket";
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        return fixing(c).hold().screwed() ? screws(c, finding) : around(c, finding);
    }

    private static Finding around(FitCase c, Finding.Builder finding) {
        Fixing f = fixing(c);
        Reading.OfLength tube = bike(c, finding, BracketMeasures.DOWN_TUBE_WIDTH);
        Band range = new Band(f.tubeLeast(), f.tubeMost());
        Clearance inside = new Clearance(tube.value(), Doubt.of(tube), range.least()).worse(Clearance.atMost(tube, range.greatest()))
                .as(LimitKind.MAKERS);
        if (inside.answer() == Clearance.Answer.UNSURE) {
            return unsure(finding, inside);
        }
        if (inside.answer() == Clearance.Answer.ENOUGH) {
            return finding.margin(Margin.said("fits the tube")).is(Verdict.FITS, passing(inside,
                    Sentence.of("The kit's %s takes tubes of %s; this down tube is %s wide.", name(f), range, tube.value())));
        }
        return finding.margin(Margin.said("needs another band"))
                .remedy(Needs.drawerOrBuy(c, BAND, 1, p -> p.facts().span().filter(s -> s.contains(tube.value())).isPresent(), BAND,
                        Sentence.of("Metal band with rubber for a tube of %s", tube.value())).replacing(BAND, "motor-bracket"))
                .is(Verdict.FITS_WITH,
                        Sentence.of("The kit's %s takes tubes of %s, and this down tube is %s wide: fit a metal band round motor and tube.",
                                name(f), range, tube.value()));
    }

    private static Finding screws(FitCase c, Finding.Builder finding) {
        Fixing f = fixing(c);
        BracketPlan plan = BracketPlan.of(c);
        Length plateOutside = plan.driveSide().plus(value(c, BracketMeasures.SHELL_WIDTH)).plus(plan.otherSide())
                .plus(c.kit().drive().bracket().orElseThrow().toothPlate());
        Length clamped = plateOutside.minus(f.clamped());
        Length least = clamped.plus(f.screw().plus(f.screw().half()));
        Length most = clamped.plus(f.tapDepth());
        finding.bike(Leaf.of(clamped.told(), "between screw head and tapped face"))
                .margin(Margin.said(Sentence.of("screw of %s", new Band(least.min(most).told(), most.told()))))
                .figure(Figure.published("Tapped face from the shoulder", f.clamped(), c.kit().code()))
                .figure(Figure.published("Depth of the thread", f.tapDepth(), c.kit().code()))
                .figure(Figure.published("Screws in the box", f.supplied(), c.kit().code()))
                .figure(Figure.computed("Clamped by the screws", clamped, "spacers + shell + plate − tapped face"))
                .figure(Figure.computed("Shortest screw that holds", least, "clamped + 1.5 × diameter"))
                .figure(Figure.computed("Longest that does not bottom out", most, "clamped + depth"));
        if (!f.supplied().isLessThan(least) && !f.supplied().isMoreThan(most)) {
            return finding.is(Verdict.FITS, Sentence.of("The kit's %s screws reach %s into the motor without bottoming out.",
                    sized(f, f.supplied()), f.supplied().minus(clamped).told()));
        }
        Optional<Finding> finer = Coarse.first(c, finding, List.of(BracketMeasures.SHELL_WIDTH), MotorFixingCheck::lengthFor);
        return finer.orElseGet(() -> others(c, finding, f, least, most));
    }

    private static Length lengthFor(FitCase c) {
        BracketPlan plan = BracketPlan.of(c);
        return standardLength(plan.driveSide().plus(value(c, BracketMeasures.SHELL_WIDTH)).plus(plan.otherSide())
                .plus(c.kit().drive().bracket().orElseThrow().toothPlate())
                .minus(fixing(c).clamped()).plus(fixing(c).screw().plus(fixing(c).screw().half())));
    }

    /** The right ones go on in place of the kit's. */
    private static Finding others(FitCase c, Finding.Builder finding, Fixing f, Length least, Length most) {
        Length right = free(c, f, least, most).orElseGet(() -> standardLength(least));
        String name = "Screw " + sized(f, right);
        String fault = f.supplied().isLessThan(least) ? "short" : "long and would bottom out before they clamp";
        finding.remedy(Needs.drawerOrBuy(c, "bolt-m" + f.screw().amount().toPlainString(), 2,
                p -> p.facts().length().filter(right::equals).isPresent(), SCREWS, name).replacing(SCREWS));
        if (right.isMoreThan(most)) {
            return finding
                    .remedy(Remedy.work("general", 5, "Put a washer under each head so that the screws clamp before they bottom out."))
                    .is(Verdict.FITS_WITH, Sentence.of("The kit's %s screws are too %s. Use two of %s, each with a washer under its head.",
                            sized(f, f.supplied()), fault, sized(f, right)));
        }
        return finding.is(Verdict.FITS_WITH,
                Sentence.of("The kit's %s screws are too %s. Use two of %s instead.", sized(f, f.supplied()), fault, sized(f, right)));
    }

    /** The shortest that holds, does not bottom out and lies in a drawer, a pair of them. */
    private static Optional<Length> free(FitCase c, Fixing f, Length least, Length most) {
        return c.drawers().usedAs("bolt-m" + f.screw().amount().toPlainString()).stream().filter(p -> p.free() >= 2)
                .flatMap(p -> p.facts().length().stream())
                .filter(l -> !l.isLessThan(least) && !l.isMoreThan(most)).min(Length::compareTo);
    }

    /** A screw by its size as one asks for it, {@code M8 × 30}: the same in every country. */
    private static String sized(Fixing f, Length length) {
        return "M%s × %s".formatted(f.screw().amount().toPlainString(), length.amount().toPlainString());
    }

    /** The next length that is sold: every 2 mm up to 20, every 5 from there. */
    static Length standardLength(Length least) {
        long step = least.isMoreThan(Length.ofMillimetres(20)) ? 5_000 : 2_000;
        return Length.ofMicrometres((Math.max(least.micrometres(), 1) + step - 1) / step * step);
    }
}
