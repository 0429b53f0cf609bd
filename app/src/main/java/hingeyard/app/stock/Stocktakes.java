package hingeyard.app.stock;

import hingeyard.app.booking.Jobs;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Ledger.Level;
import hingeyard.app.stock.Ledger.Line;
import hingeyard.app.stock.StockMovement.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Counting a drawer, throwing away, putting back, taking in. */
@Service
public class Stocktakes {

    /**
     * One part counted.
     *
     * @param seen    what the drawers said when the count began
     * @param counted what lies there
     * @param reason  why it differs; empty when it does not
     */
    record Count(String part, int seen, int counted, String reason) {
    }

    /** A job that lost what it held, because it was not there. */
    record Lost(long job, String part) {
    }

    private final Ledger ledger;
    private final Waits waits;
    private final Stock stock;
    private final Jobs jobs;
    private final JdbcTemplate jdbc;

    Stocktakes(Ledger ledger, Waits waits, Stock stock, Jobs jobs, JdbcTemplate jdbc) {
        this.ledger = ledger;
        this.waits = waits;
        this.stock = stock;
        this.jobs = jobs;
        this.jdbc = jdbc;
    }

    /**
     * Counts of one drawer, all or none. A count that is right is a movement too: the ledger says when it was last looked at.
     *
     * @throws Refused when something moved since the count began, when a difference is not explained, or a part lies elsewhere
     */
    @Transactional(propagation = Propagation.MANDATORY)
    List<Lost> count(String place, List<Count> counts, String by) {
        Map<String, Level> levels = ledger.lock(new TreeSet<>(counts.stream().map(Count::part).toList()));
        List<Lost> lost = new ArrayList<>();
        for (int i = 0; i < counts.size(); i++) {
            Count c = counts.get(i);
            Level level = levels.get(c.part());
            if (level == null || !jdbc.queryForObject("SELECT place FROM part WHERE number = ?", String.class, c.part()).equals(place)) {
                throw Refused.input("counts[%d].part".formatted(i), c.part(), "parts that lie in drawer " + place);
            }
            if (level.onHand() != c.seen()) {
                throw Refused.conflict("counts[%d].seen".formatted(i), String.valueOf(c.seen()),
                        "%s moved while you counted: %d were there, now it is %d. Nothing was saved; count it again.".formatted(c.part(),
                                c.seen(),
                                level.onHand()));
            }
            if (c.counted() != level.onHand() && c.reason().isBlank()) {
                throw Refused.input("counts[%d].reason".formatted(i), c.reason(),
                        "why %d lie there and not %d: broken, lent, miscounted before…".formatted(c.counted(), level.onHand()));
            }
            if (c.counted() < level.held()) {
                waits.shorten(c.part(), c.counted(), by).forEach(job -> lost.add(new Lost(job, c.part())));
            }
            ledger.add(Line.of(c.part(), Kind.COUNTED, c.counted() - level.onHand(), 0, null, c.reason().strip()), by);
            if (c.counted() > level.onHand()) {
                waits.refill(c.part(), by);
            }
        }
        return lost;
    }

    /** Takes in a delivery; jobs that were waiting for it get theirs. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void receive(String part, Stock.Delivery came, String by) {
        stock.receive(part, came, by);
        waits.refill(part, by);
    }

    /** @throws Refused when fewer are free: what a job holds is not thrown away */
    @Transactional(propagation = Propagation.MANDATORY)
    void scrap(String part, int count, String reason, String by) {
        Level level = ledger.lock(part);
        if (count > level.free()) {
            throw Refused.conflict("count", String.valueOf(count),
                    "%d of %s are free, %d are held for jobs. Nothing was thrown away; count the drawer if they are not there."
                            .formatted(level.free(), part, level.held()));
        }
        ledger.add(Line.of(part, Kind.SCRAPPED, -count, 0, null, reason), by);
    }

    /**
     * A free piece goes to a customer with the bike.
     *
     * @throws Refused when fewer are free
     */
    @Transactional(propagation = Propagation.MANDATORY)
    void handOver(String part, int count, long job, String note, String by) {
        jobs.card(job);
        Level level = ledger.lock(part);
        if (count > level.free()) {
            throw Refused.conflict("count", String.valueOf(count),
                    "%d of %s are free, %d are held for jobs. Nothing was handed over.".formatted(level.free(), part, level.held()));
        }
        ledger.add(Line.of(part, Kind.HANDED_BACK, -count, 0, job, note), by);
    }

    /** What was taken out and not used lies in its drawer again. */
    @Transactional(propagation = Propagation.MANDATORY)
    void putBack(String part, int count, String note, String by) {
        ledger.lock(part);
        ledger.add(Line.of(part, Kind.BACK_IN_DRAWER, count, 0, null, note), by);
        waits.refill(part, by);
    }
}
