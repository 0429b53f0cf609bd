package hingeyard.app.wiring;

import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Reads several things as they were at one moment: one transaction, one connection, one snapshot. What is {@link Remembered} needs it where
 * rows are read before the state that the answer is kept under: at read-committed isolation that state may be newer than the rows, which a
 * persistence context never reads twice, and the older answer would be kept under the newer state for good.
 */
@Component
public final class OneMoment {

    private final TransactionTemplate reading;

    OneMoment(PlatformTransactionManager transactions) {
        this.reading = new TransactionTemplate(transactions);
        this.reading.setReadOnly(true);
        this.reading.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
    }

    public <T> T read(Supplier<T> what) {
        return reading.execute(t -> what.get());
    }
}
