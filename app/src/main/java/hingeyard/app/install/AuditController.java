package hingeyard.app.install;

import hingeyard.app.stock.StockAudit;
import java.util.ArrayList;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Everything that does not add up, of the drawers and of every job's history. */
@RestController
class AuditController {

    private final StepHistory history;
    private final StockAudit stock;
    private final JdbcTemplate jdbc;

    AuditController(StepHistory history, StockAudit stock, JdbcTemplate jdbc) {
        this.history = history;
        this.stock = stock;
        this.jdbc = jdbc;
    }

    /** One sentence for each finding; empty when all is as it was written. */
    @GetMapping("/api/audit")
    @PreAuthorize("hasRole('MANAGER')")
    List<String> audited() {
        List<String> found = new ArrayList<>(stock.findings());
        jdbc.queryForList("SELECT DISTINCT job_id FROM step_event ORDER BY job_id", Long.class)
                .forEach(job -> history.broken(job).ifPresent(b -> found.add("Job %d: %s".formatted(job, b))));
        return found;
    }
}
