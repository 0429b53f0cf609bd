package hingeyard.app.install;

import hingeyard.app.wiring.ShopClock;
import hingeyard.core.install.HistoryChain;
import hingeyard.core.install.HistoryChain.End;
import hingeyard.core.install.HistoryChain.Entry;
import hingeyard.core.install.HistoryChain.Mark;
import java.sql.Timestamp;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The key of the histories, from outside the database. A start with another key than they were written with is refused; one that is told to
 * seal ({@code yard.history.seal}) closes what was written before there was a key and goes on with this one. Telling it so takes the
 * machine, not the database.
 */
@Component
class HistoryKey {

    private static final Logger LOG = LoggerFactory.getLogger(HistoryKey.class);

    private final HistoryChain chain;
    private final JdbcTemplate jdbc;
    private final ShopClock clock;

    HistoryKey(@Value("${yard.history.key}") String key, @Value("${yard.history.seal}") boolean seal, JdbcTemplate jdbc, ShopClock clock,
            PlatformTransactionManager transactions) {
        if (key.isBlank()) {
            throw new IllegalStateException("YARD_HISTORY_KEY is not set: ./yard makes it on first start and keeps it in history.key");
        }
        this.chain = new HistoryChain(key);
        this.jdbc = jdbc;
        this.clock = clock;
        new TransactionTemplate(transactions).executeWithoutResult(t -> check(seal));
    }

    HistoryChain chain() {
        return chain;
    }

    private void check(boolean seal) {
        String mark = chain.mark(Mark.KEY, 0, End.NOTHING);
        List<String> known = jdbc.queryForList("SELECT mark FROM history_key FOR UPDATE", String.class);
        if (known.contains(mark)) {
            return;
        }
        if (!seal) {
            throw new IllegalStateException(known.isEmpty()
                    ? "the histories in this database were never sealed with a key: see history.key in docs/operating.md"
                    : "history.key is not the key the histories in this database were written with: put that one back; docs/operating.md says what to do if it is lost");
        }
        jdbc.update(
                "INSERT INTO history_key (id, mark, since) VALUES (1, ?, ?) ON DUPLICATE KEY UPDATE mark = VALUES(mark), since = VALUES(since)",
                mark, Timestamp.from(clock.now()));
        Map<Long, List<Entry>> histories = new LinkedHashMap<>();
        jdbc.query("SELECT job_id, step_key, what, detail, done_by, done_at FROM step_event ORDER BY job_id, id", r -> {
            histories.computeIfAbsent(r.getLong(1), job -> new ArrayList<>()).add(new Entry(r.getLong(1), r.getString(2), r.getString(3),
                    r.getString(4), r.getString(5), r.getTimestamp(6).toInstant()));
        });
        histories.forEach(this::seal);
        if (!histories.isEmpty()) {
            LOG.warn("{} histories from before this key are sealed as they stand", histories.size());
        }
    }

    private void seal(long job, List<Entry> entries) {
        End end = HistoryChain.sealed(entries);
        jdbc.update(
                """
                INSERT INTO step_history_seal (job_id, entries, hash, mark, sealed_at) VALUES (?, ?, ?, ?, ?)
                ON DUPLICATE KEY UPDATE entries = VALUES(entries), hash = VALUES(hash), mark = VALUES(mark), sealed_at = VALUES(sealed_at)""",
                job, end.entries(), end.hash(), chain.mark(Mark.SEAL, job, end), Timestamp.from(clock.now()));
        jdbc.update("""
                INSERT INTO step_history_end (job_id, entries, hash, mark) VALUES (?, ?, ?, ?)
                ON DUPLICATE KEY UPDATE entries = VALUES(entries), hash = VALUES(hash), mark = VALUES(mark)""",
                job, end.entries(), end.hash(), chain.mark(Mark.END, job, end));
    }
}
