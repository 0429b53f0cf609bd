package hingeyard.app.install;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface StepRows extends JpaRepository<StepRow, Long> {

    List<StepRow> findByJobIdOrderByOrdinal(long jobId);

    List<StepRow> findByJobIdInOrderByJobIdAscOrdinalAsc(Collection<Long> jobIds);
}
