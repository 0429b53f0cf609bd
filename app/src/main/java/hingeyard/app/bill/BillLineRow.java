package hingeyard.app.bill;

import hingeyard.core.bill.Agreement;
import hingeyard.core.bill.BillLine;
import hingeyard.core.explain.Making;
import hingeyard.core.quantity.Length;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;

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
    /** How the shop makes it, as {@link Making#text()}; null where it is not made. */
    String making;
    Instant madeAt;
    String madeBy;
    /** Of a piece of a stack that no drawer holds, µm; null for anything else. */
    @Column(name = "thick_um")
    Long thick;

    protected BillLineRow() {
    }

    /** Whether a line of another revision is the same piece on the bike. */
    boolean isLike(BillLine other) {
        return role.equals(other.role()) && partNumber.equals(other.partNumber()) && name.equals(other.name()) && count == other.count()
                && howMade().equals(other.making());
    }

    /** Who consented to the line, when and how; empty where nobody had to. */
    String agreedText() {
        return agreedText(agreedBy, agreedOn, agreedWay);
    }

    /** Bills from before 0.2.0 know the name alone. */
    static String agreedText(String by, LocalDate on, Agreement.Way way) {
        return by == null || by.isBlank() ? "" : on == null ? by + ", day and way not written down" : Agreement.text(by, on, way);
    }

    Optional<Making> howMade() {
        return Optional.ofNullable(making).map(Making::parse);
    }

    Optional<Length> howThick() {
        return Optional.ofNullable(thick).map(Length::ofMicrometres);
    }

    BillLine lineAsAgreed() {
        String agreed = agreedText();
        return line(agreed.isEmpty() ? reason : "%s Consented: %s.".formatted(reason, agreed));
    }

    BillLine line() {
        return line(reason);
    }

    private BillLine line(String why) {
        return new BillLine(source, partNumber, name, count, why, checkId, role, place, priceMinor, howMade(), howThick());
    }
}
