package hingeyard.app.stock;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** One line of the ledger; never changed. */
@Entity
class StockMovement {

    enum Kind { RECEIVED, CONSUMED }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    String partNumber;
    int delta;
    @Enumerated(EnumType.STRING)
    Kind kind;
    Long jobId;
    String note;
    String movedBy;
    Instant movedAt;

    protected StockMovement() {
    }

    StockMovement(String partNumber, int delta, Kind kind, Long jobId, String note, String movedBy, Instant movedAt) {
        this.partNumber = partNumber;
        this.delta = delta;
        this.kind = kind;
        this.jobId = jobId;
        this.note = note;
        this.movedBy = movedBy;
        this.movedAt = movedAt;
    }
}
