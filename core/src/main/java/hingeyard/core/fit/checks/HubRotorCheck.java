package hingeyard.core.fit.checks;

import hingeyard.core.bike.BrakeKind;
import hingeyard.core.bike.CaliperMount;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.HubDrive.HubRotor;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Words;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.stack.StackAnswer;
import java.util.List;
import java.util.Optional;

/** Does the motor's rotor run where the caliper is, and does the caliper clear the motor's cover? */
final class HubRotorCheck extends HubCheck {

    /** How far a caliper's body reaches in from the rotor's edge. */
    private static final Length CALIPER_DEPTH = Length.ofMillimetres(34);
    /** Pistons find the rotor by themselves when it is off by this. */
    private static final Length PISTONS = Length.ofMicrometres(200);

    HubRotorCheck(WheelEnd end) {
        super(end, ended(end, "rotor"), endTitle(end, "rotor and caliper"), end.brakeKind(), end.rotorDiameter(), end.rotorPlane(), end.caliperMount(), end.caliperReach());
    }

    @Override
    public boolean concerns(Kit kit) {
        return super.concerns(kit) && kit.equipment().motor().isPresent();
    }

    /** Only a disc brake is asked about its rotor. */
    @Override
    List<Measure> needed(FitCase c) {
        Optional<BrakeKind> brake = c.survey().choice(end().brakeKind());
        return brake.filter(b -> b == BrakeKind.DISC).isPresent() ? needs() : List.of(end().brakeKind());
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(hub(c).rotor().map(r -> Leaf.of(Sentence.of("rotor at %s", r.plane()), "from the left shoulder")).orElse(Leaf.of("takes no rotor")));
        hub(c).rotor().ifPresent(r -> finding.figure(Figure.published("Rotor's middle from the left shoulder", r.plane(), c.kit().code()))
                .figure(Figure.published("Cover's face from the left shoulder", r.coverFace(), c.kit().code())));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        BrakeKind brake = c.survey().choice(end().brakeKind()).orElseThrow();
        finding.bike(Leaf.of(brake.label())).figure(Figure.measured("Brake", new Words(brake.label()), end().brakeKind().key()));
        if (brake != BrakeKind.DISC) {
            return brake == BrakeKind.RIM || brake == BrakeKind.NONE ? finding.margin(Margin.said("no rotor")).is(Verdict.FITS, Sentence.of("No rotor to take over: this wheel has %s.", brake == BrakeKind.RIM ? "a rim brake" : "no brake"))
                    : finding.margin(Margin.said("brake lost")).neverOverridden().remedy(Remedy.otherKit("A motor for the other wheel, or a mid-drive."))
                    .is(Verdict.NO_FIT, Sentence.of("The wheel's %s brake sits in the hub that comes out: the bike would lose it.", brake.label()));
        }
        if (hub(c).rotor().isEmpty()) {
            return finding.margin(Margin.said("brake lost")).neverOverridden().remedy(Remedy.otherKit("A motor that takes a rotor."))
                    .is(Verdict.NO_FIT, "The bike brakes on a rotor, and this motor has no place for one.");
        }
        return aligned(c, finding, hub(c).rotor().get());
    }

    /** A positive shift: the motor's rotor runs further from the dropout than the bike's. */
    private Finding aligned(FitCase c, Finding.Builder finding, HubRotor rotor) {
        Reading.OfLength plane = bike(c, finding, end().rotorPlane());
        Length left = HubPlan.of(c, end()).inner(0);
        Length shift = rotor.plane().plus(left).minus(plane.value());
        Length slot = c.survey().choice(end().caliperMount()).filter(m -> m == CaliperMount.POST).isPresent() ? c.rules().value(LengthRule.CALIPER_SLOT) : Length.ZERO;
        finding.figure(Figure.computed("Rotor runs further in by", shift, "plane + left washers − bike's rotor plane")).figure(Figure.shopRule("Caliper's slots", slot,
                LengthRule.CALIPER_SLOT.key())).margin(Margin.said(Sentence.of("shift %s", shift.signedText())));
        Clearance cover = cover(c, rotor, left, plane);
        if (cover.answer() == Clearance.Answer.SHORT) {
            return finding.margin(cover.margin()).neverOverridden().remedy(Remedy.otherKit("A larger rotor with its adapter, so that the caliper sits outside the motor's cover."))
                    .is(Verdict.NO_FIT, Sentence.of("The caliper would come within %s of the motor's turning cover; %s are wanted.", cover.gap(), cover.wanted()));
        }
        if (!shift.abs().plus(plane.plusMinus()).isMoreThan(slot.max(PISTONS))) {
            return finding.is(Verdict.FITS, Sentence.of("The rotor runs %s from where the bike's ran; the caliper's slots take that up.", shift.abs()));
        }
        return washers(c, finding, shift, slot, plane.plusMinus());
    }

    private Clearance cover(FitCase c, HubRotor rotor, Length left, Reading.OfLength plane) {
        Length wanted = c.rules().value(LengthRule.COVER_TO_CALIPER);
        if (rotor.coverRadius().isLessThan(value(c, end().rotorDiameter()).half().minus(CALIPER_DEPTH))) {
            return new Clearance(wanted.plus(Length.ofMillimetres(20)), Length.ZERO, wanted);
        }
        Length caliper = rotor.plane().plus(left).plus(value(c, end().caliperReach()));
        return new Clearance(rotor.coverFace().plus(left).minus(caliper), reading(c, end().caliperReach()).plusMinus(), wanted);
    }

    /** Further in: washers under the rotor bring it out. Further out: washers under the caliper, in pairs. */
    private Finding washers(FitCase c, Finding.Builder finding, Length shift, Length slot, Length plusMinus) {
        boolean underRotor = !shift.isNegative();
        String use = underRotor ? "rotor-shim" : "caliper-washer";
        int each = underRotor ? 1 : 2;
        Length reach = slot.max(PISTONS).minus(plusMinus).max(Length.ZERO);
        Band allowed = new Band(shift.abs().minus(reach).max(Length.ZERO), shift.abs().plus(reach));
        StackAnswer answer = OneSided.solve(c, use, each, allowed, shift.abs(), 4);
        if (answer.best().filter(b -> b.pieceCount() == 0).isPresent()) {
            return unsure(finding, new Clearance(slot.max(PISTONS).minus(shift.abs()), plusMinus, Length.ZERO), end().rotorPlane());
        }
        String where = underRotor ? "under the rotor" : "under each foot of the caliper, in pairs";
        if (answer.best().isEmpty()) {
            return finding.remedy(Needs.buy((underRotor ? "Rotor shim of " : "Caliper washers of ") + shift.abs(), each, use))
                    .is(Verdict.FITS_WITH, Sentence.of("The rotor runs %s too far %s for the caliper's slots; no drawer has the washers for it.", shift.abs(), underRotor ? "in" : "out"));
        }
        return finding.remedies(OneSided.parts(answer.best().get(), use, each))
                .exhibit(() -> underRotor ? OneSided.section(use, "Rotor on its shims, inside to outside", "motor's seat", "rotor", answer, allowed)
                        : OneSided.section(use, "Each foot of the caliper on its washers", end().holder() + "'s mount", "caliper's foot", answer, allowed))
                .is(Verdict.FITS_WITH, Sentence.of("The rotor runs %s further %s than the caliper's slots take up: washers of %s %s bring them together.", shift.abs(),
                        underRotor ? "in" : "out", answer.best().get().sums().get(0), where));
    }
}
