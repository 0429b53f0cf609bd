package hingeyard.app.order;

import hingeyard.core.order.OrderLine.Happening;
import hingeyard.core.order.OrderLine.Kind;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;

@Entity
class PurchaseHappening {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    @Enumerated(EnumType.STRING)
    Kind kind;
    int count;
    LocalDate onDay;
    int answer;
    String note;
    String doneBy;
    Instant doneAt;

    protected PurchaseHappening() {
    }

    PurchaseHappening(Kind kind, int count, LocalDate onDay, int answer, String note, String doneBy, Instant doneAt) {
        this.kind = kind;
        this.count = count;
        this.onDay = onDay;
        this.answer = answer;
        this.note = note;
        this.doneBy = doneBy;
        this.doneAt = doneAt;
    }

    Happening happening() {
        return new Happening(kind, count, Optional.ofNullable(onDay), answer, note, doneBy, doneAt);
    }
}
