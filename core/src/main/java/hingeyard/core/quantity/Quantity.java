package hingeyard.core.quantity;

import java.math.BigDecimal;

/** An amount with its unit, as it stands in a finding, on a step or on a paper. */
public sealed interface Quantity permits Length, Voltage, Current, Torque, Mass, Count, Amount, Words {

    /**
     * The kind of quantity, in kebab-case: {@code length}, {@code voltage}, {@code current}, {@code torque}, {@code mass},
     * {@code count}, {@code amount}, {@code words}.
     */
    String kind();

    /** The amount in {@link #unit()}, without trailing zeros; zero for {@link Words}. */
    BigDecimal amount();

    /** The unit's symbol, empty where the quantity has none. */
    String unit();

    /** The amount and its unit as one reads it aloud, for example {@code 68.5 mm}. */
    String text();

    /** The same in the units somebody reads; what is named by its size (a wire's gauge, a voltage) has one only. */
    default String text(Units units) {
        return text();
    }
}
