package hingeyard.app.bill;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface BillRows extends JpaRepository<BillRow, Long> {

    @Query("select b from BillRow b left join fetch b.lines where b.jobId = :job and b.withdrawnReason is null")
    Optional<BillRow> inForce(long job);

    @Query("select distinct b from BillRow b left join fetch b.lines where b.jobId = :job order by b.revision")
    List<BillRow> withLines(long job);

    @Query("select b.jobId, b.charges from BillRow b where b.jobId in :jobs and b.withdrawnReason is null and b.charges is not null")
    List<Object[]> charges(Collection<Long> jobs);

    @Query("select coalesce(max(b.revision), 0) from BillRow b where b.jobId = :job")
    int revisions(long job);

}
