package hingeyard.app.install;

import hingeyard.app.stock.StockAudit;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Everything that does not add up, of the drawers and of every job's history. */
@RestController
class AuditController {

    private final StepHistory history;
    private final StockAudit stock;

    AuditController(StepHistory history, StockAudit stock) {
        this.history = history;
        this.stock = stock;
    }

    /** One sentence for each finding; empty when all is as it was written. */
    @GetMapping("/api/audit")
    List<String> audited() {
        List<String> found = new ArrayList<>(stock.findings());
        found.addAll(history.findings());
        return found;
    }
}
