package hingeyard.app.install;

import hingeyard.core.install.Step;
import hingeyard.core.people.Skill;
import hingeyard.core.people.Skills;
import hingeyard.core.install.StepRun;
import hingeyard.core.install.StepState;
import hingeyard.formats.SheetJson;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;

@Entity
@Table(name = "step")
class StepRow {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    long jobId;
    int ordinal;
    String stepKey;
    /** The step as it was planned: a later change of the library does not change a job that has begun. */
    @Column(columnDefinition = "LONGTEXT")
    String body;
    @Enumerated(EnumType.STRING)
    StepState state;
    String doer;
    /** What a second person must be skilled in who looks at it: somebody was at it who is not. */
    @Enumerated(EnumType.STRING)
    @org.hibernate.annotations.JdbcTypeCode(java.sql.Types.VARCHAR)
    Skill secondSkill;
    Instant startedAt;
    Instant doneAt;
    String inspectedBy;
    Instant inspectedAt;
    String stuckReason;
    Instant stuckSince;
    String handover;
    /** How long hands were at it when it was ticked; what it takes is learned from it. */
    Integer workedSeconds;
    @Version
    int version;
    @Transient
    private Step step;

    protected StepRow() {
    }

    StepRow(long jobId, int ordinal, Step step) {
        this.jobId = jobId;
        this.ordinal = ordinal;
        this.stepKey = step.key();
        this.body = SheetJson.write(step);
        this.state = StepState.OPEN;
    }

    /** What nobody has begun is done as it is planned now. */
    void plan(Step now) {
        step = now;
        body = SheetJson.write(now);
    }

    /** Somebody takes it in hand: what they are not skilled in is looked at afterwards, whoever goes on with it. */
    void takenBy(String person, Skills skills) {
        doer = person;
        if (secondSkill == null && !skills.alone(step().skill()).allowed()) {
            secondSkill = Skill.named(step().skill()).orElseThrow();
        }
    }

    void openAgain() {
        state = StepState.OPEN;
        doer = null;
        secondSkill = null;
        startedAt = null;
        doneAt = null;
        inspectedBy = null;
        inspectedAt = null;
        stuckReason = null;
        stuckSince = null;
        handover = null;
        workedSeconds = null;
    }

    Step step() {
        if (step == null) {
            step = KnownSteps.of(body);
        }
        return step;
    }

    StepRun run() {
        return new StepRun(step(), state, Optional.ofNullable(doer), Optional.ofNullable(secondSkill));
    }
}
