package hingeyard.core.fit.checks;

import hingeyard.core.bay.BayAnswer;
import hingeyard.core.bay.BayPlace;
import hingeyard.core.bike.InTriangle;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.TriangleMeasures;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.BatteryHold;
import hingeyard.core.kit.KeySide;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.NoDrive;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import java.util.List;

/** Is there a place for the battery in the triangle, with room to take it out? */
final class BatteryBayCheck extends MeasuredCheck {

    BatteryBayCheck() {
        super("battery-bay", "Battery in the triangle", BayPlan.NEEDS);
    }

    @Override
    public boolean concerns(Kit kit) {
        return inTriangle(kit);
    }

    static boolean inTriangle(Kit kit) {
        return kit.battery().casing().hold() == BatteryHold.RAIL && bringsBattery(kit);
    }

    static boolean bringsBattery(Kit kit) {
        return kit.drive().none().map(NoDrive::holdsBattery).orElse(true);
    }

    @Override
    List<Measure> needed(FitCase c) {
        return BayPlan.lengths(c);
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Battery b = c.kit().battery();
        finding.kit(Leaf.of(Sentence.of("%s × %s", b.length(), b.height()), Sentence.of("on a rail of %s", b.casing().railHeight())))
                .figure(Figure.published("Battery's length", b.length(), b.code()))
                .figure(Figure.published("Battery's height", b.height(), b.code()))
                .figure(Figure.published("Slides off by", b.casing().slideOff(), b.code()))
                .figure(Figure.published("Room for key and port, " + b.casing().keySide().label(),
                        b.casing().keySide() == KeySide.BESIDE ? Length.ZERO : b.casing().keyRoom(), b.code()))
                .figure(c.rules().figure("To every tube", LengthRule.BAY_TO_TUBE));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        if (!BayPlan.stands(c)) {
            return finding.margin(Margin.said("shape unknown"))
                    .remedy(Remedy.measure("Measure where the lower end of the head tube is, forward of the bracket and above it.",
                            TriangleMeasures.HEAD_BOTTOM_FORWARD.key(), TriangleMeasures.HEAD_BOTTOM_UP.key()))
                    .is(Verdict.MEASURE,
                            Sentence.of(
                                    "Tubes of %s, %s and %s leave open how flat this triangle lies: the place of the head tube decides.",
                                    value(c, TriangleMeasures.SEAT_TUBE), value(c, TriangleMeasures.TOP_TUBE),
                                    value(c, TriangleMeasures.DOWN_TUBE)));
        }
        BayPlan plan = BayPlan.of(c);
        InTriangle other = c.survey().choice(TriangleMeasures.IN_TRIANGLE).orElse(InTriangle.NOTHING);
        finding.bike(Leaf.of(Sentence.of("down tube %s", value(c, TriangleMeasures.DOWN_TUBE)),
                Sentence.of("seat tube %s", value(c, TriangleMeasures.SEAT_TUBE))));
        if (plan.answer().place().isPresent()) {
            return placed(c, finding, plan.answer().place().get(), other);
        }
        if (plan.finerMightFind()) {
            return finding.margin(Margin.said("by a hair").flipping(true))
                    .remedy(Remedy.measure(Sentence.plain(
                            "Hold the battery, or a card cut to its outline, in the triangle; or measure both tubes again with the tape."),
                            TriangleMeasures.DOWN_TUBE.key(), TriangleMeasures.SEAT_TUBE.key()))
                    .is(Verdict.MEASURE, Sentence.of("It is too close to call: the tubes are only known to ± %s.", BayPlan.uncertainty(c)));
        }
        return plan.stretchMightFind() ? stretch(finding, plan) : none(c, finding, plan);
    }

