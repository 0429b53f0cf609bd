package hingeyard.app.order;

import hingeyard.app.order.Proposals.PartDate;
import hingeyard.app.order.Proposals.Proposed;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Waits;
import hingeyard.core.explain.Making;
import hingeyard.core.made.MadeKind;
import hingeyard.core.order.EarliestDates.Ground;
import hingeyard.core.order.OrderLine;
import hingeyard.core.order.OrderLine.Coming;
import hingeyard.core.quantity.Scale;
import java.time.Instant;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Tells orders and what is to be ordered as their view shows them. */
@Component
class OrderTeller {

    private static final int SHOWN = 100;

    /** @param sum as said; empty where no price is named */
    record ProposedView(String part, String name, String place, int toOrder, int pack, String reason, int leadDays, String sum,
            List<Long> jobs) {
    }

    /** @param supplier empty where nobody sells it yet: the part's sheet wants one */
    record SupplierProposal(String supplier, List<ProposedView> lines, String total) {
    }

    record HappeningView(OrderLine.Kind kind, int count, Optional<LocalDate> on, String note, String by, Instant at) {
    }

    record OrderLineView(String part, String name, String place, String reason, int ordered, int received, int cancelled, int open,
            int unpromised, OrderLine.State state, String stateLabel, List<Coming> coming, int daysLate,
            List<HappeningView> happened) {
    }

    record OrderView(long number, String supplier, String madeBy, Instant madeAt, boolean closed, List<OrderLineView> lines) {
    }

    /** @param holders jobs that hold pieces of it in the drawer, and how many */
    record WaitingView(long job, String customer, String part, String name, int count, LocalDate on, Ground ground, String order,
            List<Holder> holders) {
    }

    record Holder(long job, int count) {
    }

    /** A line that is to be bought and has no part's number yet. */
    record Unnumbered(long job, int ordinal, String name, int count, String role) {
    }

    /**
     * A part that the shop makes for a job, and that does not lie there yet.
     *
     * @param ordinal its line on the bill, from 0
     * @param kind    as the bench names it
     * @param said    what it is, with grams and minutes
     */
    record ToMake(long job, int ordinal, String name, int count, String kind, List<BigDecimal> measures, String said) {
    }

    record OrdersAnswer(List<SupplierProposal> proposals, List<OrderView> orders, List<WaitingView> waiting, List<Unnumbered> unnumbered,
            List<ToMake> toMake) {
    }

    /** Lines of bills in force whose job is not finished, by one more column and what they are. */
    private static final String OPEN_LINES = """
            SELECT b.job_id, l.ordinal, l.name, l.count, %s FROM bill_line l JOIN bill b ON b.id = l.bill_id JOIN job j ON j.id = b.job_id
            WHERE j.place NOT IN ('RAIL', 'GONE') AND j.called_off IS NULL AND b.withdrawn_reason IS NULL AND %s ORDER BY b.job_id, l.ordinal""";

    private final OrderRows orders;
    private final Proposals proposals;
    private final Waits waits;
    private final JdbcTemplate jdbc;

    OrderTeller(OrderRows orders, Proposals proposals, Waits waits, JdbcTemplate jdbc) {
        this.orders = orders;
        this.proposals = proposals;
        this.waits = waits;
        this.jdbc = jdbc;
    }

    @Transactional(readOnly = true)
    public OrdersAnswer all() {
        List<PurchaseOrder> shown = orders.openFirst(Limit.of(SHOWN));
        Map<String, String[]> parts = names(shown.stream().flatMap(o -> o.lines.stream()).map(l -> l.partNumber).distinct().toList());
        return new OrdersAnswer(proposals.proposed().entrySet().stream().map(e -> proposal(e.getKey(), e.getValue())).toList(),
                shown.stream().map(o -> view(o, parts)).toList(), waiting(), unnumbered(), toMake());
    }

    @Transactional(readOnly = true)
    public OrderView one(long number) {
        PurchaseOrder order = orders.findById(number).orElseThrow(() -> Refused.notFound("order", number));
        return view(order, names(order.lines.stream().map(l -> l.partNumber).toList()));
    }

