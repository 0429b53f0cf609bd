package hingeyard.app.bill;

import hingeyard.core.bill.Bill;
import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

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
}
