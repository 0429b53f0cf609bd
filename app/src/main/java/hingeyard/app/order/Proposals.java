package hingeyard.app.order;

import hingeyard.app.booking.Jobs;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Stock;
import hingeyard.app.stock.Waits;
import hingeyard.app.stock.Waits.Waiting;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.order.EarliestDates;
import hingeyard.core.order.EarliestDates.Date;
import hingeyard.core.order.EarliestDates.Supply;
import hingeyard.core.order.EarliestDates.Want;
import hingeyard.core.order.PurchaseNeed;
import hingeyard.core.stock.Promises.Rank;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What to buy, and when waiting jobs get theirs. */
@Service
public class Proposals {

    /** What is known of a part that can be bought. */
    record Buyable(String number, String name, String place, String supplier, int pack, int minimum, int free, long priceMinor,
            int leadDays) {
    }

    /** A part to buy, with the reason in figures. */
    record Proposed(Buyable part, PurchaseNeed need) {
    }

    /**
     * When a job gets a part it waits for.
     *
     * @param role what it is mounted as
     */
    public record PartDate(long job, String part, String name, String role, int count, Date date) {
    }

    private static final String BUYABLE = """
            SELECT p.number, p.name, p.place, p.supplier, p.pack, p.minimum, l.on_hand - l.held AS free, p.price_minor, %s
            FROM part p JOIN stock_level l ON l.part_number = p.number LEFT JOIN supplier s ON s.name = p.supplier WHERE\s"""
            .formatted(Stock.LEAD_DAYS);

    private final OrderRows orders;
    private final Waits waits;
    private final Jobs jobs;
    private final ShopClock clock;
    private final JdbcTemplate jdbc;

    Proposals(OrderRows orders, Waits waits, Jobs jobs, ShopClock clock, JdbcTemplate jdbc) {
        this.orders = orders;
        this.waits = waits;
        this.jobs = jobs;
        this.clock = clock;
        this.jdbc = jdbc;
    }

    private List<Buyable> buyables(String where, Object... values) {
        return jdbc.query(BUYABLE + where, (r, n) -> new Buyable(r.getString(1), r.getString(2), r.getString(3), r.getString(4),
                r.getInt(5), r.getInt(6), r.getInt(7), r.getLong(8), r.getInt(9)), values);
    }

    /** @throws Refused when no drawer knows it */
    @Transactional(readOnly = true)
    Buyable buyable(String number) {
        return buyables("p.number = ?", number).stream().findFirst().orElseThrow(() -> Refused.notFound("part", number));
    }

    private List<Buyable> buyables(Set<String> numbers) {
        return numbers.isEmpty() ? List.of() : buyables("p.number IN (" + "?,".repeat(numbers.size() - 1) + "?)", numbers.toArray());
    }

    /** Everything to buy now, by supplier; what nobody sells stands under an empty name. */
    @Transactional(readOnly = true)
    Map<String, List<Proposed>> proposed() {
        List<Waiting> waiting = waits.waiting();
        Map<String, Buyable> parts = new TreeMap<>();
        buyables("p.minimum > l.on_hand - l.held").forEach(b -> parts.put(b.number(), b));
        buyables(waiting.stream().map(Waiting::partNumber).collect(Collectors.toCollection(TreeSet::new)))
                .forEach(b -> parts.put(b.number(), b));
        Map<String, Integer> onOrder = onOrder();
        Map<String, List<Proposed>> proposed = new TreeMap<>();
        for (Buyable part : parts.values()) {
            PurchaseNeed need = need(part, waiting, onOrder);
            if (need.toOrder() > 0) {
                proposed.computeIfAbsent(part.supplier(), s -> new ArrayList<>()).add(new Proposed(part, need));
            }
        }
        return proposed;
    }

    private static PurchaseNeed need(Buyable part, List<Waiting> waiting, Map<String, Integer> onOrder) {
        List<Waiting> of = waiting.stream().filter(w -> w.partNumber().equals(part.number())).toList();
        return new PurchaseNeed(part.number(), of.stream().mapToInt(Waiting::count).sum(), of.stream().map(Waiting::job).toList(),
                part.free(), onOrder.getOrDefault(part.number(), 0), part.minimum(),
                part.pack());
    }

    /** How many of each part are on their way. */
    @Transactional(readOnly = true)
    Map<String, Integer> onOrder() {
        Map<String, Integer> open = new HashMap<>();
        orders.open().forEach(o -> o.lines.forEach(l -> {
            int coming = l.line().open() - l.line().unpromised();
            open.merge(l.partNumber, Math.max(0, coming), Integer::sum);
        }));
        return open;
    }

    /** Why a part is ordered now, in figures. */
    @Transactional(readOnly = true)
    String reason(String part) {
        return need(buyable(part), waits.waiting(), onOrder()).reason();
    }

    /** When every job gets what it waits for. */
    @Transactional(readOnly = true)
    public List<PartDate> dates() {
        return dates(waits.waiting());
    }

    /** When one job gets what it waits for; empty when it waits for nothing. */
    @Transactional(readOnly = true)
    public List<PartDate> dates(long job) {
        List<Waiting> waiting = waits.waiting();
        Set<String> own = waiting.stream().filter(w -> w.job() == job).map(Waiting::partNumber).collect(Collectors.toSet());
        return own.isEmpty() ? List.of()
                : dates(waiting.stream().filter(w -> own.contains(w.partNumber())).toList()).stream().filter(d -> d.job() == job).toList();
    }

    private List<PartDate> dates(List<Waiting> waiting) {
        Map<Long, Rank> ranks = jobs.ranks(waiting.stream().map(Waiting::job).collect(Collectors.toSet()));
        Map<String, List<Supply>> coming = new HashMap<>();
        orders.open().forEach(o -> o.lines.forEach(l -> l.line().coming().forEach(c -> coming
                .computeIfAbsent(l.partNumber, p -> new ArrayList<>()).add(new Supply(c.on(), c.count(), String.valueOf(o.id))))));
        Map<String, Buyable> parts = buyables(waiting.stream().map(Waiting::partNumber).collect(Collectors.toSet())).stream()
                .collect(Collectors.toMap(Buyable::number, b -> b));
        List<PartDate> dates = new ArrayList<>();
        waiting.stream().collect(Collectors.groupingBy(Waiting::partNumber, TreeMap::new, Collectors.toList())).forEach((part, of) -> {
            Map<Long, Waiting> byId = of.stream().collect(Collectors.toMap(Waiting::id, w -> w));
            List<Want> wants = of.stream().map(w -> new Want(w.id(), w.count(), ranks.get(w.job()))).toList();
            EarliestDates.of(wants, coming.getOrDefault(part, List.of()), clock.today(), parts.get(part).leadDays())
                    .forEach(d -> dates.add(new PartDate(byId.get(d.want().id()).job(), part, parts.get(part).name(),
                            byId.get(d.want().id()).role(), d.want().count(), d)));
        });
        return dates;
    }
}
