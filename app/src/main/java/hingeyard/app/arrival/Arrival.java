package hingeyard.app.arrival;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

@Entity
class Arrival {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    long jobId;
    Integer odometerKm;
    String frameNumber;
    String damage;
    String agreedBy;
    String notedBy;
    Instant notedAt;
}
