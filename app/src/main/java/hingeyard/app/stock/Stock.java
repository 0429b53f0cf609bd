package hingeyard.app.stock;

import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.quantity.Scale;
import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.Drawers;
import hingeyard.core.stock.PartFacts;
import hingeyard.formats.PriceCsv;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What lies in the drawers and whose it is. */
@Service
public class Stock {

    /** A part that a job wants. */
    public record Want(String partNumber, int count, String role) {
    }

    private static final String NO_PLACE = "Shelf";
    private static final String COUNTS = """
            SELECT p.number, p.name, p.used_as, p.place, p.price_minor, p.lead_days,
                   COALESCE((SELECT SUM(m.delta) FROM stock_movement m WHERE m.part_number = p.number), 0) on_hand,
                   COALESCE((SELECT SUM(r.count) FROM reservation r WHERE r.part_number = p.number AND r.state = 'HELD'), 0) reserved
            FROM part p""";

    /** The drawers as they were read in a state of them, and the state of what the parts are. */
    private record Read(String state, String sheets, Drawers drawers) {
    }

    private volatile Read last;
    private final PartRows parts;
    private final MovementRows movements;
    private final ReservationRows reservations;
    private final JdbcTemplate jdbc;
    private final LiveEvents live;
    private final ShopClock clock;

    Stock(PartRows parts, MovementRows movements, ReservationRows reservations, JdbcTemplate jdbc, LiveEvents live, ShopClock clock) {
        this.parts = parts;
        this.movements = movements;
        this.reservations = reservations;
        this.jdbc = jdbc;
        this.live = live;
        this.clock = clock;
    }

    @Transactional
    public void addPart(DrawerPart part) {
        parts.save(new Part(part.number(), part.name(), part.use(), part.place(), part.size(), part.facts()));
        live.stockChanged();
    }

    /** A place for something new, unless its number lies somewhere already. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void addIfUnknown(String number, String name, String usedAs, PartFacts facts) {
        if (!parts.existsById(number)) {
            parts.save(new Part(number, name, usedAs, NO_PLACE, Optional.empty(), facts));
        }
    }

    /** What a box or a part costs and how long it takes to come, by number. */
    @Transactional(readOnly = true)
    public Map<String, DrawerPart> byNumber(Drawers drawers) {
        return drawers.parts().stream().collect(Collectors.toMap(DrawerPart::number, Function.identity()));
    }

    /** Every part and box with what it costs and how long it takes to come. */
    @Transactional(readOnly = true)
    public List<PriceCsv.Price> prices() {
        return jdbc.query("SELECT number, price_minor, lead_days FROM part ORDER BY number", (r, n) -> new PriceCsv.Price(n + 2, r.getString(1), r.getLong(2), r.getInt(3)));
    }

    /**
     * Sets prices, all or none.
     *
     * @throws Refused naming the numbers that lie in no drawer
     */
    @Transactional
    public int setPrices(List<PriceCsv.Price> prices) {
        List<String> unknown = prices.stream().filter(p -> !parts.existsById(p.number())).map(p -> "line %d: %s".formatted(p.line(), p.number())).toList();
        if (!unknown.isEmpty()) {
            throw Refused.input("number", String.join("; ", unknown), "numbers of parts and boxes the drawers know; no price was changed");
        }
        for (PriceCsv.Price price : prices) {
            Part part = parts.findById(price.number()).orElseThrow();
            part.priceMinor = price.priceMinor();
            part.leadDays = price.leadDays();
        }
        live.stockChanged();
        return prices.size();
    }

    @Transactional(readOnly = true)
    public List<DrawerRow> rows() {
        return jdbc.query(COUNTS + " ORDER BY p.place, p.number", Stock::row);
    }

    private static DrawerRow row(ResultSet r, int n) throws SQLException {
        int onHand = r.getInt("on_hand");
        int reserved = r.getInt("reserved");
        long price = r.getLong("price_minor");
        return new DrawerRow(r.getString("number"), r.getString("name"), r.getString("used_as"), r.getString("place"), onHand, reserved, onHand - reserved,
                price == 0 ? "" : Scale.MONEY.text(price), r.getInt("lead_days"));
    }

    /** How many of each are free; what no drawer knows is left out. */
    @Transactional(readOnly = true)
    public Map<String, Integer> free(Set<String> numbers) {
        return counts(numbers).values().stream().collect(Collectors.toMap(DrawerRow::number, DrawerRow::free));
    }

    /** The drawers as a match of this job sees them: on hand less what other jobs have reserved. */
    @Transactional(readOnly = true)
    public Drawers drawersFor(long job) {
        Map<String, Integer> own = reservations.findByJobIdAndState(job, Reservation.State.HELD).stream()
                .collect(Collectors.toMap(r -> r.partNumber, r -> r.count, Integer::sum));
        Drawers all = drawers();
        return own.isEmpty() ? all : new Drawers(all.parts().stream().map(p -> own.containsKey(p.number()) ? p.withFree(p.free() + own.get(p.number())) : p).toList());
    }

