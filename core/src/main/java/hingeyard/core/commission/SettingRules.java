package hingeyard.core.commission;

import hingeyard.core.bench.RollOut;
import hingeyard.core.explain.Ruling;
import hingeyard.core.fit.FitReport;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Whether a page of a display may be set to a value: what the display takes at all, and what the job allows of it. Speed and current never
 * go above what class, motor and wiring allow; the voltage is the pack's; a circumference far off the wheel's would make the speed limit
 * another.
 */
public final class SettingRules {

    private static final Pattern SPAN = Pattern.compile("(\\d+(?:\\.\\d+)?) to (\\d+(?:\\.\\d+)?)\\s*(\\S*)");
    private static final Pattern NUMBER = Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*(.*)");
    private static final Pattern DIGITS = Pattern.compile("(\\d) digits");

    private SettingRules() {
    }

    /** @param value as it was written down, with or without its unit */
    public static Ruling mayBe(Setting setting, String value, FitReport match) {
        String said = value.strip();
        if (said.equals(setting.value())) {
            return Ruling.yes();
        }
        if (!taken(setting.allowed(), said)) {
            return Ruling.no("the display takes " + setting.allowed());
        }
        Optional<Double> number = number(said);
        Optional<Double> wanted = number(setting.value());
        if (number.isEmpty() || wanted.isEmpty()) {
            return Ruling.yes();
        }
        return switch (setting.meaning().toLowerCase(Locale.ROOT)) {
            case "speed limit" -> most(setting, number.get(), SettingsSheet.speed(match));
            case "current limit" -> most(setting, number.get(), wanted.get());
            case "battery voltage" -> number.get().equals(wanted.get()) ? Ruling.yes()
                    : Ruling.no("%s: %s".formatted(setting.value(), setting.ground()));
            case "wheel circumference" -> RollOut.plausible(number.get(), SettingsSheet.circumference(match)) ? Ruling.yes()
                    : Ruling.no("within %.0f %% of %d mm, or speed and distance are wrong: %s".formatted(100 * RollOut.FARTHEST_OFF,
                            Math.round(SettingsSheet.circumference(match)), setting.ground()));
            default -> Ruling.yes();
        };
    }

    private static Ruling most(Setting setting, double number, double most) {
        return number <= most ? Ruling.yes() : Ruling.no("at most %s on this job: %s".formatted(setting.value(), setting.ground()));
    }

    /** Whether a display that takes this takes that: a span of numbers, some of a list, a number of digits; other words say nothing. */
    private static boolean taken(String allowed, String said) {
        Matcher span = SPAN.matcher(allowed);
        if (span.matches()) {
            return number(said, span.group(3)).filter(n -> n.compareTo(new BigDecimal(span.group(1))) >= 0
                    && n.compareTo(new BigDecimal(span.group(2))) <= 0).isPresent();
        }
        List<String> options = Stream.of(allowed.split(",")).map(String::strip).toList();
        if (options.size() < 2) {
            return true;
        }
        String unit = NUMBER.matcher(options.get(options.size() - 1)).results().map(r -> r.group(2)).findFirst().orElse("");
        return options.stream().anyMatch(option -> {
            Matcher digits = DIGITS.matcher(option);
            Matcher number = NUMBER.matcher(option);
            return digits.matches() ? said.matches("\\d{%s}".formatted(digits.group(1)))
                    : number.matches() ? number(said, unit).filter(n -> n.compareTo(new BigDecimal(number.group(1))) == 0).isPresent()
                            : option.equalsIgnoreCase(said);
        });
    }

    /** The number alone or with this unit. */
    private static Optional<BigDecimal> number(String said, String unit) {
        Matcher number = NUMBER.matcher(said);
        return number.matches() && (number.group(2).isEmpty() || number.group(2).equalsIgnoreCase(unit))
                ? Optional.of(new BigDecimal(number.group(1).replace(',', '.')))
                : Optional.empty();
    }

    private static Optional<Double> number(String said) {
        Matcher number = NUMBER.matcher(said);
        return number.matches() ? Optional.of(Double.parseDouble(number.group(1).replace(',', '.'))) : Optional.empty();
    }
}
