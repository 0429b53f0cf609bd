package hingeyard.app.command;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;

/** Many rows in one statement: saved one by one, each would wait for the answer to the one before. */
public final class BulkInsert {

    private static final int AT_ONCE = 200;

    private BulkInsert() {
    }

    /**
     * @param table name and columns, such as {@code step (job_id, step_key)}
     * @param rows  each with a value for every column
     */
    public static void into(JdbcTemplate jdbc, String table, List<Object[]> rows) {
        for (int from = 0; from < rows.size(); from += AT_ONCE) {
            List<Object[]> some = rows.subList(from, Math.min(rows.size(), from + AT_ONCE));
            String marks = "(" + String.join(", ", Collections.nCopies(some.get(0).length, "?")) + ")";
            jdbc.update("INSERT INTO " + table + " VALUES " + String.join(", ", Collections.nCopies(some.size(), marks)),
                    some.stream().flatMap(Arrays::stream).toArray());
        }
    }
}
