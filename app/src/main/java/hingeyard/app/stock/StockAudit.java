package hingeyard.app.stock;

import hingeyard.formats.StockLedger;
import java.sql.Connection;
import java.util.List;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Adds the ledger up again as {@link StockLedger} does, on the application's own connection. */
@Service
public class StockAudit {

    private final JdbcTemplate jdbc;

    StockAudit(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    /** One sentence for everything that does not add up; empty when all does. */
    @Transactional(readOnly = true)
    public List<String> findings() {
        return jdbc.execute((ConnectionCallback<List<String>>) (Connection connection) -> StockLedger.findings(connection));
    }
}
