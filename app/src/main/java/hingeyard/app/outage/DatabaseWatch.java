package hingeyard.app.outage;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Properties;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.jdbc.autoconfigure.JdbcConnectionDetails;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Knows whether the database answers, by asking it on a line of its own: so nobody who wants something of it has to wait to find out. One
 * that is there but hangs counts as away too.
 */
@Component
class DatabaseWatch {

    private static final Logger LOG = LoggerFactory.getLogger(DatabaseWatch.class);
    private static final long ASKED_EVERY_MS = 500;
    /** A database that is only busy answers this within some milliseconds. */
    private static final String LONGEST_MS = "1500";

    private final JdbcConnectionDetails details;
    private final ScheduledExecutorService asker = Executors.newSingleThreadScheduledExecutor(r -> {
        Thread thread = new Thread(r, "database-watch");
        thread.setDaemon(true);
        return thread;
    });
    private Connection line;
    private volatile boolean away;

    DatabaseWatch(JdbcConnectionDetails details) {
        this.details = details;
        asker.scheduleWithFixedDelay(this::ask, ASKED_EVERY_MS, ASKED_EVERY_MS, TimeUnit.MILLISECONDS);
    }

    /** Whether it did not answer when it was asked last. */
    boolean away() {
        return away;
    }

    private void ask() {
        try {
            if (line == null) {
                Properties how = new Properties();
                how.setProperty("user", details.getUsername());
                how.setProperty("password", details.getPassword());
                how.setProperty("connectTimeout", LONGEST_MS);
                how.setProperty("socketTimeout", LONGEST_MS);
                line = DriverManager.getConnection(details.getJdbcUrl(), how);
            }
            try (var asked = line.createStatement()) {
                asked.execute("SELECT 1");
            }
            if (away) {
                LOG.info("the database answers again");
            }
            away = false;
        } catch (SQLException e) {
            if (!away) {
                LOG.warn("the database does not answer: {}", e.getMessage());
            }
            away = true;
            hangUp();
        }
    }

    private void hangUp() {
        try {
            if (line != null) {
                line.abort(Runnable::run);
            }
        } catch (SQLException gone) {
            LOG.debug("the line was gone already: {}", gone.getMessage());
        }
        line = null;
    }

    @EventListener(ContextClosedEvent.class)
    void close() {
        asker.shutdownNow();
    }
}
