package hingeyard.app.stock;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What happened to a part, and where single pieces of it went. */
@Component
class PartHistory {

    private static final int SHOWN = 200;

    /** @param onHand after it */
    record Movement(Instant at, String by, StockMovement.Kind kind, int delta, int heldDelta, Optional<Long> job, String note, String lot,
            String serial, int onHand) {
    }

    record PartChange(Instant at, String by, String changes, String reason) {
    }

    record Alternative(String number, String name, String when, int free) {
    }

    /** One line of the ledger that names a number. */
    record Traced(String part, String name, String place, Instant at, String by, StockMovement.Kind kind, Optional<Long> job,
            Optional<String> customer, String note, String lot, String serial) {
    }

    private final JdbcTemplate jdbc;

    PartHistory(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    @Transactional(readOnly = true)
    List<Movement> movements(String number) {
        return jdbc.query("""
                SELECT * FROM (SELECT id, moved_at, moved_by, kind, delta, held_delta, job_id, note, lot, serial, SUM(delta) OVER (ORDER BY id) on_hand FROM stock_movement WHERE part_number = ?) m
                ORDER BY id DESC LIMIT\s""" + SHOWN,
                (r, n) -> new Movement(r.getTimestamp("moved_at").toInstant(), r.getString("moved_by"), kind(r), r.getInt("delta"),
                        r.getInt("held_delta"), job(r),
                        r.getString("note"), r.getString("lot"), r.getString("serial"), r.getInt("on_hand")),
                number);
    }

    private static StockMovement.Kind kind(ResultSet r) throws SQLException {
        return StockMovement.Kind.valueOf(r.getString("kind"));
    }

    private static Optional<Long> job(ResultSet r) throws SQLException {
        return Optional.ofNullable(r.getObject("job_id", Long.class));
    }

    @Transactional(readOnly = true)
    List<PartChange> changes(String number) {
        return jdbc.query(
                "SELECT changed_at, changed_by, changes, reason FROM part_change WHERE part_number = ? ORDER BY id DESC LIMIT 100",
                (r, n) -> new PartChange(r.getTimestamp(1).toInstant(), r.getString(2), r.getString(3), r.getString(4)), number);
    }

    @Transactional(readOnly = true)
    List<Alternative> alternatives(String number) {
        return jdbc.query("""
                SELECT a.alternative, p.name, a.condition_text, l.on_hand - l.held FROM part_alternative a JOIN part p ON p.number = a.alternative JOIN stock_level l ON l.part_number = a.alternative
                WHERE a.part_number = ? ORDER BY a.alternative""",
                (r, n) -> new Alternative(r.getString(1), r.getString(2), r.getString(3), r.getInt(4)), number);
    }

    /** Every line of the ledger with this serial or lot number, whole; the newest first. */
    @Transactional(readOnly = true)
    List<Traced> traced(String text) {
        return text.isEmpty() ? List.of() : jdbc.query(
                """
                SELECT m.part_number, p.name, p.place, m.moved_at, m.moved_by, m.kind, m.job_id, c.name customer, m.note, m.lot, m.serial
                FROM (SELECT * FROM stock_movement WHERE serial = ? UNION SELECT * FROM stock_movement WHERE lot = ?) m JOIN part p ON p.number = m.part_number
                LEFT JOIN job j ON j.id = m.job_id LEFT JOIN bike b ON b.id = j.bike_id LEFT JOIN customer c ON c.id = b.customer_id ORDER BY m.id DESC LIMIT\s"""
                        + SHOWN,
                (r, n) -> new Traced(r.getString("part_number"), r.getString("name"), r.getString("place"),
                        r.getTimestamp("moved_at").toInstant(), r.getString("moved_by"), kind(r), job(r),
                        Optional.ofNullable(r.getString("customer")), r.getString("note"), r.getString("lot"), r.getString("serial")),
                text, text);
    }
}
