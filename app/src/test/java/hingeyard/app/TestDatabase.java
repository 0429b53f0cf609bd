package hingeyard.app;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;

/** A schema of its own on the MariaDB that {@code ./yard test} has started for this run; dropped when closed. */
public final class TestDatabase implements AutoCloseable {

    /** What the histories of the tests' databases are linked with. */
    public static final String HISTORY_KEY = "the key of the tests' own histories";

    private static final AtomicInteger NEXT = new AtomicInteger();

    private final String port;
    private final String name = "t%d_%d".formatted(ProcessHandle.current().pid(), NEXT.incrementAndGet());

    public TestDatabase() {
        port = System.getenv("YARD_TEST_DB_PORT");
        if (port == null) {
            throw new IllegalStateException(
                    "YARD_TEST_DB_PORT is not set: run the tests with ./yard test, which starts a MariaDB for them");
        }
        execute("CREATE DATABASE " + name + " CHARACTER SET utf8mb4");
        execute("GRANT SELECT, INSERT, UPDATE, DELETE ON %s.* TO yard_data@'127.0.0.1'".formatted(name));
    }

    public String url() {
        return "jdbc:mariadb://127.0.0.1:%s/%s".formatted(port, name);
    }

    /** The account the application works with: rows only, as in a shop. */
    public String user() {
        return "yard_data";
    }

    /** The account that changes tables. */
    public String owner() {
        return "yard";
    }

    /** What the application itself may not do. */
    public void asOwner(String sql) {
        execute(url(), sql);
    }

    /** Where and as whom the application signs in. */
    public String[] arguments(String... more) {
        return Stream.concat(Stream.of("--spring.datasource.url=" + url(), "--spring.datasource.username=" + user(),
                "--spring.datasource.password=" + password(), "--spring.flyway.user=" + owner(), "--spring.flyway.password=" + password(),
                "--yard.history.key=" + HISTORY_KEY, "--yard.history.seal=true"),
                Stream.of(more)).toArray(String[]::new);
    }

    /** The same for an application that is started as a process of its own. */
    public Map<String, String> environment() {
        return Map.of("YARD_DB_URL", url(), "YARD_DB_USER", user(), "YARD_DB_PASSWORD", password(), "YARD_MIGRATION_USER", owner(),
                "YARD_MIGRATION_PASSWORD", password(), "YARD_HISTORY_KEY", HISTORY_KEY, "YARD_HISTORY_SEAL", "true");
    }

    public String password() {
        return "test";
    }

    private void execute(String sql) {
        execute("jdbc:mariadb://127.0.0.1:" + port + "/", sql);
    }

    private void execute(String where, String sql) {
        try (Connection c = DriverManager.getConnection(where, owner(), password())) {
            c.createStatement().execute(sql);
        } catch (SQLException e) {
            throw new IllegalStateException("test database: " + e.getMessage(), e);
        }
    }

    @Override
    public void close() {
        execute("DROP DATABASE IF EXISTS " + name);
    }
}
