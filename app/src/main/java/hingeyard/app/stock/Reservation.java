package hingeyard.app.stock;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

@Entity
class Reservation {

    /** What became of a promise; SHORT when a count found it was not there. */
    enum State {
        HELD,
        PICKED,
        CONSUMED,
        RELEASED,
        SHORT
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    Long id;
    long jobId;
    String partNumber;
    int count;
    @Enumerated(EnumType.STRING)
    State state;
    String role;

    protected Reservation() {
    }

    Holds.Want want() {
        return new Holds.Want(partNumber, count, role);
    }

    Reservation(long jobId, String partNumber, int count, String role) {
        this.jobId = jobId;
        this.partNumber = partNumber;
        this.count = count;
        this.state = State.HELD;
        this.role = role;
    }
}
