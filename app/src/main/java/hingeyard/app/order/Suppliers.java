package hingeyard.app.order;

import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.order.OrderLine;
import hingeyard.core.order.SupplierRecord;
import java.sql.Date;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Who sells to the shop. A supplier is there as soon as a part's sheet names one; its lead time holds for every part that names none of its
 * own.
 */
@Service
public class Suppliers {

    static final int LONGEST_LEAD = 365;

    /**
     * @param leadDays              working days until what is ordered today is here, for parts that name no time of their own; 0 while
     *                              nobody said
     * @param parts                 how many parts are bought there
     * @param openOrders,openClaims what is still to come and what is owed
     * @param record                how it kept its word, in a sentence
     * @param version               goes up with every change
     */
    record Supplier(String name, int leadDays, String note, int parts, int openOrders, int openClaims, String record, int version,
            Optional<String> changedBy, Optional<Instant> changedAt) {
    }

    private final OrderRows orders;
    private final LiveEvents live;
    private final ShopClock clock;
    private final JdbcTemplate jdbc;

    Suppliers(OrderRows orders, LiveEvents live, ShopClock clock, JdbcTemplate jdbc) {
        this.orders = orders;
        this.live = live;
        this.clock = clock;
        this.jdbc = jdbc;
    }

    @Transactional(readOnly = true)
    List<Supplier> all() {
        Map<String, List<OrderLine>> lines = new HashMap<>();
        orders.findAll().forEach(o -> lines.computeIfAbsent(o.supplier, s -> new ArrayList<>())
                .addAll(o.lines.stream().map(PurchaseOrderLine::line).toList()));
        return jdbc.query("""
                SELECT s.name, s.lead_days, s.note, s.version, s.changed_by, s.changed_at, (SELECT COUNT(*) FROM part p WHERE p.supplier = s.name) parts,
                  (SELECT COUNT(*) FROM purchase_order o WHERE o.supplier = s.name AND NOT o.closed) orders,
                  (SELECT COUNT(*) FROM supplier_claim c WHERE c.supplier = s.name AND c.settled_at IS NULL) claims
                FROM supplier s ORDER BY s.name""",
                (r, n) -> new Supplier(r.getString("name"), r.getInt("lead_days"), r.getString("note"), r.getInt("parts"),
                        r.getInt("orders"), r.getInt("claims"),
                        SupplierRecord.of(lines.getOrDefault(r.getString("name"), List.of())).text(), r.getInt("version"),
                        Optional.ofNullable(r.getString("changed_by")),
                        Optional.ofNullable(r.getTimestamp("changed_at")).map(Timestamp::toInstant)));
    }

    /** How many there are of which it was said how long they take. */
    @Transactional(readOnly = true)
    public int withLead() {
        return jdbc.queryForObject("SELECT COUNT(*) FROM supplier WHERE lead_days > 0", Integer.class);
    }

    /** By how many days each line was late that came whole since then; 0 for what was there in time. */
    @Transactional(readOnly = true)
    public List<Integer> lateness(Instant since) {
        Map<Long, List<OrderLine.Happening>> lines = new HashMap<>();
        jdbc.query(
                """
                SELECT h.line_id, h.kind, h.count, h.on_day, h.answer, h.done_at FROM purchase_happening h
                WHERE h.line_id IN (SELECT r.line_id FROM purchase_happening r WHERE r.kind = 'RECEIVED' AND r.done_at >= ?) ORDER BY h.id""",
                r -> {
                    lines.computeIfAbsent(r.getLong(1), l -> new ArrayList<>())
                            .add(new OrderLine.Happening(OrderLine.Kind.valueOf(r.getString(2)), r.getInt(3),
                                    Optional.ofNullable(r.getDate(4)).map(Date::toLocalDate), r.getInt(5), "", "",
                                    r.getTimestamp(6).toInstant()));
                }, Timestamp.from(since));
        return lines.values().stream().flatMap(h -> new OrderLine("", h).daysBroken().stream()).toList();
    }

    /**
     * @param seen the version that was looked at
     * @throws Refused when there is no such supplier, or somebody changed it since
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void change(String name, int leadDays, String note, int seen, String by) {
        List<Integer> version = jdbc.queryForList("SELECT version FROM supplier WHERE name = ? FOR UPDATE", Integer.class, name);
        if (version.isEmpty()) {
            throw Refused.notFound("supplier", name);
        }
        if (version.get(0) != seen) {
            throw Refused.conflict("seen", String.valueOf(seen),
                    "%s was changed since you looked. Nothing was saved; look again.".formatted(name));
        }
        jdbc.update("UPDATE supplier SET lead_days = ?, note = ?, version = version + 1, changed_by = ?, changed_at = ? WHERE name = ?",
                leadDays, note, by, Timestamp.from(clock.now()), name);
        live.stockChanged();
    }
}
