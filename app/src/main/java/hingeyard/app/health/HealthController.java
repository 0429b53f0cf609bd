package hingeyard.app.health;

import hingeyard.core.health.ShopHealth;
import hingeyard.core.health.Vitals;
import hingeyard.formats.VitalsReading;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Backup, disk, database, clock, devices and versions. */
@RestController
class HealthController {

    /** How it is with one thing. */
    record SignView(String what, ShopHealth.State state, String label, String said) {
    }

    /** @param version of the program; empty where it was not built as one @param java the program runs on */
    record HealthView(ShopHealth.State worst, List<SignView> signs, String version, String java, Instant read) {
    }

    private final DataSource database;
    private final Path folder;
    private final boolean nightly;
    private final String bound;
    private final int port;

    HealthController(DataSource database, @Value("${yard.data:}") String folder, @Value("${yard.backups:}") String backups,
            @Value("${yard.network.bind:}") String bound, @Value("${yard.network.port:0}") int port) {
        this.bound = bound;
        this.port = port;
        this.database = database;
        this.folder = Path.of(folder.isBlank() ? "." : folder).toAbsolutePath().normalize();
        this.nightly = !backups.isBlank();
    }

    @GetMapping("/api/health")
    HealthView health() throws SQLException, IOException {
        Vitals vitals;
        try (Connection connection = database.getConnection()) {
            vitals = VitalsReading.read(connection, folder, nightly, bound, port);
        }
        List<ShopHealth.Sign> signs = ShopHealth.signs(vitals);
        return new HealthView(ShopHealth.worst(signs),
                signs.stream().map(s -> new SignView(s.what(), s.state(), s.state().label(), s.said())).toList(),
                Optional.ofNullable(getClass().getPackage().getImplementationVersion()).orElse(""), Runtime.version().toString(),
                vitals.now());
    }
}
