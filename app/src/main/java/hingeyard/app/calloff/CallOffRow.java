package hingeyard.app.calloff;

import hingeyard.core.bill.Agreement;
import hingeyard.core.bill.Signature;
import hingeyard.core.booking.CallOff;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;

@Entity
@Table(name = "call_off")
class CallOffRow {

    /** How it ended. */
    enum Ended {
        SETTLED,
        /** It went on after all. */
        UNDONE
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    long jobId;
    String kitCode;
    @Enumerated(EnumType.STRING)
    CallOff.Why why;
    String reason;
    String saidBy;
    LocalDate saidOn;
    @Enumerated(EnumType.STRING)
    Agreement.Way saidWay;
    @Column(columnDefinition = "TEXT")
    String saidDrawn;
    /** What stays other than the bike came, and whose parts stay with it, see {@link CallOffs.Stays}. */
    @Column(columnDefinition = "LONGTEXT")
    String stays;
    String calledBy;
    Instant calledAt;
    @Enumerated(EnumType.STRING)
    Ended ended;
    String endedBy;
    Instant endedAt;
    String note = "";
    @Column(columnDefinition = "LONGTEXT")
    String settlement;
    @Version
    int version;

    protected CallOffRow() {
    }

    CallOffRow(long jobId, String kitCode, CallOff.Why why, String reason, Optional<Agreement> said, String by, Instant at) {
        this.jobId = jobId;
        this.kitCode = kitCode;
        this.why = why;
        this.reason = reason;
        said.ifPresent(s -> {
            this.saidBy = s.who();
            this.saidOn = s.on();
            this.saidWay = s.way();
            this.saidDrawn = s.drawn().map(Signature::text).orElse(null);
        });
        this.calledBy = by;
        this.calledAt = at;
    }

    boolean open() {
        return ended == null;
    }

    /** Their name as they drew it, as a picture's path; empty where nobody drew. */
    Optional<String> drawn() {
        return Optional.ofNullable(saidDrawn).map(d -> Signature.read(d).path());
    }

    /** Whose word it was, on which day and in which way; blank where nobody outside the shop had to say it. */
    String said() {
        return saidBy == null ? "" : Agreement.text(saidBy, saidOn, saidWay);
    }
}
