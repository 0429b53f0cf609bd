package hingeyard.app.order;

import jakarta.persistence.CascadeType;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

@Entity
class PurchaseOrder {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    String supplier;
    String madeBy;
    Instant madeAt;
    /** Nothing of it is open any more; kept so that open ones are found at once. */
    boolean closed;
    @OneToMany(cascade = CascadeType.ALL, fetch = FetchType.LAZY)
    @JoinColumn(name = "order_id", nullable = false, updatable = false)
    @OrderBy("id")
    List<PurchaseOrderLine> lines = new ArrayList<>();

    protected PurchaseOrder() {
    }

    PurchaseOrder(String supplier, String madeBy, Instant madeAt) {
        this.supplier = supplier;
        this.madeBy = madeBy;
        this.madeAt = madeAt;
    }
}
