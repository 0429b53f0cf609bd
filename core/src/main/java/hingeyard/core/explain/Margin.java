package hingeyard.core.explain;

import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Voltage;

/**
 * How far from the limit, in the words that stand on the knuckle.
 *
 * @param text  short, with unit: {@code +3.4 mm of 2.0 mm wanted}
 * @param flips whether the uncertainty of a measure could turn the verdict
 */
public record Margin(String text, boolean flips) {

    public static Margin of(Length spare, Length wanted) {
        return new Margin(spare.signedText() + " of " + wanted.text() + " wanted", false);
    }

    public static Margin spare(Length spare) {
        return new Margin(spare.signedText(), false);
    }

    public static Margin spare(Voltage spare) {
        return new Margin(spare.signedText(), false);
    }

    public static Margin said(String text) {
        return new Margin(text, false);
    }

    public Margin flipping(boolean uncertaintyFlips) {
        return new Margin(text, uncertaintyFlips);
    }
}
