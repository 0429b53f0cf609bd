package hingeyard.app.claim;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;

@Entity
@Table(name = "supplier_claim")
class ClaimRow {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    Long jobId;
    int box;
    Long orderId;
    String supplier;
    String part;
    String item;
    int count;
    @Enumerated(EnumType.STRING)
    Claim.Fault fault;
    String role;
    boolean blocks;
    String note;
    String raisedBy;
    Instant raisedAt;
    String settledBy;
    Instant settledAt;
    String settlement;

    protected ClaimRow() {
    }

    ClaimRow(Claim.Raised raised, String by, Instant at) {
        this.jobId = raised.job().orElse(null);
        this.box = raised.box();
        this.orderId = raised.order().orElse(null);
        this.supplier = raised.supplier();
        this.part = raised.part();
        this.item = raised.item();
        this.count = raised.count();
        this.fault = raised.fault();
        this.role = raised.role();
        this.blocks = raised.blocks();
        this.note = raised.note();
        this.raisedBy = by;
        this.raisedAt = at;
    }

    Claim claim() {
        return new Claim(id,
                new Claim.Raised(Optional.ofNullable(jobId), box, Optional.ofNullable(orderId), supplier, part, item, count, fault, role,
                        blocks,
                        note),
                raisedBy, raisedAt,
                Optional.ofNullable(settledBy), Optional.ofNullable(settledAt), Optional.ofNullable(settlement));
    }
}
