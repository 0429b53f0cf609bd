package hingeyard.app.arrival;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ConditionRows extends JpaRepository<ConditionFound, Long> {

    List<ConditionFound> findByJobIdOrderById(long jobId);

    List<ConditionFound> findByJobIdInOrderById(Collection<Long> jobIds);
}
