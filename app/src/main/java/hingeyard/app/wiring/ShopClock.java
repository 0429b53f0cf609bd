package hingeyard.app.wiring;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import org.springframework.stereotype.Component;

/** The shop's clock. The demo's story is told by running its commands at earlier instants. */
@Component
public class ShopClock {

    private final ThreadLocal<Instant> pinned = new ThreadLocal<>();

    /** Now, to the millisecond, as the database keeps it. */
    public Instant now() {
        Instant at = pinned.get();
        return (at == null ? Instant.now() : at).truncatedTo(ChronoUnit.MILLIS);
    }

    public LocalDate today() {
        return LocalDate.ofInstant(now(), ZoneId.systemDefault());
    }

    /** Runs something as if it were {@code at}, on this thread only. */
    public void at(Instant at, Runnable work) {
        pinned.set(at);
        try {
            work.run();
        } finally {
            pinned.remove();
        }
    }
}
