package hingeyard.formats;

import hingeyard.core.install.HistoryChain;
import hingeyard.core.install.HistoryChain.End;
import hingeyard.core.install.HistoryChain.Entry;
import hingeyard.core.install.HistoryChain.Linked;
import java.io.PrintStream;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * {@code ./yard audit}: computes every job's history again from the database itself, beside the application, and says which entry does not
 * follow from those
 * before it, and which history does not go as far as it once did. Exit code 0 when all are whole, 1 when one is not, 2 when the database
 * cannot be read.
 */
public final class HistoryCommand {

    private static final String EVENTS = "SELECT job_id, step_key, what, detail, done_by, done_at, hash FROM step_event ORDER BY job_id, id";
    private static final int WHOLE = 0;
    private static final int BROKEN = 1;
    private static final int UNREADABLE = 2;

    private HistoryCommand() {
    }

    public static void main(String[] arguments) {
        System.exit(run(System.getenv("YARD_DB_URL"), Optional.ofNullable(System.getenv("YARD_DB_USER")).orElse("hingeyard"),
                Optional.ofNullable(System.getenv("YARD_DB_PASSWORD")).orElse(""), System.out,
                System.err));
    }

    /** @return the exit code */
    public static int run(String url, String user, String password, PrintStream out, PrintStream err) {
        try (Connection connection = DriverManager.getConnection(url, user, password)) {
            Map<Long, List<Linked>> chains = chains(connection);
            Map<Long, End> ends = ends(connection);
            ends.keySet().forEach(job -> chains.computeIfAbsent(job, none -> new ArrayList<>()));
            long broken = chains.entrySet().stream()
                    .filter(e -> said(e.getKey(), e.getValue(), ends.getOrDefault(e.getKey(), End.NOTHING), out)).count();
            out.printf("%d jobs, %d entries: %s%n", chains.size(), chains.values().stream().mapToInt(List::size).sum(),
                    broken == 0 ? "every history is whole" : broken + " broken");
            return broken == 0 ? WHOLE : BROKEN;
        } catch (SQLException e) {
            err.println("The history cannot be read from " + url + ": " + e.getMessage());
            return UNREADABLE;
        }
    }

    private static Map<Long, List<Linked>> chains(Connection connection) throws SQLException {
        Map<Long, List<Linked>> chains = new LinkedHashMap<>();
        try (Statement statement = connection.createStatement(); ResultSet row = statement.executeQuery(EVENTS)) {
            while (row.next()) {
                String hash = row.getString(7);
                List<Linked> chain = chains.computeIfAbsent(row.getLong(1), job -> new ArrayList<>());
                // What happened before there was a chain has no link; after the first one, each must have.
                if (hash != null || !chain.isEmpty()) {
                    chain.add(new Linked(
                            new Entry(row.getLong(1), row.getString(2), row.getString(3), row.getString(4), row.getString(5),
                                    row.getObject(6, LocalDateTime.class).toInstant(ZoneOffset.UTC)),
                            String.valueOf(hash)));
                }
            }
        }
        return chains;
    }

    private static Map<Long, End> ends(Connection connection) throws SQLException {
        Map<Long, End> ends = new LinkedHashMap<>();
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("SELECT job_id, entries, hash FROM step_history_end")) {
            while (row.next()) {
                ends.put(row.getLong(1), new End(row.getInt(2), row.getString(3)));
            }
        }
        return ends;
    }

    private static boolean said(long job, List<Linked> chain, End end, PrintStream out) {
        Optional<Integer> at = HistoryChain.broken(chain, end);
        at.filter(i -> i == chain.size())
                .ifPresent(i -> out.printf("job %d: goes to entry %d and once went to %d: its end is missing%n", job, i, end.entries()));
        at.filter(i -> i < chain.size())
                .ifPresent(i -> out.printf("job %d: entry %d of %d, '%s' of step '%s' by %s, does not follow from those before it%n", job,
                        i + 1, chain.size(), chain.get(i).entry().what(),
                        chain.get(i).entry().step(), chain.get(i).entry().by()));
        return at.isPresent();
    }
}
