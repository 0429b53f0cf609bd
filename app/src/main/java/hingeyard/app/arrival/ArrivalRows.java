package hingeyard.app.arrival;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ArrivalRows extends JpaRepository<Arrival, Long> {

    Optional<Arrival> findFirstByJobIdOrderByIdDesc(long jobId);
}
