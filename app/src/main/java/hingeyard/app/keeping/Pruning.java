package hingeyard.app.keeping;

import hingeyard.app.wiring.ShopClock;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Every hour, and by one instance at a time: whoever holds the database's named lock does it, the others leave it to him. */
@Component
public class Pruning {

    private static final Logger LOG = LoggerFactory.getLogger(Pruning.class);
    private static final String LOCK = "hinge-yard pruning";
    private static final int AT_ONCE = 2_000;

    private final List<Prunes> all;
    private final DataSource database;
    private final ShopClock clock;

    Pruning(List<Prunes> all, DataSource database, ShopClock clock) {
        this.all = all;
        this.database = database;
        this.clock = clock;
    }

    @Scheduled(fixedDelayString = "PT1H", initialDelayString = "PT10M")
    void hourly() {
        try {
            run();
        } catch (SQLException | RuntimeException away) {
            LOG.warn("not cleared away this hour: {}", away.getMessage());
        }
    }

    /** How many rows went; 0 while another instance is at it. */
    public int run() throws SQLException {
        try (Connection connection = database.getConnection()) {
            if (!ask(connection, "SELECT GET_LOCK(?, 0)")) {
                return 0;
            }
            try {
                return all.stream().mapToInt(this::whole).sum();
            } finally {
                ask(connection, "SELECT RELEASE_LOCK(?)");
            }
        }
    }

    private int whole(Prunes table) {
        int gone = 0;
        int now = AT_ONCE;
        while (now == AT_ONCE) {
            now = table.prune(clock.now().minus(table.keptFor()), AT_ONCE);
            gone += now;
        }
        if (gone > 0) {
            LOG.info("cleared away: {} {}", gone, table.what());
        }
        return gone;
    }

    private static boolean ask(Connection connection, String sql) throws SQLException {
        try (PreparedStatement statement = connection.prepareStatement(sql)) {
            statement.setString(1, LOCK);
            try (ResultSet answer = statement.executeQuery()) {
                return answer.next() && answer.getInt(1) == 1;
            }
        }
    }
}
