package hingeyard.core.fit.checks;

import hingeyard.core.bike.FrontMeasures;
import hingeyard.core.bike.Material;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Remedy.PartNeed;
import hingeyard.core.explain.Remedy.Supply;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitCheck;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.KitItem;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Do the axle's flats go into the fork's slots, and how much play is left? */
final class ForkSlotCheck implements FitCheck {

    private static final int DRESSING_MINUTES = 10;

    @Override
    public String id() {
        return "fork-slot";
    }

    @Override
    public String title() {
        return "Slot width";
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().frontHub().isPresent();
    }

    @Override
    public List<Measure> needs() {
        return List.of(FrontMeasures.SLOT_WIDTH, FrontMeasures.FORK_MATERIAL);
    }

    @Override
    public Finding assess(FitCase c) {
        Length flats = c.kit().drive().frontHub().orElseThrow().axleFlats();
        Finding.Builder finding = finding().kit(Leaf.of(flats.text(), "across the axle's flats")).figure(Figure.published("Across the flats", flats, c.kit().code()));
        Optional<Reading.OfLength> slot = c.survey().length(FrontMeasures.SLOT_WIDTH);
        Optional<Material> material = c.survey().choice(FrontMeasures.FORK_MATERIAL);
        slot.ifPresent(s -> finding.bike(Leaf.of(s.value().text(), s.quality())).figure(Figure.measured("Slot width", s.value(), FrontMeasures.SLOT_WIDTH.key())));
        if (slot.isEmpty() || material.isEmpty()) {
            List<String> keys = new ArrayList<>();
            slot.ifPresentOrElse(s -> { }, () -> keys.add(FrontMeasures.SLOT_WIDTH.key()));
            material.ifPresentOrElse(m -> { }, () -> keys.add(FrontMeasures.FORK_MATERIAL.key()));
            return finding.margin(Margin.said(slot.isEmpty() ? "slot?" : "material?"))
                    .remedy(Remedy.measure(slot.isEmpty() ? "Measure the slot with the inner jaws, paint scraped off." : "Put the magnet on the fork's dropout.",
                            keys.toArray(String[]::new)))
                    .is(Verdict.MEASURE, "Whether the axle's flats of %s go into the fork's slots cannot be told yet.".formatted(flats));
        }
        return judged(finding, slot.get(), flats, material.get(), c);
    }

    private static Finding judged(Finding.Builder finding, Reading.OfLength slot, Length flats, Material material, FitCase c) {
        Length play = slot.value().minus(flats);
        Length most = c.rules().value(LengthRule.SLOT_PLAY);
        Length dress = material == Material.STEEL ? c.rules().value(LengthRule.SLOT_DRESSING) : Length.ZERO;
        finding.margin(Margin.spare(play)).figure(Figure.computed("Play", play, "slot less flats")).figure(c.rules().figure("Most play", LengthRule.SLOT_PLAY))
                .figure(Figure.shopRule("May be dressed by", dress, LengthRule.SLOT_DRESSING.key()));
        Length least = play.minus(slot.plusMinus());
        Length greatest = play.plus(slot.plusMinus());
        if (least.plus(dress).isNegative()) {
            return greatest.plus(dress).isNegative() ? tooNarrow(finding, slot, play, material, dress) : straddles(finding, play, flats, material);
        }
        if (least.isNegative()) {
            return finding.remedy(Remedy.work("wheels", DRESSING_MINUTES, "Dress paint and burr from the slots, never more than %s.".formatted(dress)))
                    .is(Verdict.FITS_WITH, "The slot of %s may be up to %s tighter than the flats of %s: in steel, paint and burr are dressed off.".formatted(slot.value(),
                            least.abs(), flats));
        }
        if (greatest.isMoreThan(most)) {
            return loose(finding, slot, greatest, flats, c.kit());
        }
        return finding.is(Verdict.FITS, "The flats of %s sit in a slot of %s with %s of play at most.".formatted(flats, slot.value(), greatest));
    }

    private static Finding tooNarrow(Finding.Builder finding, Reading.OfLength slot, Length play, Material material, Length dress) {
        return finding.neverOverridden().remedy(Remedy.otherKit("A motor whose axle fits this slot. Slots of a fork are not filed open: they hold the wheel."))
                .is(Verdict.NO_FIT, material == Material.STEEL
                        ? "The slot of %s is %s too narrow; steel may be dressed by %s only.".formatted(slot.value(), play.abs(), dress)
                        : "The slot of %s is %s too narrow, and %s is never filed.".formatted(slot.value(), play.abs(), material.label()));
    }

    private static Finding straddles(Finding.Builder finding, Length play, Length flats, Material material) {
        return finding.margin(Margin.spare(play).flipping(true))
                .remedy(Remedy.measure("Measure the slot finer, or try a gauge of %s in both slots.".formatted(flats), FrontMeasures.SLOT_WIDTH.key()))
                .is(Verdict.MEASURE, "Slot and flats are so near one another that the caliper cannot tell, and %s is not dressed that far.".formatted(material.label()));
    }

    private static Finding loose(Finding.Builder finding, Reading.OfLength slot, Length greatest, Length flats, Kit kit) {
        Optional<KitItem> arm = kit.contents().stream().filter(i -> i.role().equals("torque-arm")).findFirst();
        PartNeed need = arm.map(a -> new PartNeed("", a.name(), 1, Supply.KIT, "", "torque-arm"))
                .orElse(new PartNeed("", "Torque arm for flats of " + flats, 1, Supply.BUY, "", "torque-arm"));
        return finding.remedy(Remedy.part(need, need.name() + " takes up the play."))
                .is(Verdict.FITS_WITH, "In a slot of %s the flats of %s may turn by up to %s: the arm holds them.".formatted(slot.value(), flats, greatest));
    }
}
