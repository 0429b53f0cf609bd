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

    /** What makes two lines of two revisions the same piece on the bike. */
    static String likeness(String role, String partNumber, String name, int count) {
        return role + "|" + partNumber + "|" + name + "|" + count;
    }

    String likeness() {
        return likeness(role, partNumber, name, count);
    }

    BillLine line() {
        return new BillLine(source, partNumber, name, count, reason, checkId, role, place, priceMinor);
    }
}
