package hingeyard.app.calloff;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface CallOffRows extends JpaRepository<CallOffRow, Long> {

    List<CallOffRow> findByJobIdOrderByIdDesc(long job);
}
