package hingeyard.app.photo;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Optional;

@Entity
class Photo {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    long jobId;
    long bikeId;
    String subject;
    String caption;
    int width;
    int height;
    @Column(columnDefinition = "LONGTEXT")
    String marks;
    String takenBy;
    Instant takenAt;
    String removedBy;
    String removedReason;
    Instant removedAt;

    PhotoCard card() {
        return new PhotoCard(id, jobId, subject, caption, width, height, marks != null, takenBy, takenAt,
                Optional.ofNullable(removedBy).map(by -> new PhotoCard.StruckOut(by, removedReason, removedAt)));
    }
}
