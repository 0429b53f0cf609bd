package hingeyard.app.order;

import hingeyard.app.claim.Claim;
import hingeyard.app.claim.Claim.Fault;
import hingeyard.app.claim.Claims;
import hingeyard.app.cluster.Everywhere;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Stock;
import hingeyard.app.stock.Stocktakes;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.booking.WorkingDays;
import hingeyard.core.order.OrderLine;
import hingeyard.core.order.OrderLine.Kind;
import hingeyard.core.order.SupplierAnswer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Orders from being sent to being received. What happens to a line is only ever added; every command holds its order. */
@Service
public class Orders {

    /** A part and how many of it are ordered. */
    public record Ordered(String part, int count) {
    }

    /**
     * Pieces of a delivery.
     *
     * @param serials one for each good piece, or none at all
     * @param fault   nothing for good pieces of the order; what is wrong with others, which are claimed and not put into the drawer
     */
    public record Came(String part, int count, String lot, List<String> serials, Optional<Fault> fault, String note) {
    }

    private final OrderRows orders;
    private final Proposals proposals;
    private final Stock stock;
    private final Stocktakes stocktakes;
    private final Claims claims;
    private final LiveEvents live;
    private final Everywhere everywhere;
    private final ShopClock clock;

    Orders(OrderRows orders, Proposals proposals, Stock stock, Stocktakes stocktakes, Claims claims, LiveEvents live, Everywhere everywhere,
            ShopClock clock) {
        this.orders = orders;
        this.proposals = proposals;
        this.stock = stock;
        this.stocktakes = stocktakes;
        this.claims = claims;
        this.live = live;
        this.everywhere = everywhere;
        this.clock = clock;
    }

    /** Sends an order; its lines are expected after the parts' lead times. Answers its number. */
    @Transactional(propagation = Propagation.MANDATORY)
    public long send(String supplier, List<Ordered> wanted, String by) {
        PurchaseOrder order = new PurchaseOrder(supplier, by, clock.now());
        Map<String, Integer> counts = new TreeMap<>();
        wanted.forEach(w -> counts.merge(w.part(), w.count(), Integer::sum));
        for (Map.Entry<String, Integer> w : counts.entrySet()) {
            Proposals.Buyable part = proposals.buyable(w.getKey());
            if (!part.supplier().equals(supplier)) {
                throw Refused.input("supplier", supplier, "%s, who sells %s".formatted(
                        part.supplier().isEmpty() ? "nobody yet: name a supplier on the part's sheet" : part.supplier(), w.getKey()));
            }
            if (w.getValue() % part.pack() != 0) {
                throw Refused.input("count", String.valueOf(w.getValue()), "whole packs of %d for %s".formatted(part.pack(), w.getKey()));
            }
            PurchaseOrderLine line = new PurchaseOrderLine(w.getKey(), proposals.reason(w.getKey()), part.priceMinor());
            add(line, Kind.ORDERED, w.getValue(), WorkingDays.after(clock.today(), part.leadDays()), 0, "", by);
            order.lines.add(line);
        }
        orders.save(order);
        live.stockChanged();
        return order.id;
    }

    private void add(PurchaseOrderLine line, Kind kind, int count, LocalDate on, int answer, String note, String by) {
        line.happened.add(new PurchaseHappening(kind, count, on, answer, note, by, clock.now()));
    }

    private PurchaseOrder held(long number) {
        everywhere.hold("order " + number);
        return orders.lock(number).orElseThrow(() -> Refused.notFound("order", number));
    }

    private static PurchaseOrderLine line(PurchaseOrder order, String part) {
        return order.lines.stream().filter(l -> l.partNumber.equals(part)).findFirst()
                .orElseThrow(() -> Refused.input("part", part, "parts of order %d: %s".formatted(order.id,
                        String.join(", ", order.lines.stream().map(l -> l.partNumber).toList()))));
    }

