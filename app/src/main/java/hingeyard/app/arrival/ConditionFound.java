package hingeyard.app.arrival;

import hingeyard.core.condition.ConditionCatalogue;
import hingeyard.core.condition.Found;
import hingeyard.core.condition.Grade;
import hingeyard.core.condition.Lift;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Optional;

@Entity
class ConditionFound {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    long jobId;
    String pointKey;
    @Enumerated(EnumType.STRING)
    Grade grade;
    String note;
    @Enumerated(EnumType.STRING)
    Lift lift;
    String liftReason;
    String foundBy;
    Instant foundAt;

    protected ConditionFound() {
    }

    ConditionFound(long jobId, String pointKey, Grade grade, String note, String by, Instant at) {
        this.jobId = jobId;
        this.pointKey = pointKey;
        this.grade = grade;
        this.note = note.strip();
        this.foundBy = by;
        this.foundAt = at;
    }

    /** The same, lifted. */
    ConditionFound lifted(Lift ground, String reason, String by, Instant at) {
        ConditionFound lifted = new ConditionFound(jobId, pointKey, grade, note, by, at);
        lifted.lift = ground;
        lifted.liftReason = reason.strip();
        return lifted;
    }

    /** Empty when the catalogue no longer knows the point. */
    Optional<Found> found() {
        return ConditionCatalogue.find(pointKey).map(p -> new Found(p, grade, note, Optional.ofNullable(lift)));
    }
}
