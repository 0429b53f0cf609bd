package hingeyard.app.wiring;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The shop's clock, and the only one that knows where the shop stands: a moment is a moment everywhere, a day is a day at the shop. The
 * demo's story is told by
 * running its commands at earlier instants.
 */
@Component
public class ShopClock {

    private final ThreadLocal<Instant> pinned = new ThreadLocal<>();
    private final ZoneId zone;

    /** @param zone such as {@code Europe/Berlin}; empty for that of the machine it runs on */
    public ShopClock(@Value("${yard.zone:}") String zone) {
        this.zone = zone.isBlank() ? ZoneId.systemDefault() : ZoneId.of(zone);
    }

    /** Now, to the millisecond, as the database keeps it. */
    public Instant now() {
        Instant at = pinned.get();
        return (at == null ? Instant.now() : at).truncatedTo(ChronoUnit.MILLIS);
    }

    public ZoneId zone() {
        return zone;
    }

    public LocalDate today() {
        return day(now());
    }

    /** The day a moment falls on at the shop. */
    public LocalDate day(Instant moment) {
        return LocalDate.ofInstant(moment, zone);
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
