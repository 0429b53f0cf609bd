package hingeyard.core.explain;

import java.util.Arrays;
import java.util.Objects;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Quantity;
import hingeyard.core.quantity.Units;
import java.util.function.Function;

/**
 * A sentence with its values in it, composed when it is first read: a match says some eighty sentences, and of the thousands of matches
 * behind a shortlist
 * few are ever opened. The values must not change afterwards. Equal to another sentence that reads the same.
 */
public final class Sentence implements CharSequence {

    private final String template;
    private final Object[] values;
    // Two threads may compose it at once; they compose the same.
    private String composed;

    private Sentence(String template, Object[] values, String composed) {
        this.template = template;
        this.values = values;
        this.composed = composed;
    }

    /**
     * Does for {@code %s}, {@code %d} and {@code %%} what {@link String#format} does, at a tenth of the time; any other directive goes to
     * {@code String.format}. What is wrong with template or values shows when it is read: {@link java.util.IllegalFormatException}.
     */
    public static Sentence of(String template, Object... values) {
        return new Sentence(template, values, null);
    }

    /** What is said when it is first asked, in the units it is asked in. */
    public static Sentence later(Function<Units, String> said) {
        return new Sentence("%s", new Object[]{new Later(said)}, null);
    }

    private record Later(Function<Units, String> said) {
        @Override
        public String toString() {
            return said.apply(Units.METRIC);
        }
    }

    /** The same sentence in the units somebody reads. */
    public String in(Units units) {
        return units == Units.METRIC || values.length == 0 ? toString() : compose(units);
    }

    private static Object in(Object value, Units units) {
        if (value instanceof Sentence sentence) {
            return sentence.in(units);
        }
        if (value instanceof Quantity quantity) {
            return quantity.text(units);
        }
        if (value instanceof Band band) {
            return band.text(units);
        }
        return value instanceof Later later ? later.said().apply(units) : value;
    }

    /** The text as it is. */
    public static Sentence plain(CharSequence text) {
        return text instanceof Sentence s ? s : new Sentence("", new Object[0], Objects.requireNonNull(text).toString());
    }

    @Override
    public String toString() {
        if (composed == null) {
            composed = compose(Units.METRIC);
        }
        return composed;
    }

    private String compose(Units units) {
        StringBuilder said = new StringBuilder(template.length() + 24);
        int next = 0;
        int from = 0;
        for (int at = template.indexOf('%'); at >= 0; at = template.indexOf('%', from)) {
            char directive = at + 1 < template.length() ? template.charAt(at + 1) : ' ';
            boolean plain = directive == '%' || next < values.length
                    && (directive == 's' || directive == 'd' && (values[next] instanceof Integer || values[next] instanceof Long));
            if (!plain) {
                return template.formatted(Arrays.stream(values).map(v -> in(v, units)).toArray());
            }
            said.append(template, from, at);
            if (directive == '%') {
                said.append('%');
            } else {
                said.append(in(values[next++], units));
            }
            from = at + 2;
        }
        return said.append(template, from, template.length()).toString();
    }

    @Override
    public int length() {
        return toString().length();
    }

    @Override
    public char charAt(int index) {
        return toString().charAt(index);
    }

    @Override
    public CharSequence subSequence(int start, int end) {
        return toString().subSequence(start, end);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Sentence s && toString().equals(s.toString());
    }

    @Override
    public int hashCode() {
        return toString().hashCode();
    }
}
