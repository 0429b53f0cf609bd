package hingeyard.app.install;

import hingeyard.core.install.HistoryChain;
import hingeyard.core.install.HistoryChain.End;
import hingeyard.core.install.HistoryChain.Entry;
import hingeyard.core.install.HistoryChain.Linked;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Optional;

/** Something that happened to a step; never changed. */
@Entity
class StepEvent {

    /** Refused: read outside its window. Not accepted: by the second person at a hold point. */
    enum What {
        STARTED,
        TICKED,
        REFUSED,
        STUCK,
        INSPECTED,
        NOT_ACCEPTED,
        REOPENED,
        PAUSED,
        UNDONE,
        RESOLVED,
        SKIPPED,
        MOVED,
        FOUND
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    long jobId;
    String stepKey;
    @Enumerated(EnumType.STRING)
    What what;
    String detail;
    String doneBy;
    Instant doneAt;
    /** Covers this event and the one before it on the job; null or unkeyed for what is sealed. */
    String hash;

    protected StepEvent() {
    }

    StepEvent(long jobId, String stepKey, What what, String detail, String doneBy, Instant doneAt, HistoryChain chain, End end) {
        this.jobId = jobId;
        this.stepKey = stepKey;
        this.what = what;
        this.detail = detail;
        this.doneBy = doneBy;
        this.doneAt = doneAt;
        this.hash = chain.hash(end, entry());
    }

    Entry entry() {
        return new Entry(jobId, stepKey, what.name(), detail, doneBy, doneAt);
    }

    Linked linked() {
        return new Linked(entry(), Optional.ofNullable(hash).orElse(""));
    }
}
