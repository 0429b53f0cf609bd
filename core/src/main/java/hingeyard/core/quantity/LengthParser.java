package hingeyard.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads a length as it is spoken in a workshop: {@code 27.2}, {@code 68,5 mm}, {@code 2.7 cm}, {@code 1 3/8 in},
 * {@code 5 1/2"}, {@code 3/8 in}, {@code 1.375in}. Without a unit it is millimetres, a fraction without a unit is refused as
 * ambiguous. Inch fractions are converted exactly and rounded half-even to a micrometre.
 */
public final class LengthParser {

    private static final Pattern SHAPE = Pattern.compile(
            "(?<sign>[-−])?(?:(?<whole>\\d{1,6})\\s+(?<num>\\d{1,4})/(?<den>\\d{1,4})|(?<fnum>\\d{1,4})/(?<fden>\\d{1,4})"
                    + "|(?<decimal>\\d{1,6}(?:[.,]\\d{1,6})?))\\s*(?<unit>mm|cm|m|in|inch|inches|\"|″)?");
    private static final BigDecimal INCH_UM = BigDecimal.valueOf(25_400);
    private static final Map<String, BigDecimal> UM_PER_UNIT = Map.of(
            "mm", BigDecimal.valueOf(1_000), "cm", BigDecimal.valueOf(10_000), "m", BigDecimal.valueOf(1_000_000),
            "in", INCH_UM, "inch", INCH_UM, "inches", INCH_UM, "\"", INCH_UM, "″", INCH_UM);

    private LengthParser() {
    }

    /**
     * @throws UnreadableQuantityException naming what was given and what is understood
     */
    public static Length parse(String text) {
        Matcher m = SHAPE.matcher(text == null ? "" : text.strip().toLowerCase(Locale.ROOT));
        if (!m.matches()) {
            throw unreadable(text, "a length such as 68.5, 68.5 mm, 2.7 cm, 1 3/8 in or 5 1/2\"");
        }
        boolean fraction = m.group("decimal") == null;
        if (fraction && m.group("unit") == null) {
            throw unreadable(text, "a unit behind a fraction, for example 1 3/8 in");
        }
        BigDecimal perUnit = UM_PER_UNIT.get(m.group("unit") == null ? "mm" : m.group("unit"));
        BigDecimal um = fraction ? fractionOf(m, perUnit, text)
                : new BigDecimal(m.group("decimal").replace(',', '.')).multiply(perUnit);
        long rounded = um.setScale(0, RoundingMode.HALF_EVEN).longValueExact();
        return Length.ofMicrometres(m.group("sign") == null ? rounded : -rounded);
    }

    private static BigDecimal fractionOf(Matcher m, BigDecimal perUnit, String text) {
        boolean mixed = m.group("whole") != null;
        long whole = mixed ? Long.parseLong(m.group("whole")) : 0;
        long numerator = Long.parseLong(m.group(mixed ? "num" : "fnum"));
        long denominator = Long.parseLong(m.group(mixed ? "den" : "fden"));
        if (denominator == 0) {
            throw unreadable(text, "a fraction with a denominator of 1 or more");
        }
        return perUnit.multiply(BigDecimal.valueOf(whole * denominator + numerator))
                .divide(BigDecimal.valueOf(denominator), 3, RoundingMode.HALF_EVEN);
    }

    private static UnreadableQuantityException unreadable(String given, String understood) {
        return new UnreadableQuantityException(given, understood);
    }
}
