package hingeyard.app.shop;

import hingeyard.app.wiring.Remembered;
import hingeyard.app.cluster.Everywhere;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.core.booking.ShopDays;
import hingeyard.core.floor.SpecialTool;
import hingeyard.core.floor.Stand;
import hingeyard.core.people.WorkingHours;
import hingeyard.core.quantity.Mass;
import java.sql.Date;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The shop's stands, special tools, hours and closed days. They are one page and have one version. */
@Service
public class ShopBook {

    /**
     * As it stands.
     *
     * @param version what a change of it builds on
     * @param stands  by number
     * @param hours   of a week
     * @param closed  days on which it is closed all the same, and why
     * @param tools   those of which there are few, by name
     */
    public record Book(int version, List<Stand> stands, WorkingHours hours, Map<LocalDate, String> closed, List<SpecialTool> tools) {

        public ShopDays days() {
            return new ShopDays(hours.days().keySet(), closed);
        }

        public Optional<Stand> stand(int number) {
            return stands.stream().filter(s -> s.number() == number).findFirst();
        }

        /** The numbers there are, as one says them. */
        public String numbers() {
            return stands.stream().map(s -> String.valueOf(s.number())).collect(Collectors.joining(", "));
        }
    }

    private final JdbcTemplate jdbc;
    private final StandsInUse inUse;
    private final LiveEvents live;
    private final Everywhere everywhere;
    /** By its version, which another instance raises too. */
    private final Remembered<String, Integer, Book> known = new Remembered<>(1);

    ShopBook(JdbcTemplate jdbc, StandsInUse inUse, LiveEvents live, Everywhere everywhere) {
        this.jdbc = jdbc;
        this.inUse = inUse;
        this.live = live;
        this.everywhere = everywhere;
    }

    @Transactional(readOnly = true)
    public Book now() {
        int version = version("");
        return known.of("book", version, () -> read(version));
    }

    private static String stand(int number) {
        return "stand " + number;
    }

    /** Whether there is such a stand; if so, it stays until this transaction ends. */
    @Transactional(propagation = Propagation.MANDATORY)
    public boolean holds(int number) {
        everywhere.hold(stand(number));
        return !jdbc.queryForList("SELECT number FROM stand WHERE number = ? LOCK IN SHARE MODE", number).isEmpty();
    }

    /**
     * Writes it anew.
     *
     * @param seen the version its writer saw
     * @throws Refused when somebody else changed it meanwhile, or a stand that holds a bike is missing
     */
    @Transactional
    public void change(int seen, List<Stand> stands, WorkingHours hours, Map<LocalDate, String> closed, List<SpecialTool> tools) {
        if (version(" FOR UPDATE") != seen) {
            throw Refused.conflict("version", String.valueOf(seen),
                    "Somebody changed the shop's stands or days a moment ago. Yours was not saved; look, and change it again if you still want to.");
        }
        Map<Integer, Stand> byNumber = stands.stream().collect(Collectors.toMap(Stand::number, Function.identity()));
        everywhere.hold(jdbc.queryForList("SELECT number FROM stand", Integer.class).stream().map(ShopBook::stand).toList());
        // Taken away first: whoever puts a bike on one of them just now is waited for, and then it is looked what stands where.
        jdbc.update("DELETE FROM stand");
        new TreeMap<>(inUse.inUse()).forEach((number, job) -> {
            if (!byNumber.containsKey(number)) {
                throw Refused.conflict("stands", String.valueOf(number),
                        "Stand %d holds job %d: move that bike first. Nothing was saved.".formatted(number, job));
            }
        });
        stands.forEach(s -> jdbc.update("INSERT INTO stand (number, name, holds, rated_g) VALUES (?, ?, ?, ?)", s.number(), s.name(),
                s.holds().name(), s.rated().map(Mass::grams).orElse(null)));
        jdbc.update("DELETE FROM shop_hours");
        hours.days().forEach((day, span) -> jdbc.update("INSERT INTO shop_hours (weekday, opens, closes) VALUES (?, ?, ?)", day.name(),
                span.from().toString(), span.to().toString()));
        jdbc.update("DELETE FROM closed_day");
        closed.forEach((day, why) -> jdbc.update("INSERT INTO closed_day (day, why) VALUES (?, ?)", Date.valueOf(day), why));
        jdbc.update("DELETE FROM special_tool");
        tools.forEach(t -> jdbc.update("INSERT INTO special_tool (name, pieces) VALUES (?, ?)", t.name(), t.count()));
        jdbc.update("UPDATE shop_book SET version = version + 1");
        live.shopChanged();
    }

    private int version(String lock) {
        return jdbc.queryForObject("SELECT version FROM shop_book WHERE id = 1" + lock, Integer.class);
    }

    private Book read(int version) {
        List<Stand> stands = jdbc.query("SELECT number, name, holds, rated_g FROM stand ORDER BY number", (r, n) -> {
            Optional<Mass> rated = Optional.ofNullable(r.getObject(4, Long.class)).map(Mass::new);
            return new Stand(r.getInt(1), r.getString(2), Stand.Holding.valueOf(r.getString(3)), rated);
        });
        Map<LocalDate, String> closed = new TreeMap<>();
        jdbc.query("SELECT day, why FROM closed_day", r -> {
            closed.put(r.getDate(1).toLocalDate(), r.getString(2));
        });
        return new Book(version, stands,
                WeekGiven.keptOf(jdbc, "SELECT 1, weekday, opens, closes FROM shop_hours").getOrDefault(1L, new WorkingHours(Map.of())),
                closed, jdbc.query("SELECT name, pieces FROM special_tool ORDER BY name",
                        (r, n) -> new SpecialTool(r.getString(1), r.getInt(2))));
    }
}
