package hingeyard.app.keeping;

import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.annotation.Transactional;

/** Rows that are of no use once they are old, and nothing hangs on them: their owner names table, moment and how long. */
public abstract class PrunedTable implements Prunes {

    private final JdbcTemplate jdbc;
    private final String what;
    private final Duration keptFor;
    private final String delete;

    /** @param table,moment names of the owner's own, never anything that came in */
    protected PrunedTable(JdbcTemplate jdbc, String what, Duration keptFor, String table, String moment) {
        this.jdbc = jdbc;
        this.what = what;
        this.keptFor = keptFor;
        this.delete = "DELETE FROM %s WHERE %s < ? LIMIT ?".formatted(table, moment);
    }

    @Override
    public String what() {
        return what;
    }

    @Override
    public Duration keptFor() {
        return keptFor;
    }

    @Override
    @Transactional
    public int prune(Instant before, int most) {
        return jdbc.update(delete, Timestamp.from(before), most);
    }
}
