package hingeyard.core.made;

import hingeyard.core.bench.BenchFaultException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;

/** A kind of thing that follows from its measures: part or sheet. */
public interface MeasuredKind<T> {

    /** In capitals, as constants are named. */
    String name();

    String label();

    /** Names of what it takes, in their order; none for as many lengths as one likes. */
    List<String> measures();

    /** Makes it of one value for each measure. */
    Function<List<Double>, T> maker();

    /** {@code spacer-ring}. */
    default String key() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /**
     * @param given one for each of {@link #measures()}
     * @throws BenchFaultException naming the measure that cannot be, and what is allowed
     */
    default T of(List<Double> given) {
        if (given.stream().anyMatch(Objects::isNull) || !measures().isEmpty() && given.size() != measures().size()) {
            throw new BenchFaultException("measures", given.size() + " of them",
                    measures().isEmpty() ? "lengths" : String.join(", ", measures()));
        }
        return maker().apply(given);
    }

    static <K extends MeasuredKind<?>> Optional<K> find(K[] kinds, String key) {
        return Arrays.stream(kinds).filter(k -> k.key().equals(key)).findFirst();
    }

    /** @throws BenchFaultException naming the field when it is not whole */
    static int whole(String field, double value) {
        if (value != Math.rint(value) || Math.abs(value) > 1_000) {
            throw new BenchFaultException(field, String.valueOf(value), "a whole number");
        }
        return (int) value;
    }
}
