package hingeyard.core.explain;

import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Mass;
import hingeyard.core.quantity.Voltage;

/**
 * How far from the limit, in the words that stand on the knuckle.
 *
 * @param said  short, with unit: {@code 8.5 mm clear, 2 mm needed}
 * @param flips whether the uncertainty of a measure could turn the verdict
 */
public record Margin(Sentence said, boolean flips) {

    /** A gap against what is wanted: {@code 8.5 mm clear, 2 mm needed}; an overlap says that it is one. */
    public static Margin of(Length gap, Length wanted) {
        Length told = gap.told();
        return said(told.isNegative() ? Sentence.of("overlaps by %s", told.abs()) : Sentence.of("%s clear, %s needed", told, wanted));
    }

    public static Margin spare(Length spare) {
        Length told = spare.told();
        return said(Sentence.later(told::signedText));
    }

    public static Margin spare(Voltage spare) {
        return said(Sentence.later(units -> spare.told().signedText()));
    }

    public static Margin spare(Mass spare) {
        Mass told = spare.told();
        return said(Sentence.later(told::signedText));
    }

    public static Margin spare(Current spare) {
        return said(Sentence.later(units -> spare.told().signedText()));
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
