package hingeyard.core.bike;

import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Units;
import java.time.Instant;

/** One value of a measure, with the tool, who took it and when. */
public sealed interface Reading permits Reading.OfLength, Reading.OfChoice, Reading.OfNumber {

    Measure measure();

    Tool tool();

    String by();

    Instant at();

    /** The value as one says it, and as it is entered. */
    String text();

    /** The same in the unit of whoever reads it. */
    default String text(Units units) {
        return text();
    }

    /**
     * A measured length.
     *
     * @param plusMinus half width of the uncertainty band; not negative
     */
    record OfLength(LengthMeasure measure, Length value, Length plusMinus, Tool tool, String by, Instant at) implements Reading {

        public Band band() {
            return Band.around(value, plusMinus);
        }

        @Override
        public String text() {
            return text(Units.METRIC);
        }

        /**
         * With the digits its tool can tell: a tape whole millimetres or sixty-fourths, a caliper tenths or thousandths; a size that is
         * marked as it stands there.
         */
        @Override
        public String text(Units units) {
            if (units == Units.IMPERIAL) {
                return tool == Tool.LOOK ? value.text(Units.METRIC)
                        : tool == Tool.TAPE || tool == Tool.STRING ? value.tapeInches() : value.text(units);
            }
            return tool == Tool.CALIPER || tool == Tool.FEELER ? value.text() : value.text(units);
        }

        /** For the bike's leaf, in the same unit as the value. */
        public String quality(Units units) {
            return plusMinus.equals(Length.ZERO) ? tool.label() : "± " + plusMinus.text(units) + ", " + tool.label();
        }

        /** For the bike's leaf: {@code ± 0.1 mm, caliper}. */
        public String quality() {
            return quality(Units.METRIC);
        }
    }

    /**
     * A count or a mass.
     *
     * @param amount in the scale's base unit: pieces, teeth, grams
     */
    record OfNumber(NumberMeasure measure, long amount, Tool tool, String by, Instant at) implements Reading {

        @Override
        public String text() {
            return measure.scale().text(amount);
        }
    }

    /** A property found out. */
    record OfChoice(ChoiceMeasure<?> measure, Choice value, Tool tool, String by, Instant at) implements Reading {

        @Override
        public String text() {
            return value.label();
        }
    }
}
