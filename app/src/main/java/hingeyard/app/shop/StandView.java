package hingeyard.app.shop;

import hingeyard.app.problem.Refused;
import hingeyard.core.floor.Stand;
import hingeyard.core.quantity.Mass;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Digits;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** @param ratedKg absent where its maker says nothing */
public record StandView(@Min(value = 1, message = "1 to 99") @Max(value = 99, message = "1 to 99") int number,
        @NotNull(message = "a name, may be empty") @Size(max = 40, message = "at most 40 letters") String name,
        @NotNull(message = "how it holds a bike") Stand.Holding holds,
        Optional<@DecimalMin(value = "5", message = "5 to 300 kg") @DecimalMax(value = "300", message = "5 to 300 kg") @Digits(integer = 3, fraction = 3, message = "kilograms with at most 3 decimals") BigDecimal> ratedKg) {

    private static final int GRAMS = 3;

    public static StandView of(Stand stand) {
        return new StandView(stand.number(), stand.name(), stand.holds(), stand.rated().map(Mass::amount));
    }

    /** @throws Refused naming a number that is there twice */
    public static List<Stand> each(List<StandView> given) {
        Set<Integer> numbers = new HashSet<>();
        for (StandView stand : given) {
            if (!numbers.add(stand.number)) {
                throw Refused.input("stands", stand.number + " twice", "each number once");
            }
        }
        return given.stream().map(StandView::stand).toList();
    }

    /** @throws ArithmeticException never: three decimals at most are let in */
    private Stand stand() {
        return new Stand(number, name.strip(), holds, ratedKg.map(kg -> new Mass(kg.movePointRight(GRAMS).longValueExact())));
    }
}
