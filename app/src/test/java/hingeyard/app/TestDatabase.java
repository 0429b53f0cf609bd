package hingeyard.app;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.concurrent.atomic.AtomicInteger;

/** A schema of its own on the MariaDB that {@code ./yard test} has started for this run; dropped when closed. */
public final class TestDatabase implements AutoCloseable {

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
    }

    public String url() {
        return "jdbc:mariadb://127.0.0.1:%s/%s".formatted(port, name);
    }

    public String user() {
        return "yard";
    }

    public String password() {
        return "test";
    }

    private void execute(String sql) {
        try (Connection c = DriverManager.getConnection("jdbc:mariadb://127.0.0.1:" + port + "/", user(), password())) {
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
