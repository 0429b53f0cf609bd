package hingeyard.core.explain;

import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Mass;
import hingeyard.core.quantity.Voltage;

/**
 * How far from the limit, in the words that stand on the knuckle.
 *
 * @param said  short, with unit: {@code +3.4 mm of 2.0 mm wanted}
 * @param flips whether the uncertainty of a measure could turn the verdict
 */
public record Margin(Sentence said, boolean flips) {

    public static Margin of(Length spare, Length wanted) {
        return said(Sentence.later(() -> spare.signedText() + " of " + wanted.text() + " wanted"));
    }

    public static Margin spare(Length spare) {
        return said(Sentence.later(spare::signedText));
    }

    public static Margin spare(Voltage spare) {
        return said(Sentence.later(spare::signedText));
    }

    public static Margin spare(Mass spare) {
        return said(Sentence.later(spare::signedText));
    }

    public static Margin spare(Current spare) {
        return said(Sentence.later(spare::signedText));
    }

    public static Margin said(CharSequence text) {
        return new Margin(Sentence.plain(text), false);
    }

    public Margin flipping(boolean uncertaintyFlips) {
        return new Margin(said, uncertaintyFlips);
    }

    public String text() {
        return said.toString();
    }
}