    private static Finding placed(FitCase c, Finding.Builder finding, BayPlace place, InTriangle other) {
        Length from = tenths(place.from());
        Length clear = tenths(place.clearance());
        finding.margin(Margin.of(clear, c.rules().value(LengthRule.BAY_TO_TUBE))).exhibit(() -> BaySketch.of(c, place))
                .figure(Figure.computed("Lower end from the bottom bracket", from, "lowest centre of mass among the places that clear"))
                .figure(Figure.computed("Least clearance", clear, "to the " + place.nearest()));
        Sentence where = Sentence.of(
                "Mounted on the %s, %s from the bottom bracket, the battery clears the %s by %s, slides off freely and its key is in reach",
                place.carrier(), from, place.nearest(), clear);
        if (other == InTriangle.NOTHING || other == InTriangle.CABLES) {
            return finding.is(Verdict.FITS, Sentence.of("%s.", where));
        }
        return finding
                .remedy(Remedy.work("general", 10,
                        Sentence.of("Take the %s out of the triangle; mount it elsewhere or hand it back.", other.label())))
                .is(Verdict.FITS_WITH, Sentence.of("%s, once the %s is out of the way.", where, other.label()));
    }

    /** Over all of the tube it is too high, and nobody has said over how much of it anything moves. */
    private static Finding stretch(Finding.Builder finding, BayPlan plan) {
        return finding.margin(Margin.said(Sentence.of("%s too high", tenths(plan.answer().covered()))))
                .remedy(Remedy.measure("Measure from where to where along the down tube shock or link come over it.",
                        TriangleMeasures.SHOCK_OVER_FROM.key(), TriangleMeasures.SHOCK_OVER_TO.key()))
                .is(Verdict.MEASURE, Sentence.of(
                        "Under shock and link the battery is %s too high. It may fit beside them: that depends on where along the tube they move.",
                        tenths(plan.answer().covered())));
    }

    private static Finding none(FitCase c, Finding.Builder finding, BayPlan plan) {
        Battery battery = c.kit().battery();
        finding.remedy(Remedy.otherKit("Choose a smaller battery, or one for a bag, a rack or straps."));
        BayAnswer answer = plan.answer();
        if (answer.covered() > 0) {
            return finding.margin(Margin.said(Sentence.of("%s too high", tenths(answer.covered()))))
                    .is(Verdict.NO_FIT, Sentence.of("At full travel shock or link would hit the battery of %s by %s.", battery.height(),
                            tenths(answer.covered())));
        }
        if (answer.unreached().isPresent()) {
            return finding.margin(Margin.said("key out of reach")).is(Verdict.NO_FIT, Sentence.of(
                    "On the %s the battery would clear the %s by %s, but its key and port %s could not be reached: %s is needed there.",
                    answer.unreached().get().carrier(), answer.unreached().get().nearest(), tenths(answer.unreached().get().clearance()),
                    battery.casing().keySide().label(), battery.casing().keyRoom()));
        }
        if (answer.nearest().filter(n -> n.clearance() >= c.rules().value(LengthRule.BAY_TO_TUBE).inMillimetres()).isPresent()) {
            BayPlace stuck = answer.nearest().get();
            return finding.margin(Margin.said("does not come off")).is(Verdict.NO_FIT, Sentence.of(
                    "The battery of %s × %s has room in the triangle, %s clear of the %s, but none to come off its rail again: it has to slide %s first.",
                    battery.length(), battery.height(), tenths(stuck.clearance()), stuck.nearest(), battery.casing().slideOff()));
        }
        return answer.nearest().map(n -> finding
                .margin(n.clearance() < 0 ? Margin.said(Sentence.of("overlaps by %s", tenths(-n.clearance())))
                        : Margin.said(Sentence.of("%s clear at best", tenths(n.clearance()))))
                .is(Verdict.NO_FIT, n.clearance() < 0
                        ? Sentence.of("The battery of %s × %s does not fit in the triangle: at the best place it overlaps the %s by %s.",
                                battery.length(), battery.height(), n.nearest(), tenths(-n.clearance()))
                        : Sentence.of("The battery of %s × %s does not fit in the triangle: at the best place it clears the %s by only %s.",
                                battery.length(), battery.height(), n.nearest(), tenths(n.clearance()))))
                .orElseGet(() -> finding.margin(Margin.said("tubes too short")).is(Verdict.NO_FIT,
                        Sentence.of("No tube is as long as the battery, %s.", battery.length())));
    }

    private static Length tenths(double millimetres) {
        return Length.ofMicrometres(Math.round(millimetres * 10) * 100);
    }
}
