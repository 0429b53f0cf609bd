package hingeyard.core.fit.checks;

import hingeyard.core.bike.Material;
import hingeyard.core.bike.Reading;
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
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;

/** Do the axle's flats go into the slots, and how much play is left? */
final class HubSlotCheck extends HubCheck {

    private static final int DRESSING_MINUTES = 10;

    HubSlotCheck(WheelEnd end) {
        super(end, holderId(end, "slot"), end == WheelEnd.FRONT ? "Slot width" : "Rear slot width", end.slotWidth(), end.material());
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Length flats = hub(c).axle().flats();
        finding.kit(Leaf.of(flats, "across the axle's flats")).figure(Figure.published("Across the flats", flats, c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Length flats = hub(c).axle().flats();
        Material material = c.survey().choice(end().material()).orElseThrow();
        Reading.OfLength slot = bike(c, finding, end().slotWidth());
        Length play = slot.value().minus(flats);
        finding.margin(Margin.spare(play)).figure(Figure.computed("Play", play, "slot − flats"))
                .figure(c.rules().figure("Most play", LengthRule.SLOT_PLAY));
        // The axle's size is its maker's: a slot of the same size takes it.
        Clearance goesIn = new Clearance(play, Doubt.of(slot), Length.ZERO, LimitKind.MAKERS);
        if (goesIn.answer() == Clearance.Answer.UNSURE) {
            return unsure(finding, goesIn);
        }
        if (goesIn.answer() == Clearance.Answer.SHORT) {
            return tight(c, finding, slot, play, material);
        }
        Clearance loose = Clearance.within(play.max(Length.ZERO), Doubt.of(slot), c.rules().value(LengthRule.SLOT_PLAY));
        if (loose.answer() == Clearance.Answer.UNSURE) {
            return unsure(finding, loose);
        }
        if (loose.answer() == Clearance.Answer.SHORT) {
            return finding.is(Verdict.FITS, Sentence.of(
                    "In a slot of %s the flats of %s have %s of play. The torque arm on the bill takes it up: set it before the nuts are tightened.",
                    slot.value(), flats, play));
        }
        Sentence fits = Sentence.of("The flats of %s fit the slot of %s.", flats, slot.value());
        return finding.is(Verdict.FITS,
                goesIn.onLimit() ? Sentence.of("%s They are so close in size that trying the axle decides.", fits) : fits);
    }

    /** Paint and burr may come off a steel slot, up to the shop's limit, a limit of safety; nothing comes off any other. */
    private static Finding tight(FitCase c, Finding.Builder finding, Reading.OfLength slot, Length play, Material material) {
        boolean steel = material == Material.STEEL;
        Length dress = steel ? c.rules().value(LengthRule.SLOT_DRESSING) : Length.ZERO;
        finding.figure(Figure.shopRule("May be dressed by", dress, LengthRule.SLOT_DRESSING.key()));
        Clearance dressed = new Clearance(dress.plus(play), Doubt.of(slot), Length.ZERO, LimitKind.SAFETY);
        if (steel && dressed.answer() == Clearance.Answer.ENOUGH) {
            return finding
                    .remedy(Remedy.work("wheels", DRESSING_MINUTES,
                            Sentence.of("Dress paint and burr from the slots, never more than %s.", dress)))
                    .is(Verdict.FITS_WITH, Sentence.of("The slot of %s is %s tighter than the flats: in steel, dress off paint and burr.",
                            slot.value(), play.abs()));
        }
        Sentence why = steel
                ? Sentence.of("The slot of %s is %s too narrow; steel may be dressed by %s at most.", slot.value(), play.abs(), dress)
                : Sentence.of("The slot of %s is %s too narrow, and %s is never filed.", slot.value(), play.abs(), material.label());
        return finding.neverOverridden()
                .remedy(Remedy.otherKit("Choose a motor whose axle fits this slot. Never file a slot open: it holds the wheel."))
                .is(Verdict.NO_FIT, steel ? failing(dressed, why) : why);
    }
}
