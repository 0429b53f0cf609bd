package hingeyard.core.fit.checks;

import hingeyard.core.bike.Material;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.quantity.Words;

/** May a motor pull at these dropouts? */
final class HubMaterialCheck extends HubCheck {

    HubMaterialCheck(WheelEnd end) {
        super(end, holderId(end, "material"), holderTitle(end, "material"), end.material());
    }

    @Override
    public boolean approvable() {
        return true;
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of("steel, titanium, aluminium", Sentence.of("motor in the %s wheel", end().label())));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Material material = c.survey().choice(end().material()).orElseThrow();
        String holder = end().holder();
        finding.bike(Leaf.of(material.label())).figure(Figure.measured("Dropouts", new Words(material.label()), end().material().key()));
        return switch (material) {
            case STEEL, TITANIUM, ALUMINIUM -> finding.margin(Margin.said("takes a motor"))
                    .is(Verdict.FITS, Sentence.of("A %s with dropouts of %s takes a motor.", holder, material.label()));
            case MAGNESIUM_CASTING -> c.bike().approvals().contains(id()) ? approved(finding, holder) : never(finding,
                    Sentence.of("Magnesium castings break at the dropout: no motor without the %s maker's written approval.", holder));
            case CARBON, UNIDENTIFIED, DAMAGED -> never(finding, Sentence.of(
                    "Never put a motor in a %s whose dropouts are %s: the wheel can come out.", holder,
                    material == Material.CARBON ? "carbon" : material == Material.DAMAGED ? "damaged or repaired" : "of unknown material"));
        };
    }

    private static Finding approved(Finding.Builder finding, String holder) {
        return finding.margin(Margin.said("maker approves"))
                .remedy(Remedy
                        .consent(Sentence.of("The %s maker's written approval is attached to the job and covers this motor only.", holder)))
                .is(Verdict.TRADE_OFF,
                        Sentence.of("The dropouts are a magnesium casting; the %s maker allows this motor in writing.", holder));
    }

    private static Finding never(Finding.Builder finding, Sentence sentence) {
        return finding.margin(Margin.said("never")).neverOverridden().remedy(Remedy.otherKit("Choose a mid-drive, or steel dropouts."))
                .is(Verdict.NO_FIT, sentence);
    }
}
