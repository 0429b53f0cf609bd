package hingeyard.app.claim;

import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ClaimRows extends JpaRepository<ClaimRow, Long> {

    @Query("select c from ClaimRow c where c.settledAt is null and c.blocks = true and c.jobId in :jobs order by c.id")
    List<ClaimRow> blocking(Collection<Long> jobs);

    List<ClaimRow> findByJobIdAndBoxOrderById(Long job, int box);

    @Query("select c from ClaimRow c order by case when c.settledAt is null then 0 else 1 end, c.id desc")
    List<ClaimRow> openFirst(Limit limit);
}
