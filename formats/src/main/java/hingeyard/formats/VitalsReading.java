package hingeyard.formats;

import hingeyard.core.health.Vitals;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/** Reads an installation's vitals from its database and its disk, for the page and for the console: both say the same. */
public final class VitalsReading {

    /** Long enough that a moment's rush is not taken for the state of things. */
    private static final int QUESTIONS = 3;

    private VitalsReading() {
    }

    /**
     * @param folder  everything is kept in
     * @param nightly whether a backup is made each night
     * @param bound   addresses on the shop's network, separated by commas; empty where only this machine reaches it
     * @param port    of them
     */
    public static Vitals read(Connection database, Path folder, boolean nightly, String bound, int port) throws SQLException, IOException {
        return new Vitals(demo(database), Instant.now(), backup(database), nightly,
                new Vitals.Disk(folder.toString(), Files.getFileStore(folder).getUsableSpace()), server(database), devices(database),
                network(folder, bound, port));
    }

    private static Optional<Vitals.Network> network(Path folder, String bound, int port) {
        if (bound.isBlank()) {
            return Optional.empty();
        }
        try {
            Optional<ShopCertificate> certificate = ShopCertificate.read(folder);
            String name = certificate.flatMap(c -> c.names().stream().findFirst()).orElse(bound);
            return Optional.of(new Vitals.Network("https://%s:%d".formatted(name, port), certificate.map(ShopCertificate::until),
                    certificate.flatMap(ShopCertificate::root).isPresent()));
        } catch (IOException unreadable) {
            return Optional.of(new Vitals.Network("https://%s:%d".formatted(bound, port), Optional.empty(), true));
        }
    }

    private static boolean demo(Connection database) throws SQLException {
        try (PreparedStatement ask = database.prepareStatement("SELECT kind FROM shop_face WHERE id = 1");
                ResultSet r = ask.executeQuery()) {
            return r.next() && "DEMO".equals(r.getString(1));
        }
    }

    private static Optional<Vitals.Backup> backup(Connection database) throws SQLException {
        try (PreparedStatement ask = database
                .prepareStatement("SELECT file, made_at, proven_at, bytes FROM backup_made ORDER BY made_at DESC LIMIT 1");
                ResultSet r = ask.executeQuery()) {
            return r.next()
                    ? Optional.of(new Vitals.Backup(r.getString(1), r.getTimestamp(2).toInstant(),
                            Optional.ofNullable(r.getTimestamp(3)).map(Timestamp::toInstant), r.getLong(4)))
                    : Optional.empty();
        }
    }

    private static Vitals.Database server(Connection database) throws SQLException {
        Duration answered = Duration.ofDays(1);
        Instant there = Instant.EPOCH;
        Instant here = Instant.EPOCH;
        for (int i = 0; i < QUESTIONS; i++) {
            long began = System.nanoTime();
            Instant before = Instant.now();
            try (PreparedStatement ask = database.prepareStatement("SELECT UTC_TIMESTAMP(3)"); ResultSet r = ask.executeQuery()) {
                r.next();
                there = r.getTimestamp(1).toInstant();
            }
            Duration took = Duration.ofNanos(System.nanoTime() - began);
            if (took.compareTo(answered) < 0) {
                answered = took;
                here = before.plus(took.dividedBy(2));
            }
        }
        String version = database.getMetaData().getDatabaseProductName() + " " + database.getMetaData().getDatabaseProductVersion();
        try (PreparedStatement ask = database.prepareStatement(
                "SELECT (SELECT SUM(data_length + index_length) FROM information_schema.tables WHERE table_schema = DATABASE()), "
                        + "(SELECT MAX(CAST(version AS UNSIGNED)) FROM flyway_schema_history WHERE success)");
                ResultSet r = ask.executeQuery()) {
            r.next();
            return new Vitals.Database(version, r.getInt(2), r.getLong(1), answered, Duration.between(here, there));
        }
    }

    private static Vitals.Devices devices(Connection database) throws SQLException {
        try (PreparedStatement ask = database.prepareStatement(
                "SELECT COUNT(*), MAX(s.LAST_ACCESS_TIME), SUM(EXISTS (SELECT 1 FROM SPRING_SESSION_ATTRIBUTES a WHERE a.SESSION_PRIMARY_ID = s.PRIMARY_ID "
                        + "AND a.ATTRIBUTE_NAME = 'device' AND CONVERT(a.ATTRIBUTE_BYTES USING utf8mb4) REGEXP 'Mobile|Android|iPad|Tablet')) "
                        + "FROM SPRING_SESSION s WHERE s.PRINCIPAL_NAME IS NOT NULL AND s.EXPIRY_TIME > ?")) {
            ask.setLong(1, System.currentTimeMillis());
            try (ResultSet r = ask.executeQuery()) {
                r.next();
                long seen = r.getLong(2);
                return new Vitals.Devices(r.getInt(1), r.getInt(3), seen == 0 ? Optional.empty() : Optional.of(Instant.ofEpochMilli(seen)));
            }
        }
    }
}
