package hingeyard.app.stock;

import java.util.ArrayList;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Adds the ledger up again, movement by movement, and holds it against what the drawers say and what jobs are promised. */
@Service
public class StockAudit {

    private final JdbcTemplate jdbc;

    StockAudit(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    /** One sentence for everything that does not add up; empty when all does. */
    @Transactional(readOnly = true)
    public List<String> findings() {
        List<String> found = new ArrayList<>();
        found.addAll(jdbc.query("""
                SELECT l.part_number, l.on_hand, l.held, COALESCE(SUM(m.delta), 0) on_ledger, COALESCE(SUM(m.held_delta), 0) held_ledger
                FROM stock_level l LEFT JOIN stock_movement m ON m.part_number = l.part_number
                GROUP BY l.part_number, l.on_hand, l.held HAVING l.on_hand <> on_ledger OR l.held <> held_ledger""",
                (r, n) -> "%s: the drawers say %d on hand and %d held, the ledger adds up to %d and %d".formatted(r.getString(1),
                        r.getInt(2), r.getInt(3), r.getInt(4), r.getInt(5))));
        found.addAll(jdbc.query("""
                SELECT l.part_number, l.held, COALESCE(SUM(r.count), 0) promised
                FROM stock_level l LEFT JOIN reservation r ON r.part_number = l.part_number AND r.state = 'HELD'
                GROUP BY l.part_number, l.held HAVING l.held <> promised""",
                (r, n) -> "%s: %d are held, jobs are promised %d".formatted(r.getString(1), r.getInt(2), r.getInt(3))));
        found.addAll(jdbc.query("SELECT part_number, on_hand, held FROM stock_level WHERE on_hand < 0 OR held < 0 OR held > on_hand",
                (r, n) -> "%s: %d on hand and %d held cannot be".formatted(r.getString(1), r.getInt(2), r.getInt(3))));
        String running = """
                SELECT part_number, MIN(running) least FROM (SELECT part_number, SUM(delta) OVER (PARTITION BY part_number ORDER BY id) running FROM stock_movement) s
                GROUP BY part_number HAVING least < 0""";
        found.addAll(jdbc.query(running, (r, n) -> "%s: the ledger passes through %d".formatted(r.getString(1), r.getInt(2))));
        found.addAll(
                jdbc.query("SELECT p.number FROM part p LEFT JOIN stock_level l ON l.part_number = p.number WHERE l.part_number IS NULL",
                        (r, n) -> r.getString(1) + ": has no level"));
        return found;
    }
}
