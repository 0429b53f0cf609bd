package hingeyard.app.bill;

import hingeyard.core.bill.Agreement;
import hingeyard.core.bill.BillLine;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;

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
    /** Who consented, where the line is a trade-off. */
    String agreedBy;
    LocalDate agreedOn;
    @Enumerated(EnumType.STRING)
    Agreement.Way agreedWay;

    protected BillLineRow() {
    }

    /** What makes two lines of two revisions the same piece on the bike. */
    static String likeness(String role, String partNumber, String name, int count) {
        return role + "|" + partNumber + "|" + name + "|" + count;
    }

    String likeness() {
        return likeness(role, partNumber, name, count);
    }

    /** Who consented to the line, when and how; empty where nobody had to. */
    String agreedText() {
        return agreedText(agreedBy, agreedOn, agreedWay);
    }

    /** Bills from before 0.2.0 know the name alone. */
    static String agreedText(String by, LocalDate on, Agreement.Way way) {
        return by == null || by.isBlank() ? "" : on == null ? by + ", day and way not written down" : Agreement.text(by, on, way);
    }

    BillLine lineAsAgreed() {
        String agreed = agreedText();
        return new BillLine(source, partNumber, name, count, agreed.isEmpty() ? reason : "%s Consented: %s.".formatted(reason, agreed),
                checkId,
                role, place, priceMinor);
    }

    BillLine line() {
        return new BillLine(source, partNumber, name, count, reason, checkId, role, place, priceMinor);
    }
}
