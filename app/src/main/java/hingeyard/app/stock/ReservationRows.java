package hingeyard.app.stock;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ReservationRows extends JpaRepository<Reservation, Long> {

    List<Reservation> findByJobIdAndState(long jobId, Reservation.State state);

    List<Reservation> findByPartNumberAndState(String partNumber, Reservation.State state);
}
