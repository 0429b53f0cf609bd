package hingeyard.core.fit.checks;

import hingeyard.core.bike.BrakeKind;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.RotorMount;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.LimitKind;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.HubDrive.HubRotor;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Words;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackSet;
import hingeyard.core.stock.DrawerPart;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Does the bike's rotor go onto the motor, does it run where the caliper is, and does the caliper clear the motor's cover? */
final class HubRotorCheck extends HubCheck {

    private static final String ROTOR = "rotor";
    /** How far a caliper's body reaches in from the rotor's edge. */
    private static final Length CALIPER_DEPTH = Length.ofMillimetres(34);

    HubRotorCheck(WheelEnd end) {
        super(end, ended(end, "rotor"), endTitle(end, "rotor and caliper"), end.brakeKind(), end.rotorDiameter(), end.rotorMount(),
                end.rotorPlane(), end.caliperMount(), end.caliperReach());
    }

    @Override
    Optional<String> unsaid(FitCase c) {
        boolean disc = c.survey().choice(end().brakeKind()).filter(b -> b == BrakeKind.DISC).isPresent();
        return disc && hub(c).rotor().filter(r -> r.mount().isEmpty()).isPresent()
                ? Optional.of("how a rotor is held on the motor, by six bolts or by splines") : Optional.empty();
    }

    /** Only a disc brake is asked about its rotor; the washers decide where it runs. */
    @Override
    List<Measure> needed(FitCase c) {
        Optional<BrakeKind> brake = c.survey().choice(end().brakeKind());
        boolean asked = brake.filter(b -> b == BrakeKind.DISC).isPresent() && hub(c).rotor().isPresent();
        return asked ? Stream.concat(needs().stream(), HubPlan.needed(c, end()).stream()).distinct().toList() : List.of(end().brakeKind());
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(hub(c).rotor()
                .map(r -> Leaf.of(Sentence.of("rotor at %s", r.plane()),
                        Sentence.of("from the left shoulder, %s", r.mount().map(RotorMount::label).orElse("pattern not said"))))
                .orElse(Leaf.of("takes no rotor")));
        hub(c).rotor().ifPresent(r -> finding.figure(Figure.published("Rotor's middle from the left shoulder", r.plane(), c.kit().code()))
                .figure(Figure.published("Cover's face from the left shoulder", r.coverFace(), c.kit().code())));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        BrakeKind brake = c.survey().choice(end().brakeKind()).orElseThrow();
        finding.bike(Leaf.of(brake.label())).figure(Figure.measured("Brake", new Words(brake.label()), end().brakeKind().key()));
        if (brake == BrakeKind.RIM || brake == BrakeKind.NONE) {
            return finding.margin(Margin.said("no rotor")).is(Verdict.FITS,
                    Sentence.of("There is no rotor to move over: this wheel has %s.", brake == BrakeKind.RIM ? "a rim brake" : "no brake"));
        }
        if (brake != BrakeKind.DISC) {
            return finding.margin(Margin.said("brake lost")).neverOverridden()
                    .remedy(Remedy.otherKit("Choose a motor for the other wheel, or a mid-drive."))
                    .is(Verdict.NO_FIT,
                            Sentence.of("The wheel's %s brake is in the hub that comes out: the bike would lose it.", brake.label()));
        }
        if (hub(c).rotor().isEmpty()) {
            return finding.margin(Margin.said("brake lost")).neverOverridden().remedy(Remedy.otherKit("Choose a motor that takes a rotor."))
                    .is(Verdict.NO_FIT, "The bike brakes on a rotor, and this motor has no place for one.");
        }
        return aligned(c, finding, hub(c).rotor().get());
    }

    /** A positive shift: the motor's rotor runs further from the dropout than the bike's. */
    private Finding aligned(FitCase c, Finding.Builder finding, HubRotor rotor) {
        Reading.OfLength plane = bike(c, finding, end().rotorPlane());
        HubPlan plan = HubPlan.of(c, end());
        Length runs = plan.rotorRuns(rotor);
        Length shift = runs.minus(plane.value());
        Length slot = plan.slot();
        finding.figure(Figure.computed("Rotor runs further in by", shift, "plane + left washers − bike's rotor plane"))
                .figure(Figure.shopRule("Caliper's slots", slot,
                        LengthRule.CALIPER_SLOT.key()))
                .margin(Margin.said(Sentence.of("shift %s", Sentence.later(shift.told()::signedText))));
        Clearance cover = cover(c, rotor, runs);
        if (cover.answer() == Clearance.Answer.UNSURE) {
            return unsure(finding, cover);
        }
        if (cover.answer() == Clearance.Answer.SHORT) {
            return finding.margin(cover.margin()).neverOverridden()
                    .remedy(Remedy.otherKit("Choose a larger rotor with its adapter, so that the caliper sits outside the motor's cover."))
                    .is(Verdict.NO_FIT,
                            failing(cover, Sentence.of("The caliper would come within %s of the motor's turning cover; %s is needed.",
                                    cover.gap().told(), cover.wanted())));
        }
        Optional<Sentence> pattern = otherPattern(c, finding, rotor);
        Clearance takenUp = Clearance.within(shift, Doubt.of(plane), slot.max(HubPlan.PISTONS));
        if (takenUp.answer() == Clearance.Answer.UNSURE) {
            return unsure(finding, takenUp);
        }
        if (takenUp.answer() == Clearance.Answer.ENOUGH) {
            Sentence runsThere = passing(takenUp,
                    Sentence.of("The rotor runs %s from where the bike's ran; the caliper takes that up.", shift.abs().told()));
            return pattern.map(p -> finding.is(Verdict.FITS_WITH, Sentence.of("%s %s", p, runsThere)))
                    .orElseGet(() -> finding.is(Verdict.FITS, runsThere));
        }
        return washers(c, finding, shift, slot, pattern.map(p -> Sentence.of("%s ", p)).orElse(Sentence.plain("")));
    }

