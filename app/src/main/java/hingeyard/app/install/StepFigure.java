package hingeyard.app.install;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.math.BigDecimal;
import java.time.Instant;

/** A recorded figure, whether it passed or not; never changed. */
@Entity
class StepFigure {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    long stepId;
    String figureKey;
    BigDecimal reading;
    boolean passed;
    String readBy;
    Instant readAt;

    protected StepFigure() {
    }

    StepFigure(long stepId, String figureKey, BigDecimal reading, boolean passed, String readBy, Instant readAt) {
        this.stepId = stepId;
        this.figureKey = figureKey;
        this.reading = reading;
        this.passed = passed;
        this.readBy = readBy;
        this.readAt = readAt;
    }
}