    private Map<String, String[]> names(List<String> numbers) {
        Map<String, String[]> names = new HashMap<>();
        if (!numbers.isEmpty()) {
            jdbc.query("SELECT number, name, place FROM part WHERE number IN (" + "?,".repeat(numbers.size() - 1) + "?)", r -> {
                names.put(r.getString(1), new String[]{r.getString(2), r.getString(3)});
            }, numbers.toArray());
        }
        return names;
    }

    private static SupplierProposal proposal(String supplier, List<Proposed> lines) {
        long total = lines.stream().mapToLong(l -> l.part().priceMinor() * l.need().toOrder()).sum();
        return new SupplierProposal(supplier,
                lines.stream()
                        .map(l -> new ProposedView(l.part().number(), l.part().name(), l.part().place(), l.need().toOrder(),
                                l.part().pack(), l.need().reason(), l.part().leadDays(),
                                l.part().priceMinor() == 0 ? "" : Scale.money(l.part().priceMinor() * l.need().toOrder()), l.need().jobs()))
                        .toList(),
                Scale.money(total));
    }

    private static OrderView view(PurchaseOrder order, Map<String, String[]> parts) {
        return new OrderView(order.id, order.supplier, order.madeBy, order.madeAt, order.closed,
                order.lines.stream().map(l -> line(l, parts.get(l.partNumber))).toList());
    }

    private static OrderLineView line(PurchaseOrderLine row, String[] part) {
        OrderLine l = row.line();
        return new OrderLineView(row.partNumber, part[0], part[1], row.reason, l.ordered(), l.received(), l.cancelled(), l.open(),
                l.unpromised(), l.state(), l.state().label(), l.coming(), l.daysLate(),
                l.happened().stream().map(h -> new HappeningView(h.kind(), h.count(), h.on(), h.note(), h.by(), h.at())).toList());
    }

    private List<WaitingView> waiting() {
        List<PartDate> dates = proposals.dates();
        Map<Long, String> customers = customers(dates.stream().map(PartDate::job).distinct().toList());
        Map<String, List<Holder>> holders = dates.stream().map(PartDate::part).distinct().collect(Collectors.toMap(p -> p,
                p -> waits.holders(p).entrySet().stream().map(e -> new Holder(e.getKey(), e.getValue())).toList()));
        return dates.stream()
                .map(d -> new WaitingView(d.job(), customers.getOrDefault(d.job(), ""), d.part(), d.name(), d.count(), d.date().on(),
                        d.date().ground(), d.date().order(),
                        holders.get(d.part()).stream().filter(h -> h.job() != d.job()).toList()))
                .toList();
    }

    private Map<Long, String> customers(List<Long> jobs) {
        Map<Long, String> customers = new HashMap<>();
        if (!jobs.isEmpty()) {
            jdbc.query(
                    "SELECT j.id, c.name FROM job j JOIN bike b ON b.id = j.bike_id JOIN customer c ON c.id = b.customer_id WHERE j.id IN ("
                            + "?,".repeat(jobs.size() - 1) + "?)",
                    r -> {
                        customers.put(r.getLong(1), r.getString(2));
                    }, jobs.toArray());
        }
        return customers;
    }

    private List<Unnumbered> unnumbered() {
        return jdbc.query(OPEN_LINES.formatted("l.role", "l.source = 'TO_ORDER' AND l.part_number = ''"),
                (r, n) -> new Unnumbered(r.getLong(1), r.getInt(2), r.getString(3), r.getInt(4), r.getString(5)));
    }

    private List<ToMake> toMake() {
        return jdbc.query(OPEN_LINES.formatted("l.making", "l.source = 'TO_MAKE'"), (r, n) -> {
            Making making = Making.parse(r.getString(5));
            return new ToMake(r.getLong(1), r.getInt(2), r.getString(3), r.getInt(4), making.kind(), making.measures(),
                    MadeKind.of(making).said());
        });
    }
}
