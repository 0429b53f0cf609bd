package hingeyard.formats;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;

/** Adds the stock's ledger up again, movement by movement, and holds it against what the drawers say and what jobs are promised. */
public final class StockLedger {

    @FunctionalInterface
    interface Said {
        String of(ResultSet row) throws SQLException;
    }

    private StockLedger() {
    }

    /** One sentence for everything that does not add up; empty when all does. */
    public static List<String> findings(Connection connection) throws SQLException {
        List<String> found = new ArrayList<>();
        ask(connection, found, """
                SELECT l.part_number, l.on_hand, l.held, COALESCE(SUM(m.delta), 0) on_ledger, COALESCE(SUM(m.held_delta), 0) held_ledger
                FROM stock_level l LEFT JOIN stock_movement m ON m.part_number = l.part_number
                GROUP BY l.part_number, l.on_hand, l.held HAVING l.on_hand <> on_ledger OR l.held <> held_ledger""",
                r -> "%s: the drawers say %d on hand and %d held, the ledger adds up to %d and %d".formatted(r.getString(1), r.getInt(2),
                        r.getInt(3), r.getInt(4), r.getInt(5)));
        ask(connection, found, """
                SELECT l.part_number, l.held, COALESCE(SUM(r.count), 0) promised
                FROM stock_level l LEFT JOIN reservation r ON r.part_number = l.part_number AND r.state = 'HELD'
                GROUP BY l.part_number, l.held HAVING l.held <> promised""",
                r -> "%s: %d are held, jobs are promised %d".formatted(r.getString(1), r.getInt(2), r.getInt(3)));
        ask(connection, found, "SELECT part_number, on_hand, held FROM stock_level WHERE on_hand < 0 OR held < 0 OR held > on_hand",
                r -> "%s: %d on hand and %d held cannot be".formatted(r.getString(1), r.getInt(2), r.getInt(3)));
        ask(connection, found,
                """
                SELECT part_number, MIN(running) least FROM (SELECT part_number, SUM(delta) OVER (PARTITION BY part_number ORDER BY id) running FROM stock_movement) s
                GROUP BY part_number HAVING least < 0""",
                r -> "%s: the ledger passes through %d".formatted(r.getString(1), r.getInt(2)));
        ask(connection, found,
                "SELECT p.number FROM part p LEFT JOIN stock_level l ON l.part_number = p.number WHERE l.part_number IS NULL",
                r -> r.getString(1) + ": has no level");
        return found;
    }

    static void ask(Connection connection, List<String> found, String question, Said said) throws SQLException {
        try (Statement statement = connection.createStatement(); ResultSet row = statement.executeQuery(question)) {
            while (row.next()) {
                found.add(said.of(row));
            }
        }
    }
}
