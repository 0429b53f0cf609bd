package hingeyard.app.install;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface StepRows extends JpaRepository<StepRow, Long> {

    List<StepRow> findByJobIdOrderByOrdinal(long jobId);

    Optional<StepRow> findByJobIdAndStepKey(long jobId, String stepKey);

    List<StepRow> findByJobIdInOrderByJobIdAscOrdinalAsc(Collection<Long> jobIds);
}
