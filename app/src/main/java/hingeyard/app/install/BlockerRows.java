package hingeyard.app.install;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface BlockerRows extends JpaRepository<BlockerRow, Long> {

    @Query("select b from BlockerRow b where b.jobId = :job and b.stepKey = :step and b.resolvedAt is null")
    Optional<BlockerRow> open(long job, String step);

    @Query("select b from BlockerRow b where b.resolvedAt is null or b.resolvedAt > :since order by b.raisedAt")
    List<BlockerRow> openOrSince(Instant since);

    @Query("select b from BlockerRow b where b.jobId in :jobs order by b.id")
    List<BlockerRow> ofJobs(Collection<Long> jobs);
}
