package hingeyard.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What whole amounts are counted in: pieces, grams, metres, metres an hour, minor units of money. Entered as one says them,
 * metric or imperial; kept as a whole number of the base unit; said back in either.
 */
public enum Scale {
    PIECES("a whole number, such as 8", Unit.of("", "1", 0), Unit.of("", "1", 0), Map.of("", "1")),
    TEETH("a whole number of teeth, such as 42", Unit.of("teeth", "1", 0), Unit.of("teeth", "1", 0),
            Map.of("", "1", "t", "1", "teeth", "1")),
    /** Grams. 1 lb = 453.59237 g, by definition. */
    MASS("a mass such as 14.5, 14.5 kg or 32 lb", Unit.of("kg", "1000", 3), Unit.of("lb", "453.59237", 0),
            Map.of("", "1000", "kg", "1000", "g", "1", "lb", "453.59237", "lbs", "453.59237")),
    /** Metres. 1 mi = 1609.344 m, by definition. */
    DISTANCE("a distance such as 24, 24 km or 15 mi", Unit.of("km", "1000", 1), Unit.of("mi", "1609.344", 1),
            Map.of("", "1000", "km", "1000", "m", "1", "mi", "1609.344", "mile", "1609.344", "miles", "1609.344")),
    /** Metres up. 1 ft = 0.3048 m, by definition. */
    CLIMB("a climb such as 300, 300 m or 1000 ft", Unit.of("m", "1", 0), Unit.of("ft", "0.3048", 0),
            Map.of("", "1", "m", "1", "ft", "0.3048")),
    /** Metres an hour. */
    SPEED("a speed such as 25, 25 km/h or 16 mph", Unit.of("km/h", "1000", 1), Unit.of("mph", "1609.344", 1),
            Map.of("", "1000", "km/h", "1000", "kmh", "1000", "mph", "1609.344", "mi/h", "1609.344")),
    /** Tenths of a percent. */
    SLOPE("a slope such as 12 or 12 %", Unit.of("%", "10", 1), Unit.of("%", "10", 1), Map.of("", "10", "%", "10")),
    POWER("a power such as 60 or 60 W", Unit.of("W", "1", 0), Unit.of("W", "1", 0), Map.of("", "1", "w", "1")),
    /** Millimetres a second. 1 mph = 0.44704 m/s, by definition. */
    WIND("a wind such as 3, 3 m/s or 7 mph", Unit.of("m/s", "1000", 1), Unit.of("mph", "447.04", 0),
            Map.of("", "1000", "m/s", "1000", "mph", "447.04", "km/h", "277.778")),
    /** Tenths of a stop a kilometre. 1 km = 0.621371 mi. */
    STOPS("stops a kilometre such as 1 or 0.5, or 2 /mi", Unit.of("/km", "10", 1), Unit.of("/mi", "6.21371", 1),
            Map.of("", "10", "/km", "10", "/mi", "6.21371")),
    /** Minor units of the shop's money: hundredths. */
    MONEY("an amount such as 1800 or 1799.50", Unit.of("", "100", 2), Unit.of("", "100", 2), Map.of("", "100"));

    /** A unit as said: its symbol, how many base units it is, and how many places are worth saying. */
    private record Unit(String symbol, BigDecimal base, int places) {

        static Unit of(String symbol, String base, int places) {
            return new Unit(symbol, new BigDecimal(base), places);
        }

        String amount(long amount) {
            BigDecimal said = BigDecimal.valueOf(amount).divide(base, places, RoundingMode.HALF_EVEN).stripTrailingZeros();
            // A sum of money has cents or none: 2.40, 1800.
            boolean money = symbol.isEmpty() && places == 2 && said.scale() == 1;
            return (said.scale() < 0 ? said.setScale(0) : money ? said.setScale(2) : said).toPlainString();
        }

        String text(long amount) {
            return symbol.isEmpty() ? amount(amount) : amount(amount) + " " + symbol;
        }
    }

    private static final Pattern SHAPE = Pattern.compile("(?<amount>\\d{1,7}(?:[.,]\\d{1,3})?)\\s*(?<unit>[a-z/%]*)");

    private final String understood;
    private final Unit metric;
    private final Unit imperial;
    private final Map<String, String> perUnit;

    Scale(String understood, Unit metric, Unit imperial, Map<String, String> perUnit) {
        this.understood = understood;
        this.metric = metric;
        this.imperial = imperial;
        this.perUnit = perUnit;
    }

    /**
     * @return whole base units; rounded half-even where the unit allows finer amounts
     * @throws UnreadableQuantityException when it is no such amount, or a fraction of a piece
     */
    public long parse(String text) {
        Matcher m = SHAPE.matcher(text == null ? "" : text.strip().toLowerCase(Locale.ROOT));
        if (!m.matches() || !perUnit.containsKey(m.group("unit"))) {
            throw new UnreadableQuantityException(text, understood);
        }
        BigDecimal amount = new BigDecimal(m.group("amount").replace(',', '.')).multiply(new BigDecimal(perUnit.get(m.group("unit"))));
        boolean whole = this == PIECES || this == TEETH;
        if (whole && amount.stripTrailingZeros().scale() > 0) {
            throw new UnreadableQuantityException(text, understood);
        }
        return amount.setScale(0, RoundingMode.HALF_EVEN).longValueExact();
    }

    /** An amount of money as it stands in a column: hundredths always said. */
    public static String money(long minor) {
        return BigDecimal.valueOf(minor, 2).toPlainString();
    }

    /** Without its unit, as it is entered: grams become kilograms. */
    public String amount(long base) {
        return metric.amount(base);
    }

    /** With its metric unit. */
    public String text(long base) {
        return metric.text(base);
    }

    /** With its imperial unit; the same as {@link #text} where there is none. */
    public String imperialText(long base) {
        return imperial.text(base);
    }
}
