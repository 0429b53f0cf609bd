package hingeyard.core.fit.checks;

import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Amount;
import hingeyard.core.quantity.Voltage;
import hingeyard.core.rules.NumberRule;

/** Does the charger stop where the pack is full, and how long does it take? */
final class ChargerCheck extends MeasuredCheck {

    /** The last part of a charge is slower. */
    private static final double TAPER = 1.15;

    ChargerCheck() {
        super("charger", "Charger");
    }

    private static final double PER_CENT = 100;

    @Override
    public boolean concerns(Kit kit) {
        return BatteryBayCheck.bringsBattery(kit);
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Battery b = c.kit().battery();
        finding.kit(Leaf.of(b.charger().output(), b.charger().current().text()))
                .bike(Leaf.of(Sentence.of("full at %s", b.full()), b.name()))
                .figure(Figure.published("Charger stops at", b.charger().output(), b.code()))
                .figure(Figure.published("Charging current", b.charger().current(), b.code()))
                .figure(Figure.computed("Pack is full at", b.full(), "4.2 V × cells in series"))
                .figure(c.rules().figure(NumberRule.CHARGER_WINDOW));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Battery b = c.kit().battery();
        Voltage off = b.charger().output().minus(b.full());
        boolean right = Math.abs(off.millivolts()) <= c.rules().number(NumberRule.CHARGER_WINDOW) / PER_CENT * b.full().millivolts();
        Amount hours = Amount.rounded(b.milliampereHours() / (double) b.charger().current().milliamperes() * TAPER, 1, "h");
        finding.margin(Margin.spare(off)).figure(Figure.computed("From empty to full", hours, "Ah / A × 1.15"));
        if (right && b.charger().fits()) {
            return finding.is(Verdict.FITS, Sentence.of("The charger stops at %s and the battery is full at %s; from empty it takes %s.",
                    b.charger().output(), b.full(), hours));
        }
        return finding.neverOverridden()
                .remedy(Needs.drawerOrBuy(c, "charger-" + b.cellsInSeries() + "s", 1, p -> true, "charger",
                        Sentence.of("Charger of %s for this battery's port", b.full())).replacing("charger"))
                .is(Verdict.FITS_WITH, right
                        ? "The charger's plug does not fit this battery's port: order the right charger, never adapt one."
                        : Sentence.of("The charger stops at %s and this battery is full at %s: never use it. The right one is on the bill.",
                                b.charger().output(), b.full()));
    }
}