    /** Read anew only when something changed: matches ask far oftener than a drawer moves. */
    private Drawers drawers() {
        String state = state();
        Read read = last;
        if (read == null || !read.state().equals(state)) {
            Map<String, Integer> onHand = sums("SELECT part_number, SUM(delta) FROM stock_movement GROUP BY part_number");
            Map<String, Integer> held = sums("SELECT part_number, SUM(count) FROM reservation WHERE state = 'HELD' GROUP BY part_number");
            String sheets = jdbc.queryForObject("SELECT CONCAT(COUNT(*), '/', COALESCE(SUM(CRC32(CONCAT_WS('|', number, price_minor, lead_days))), 0)) FROM part", String.class);
            // What a part is changes rarely, how many there are often.
            List<DrawerPart> known = read != null && read.sheets().equals(sheets) ? read.drawers().parts()
                    : parts.findAll().stream().map(p -> new DrawerPart(p.number, p.name, p.usedAs, p.place, 0, p.size(), p.facts())).toList();
            read = new Read(state, sheets, new Drawers(known.stream().map(p -> withFree(p, onHand.getOrDefault(p.number(), 0) - held.getOrDefault(p.number(), 0))).toList()));
            last = read;
        }
        return read.drawers();
    }

    private static DrawerPart withFree(DrawerPart part, int free) {
        return part.free() == free ? part : part.withFree(free);
    }

    private Map<String, Integer> sums(String sql) {
        Map<String, Integer> sums = new HashMap<>();
        jdbc.query(sql, r -> {
            sums.put(r.getString(1), r.getInt(2));
        });
        return sums;
    }

    /** Changes with anything in the drawers, their prices, the kit sheets and the rules. */
    @Transactional(readOnly = true)
    public String state() {
        return live.lastOfStock() + "/" + jdbc.queryForObject("SELECT COALESCE(MAX(id), 0) FROM stock_movement", Long.class);
    }

    /**
     * Reserves everything or nothing.
     *
     * @throws Refused naming each part that is short, how many are free and which jobs hold it
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void reserve(long job, List<Want> wants) {
        Map<String, Integer> total = wants.stream().collect(Collectors.toMap(Want::partNumber, Want::count, Integer::sum, TreeMap::new));
        parts.lock(total.keySet());
        Map<String, DrawerRow> rows = counts(total.keySet());
        List<String> shorts = new ArrayList<>();
        total.forEach((number, count) -> {
            DrawerRow row = rows.get(number);
            if (row == null) {
                shorts.add(number + " is in no drawer");
            } else if (row.free() < count) {
                shorts.add(shortage(row, count));
            }
        });
        if (!shorts.isEmpty()) {
            throw Refused.conflict("Not enough in the drawers: " + String.join("; ", shorts) + ". Nothing was reserved; match again to see what else would do.");
        }
        wants.forEach(w -> reservations.save(new Reservation(job, w.partNumber(), w.count(), w.role())));
        live.stockChanged();
    }

    private String shortage(DrawerRow row, int wanted) {
        String holders = reservations.findByPartNumberAndState(row.number(), Reservation.State.HELD).stream()
                .map(r -> "job " + r.jobId).distinct().collect(Collectors.joining(", "));
        return "%s (drawer %s): %d wanted, %d free%s".formatted(row.name(), row.place(), wanted, row.free(),
                holders.isEmpty() ? "" : ", held by " + holders);
    }

    private Map<String, DrawerRow> counts(Set<String> numbers) {
        String marks = numbers.stream().map(n -> "?").collect(Collectors.joining(","));
        return numbers.isEmpty() ? Map.of() : jdbc.query(COUNTS + " WHERE p.number IN (" + marks + ")", Stock::row, numbers.toArray()).stream().collect(Collectors.toMap(DrawerRow::number, Function.identity()));
    }

    /** Takes what a job holds for these roles out of the drawers. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void consume(long job, Set<String> roles, String by) {
        List<Reservation> used = reservations.findByJobIdAndState(job, Reservation.State.HELD).stream().filter(r -> roles.contains(r.role)).toList();
        for (Reservation r : used) {
            r.state = Reservation.State.CONSUMED;
            movements.save(new StockMovement(r.partNumber, -r.count, StockMovement.Kind.CONSUMED, job, "mounted", by, clock.now()));
        }
        if (!used.isEmpty()) {
            live.stockChanged();
        }
    }

    /** Gives back everything a job still holds. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void release(long job) {
        reservations.findByJobIdAndState(job, Reservation.State.HELD).forEach(r -> r.state = Reservation.State.RELEASED);
        live.stockChanged();
    }

    /** Puts a delivery in its drawer. */
    @Transactional
    public void receive(String number, int count, String note, String by) {
        if (parts.lock(Set.of(number)).isEmpty()) {
            throw Refused.notFound("part", number);
        }
        movements.save(new StockMovement(number, count, StockMovement.Kind.RECEIVED, null, note, by, clock.now()));
        live.stockChanged();
    }
}
