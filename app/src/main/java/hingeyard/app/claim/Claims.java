package hingeyard.app.claim;

import hingeyard.app.claim.Claim.Fault;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Claims on suppliers: raised, and settled by a mark. An open one that blocks keeps its job's step from starting. */
@Service
public class Claims {

    private static final int SHOWN = 200;

    private final ClaimRows claims;
    private final LiveEvents live;
    private final ShopClock clock;

    Claims(ClaimRows claims, LiveEvents live, ShopClock clock) {
        this.claims = claims;
        this.live = live;
        this.clock = clock;
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public long raise(Claim.Raised raised, String by) {
        long id = claims.save(new ClaimRow(raised, by, clock.now())).id;
        tell(raised.job().orElse(null));
        return id;
    }

    /** @param how what came of it: sent after, credited, made in the shop… */
    @Transactional
    public void settle(long id, String how, String by) {
        ClaimRow row = claims.findById(id).orElseThrow(() -> Refused.notFound("claim", id));
        if (row.settledAt != null) {
            throw Refused.conflict("Claim %d was settled by %s: %s.".formatted(id, row.settledBy, row.settlement));
        }
        row.settledBy = by;
        row.settledAt = clock.now();
        row.settlement = how;
        tell(row.jobId);
    }

    /** Settles what was claimed of one item of a job's box: it was counted again and is all right. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void settleOf(long job, String item, Collection<Fault> faults, String how, String by) {
        claims.findByJobIdOrderById(job).stream().filter(c -> c.settledAt == null && c.item.equals(item) && faults.contains(c.fault))
                .forEach(c -> settle(c.id, how, by));
    }

    private void tell(Long job) {
        if (job != null) {
            live.jobChanged(job);
        }
        live.stockChanged();
    }

    @Transactional(readOnly = true)
    public List<Claim> of(long job) {
        return claims.findByJobIdOrderById(job).stream().map(ClaimRow::claim).toList();
    }

    /** Open claims that keep jobs waiting, by job. */
    @Transactional(readOnly = true)
    public Map<Long, List<Claim>> blocking(Collection<Long> jobs) {
        return jobs.isEmpty() ? Map.of() : claims.blocking(jobs).stream().map(ClaimRow::claim)
                .collect(Collectors.groupingBy(c -> c.raised().job().orElseThrow(), LinkedHashMap::new, Collectors.toList()));
    }

    /** Why steps that mount certain roles cannot start, by role. */
    @Transactional(readOnly = true)
    public Map<String, String> blockedRoles(long job) {
        return blocking(List.of(job)).getOrDefault(job, List.of()).stream().collect(
                Collectors.toMap(c -> c.raised().role(), c -> "%s, claim %d".formatted(c.raised().text(), c.id()), (a, b) -> a + "; " + b));
    }

    /** Open ones first, the newest before. */
    @Transactional(readOnly = true)
    List<Claim> all() {
        return claims.openFirst(Limit.of(SHOWN)).stream().map(ClaimRow::claim).toList();
    }
}
