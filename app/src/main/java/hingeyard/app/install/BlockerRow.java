package hingeyard.app.install;

import hingeyard.core.install.Blocker;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;

@Entity
@Table(name = "blocker")
class BlockerRow {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    long jobId;
    String stepKey;
    @Enumerated(EnumType.STRING)
    Blocker.Kind kind;
    String what;
    String part;
    String checkId;
    Long photoId;
    @Enumerated(EnumType.STRING)
    Blocker.Who mustAct;
    String asked;
    Long billId;
    String raisedBy;
    Instant raisedAt;
    @Enumerated(EnumType.STRING)
    Blocker.Resolution resolution;
    String words;
    String resolvedBy;
    Instant resolvedAt;

    protected BlockerRow() {
    }

    BlockerRow(StepRow step, Stop stop, Long billId, String by, Instant at) {
        this.jobId = step.jobId;
        this.stepKey = step.stepKey;
        this.kind = stop.kind();
        this.what = stop.what();
        this.part = stop.part();
        this.checkId = stop.checkId();
        this.photoId = stop.photo().orElse(null);
        this.mustAct = stop.mustAct().orElse(stop.kind().mustAct());
        this.asked = "";
        this.billId = billId;
        this.raisedBy = by;
        this.raisedAt = at;
    }

    OpenStop told(String title) {
        return new OpenStop(id, jobId, stepKey, title, kind, kind.label(), what, part, checkId, Optional.ofNullable(photoId), mustAct,
                mustAct.label(), asked, raisedBy, raisedAt,
                Optional.ofNullable(resolution).map(Blocker.Resolution::label), Optional.ofNullable(words), Optional.ofNullable(resolvedBy),
                Optional.ofNullable(resolvedAt));
    }
}
