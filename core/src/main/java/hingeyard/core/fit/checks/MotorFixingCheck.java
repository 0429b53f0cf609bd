package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
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

/**
 * What keeps the motor from turning, and are its screws long enough? A tooth plate's screws pass the plate and reach into the motor: from the
 * tapped face to the plate's outer face, and 1.5 diameters of thread (tapped aluminium), without touching the bottom.
 */
final class MotorFixingCheck extends MeasuredCheck {

    MotorFixingCheck() {
        super("motor-fixing", "Held from turning", BracketMeasures.SHELL_WIDTH, BracketMeasures.DOWN_TUBE_WIDTH);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().bracket().flatMap(b -> b.body()).isPresent();
    }

    private static Fixing fixing(FitCase c) {
        return c.kit().drive().bracket().flatMap(b -> b.body()).orElseThrow().fixing();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Fixing f = fixing(c);
        finding.kit(f.hold().screwed() ? Leaf.of(f.hold() == Hold.TOOTH_PLATE ? "tooth plate" : "side plate", Sentence.of("screws of %s", f.supplied()))
                : Leaf.of(Sentence.of("%s for %s", (f.hold() == Hold.BAND ? "band" : "bracket"), new Band(f.tubeLeast(), f.tubeMost())), "down tube"));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        return fixing(c).hold().screwed() ? screws(c, finding) : around(c, finding);
    }

    private static Finding around(FitCase c, Finding.Builder finding) {
        Fixing f = fixing(c);
        Length tube = bike(c, finding, BracketMeasures.DOWN_TUBE_WIDTH).value();
        Band range = new Band(f.tubeLeast(), f.tubeMost());
        if (range.contains(tube)) {
            return finding.margin(Margin.said("goes round")).is(Verdict.FITS, Sentence.of("The kit's own %s goes round a tube of %s.", f.hold() == Hold.BAND ? "band" : "bracket", tube));
        }
        return finding.margin(Margin.said("another band"))
                .remedy(Needs.drawerOrBuy(c, "motor-band", 1, p -> p.facts().span().filter(s -> s.contains(tube)).isPresent(), "motor-band",
                        "Metal band with rubber for a tube of " + tube))
                .is(Verdict.FITS_WITH, Sentence.of("The kit's own goes round %s, the down tube is %s: a metal band round motor and tube holds it.", range, tube));
    }

    private static Finding screws(FitCase c, Finding.Builder finding) {
        Fixing f = fixing(c);
        BracketDrive drive = c.kit().drive().bracket().orElseThrow();
        BracketPlan plan = BracketPlan.of(c);
        Length plateOutside = plan.driveSide().plus(value(c, BracketMeasures.SHELL_WIDTH)).plus(plan.otherSide()).plus(drive.toothPlate());
        Length clamped = plateOutside.minus(f.clamped());
        Length least = clamped.plus(f.screw().plus(f.screw().half()));
        Length most = clamped.plus(f.tapDepth());
        finding.bike(Leaf.of(clamped, "between screw head and tapped face")).margin(Margin.said(Sentence.of("screw %s", new Band(least.min(most), most))))
                .figure(Figure.published("Tapped face from the shoulder", f.clamped(), c.kit().code()))
                .figure(Figure.published("Depth of the thread", f.tapDepth(), c.kit().code()))
                .figure(Figure.published("Screws in the box", f.supplied(), c.kit().code()))
                .figure(Figure.computed("Clamped by the screws", clamped, "spacers + shell + plate − tapped face"))
                .figure(Figure.computed("Shortest screw that holds", least, "clamped + 1.5 × diameter"))
                .figure(Figure.computed("Longest that does not touch the bottom", most, "clamped + depth"));
        if (!f.supplied().isLessThan(least) && !f.supplied().isMoreThan(most)) {
            return finding.is(Verdict.FITS, Sentence.of("The kit's screws of %s reach %s into the motor and do not touch the bottom.", f.supplied(), f.supplied().minus(clamped)));
        }
        Length right = standardLength(least);
        Sentence name = Sentence.of("Screw M%s × %s", f.screw().amount().toPlainString(), right.amount().toPlainString());
        String fault = f.supplied().isLessThan(least) ? "short" : "long: they would touch the bottom before they clamp";
        if (right.isMoreThan(most)) {
            return finding.remedy(Needs.drawerOrBuy(c, "bolt-m" + f.screw().amount().toPlainString(), 2, p -> p.facts().length().filter(right::equals).isPresent(),
                            "plate-screws", name)).remedy(Remedy.work("general", 5, "A washer under each head, so that the screws clamp before they touch the bottom."))
                    .is(Verdict.FITS_WITH, Sentence.of("The kit's screws of %s are too %s; %s with a washer under each head are right.", f.supplied(), fault, right));
        }
        return finding.remedy(Needs.drawerOrBuy(c, "bolt-m" + f.screw().amount().toPlainString(), 2, p -> p.facts().length().filter(right::equals).isPresent(),
                        "plate-screws", name))
                .is(Verdict.FITS_WITH, Sentence.of("The kit's screws of %s are too %s; two of %s are right.", f.supplied(), fault, right));
    }

    /** The next length that is sold: every 2 mm up to 20, every 5 from there. */
    static Length standardLength(Length least) {
        long step = least.isMoreThan(Length.ofMillimetres(20)) ? 5_000 : 2_000;
        return Length.ofMicrometres((Math.max(least.micrometres(), 1) + step - 1) / step * step);
    }
}
