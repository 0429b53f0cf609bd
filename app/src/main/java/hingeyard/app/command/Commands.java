package hingeyard.app.command;

import hingeyard.app.problem.Refused;
import hingeyard.app.problem.Saved;
import hingeyard.app.wiring.Again;
import hingeyard.app.wiring.ShopClock;
import java.sql.Timestamp;
import java.util.function.Supplier;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/** Runs a command in one transaction, once for each key however often a screen repeats it. */
@Component
public class Commands {

    private static final String GIVEN_UP = "given up";

    /** @param asked mark of the command it was written for; null for one from before 0.2.0 or of the program itself */
    private record Receipt(String answer, String asked) {
    }

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
        T done = key == null || key.isBlank() ? retried(work) : remembered(AskedFor.readable(key), answer, work);
        Saved.mark();
        return done;
    }

    private <T> T remembered(String key, Class<T> answer, Supplier<T> work) {
        String asked = AskedFor.mark().orElse(null);
        try {
            return retried(() -> {
                jdbc.update("INSERT INTO command_receipt (command_key, asked, taken_at) VALUES (?, ?, ?)", key, asked,
                        Timestamp.from(clock.now()));
                T result = work.get();
                jdbc.update("UPDATE command_receipt SET answer = ? WHERE command_key = ?", json.writeValueAsString(result), key);
                return result;
            });
        } catch (DuplicateKeyException alreadyDone) {
            Receipt receipt = jdbc.query("SELECT answer, asked FROM command_receipt WHERE command_key = ?",
                    (r, n) -> new Receipt(r.getString(1), r.getString(2)), key).stream().findFirst().orElse(null);
            if (receipt != null && GIVEN_UP.equals(receipt.asked)) {
                throw Refused.conflict(AskedFor.KEY, key,
                        "This command was given up when no answer came. Nothing was saved by it; do it again.");
            }
            if (receipt == null || receipt.answer == null) {
                // Another row was there twice, not the key.
                throw alreadyDone;
            }
            if (asked != null && receipt.asked != null && !asked.equals(receipt.asked)) {
                throw Refused.conflict(AskedFor.KEY, key, "This key was given to another command before. Nothing was saved by this one.");
            }
            return json.readValue(receipt.answer, answer);
        }
    }

    /**
     * Whether the command of a key was carried out. One that is under way is waited for; one that is not known is given up, so that what
     * arrives under the key later is refused and the answer stays true.
     */
    public boolean carriedOut(String key) {
        try {
            return retried(() -> jdbc.update("INSERT INTO command_receipt (command_key, asked, taken_at) VALUES (?, ?, ?)",
                    AskedFor.readable(key), GIVEN_UP, Timestamp.from(clock.now()))) == 0;
        } catch (DuplicateKeyException known) {
            return jdbc.queryForObject("SELECT COUNT(*) FROM command_receipt WHERE command_key = ? AND answer IS NOT NULL", Integer.class,
                    key) > 0;
        }
    }

    private <T> T retried(Supplier<T> work) {
        return Again.run(() -> transaction.execute(status -> work.get()));
    }
}
