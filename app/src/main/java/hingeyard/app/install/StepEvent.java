package hingeyard.app.install;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** Something that happened to a step; never changed. */
@Entity
class StepEvent {

    enum What { STARTED, TICKED, REFUSED, STUCK, INSPECTED, REOPENED }

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

    protected StepEvent() {
    }

    StepEvent(long jobId, String stepKey, What what, String detail, String doneBy, Instant doneAt) {
        this.jobId = jobId;
        this.stepKey = stepKey;
        this.what = what;
        this.detail = detail;
        this.doneBy = doneBy;
        this.doneAt = doneAt;
    }
}
