package hingeyard.core.fit.checks;

import hingeyard.core.bike.Material;
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
        Length dress = material == Material.STEEL ? c.rules().value(LengthRule.SLOT_DRESSING) : Length.ZERO;
        finding.margin(Margin.spare(play)).figure(Figure.computed("Play", play, "slot less flats")).figure(c.rules().figure("Most play", LengthRule.SLOT_PLAY))
                .figure(Figure.shopRule("May be dressed by", dress, LengthRule.SLOT_DRESSING.key()));
        Length least = play.minus(slot.plusMinus());
        Length greatest = play.plus(slot.plusMinus());
        if (least.plus(dress).isNegative()) {
            return greatest.plus(dress).isNegative() ? tooNarrow(finding, slot, play, material, dress) : straddles(finding, play, flats, material);
        }
        if (least.isNegative()) {
            return finding.remedy(Remedy.work("wheels", DRESSING_MINUTES, Sentence.of("Dress paint and burr from the slots, never more than %s.", dress)))
                    .is(Verdict.FITS_WITH, Sentence.of("The slot of %s may be up to %s tighter than the flats of %s: in steel, paint and burr are dressed off.", slot.value(),
                            least.abs(), flats));
        }
        if (greatest.isMoreThan(c.rules().value(LengthRule.SLOT_PLAY))) {
            return finding.remedies(HubPlan.of(c, end()).arms(1))
                    .is(Verdict.FITS_WITH, Sentence.of("In a slot of %s the flats of %s may turn by up to %s: the arm holds them.", slot.value(), flats, greatest));
        }
        return finding.is(Verdict.FITS, Sentence.of("The flats of %s sit in a slot of %s with %s of play at most.", flats, slot.value(), greatest));
    }

    private static Finding tooNarrow(Finding.Builder finding, Reading.OfLength slot, Length play, Material material, Length dress) {
        return finding.neverOverridden().remedy(Remedy.otherKit("A motor whose axle fits this slot. Slots are not filed open: they hold the wheel."))
                .is(Verdict.NO_FIT, material == Material.STEEL
                        ? Sentence.of("The slot of %s is %s too narrow; steel may be dressed by %s only.", slot.value(), play.abs(), dress)
                        : Sentence.of("The slot of %s is %s too narrow, and %s is never filed.", slot.value(), play.abs(), material.label()));
    }

    private Finding straddles(Finding.Builder finding, Length play, Length flats, Material material) {
        return finding.margin(Margin.spare(play).flipping(true))
                .remedy(Remedy.measure(Sentence.of("Measure the slot finer, or try a gauge of %s in both slots.", flats), end().slotWidth().key()))
                .is(Verdict.MEASURE, Sentence.of("Slot and flats are so near one another that the caliper cannot tell, and %s is not dressed that far.", material.label()));
    }
}
