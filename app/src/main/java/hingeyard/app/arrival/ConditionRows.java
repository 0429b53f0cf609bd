package hingeyard.app.arrival;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ConditionRows extends JpaRepository<ConditionFound, Long> {

    List<ConditionFound> findByJobIdOrderById(long jobId);

    @Query("select new hingeyard.app.arrival.Graded(c.jobId, c.pointKey, c.grade, c.note, c.lift) from ConditionFound c where c.jobId in :jobs order by c.id")
    List<Graded> graded(Collection<Long> jobs);
}
