package hingeyard.app.calloff;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface CallOffRows extends JpaRepository<CallOffRow, Long> {

    List<CallOffRow> findByJobIdOrderByIdDesc(long job);

    @Query("select c from CallOffRow c where c.jobId in :jobs and c.settlement is not null order by c.id")
    List<CallOffRow> settled(Collection<Long> jobs);
}
