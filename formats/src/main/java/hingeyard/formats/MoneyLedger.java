package hingeyard.formats;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;

/** Adds the money up again: each document against its lines, its taxes and its payment, and the numbers one after the other. */
public final class MoneyLedger {

    private MoneyLedger() {
    }

    /** One sentence for everything that does not add up; empty when all does, and in a database of before there was money. */
    public static List<String> findings(Connection connection) throws SQLException {
        List<String> found = new ArrayList<>();
        if (!kept(connection)) {
            return found;
        }
        StockLedger.ask(connection, found, """
                SELECT n.kind, n.year, n.last, COUNT(p.number) there,
                  COALESCE(MAX(CAST(SUBSTRING_INDEX(p.number, '-', -1) AS INT)), 0) highest
                FROM money_number n LEFT JOIN money_paper p ON p.kind = n.kind
                  AND CAST(RIGHT(SUBSTRING_INDEX(p.number, '-', 1), 4) AS INT) = n.year
                GROUP BY n.kind, n.year, n.last HAVING there <> n.last OR highest <> n.last""",
                r -> "%s %d: counted to %d, %d there, the highest is %d".formatted(r.getString(1), r.getInt(2), r.getInt(3), r.getInt(4),
                        r.getInt(5)));
        StockLedger.ask(connection, found, """
                SELECT number, net, by_line, taxes, kept_net, kept_tax FROM (SELECT p.number,
                  (SELECT COALESCE(SUM(j.net), 0) FROM JSON_TABLE(p.paper, '$.sums.taxes[*]' COLUMNS (net BIGINT PATH '$.netMinor')) j) net,
                  (SELECT COALESCE(SUM(j.tax), 0) FROM JSON_TABLE(p.paper, '$.sums.taxes[*]' COLUMNS (tax BIGINT PATH '$.taxMinor')) j) taxes,
                  (SELECT COALESCE(SUM(j.count * j.each_one), 0) FROM JSON_TABLE(p.paper, '$.lines[*]'
                    COLUMNS (count BIGINT PATH '$.count', each_one BIGINT PATH '$.eachMinor')) j) by_line,
                  (SELECT COALESCE(SUM(t.net_minor), 0) FROM money_tax t WHERE t.number = p.number) kept_net,
                  (SELECT COALESCE(SUM(t.tax_minor), 0) FROM money_tax t WHERE t.number = p.number) kept_tax
                  FROM money_paper p) s WHERE net <> by_line OR net <> kept_net OR taxes <> kept_tax""",
                r -> "%s: its lines come to %d, it says %d and tax of %d, the table has %d and %d".formatted(r.getString(1), r.getLong(3),
                        r.getLong(2), r.getLong(4), r.getLong(5), r.getLong(6)));
        StockLedger.ask(connection, found, """
                SELECT p.number, JSON_VALUE(p.paper, '$.handed.amountMinor') said, m.amount_minor
                FROM money_paper p LEFT JOIN money_payment m ON m.receipt = p.number
                WHERE p.kind = 'RECEIPT' AND (m.receipt IS NULL OR m.amount_minor <> JSON_VALUE(p.paper, '$.handed.amountMinor'))""",
                r -> "%s: the receipt says %s, the ledger %s".formatted(r.getString(1), r.getString(2), r.getString(3)));
        StockLedger.ask(connection, found, "SELECT job_id, SUM(amount_minor) paid FROM money_payment GROUP BY job_id HAVING paid < 0",
                r -> "job %d: more went out than came, %d".formatted(r.getLong(1), r.getLong(2)));
        return found;
    }

    private static boolean kept(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery(
                        "SELECT COUNT(*) FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name = 'money_number'")) {
            return row.next() && row.getInt(1) > 0;
        }
    }
}
