package hingeyard.app.order;

import hingeyard.core.order.OrderLine;
import jakarta.persistence.CascadeType;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import java.util.ArrayList;
import java.util.List;
import org.hibernate.annotations.BatchSize;

@Entity
class PurchaseOrderLine {

    private static final int LINES_AT_ONCE = 200;

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    String partNumber;
    String reason;
    long priceMinor;
    @OneToMany(cascade = CascadeType.ALL, fetch = FetchType.LAZY)
    @JoinColumn(name = "line_id", nullable = false, updatable = false)
    @OrderBy("id")
    @BatchSize(size = LINES_AT_ONCE)
    List<PurchaseHappening> happened = new ArrayList<>();

    protected PurchaseOrderLine() {
    }

    PurchaseOrderLine(String partNumber, String reason, long priceMinor) {
        this.partNumber = partNumber;
        this.reason = reason;
        this.priceMinor = priceMinor;
    }

    OrderLine line() {
        return new OrderLine(partNumber, happened.stream().map(PurchaseHappening::happening).toList());
    }
}
