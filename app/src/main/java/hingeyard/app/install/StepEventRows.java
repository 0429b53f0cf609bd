package hingeyard.app.install;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface StepEventRows extends JpaRepository<StepEvent, Long> {

    List<StepEvent> findByJobIdOrderById(long jobId);

    List<StepEvent> findByJobIdAndStepKeyOrderById(long jobId, String stepKey);
}
