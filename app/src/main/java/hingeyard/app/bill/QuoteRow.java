package hingeyard.app.bill;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;

@Entity
@Table(name = "quote")
class QuoteRow {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    long jobId;
    int ordinal;
    String kitCode;
    String stamp;
    @Column(columnDefinition = "LONGTEXT")
    String bill;
    @Column(columnDefinition = "LONGTEXT")
    String charges;
    @Column(columnDefinition = "LONGTEXT")
    String notTaken;
    String madeBy;
    Instant madeAt;
    LocalDate validUntil;
    /** When it would be ready, as the customer reads it; blank where that was not known. */
    String ready = "";
    /** The bill's revision it became; null while nobody approved it. */
    Integer revision;
    String withdrawnReason;

    protected QuoteRow() {
    }

    QuoteRow(long jobId, int ordinal, String kitCode, String stamp, String madeBy, Instant madeAt, LocalDate validUntil) {
        this.jobId = jobId;
        this.ordinal = ordinal;
        this.kitCode = kitCode;
        this.stamp = stamp;
        this.madeBy = madeBy;
        this.madeAt = madeAt;
        this.validUntil = validUntil;
    }
}