    private Clearance cover(FitCase c, HubRotor rotor, Length runs) {
        Length wanted = c.rules().value(LengthRule.COVER_TO_CALIPER);
        if (rotor.coverRadius().isLessThan(value(c, end().rotorDiameter()).half().minus(CALIPER_DEPTH))) {
            return new Clearance(wanted.plus(Length.ofMillimetres(20)), Doubt.NONE, wanted, LimitKind.SAFETY);
        }
        Length caliper = runs.plus(value(c, end().caliperReach()));
        Length face = runs.minus(rotor.plane()).plus(rotor.coverFace());
        return new Clearance(face.minus(caliper), Doubt.of(reading(c, end().caliperReach())), wanted, LimitKind.SAFETY);
    }

    /** Six bolts against splines: an adapter where there is one, else another rotor; the bike's own stays with its old wheel. */
    private Optional<Sentence> otherPattern(FitCase c, Finding.Builder finding, HubRotor rotor) {
        RotorMount own = c.survey().choice(end().rotorMount()).orElseThrow();
        RotorMount wanted = rotor.mount().orElseThrow();
        if (own == wanted || wanted == RotorMount.NONE) {
            return Optional.empty();
        }
        Length diameter = value(c, end().rotorDiameter());
        Optional<DrawerPart> adapter = own == RotorMount.SIX_BOLT ? c.drawers().find("rotor-adapter", 1, p -> true) : Optional.empty();
        if (adapter.isPresent()) {
            finding.remedy(Needs.fromDrawer(adapter.get(), 1, "rotor-adapter"));
            return Optional.of(Sentence.of("The bike's rotor has six bolts and the motor takes splines: an adapter carries it."));
        }
        finding.remedy(
                Needs.drawerOrBuy(c, "rotor-" + wanted.code(), 1, p -> p.facts().length().filter(diameter::equals).isPresent(), ROTOR,
                        Sentence.of("Rotor of %s, %s", diameter, wanted.label())).replacing(ROTOR));
        return Optional.of(Sentence.of("The bike's rotor is held by %s and the motor takes %s: it needs a new rotor of %s.",
                own == RotorMount.SIX_BOLT ? "six bolts" : "splines",
                wanted == RotorMount.SIX_BOLT ? "six bolts" : "splines", diameter));
    }

    /** Further in: washers under the rotor bring it out. Further out: washers under the caliper, in pairs. */
    private Finding washers(FitCase c, Finding.Builder finding, Length shift, Length slot, Sentence before) {
        boolean underRotor = !shift.isNegative();
        String use = underRotor ? "rotor-shim" : "caliper-washer";
        int each = underRotor ? 1 : 2;
        Length reach = slot.max(HubPlan.PISTONS);
        Band allowed = new Band(shift.abs().minus(reach).max(Length.ofMicrometres(1)), shift.abs().plus(reach));
        StackAnswer answer = OneSided.solve(c, use, each, allowed, shift.abs(), StackWords.mostPerSide(c));
        Optional<Finding> finer = Coarse.first(c, finding, List.of(end().rotorPlane()), k -> chosen(k, end(), use, each));
        if (finer.isPresent()) {
            return finer.get();
        }
        StackSet set = answer.inPlace().orElseThrow();
        String where = underRotor ? "under the rotor" : "under each foot of the caliper, in pairs";
        return finding.remedies(OneSided.parts(c, set, use, each))
                .exhibit(() -> underRotor
                        ? OneSided.section(use, "Rotor on its shims, inside to outside", "motor's seat", "rotor", answer, allowed)
                        : OneSided.section(use, "Each foot of the caliper on its washers", end().holder() + "'s mount", "caliper's foot",
                                answer, allowed))
                .is(Verdict.FITS_WITH,
                        Sentence.of("%sThe rotor runs %s further %s than the caliper's slots take up. Put washers of %s %s.%s", before,
                                shift.abs().told(),
                                underRotor ? "in" : "out", set.sums().get(0), where,
                                answer.best().isPresent() ? "" : " The drawers have none."));
    }

    private static Object chosen(FitCase c, WheelEnd end, String use, int each) {
        HubPlan plan = HubPlan.of(c, end);
        Length shift = plan.rotorRuns(hub(c).rotor().orElseThrow()).minus(value(c, end.rotorPlane())).abs();
        Length reach = plan.slot().max(HubPlan.PISTONS);
        return OneSided
                .solve(c, use, each, new Band(shift.minus(reach).max(Length.ZERO), shift.plus(reach)), shift, StackWords.mostPerSide(c))
                .inPlace().map(StackSet::sides);
    }
}
