package hingeyard.app.command;

import hingeyard.app.wiring.ShopClock;
import java.sql.Timestamp;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Supplier;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/** Runs a command in one transaction, once for each key however often a screen repeats it. */
@Component
public class Commands {

    private static final int TRIES = 12;
    /** Two that were in each other's way do not meet again at the same moment. */
    private static final long LONGEST_WAIT_NANOS = 6_000_000;

    private final JdbcTemplate jdbc;
    private final TransactionTemplate transaction;
    private final JsonMapper json;
    private final ShopClock clock;

    Commands(JdbcTemplate jdbc, PlatformTransactionManager transactions, JsonMapper json, ShopClock clock) {
        this.jdbc = jdbc;
        this.transaction = new TransactionTemplate(transactions);
        this.json = json;
        this.clock = clock;
    }

    /**
     * @param key    the caller's idempotency key; null or blank runs the work without remembering it
     * @param answer the type of the answer, as it is remembered
     * @param work   what to do, in one transaction with the receipt
     */
    public <T> T once(String key, Class<T> answer, Supplier<T> work) {
        if (key == null || key.isBlank()) {
            return retried(work);
        }
        try {
            return retried(() -> {
                jdbc.update("INSERT INTO command_receipt (command_key, taken_at) VALUES (?, ?)", key, Timestamp.from(clock.now()));
                T result = work.get();
                jdbc.update("UPDATE command_receipt SET answer = ? WHERE command_key = ?", json.writeValueAsString(result), key);
                return result;
            });
        } catch (DuplicateKeyException alreadyDone) {
            String stored = jdbc.query("SELECT answer FROM command_receipt WHERE command_key = ?", r -> r.next() ? r.getString(1) : null,
                    key);
            if (stored == null) {
                throw alreadyDone;
            }
            return json.readValue(stored, answer);
        }
    }

    private <T> T retried(Supplier<T> work) {
        for (int attempt = 1;; attempt++) {
            try {
                return transaction.execute(status -> work.get());
            } catch (PessimisticLockingFailureException deadlock) {
                if (attempt == TRIES) {
                    throw deadlock;
                }
                LockSupport.parkNanos(ThreadLocalRandom.current().nextLong(attempt * LONGEST_WAIT_NANOS));
            }
        }
    }
}
