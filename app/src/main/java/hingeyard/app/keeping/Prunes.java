package hingeyard.app.keeping;

import java.time.Duration;
import java.time.Instant;

/** A table of which old rows are of no more use; its owner clears them away. */
public interface Prunes {

    /** What it is, for the log: {@code live events}. */
    String what();

    /** How long a row is kept. */
    Duration keptFor();

    /**
     * Clears away rows from before a moment, in a transaction of its own.
     *
     * @param most at most so many at once: nobody waits long for a lock
     * @return how many it were
     */
    int prune(Instant before, int most);
}
