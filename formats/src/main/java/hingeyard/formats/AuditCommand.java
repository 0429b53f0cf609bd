package hingeyard.formats;

import java.io.PrintStream;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * {@code ./yard audit}: every job's history ({@link HistoryCommand}), the stock's ledger ({@link StockLedger}) and the
 * money's ({@link MoneyLedger}), from the database itself
 * and without the application. Exit code 0 when all is whole, 1 when something is not, 2 when it cannot be read.
 */
public final class AuditCommand {

    private static final int BROKEN = 1;
    private static final int UNREADABLE = 2;

    private AuditCommand() {
    }

    public static void main(String[] arguments) {
        Map<String, String> set = System.getenv();
        System.exit(run(set.get("YARD_DB_URL"), set.getOrDefault("YARD_DB_USER", "hingeyard"), set.getOrDefault("YARD_DB_PASSWORD", ""),
                set.getOrDefault("YARD_HISTORY_KEY", ""), System.out, System.err));
    }

    @FunctionalInterface
    private interface Ledger {
        List<String> findings(Connection connection) throws SQLException;
    }

    /** @return the worst of the exit codes */
    public static int run(String url, String user, String password, String key, PrintStream out, PrintStream err) {
        return IntStream.of(HistoryCommand.run(url, user, password, key, out, err),
                ledger("stock", StockLedger::findings, url, user, password, out, err),
                ledger("money", MoneyLedger::findings, url, user, password, out, err)).max().orElseThrow();
    }

    private static int ledger(String what, Ledger ledger, String url, String user, String password, PrintStream out, PrintStream err) {
        try (Connection connection = DriverManager.getConnection(url, user, password)) {
            List<String> found = ledger.findings(connection);
            found.forEach(out::println);
            out.println(what + ": " + (found.isEmpty() ? "the ledger adds up" : found.size() + " do not add up"));
            return found.isEmpty() ? 0 : BROKEN;
        } catch (SQLException e) {
            err.println("The ledger of the %s cannot be read from %s".formatted(what, url) + ": " + e.getMessage());
            return UNREADABLE;
        }
    }
}
