package hingeyard.app.install;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;

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
    /** The torque wrench it was read from; null for another tool. */
    String wrench;
    /** Whether that wrench's calibration was overdue on the day. */
    boolean overdue;

    protected StepFigure() {
    }

    StepFigure(long stepId, String figureKey, BigDecimal reading, boolean passed, String readBy, Instant readAt,
            Optional<Wrenches.Used> wrench) {
        this.stepId = stepId;
        this.figureKey = figureKey;
        this.reading = reading;
        this.passed = passed;
        this.readBy = readBy;
        this.readAt = readAt;
        this.wrench = wrench.map(Wrenches.Used::code).orElse(null);
        this.overdue = wrench.filter(Wrenches.Used::overdue).isPresent();
    }
}
