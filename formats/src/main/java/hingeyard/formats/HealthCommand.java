package hingeyard.formats;

import hingeyard.core.health.ShopHealth;
import hingeyard.core.health.ShopHealth.Sign;
import hingeyard.core.health.ShopHealth.State;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;

/**
 * The second half of {@code ./yard doctor}: a running shop's vitals from the console, in the words of its page. Exit code 0 when nothing is
 * bad, 1 when something is, 2 when it cannot be read.
 */
public final class HealthCommand {

    private static final int BAD = 1;
    private static final int UNREADABLE = 2;

    private HealthCommand() {
    }

    public static void main(String[] arguments) {
        Map<String, String> set = System.getenv();
        System.exit(run(set.get("YARD_DB_URL"), set.getOrDefault("YARD_DB_USER", "hingeyard"), set.getOrDefault("YARD_DB_PASSWORD", ""),
                new Place(Path.of(set.getOrDefault("YARD_DATA", ".")), !set.getOrDefault("YARD_BACKUPS", "").isBlank(),
                        set.getOrDefault("YARD_BIND", ""), Integer.parseInt(set.getOrDefault("YARD_TLS_PORT", "0"))),
                System.out, System.err));
    }

    /**
     * What the console knows of the installation.
     *
     * @param folder  everything is kept in
     * @param nightly whether a backup is made each night
     * @param bound   addresses on the shop's network, may be empty
     * @param port    of them
     */
    public record Place(Path folder, boolean nightly, String bound, int port) {
    }

    public static int run(String url, String user, String password, Place place, PrintStream out, PrintStream err) {
        // Moments are UTC in every column, wherever the console stands.
        String utc = url + (url.contains("?") ? "&" : "?") + "connectionTimeZone=UTC&forceConnectionTimeZoneToSession=true";
        try (Connection connection = DriverManager.getConnection(utc, user, password)) {
            List<Sign> signs = ShopHealth.signs(VitalsReading.read(connection, place.folder, place.nightly, place.bound, place.port));
            signs.forEach(s -> out.printf("%s: %s%s%n", s.what().toLowerCase(java.util.Locale.ROOT),
                    s.state() == State.GOOD ? "" : s.state().label() + ". ", s.said()));
            return ShopHealth.worst(signs) == State.BAD ? BAD : 0;
        } catch (SQLException | IOException e) {
            err.println("The shop's vitals cannot be read from " + url + ": " + e.getMessage());
            return UNREADABLE;
        }
    }
}
