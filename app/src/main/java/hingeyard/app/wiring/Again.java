package hingeyard.app.wiring;

import java.sql.SQLException;
import java.util.Set;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.locks.LockSupport;
import org.springframework.dao.PessimisticLockingFailureException;

/**
 * Does work once more that was in another's way and was undone by the database: two rows locked in a circle, or in a cluster two nodes that
 * changed the same row, of which the second to arrive is told at its commit.
 */
public final class Again {

    private static final int TRIES = 12;
    /** Two that were in each other's way do not meet again at the same moment. */
    private static final long LONGEST_WAIT_NANOS = 6_000_000;
    /** Serialization failure, as the standard calls it: nothing of the transaction is left. */
    private static final String UNDONE = "40001";
    /** Deadlock, and waited too long for a lock. */
    private static final Set<Integer> IN_THE_WAY = Set.of(1213, 1205);

    private Again() {
    }

    /** A transaction, whole. */
    @FunctionalInterface
    public interface Work<T, E extends Throwable> {
        T run() throws E;
    }

    /**
     * @param work begins and ends its own transaction, so that nothing of a try is left when it fails
     * @throws E what the work throws, its last failure among it when it was in the way each time
     */
    public static <T, E extends Throwable> T run(Work<T, E> work) throws E {
        for (int attempt = 1;; attempt++) {
            try {
                return work.run();
            } catch (Throwable failed) {
                if (attempt == TRIES || !inTheWay(failed)) {
                    throw failed;
                }
                LockSupport.parkNanos(ThreadLocalRandom.current().nextLong(attempt * LONGEST_WAIT_NANOS));
            }
        }
    }

    /** Whether the database undid the transaction because of another; a commit that fails comes wrapped in the framework's own. */
    static boolean inTheWay(Throwable failed) {
        for (Throwable cause = failed; cause != null; cause = cause.getCause()) {
            if (cause instanceof PessimisticLockingFailureException
                    || cause instanceof SQLException sql && (UNDONE.equals(sql.getSQLState()) || IN_THE_WAY.contains(sql.getErrorCode()))) {
                return true;
            }
        }
        return false;
    }
}
