package hingeyard.formats;

import hingeyard.core.install.HistoryChain;
import hingeyard.core.install.HistoryChain.End;
import hingeyard.core.install.HistoryChain.Entry;
import hingeyard.core.install.HistoryChain.Fault;
import hingeyard.core.install.HistoryChain.Linked;
import hingeyard.core.install.HistoryChain.Mark;
import hingeyard.core.install.HistoryChain.Marked;
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
 * {@code ./yard audit}: computes every job's history again from the database itself and with the key that is kept beside it, without the
 * application, and says which entry does not follow from those before it, and which history does not go as far as it once did. Exit code 0
 * when all are whole, 1 when one is not, 2 when the database cannot be read or the key is missing.
 */
public final class HistoryCommand {

    private static final String EVENTS = "SELECT job_id, step_key, what, detail, done_by, done_at, hash FROM step_event ORDER BY job_id, id";
    private static final int WHOLE = 0;
    private static final int BROKEN = 1;
    private static final int UNREADABLE = 2;

    private HistoryCommand() {
    }

    public static void main(String[] arguments) {
        Map<String, String> set = System.getenv();
        System.exit(run(set.get("YARD_DB_URL"), set.getOrDefault("YARD_DB_USER", "hingeyard"), set.getOrDefault("YARD_DB_PASSWORD", ""),
                set.getOrDefault("YARD_HISTORY_KEY", ""), System.out, System.err));
    }

    /** @return the exit code */
    public static int run(String url, String user, String password, String key, PrintStream out, PrintStream err) {
        HistoryChain chain;
        try {
            chain = new HistoryChain(key);
        } catch (IllegalArgumentException e) {
            err.println("YARD_HISTORY_KEY: " + e.getMessage());
            return UNREADABLE;
        }
        try (Connection connection = DriverManager.getConnection(url, user, password)) {
            if (!sameKey(connection, chain)) {
                err.println("YARD_HISTORY_KEY is not the key the histories in " + url + " were written with");
                return UNREADABLE;
            }
            Map<Long, List<Linked>> histories = histories(connection);
            Map<Long, Marked> ends = written(connection, "step_history_end");
            Map<Long, Marked> seals = written(connection, "step_history_seal");
            ends.keySet().forEach(job -> histories.computeIfAbsent(job, none -> new ArrayList<>()));
            seals.keySet().forEach(job -> histories.computeIfAbsent(job, none -> new ArrayList<>()));
            long broken = histories.entrySet().stream().filter(e -> {
                Optional<Fault> fault = chain.fault(e.getKey(), e.getValue(), Optional.ofNullable(ends.get(e.getKey())),
                        Optional.ofNullable(seals.get(e.getKey())));
                fault.ifPresent(f -> out.printf("job %d: %s%n", e.getKey(), f.said()));
                return fault.isPresent();
            }).count();
            out.printf("%d jobs, %d entries%s: %s%n", histories.size(), histories.values().stream().mapToInt(List::size).sum(),
                    seals.isEmpty() ? "" : ", %d of them sealed, from before this key".formatted(
                            seals.values().stream().mapToInt(s -> s.end().entries()).sum()),
                    broken == 0 ? "every history is whole" : broken + " broken");
            return broken == 0 ? WHOLE : BROKEN;
        } catch (SQLException e) {
            err.println("The history cannot be read from " + url + ": " + e.getMessage());
            return UNREADABLE;
        }
    }

    private static boolean sameKey(Connection connection, HistoryChain chain) throws SQLException {
        try (Statement statement = connection.createStatement(); ResultSet row = statement.executeQuery("SELECT mark FROM history_key")) {
            return row.next() && row.getString(1).equals(chain.mark(Mark.KEY, 0, End.NOTHING));
        }
    }

    private static Map<Long, List<Linked>> histories(Connection connection) throws SQLException {
        Map<Long, List<Linked>> histories = new LinkedHashMap<>();
        try (Statement statement = connection.createStatement(); ResultSet row = statement.executeQuery(EVENTS)) {
            while (row.next()) {
                histories.computeIfAbsent(row.getLong(1), job -> new ArrayList<>())
                        .add(new Linked(new Entry(row.getLong(1), row.getString(2), row.getString(3), row.getString(4), row.getString(5),
                                row.getObject(6, LocalDateTime.class).toInstant(ZoneOffset.UTC)),
                                Optional.ofNullable(row.getString(7)).orElse("")));
            }
        }
        return histories;
    }

    private static Map<Long, Marked> written(Connection connection, String table) throws SQLException {
        Map<Long, Marked> written = new LinkedHashMap<>();
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery("SELECT job_id, entries, hash, mark FROM " + table)) {
            while (row.next()) {
                written.put(row.getLong(1), new Marked(new End(row.getInt(2), row.getString(3)), row.getString(4)));
            }
        }
        return written;
    }
}
