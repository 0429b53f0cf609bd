package hingeyard.app.shop;

import hingeyard.app.problem.Refused;
import hingeyard.core.people.WorkingHours;
import hingeyard.core.people.WorkingHours.Span;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;

/** Hours of a week as they are sent, shown and kept: those of the shop, and those of a person. */
public final class WeekGiven {

    private static final String TIME = "([01]\\d|2[0-3]):[0-5]\\d";

    /** @param from as 08:00 */
    public record DayHours(@NotNull(message = "a day of the week") DayOfWeek day,
            @NotNull(message = "a time such as 08:00") @Pattern(regexp = TIME, message = "a time such as 08:00") String from,
            @NotNull(message = "a time such as 17:00") @Pattern(regexp = TIME, message = "a time such as 17:00") String to) {
    }

    private WeekGiven() {
    }

    /**
     * @param field where they were given
     * @throws Refused when a day stands twice or ends before it begins
     */
    public static WorkingHours read(String field, List<DayHours> given) {
        Map<DayOfWeek, Span> days = new EnumMap<>(DayOfWeek.class);
        for (DayHours day : given) {
            LocalTime from = LocalTime.parse(day.from());
            LocalTime to = LocalTime.parse(day.to());
            if (!to.isAfter(from)) {
                throw Refused.input(field, "%s %s to %s".formatted(said(day.day()), day.from(), day.to()),
                        "an end later than the beginning, on the same day");
            }
            if (days.put(day.day(), new Span(from, to)) != null) {
                throw Refused.input(field, said(day.day()) + " twice", "each day of the week once");
            }
        }
        return new WorkingHours(days);
    }

    static List<DayHours> shown(WorkingHours hours) {
        List<DayHours> days = new ArrayList<>();
        for (DayOfWeek day : DayOfWeek.values()) {
            if (hours.on(day)) {
                Span span = hours.days().get(day);
                days.add(new DayHours(day, span.from().toString(), span.to().toString()));
            }
        }
        return days;
    }

    /** @param sql answers a number, a day of the week, from and to, as 08:00; weeks by the number */
    static Map<Long, WorkingHours> keptOf(JdbcTemplate jdbc, String sql) {
        Map<Long, Map<DayOfWeek, Span>> weeks = new HashMap<>();
        jdbc.query(sql, r -> {
            weeks.computeIfAbsent(r.getLong(1), k -> new EnumMap<>(DayOfWeek.class)).put(DayOfWeek.valueOf(r.getString(2)),
                    new Span(LocalTime.parse(r.getString(3)), LocalTime.parse(r.getString(4))));
        });
        return weeks.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, e -> new WorkingHours(e.getValue())));
    }

    private static String said(DayOfWeek day) {
        return day.name().charAt(0) + day.name().substring(1).toLowerCase(Locale.ROOT);
    }
}
