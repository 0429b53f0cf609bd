package hingeyard.app.bill;

import hingeyard.core.bill.BillLine;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "bill_line")
class BillLineRow {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    int ordinal;
    @Enumerated(EnumType.STRING)
    BillLine.Source source;
    String partNumber;
    String name;
    int count;
    String reason;
    String checkId;
    String role;
    String place;
    long priceMinor;
    Instant usedAt;

    protected BillLineRow() {
    }

    BillLineRow(int ordinal, BillLine line) {
        this.ordinal = ordinal;
        this.source = line.source();
        this.partNumber = line.partNumber();
        this.name = line.name();
        this.count = line.count();
        this.reason = line.reason();
        this.checkId = line.checkId();
        this.role = line.role();
        this.place = line.place();
        this.priceMinor = line.priceMinor();
    }

    BillLine line() {
        return new BillLine(source, partNumber, name, count, reason, checkId, role, place, priceMinor);
    }
}
