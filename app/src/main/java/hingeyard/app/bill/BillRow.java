package hingeyard.app.bill;

import hingeyard.core.bill.Agreement;
import hingeyard.core.bill.Signature;
import hingeyard.core.bill.Bill;
import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

@Entity
@Table(name = "bill")
class BillRow {

    private static final int LETTERS = 26;

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    long jobId;
    int revision;
    String kitCode;
    String madeBy;
    Instant madeAt;
    String withdrawnReason;
    /** The drawings of the match this bill was made from, by check: the steps show these. */
    @Column(columnDefinition = "LONGTEXT")
    String drawings;
    /** Why this revision was made; empty for the first one. */
    String reason = "";
    /** The revision that took its place. */
    Integer replacedBy;
    String agreedBy = "";
    LocalDate agreedOn;
    @Enumerated(EnumType.STRING)
    Agreement.Way agreedWay;
    /** The name of whoever agreed, as they drew it. */
    @Column(columnDefinition = "TEXT")
    String agreedDrawn;
    @Column(columnDefinition = "LONGTEXT")
    String charges;
    @Column(columnDefinition = "LONGTEXT")
    String notTaken = "[]";
    @Column(columnDefinition = "LONGTEXT")
    String standIns = "[]";
    @Column(columnDefinition = "LONGTEXT")
    String byHand = "[]";
    @OneToMany(cascade = CascadeType.ALL, fetch = FetchType.LAZY)
    @JoinColumn(name = "bill_id", nullable = false, updatable = false)
    @OrderBy("ordinal")
    List<BillLineRow> lines = new ArrayList<>();

    protected BillRow() {
    }

    BillRow(long jobId, int revision, String kitCode, String madeBy, Instant madeAt, String drawings) {
        this.jobId = jobId;
        this.revision = revision;
        this.kitCode = kitCode;
        this.madeBy = madeBy;
        this.madeAt = madeAt;
        this.drawings = drawings;
    }

    /** A, B, C… and AA after Z. */
    static String letter(int revision) {
        return revision <= LETTERS ? String.valueOf((char) ('A' + revision - 1))
                : letter((revision - 1) / LETTERS) + letter((revision - 1) % LETTERS + 1);
    }

    Bill bill() {
        return new Bill(kitCode, lines.stream().map(BillLineRow::line).toList());
    }

    /** The bill as papers print it: what was consented to says who consented, when and how. */
    Bill billAsAgreed() {
        return new Bill(kitCode, lines.stream().map(BillLineRow::lineAsAgreed).toList());
    }

    void agreed(Optional<Agreement> agreement) {
        agreedBy = agreement.map(Agreement::who).orElse("");
        agreedOn = agreement.map(Agreement::on).orElse(null);
        agreedWay = agreement.map(Agreement::way).orElse(null);
        agreedDrawn = agreement.flatMap(Agreement::drawn).map(Signature::text).orElse(null);
    }

    /** Their name as they drew it, as a picture's path; empty where nobody drew. */
    Optional<String> drawn() {
        return signature().map(Signature::path);
    }

    Optional<Signature> signature() {
        return Optional.ofNullable(agreedDrawn).map(Signature::read);
    }

    /** Who agreed to it, when and how; empty where it was made without anybody being asked. */
    String agreedText() {
        return BillLineRow.agreedText(agreedBy, agreedOn, agreedWay);
    }
}
