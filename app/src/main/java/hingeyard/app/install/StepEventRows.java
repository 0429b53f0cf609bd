package hingeyard.app.install;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StepEventRows extends JpaRepository<StepEvent, Long> {

    @Query("select e.hash from StepEvent e where e.jobId = :job order by e.id desc limit 1")
    Optional<String> lastHash(long job);

    List<StepEvent> findByJobIdOrderById(long jobId);

    List<StepEvent> findByJobIdAndStepKeyOrderById(long jobId, String stepKey);
}
