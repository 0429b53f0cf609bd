package hingeyard.core.commission;

import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.ShopRules;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;

/**
 * When a converted bike is wanted again: so many weeks after it is handed over, or so many kilometres, whichever comes first.
 *
 * @param on    the day; empty until the bike is handed over, for nobody rides before
 * @param weeks after it is handed over
 * @param km    at the latest
 */
public record NextCheck(Optional<LocalDate> on, int weeks, int km) {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

    /** By the shop's rules, for a bike that is still here. */
    public static NextCheck by(ShopRules rules) {
        return new NextCheck(Optional.empty(), rules.value(NumberRule.FIRST_CHECK).intValue(),
                rules.value(NumberRule.FIRST_CHECK_KM).intValue());
    }

    /** The bike goes with its owner: from now on the day stands, whatever becomes of the rules. */
    public NextCheck handedOver(LocalDate day) {
        return new NextCheck(Optional.of(day.plusWeeks(weeks)), weeks, km);
    }

    /** In a sentence's beginning, such as "On 28 December 2026 or after 150 km, whichever comes first". */
    public String text() {
        return on.map(day -> "On " + DAY.format(day)).orElse("%d weeks after it is collected".formatted(weeks)) + " or after " + km
                + " km, whichever comes first";
    }
}