    /**
     * Takes in a supplier's answer, all of it or nothing.
     *
     * @throws Refused when it is for another order or supplier, names a part that was not ordered, or promises more than is open
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void answered(long number, SupplierAnswer answer, String by) {
        PurchaseOrder order = held(number);
        if (answer.order() != number || !answer.supplier().equals(order.supplier)) {
            throw Refused.input("order", "%d of %s".formatted(answer.order(), answer.supplier()),
                    "an answer to order %d of %s".formatted(number, order.supplier));
        }
        for (int i = 0; i < answer.lines().size(); i++) {
            SupplierAnswer.Line said = answer.lines().get(i);
            PurchaseOrderLine line = line(order, said.part());
            OrderLine now = line.line();
            if (said.promised() > now.ordered() - now.cancelled()) {
                throw Refused.input("lines[%d].promises".formatted(i), String.valueOf(said.promised()),
                        "at most %d of %s".formatted(now.ordered() - now.cancelled(), said.part()));
            }
            int next = now.answers() + 1;
            if (!said.instead().isEmpty() || said.promises().isEmpty()) {
                add(line, Kind.OTHER_OFFERED, 0, null, next, said.instead().isEmpty() ? "nothing promised" : "offers " + said.instead(),
                        by);
            }
            said.promises().forEach(p -> add(line, Kind.CONFIRMED, p.count(), p.on(), next, said.note(), by));
        }
        live.stockChanged();
    }

    /** What is open of a line, or so many of it, is no longer wanted from this supplier. */
    @Transactional(propagation = Propagation.MANDATORY)
    void cancel(long number, String part, int count, String reason, String by) {
        PurchaseOrder order = held(number);
        PurchaseOrderLine line = line(order, part);
        if (count > line.line().open()) {
            throw Refused.input("count", String.valueOf(count), "1 to %d, so many are open".formatted(line.line().open()));
        }
        add(line, Kind.CANCELLED, count, null, 0, reason, by);
        close(order);
        live.stockChanged();
    }

    /**
     * A delivery: good pieces go into their drawers and to the jobs that wait for them; wrong or damaged ones are claimed.
     *
     * @return numbers of the claims that were raised
     * @throws Refused when more came of a part than is open, or a good part is not on the order
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public List<Long> received(long number, List<Came> came, String by) {
        PurchaseOrder order = held(number);
        List<Long> raised = new ArrayList<>();
        for (int i = 0; i < came.size(); i++) {
            Came c = came.get(i);
            if (c.fault().isPresent()) {
                raised.add(claims.raise(new Claim.Raised(Optional.empty(), 1, Optional.of(number), order.supplier, c.part(), c.part(),
                        c.count(), c.fault().get(), "", false, c.note()), by));
                continue;
            }
            PurchaseOrderLine line = line(order, c.part());
            if (c.count() > line.line().open()) {
                throw Refused.input("lines[%d].count".formatted(i), String.valueOf(c.count()),
                        "at most %d of %s, so many are open on order %d".formatted(line.line().open(), c.part(), number));
            }
            add(line, Kind.RECEIVED, c.count(), clock.today(), 0, c.lot(), by);
            stocktakes.receive(c.part(), new Stock.Delivery(c.count(), "order " + number, c.lot(), c.serials()), by);
        }
        close(order);
        live.stockChanged();
        return raised;
    }

    /** What is open of a supplier's orders, by the order's number. */
    @Transactional(readOnly = true)
    public Map<Long, List<Ordered>> openOf(String supplier) {
        return orders.open().stream().filter(o -> o.supplier.equals(supplier)).collect(Collectors.toMap(o -> o.id,
                o -> o.lines.stream().map(l -> new Ordered(l.partNumber, l.line().open())).filter(l -> l.count() > 0).toList()));
    }

    private static void close(PurchaseOrder order) {
        order.closed = order.lines.stream().allMatch(l -> l.line().open() <= 0);
    }
}
