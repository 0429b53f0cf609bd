package hingeyard.app.stock;

import hingeyard.app.cluster.Everywhere;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.wiring.ShopClock;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.StockMovement.Kind;
import java.sql.Timestamp;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * The stock ledger: every movement is added here and nowhere else; the database keeps the levels that follow from it and refuses what
 * cannot be.
 */
@Component
class Ledger {

    /** @param onHand in the drawer; @param held of these, promised to jobs */
    record Level(int onHand, int held) {

        int free() {
            return onHand - held;
        }
    }

    /**
     * One line.
     *
     * @param delta     on hand, more or less
     * @param heldDelta held for jobs, more or less
     * @param job       null when no job is concerned
     * @param serial    of the single piece; empty where none is told apart
     */
    record Line(String part, Kind kind, int delta, int heldDelta, Long job, String note, String lot, String serial) {

        static Line of(String part, Kind kind, int delta, int heldDelta, Long job, String note) {
            return new Line(part, kind, delta, heldDelta, job, note, "", "");
        }
    }

    private static final int AT_ONCE = 1000;

    private final JdbcTemplate jdbc;
    private final LiveEvents live;
    private final Everywhere everywhere;
    private final ShopClock clock;

    Ledger(JdbcTemplate jdbc, LiveEvents live, Everywhere everywhere, ShopClock clock) {
        this.jdbc = jdbc;
        this.live = live;
        this.everywhere = everywhere;
        this.clock = clock;
    }

    /**
     * Locks the levels of these parts in number order, so that two people wanting the same parts wait for one another and never in a
     * circle.
     *
     * @return the levels of those that are known
     */
    @Transactional(propagation = Propagation.MANDATORY)
    Map<String, Level> lock(Collection<String> parts) {
        Map<String, Level> levels = new HashMap<>();
        List<String> sorted = List.copyOf(new TreeSet<>(parts));
        everywhere.hold(sorted.stream().map(p -> "part " + p).toList());
        for (int from = 0; from < sorted.size(); from += AT_ONCE) {
            List<String> some = sorted.subList(from, Math.min(sorted.size(), from + AT_ONCE));
            String marks = String.join(",", Collections.nCopies(some.size(), "?"));
            jdbc.query("SELECT part_number, on_hand, held FROM stock_level WHERE part_number IN (" + marks
                    + ") ORDER BY part_number FOR UPDATE", r -> {
                        levels.put(r.getString(1), new Level(r.getInt(2), r.getInt(3)));
                    }, some.toArray());
        }
        return levels;
    }

    /** @throws Refused when no drawer knows the part */
    @Transactional(propagation = Propagation.MANDATORY)
    Level lock(String part) {
        Level level = lock(List.of(part)).get(part);
        if (level == null) {
            throw Refused.notFound("part", part);
        }
        return level;
    }

    /** Adds a line; its part's level must be locked. */
    @Transactional(propagation = Propagation.MANDATORY)
    void add(Line line, String by) {
        add(List.of(line), by);
    }

    /** Many lines at once; their parts' levels must be locked. */
    @Transactional(propagation = Propagation.MANDATORY)
    void add(List<Line> lines, String by) {
        Timestamp now = Timestamp.from(clock.now());
        jdbc.batchUpdate(
                "INSERT INTO stock_movement (part_number, delta, held_delta, kind, job_id, note, lot, serial, moved_by, moved_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                lines.stream()
                        .map(l -> new Object[]{l.part(), l.delta(), l.heldDelta(), l.kind().name(), l.job(), l.note(), l.lot(), l.serial(),
                            by, now})
                        .toList());
        if (lines.stream().allMatch(l -> l.delta() == l.heldDelta())) {
            live.stockTaken();
        } else {
            live.stockChanged();
        }
    }
}
