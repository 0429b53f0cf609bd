package hingeyard.app.claim;

import hingeyard.app.claim.Claim.Fault;
import hingeyard.app.booking.Jobs;
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

/**
 * Claims on suppliers: raised, and settled by a mark. An open one that blocks keeps its job's step from starting, as long as the box it is
 * about is the job's.
 */
@Service
public class Claims {

    private static final int SHOWN = 200;

    private final ClaimRows claims;
    private final Jobs jobs;
    private final LiveEvents live;
    private final ShopClock clock;

    Claims(ClaimRows claims, Jobs jobs, LiveEvents live, ShopClock clock) {
        this.claims = claims;
        this.jobs = jobs;
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

    /** Settles what was claimed of one item of the box a job has now: it was looked at again. What an earlier box lacked stays owed. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void settleOf(long job, String item, Collection<Fault> faults, String how, String by) {
        claims.findByJobIdAndBoxOrderById(job, jobs.box(job)).stream()
                .filter(c -> c.settledAt == null && c.item.equals(item) && faults.contains(c.fault))
                .forEach(c -> settle(c.id, how, by));
    }

    private void tell(Long job) {
        if (job != null) {
            live.jobChanged(job);
        }
        live.stockChanged();
    }

    /** What is claimed of the box a job has now. */
    @Transactional(readOnly = true)
    public List<Claim> of(long job) {
        return claims.findByJobIdAndBoxOrderById(job, jobs.box(job)).stream().map(ClaimRow::claim).toList();
    }

    /** Open claims that keep jobs waiting, by job: those of the box the job has now. */
    @Transactional(readOnly = true)
    public Map<Long, List<Claim>> blocking(Collection<Long> numbers) {
        List<ClaimRow> open = numbers.isEmpty() ? List.of() : claims.blocking(numbers);
        Map<Long, Integer> boxes = jobs.boxes(open.stream().map(c -> c.jobId).collect(Collectors.toSet()));
        return open.stream().filter(c -> boxes.get(c.jobId) == c.box).map(ClaimRow::claim)
                .collect(Collectors.groupingBy(c -> c.raised().job().orElseThrow(), LinkedHashMap::new, Collectors.toList()));
    }

    /** Why steps that mount certain roles cannot start, by role. */
    @Transactional(readOnly = true)
    public Map<String, String> blockedRoles(long job) {
        return blocking(List.of(job)).getOrDefault(job, List.of()).stream().collect(
                Collectors.toMap(c -> c.raised().role(), c -> "%s, claim %d".formatted(c.raised().text(), c.id()), (a, b) -> a + "; " + b));
    }

    /** @param boxBack whether it is about a box that its job gave back since: owed, and nobody waits for it */
    record Listed(Claim claim, boolean boxBack) {
    }

    /** Open ones first, the newest before. */
    @Transactional(readOnly = true)
    List<Listed> all() {
        List<Claim> listed = claims.openFirst(Limit.of(SHOWN)).stream().map(ClaimRow::claim).toList();
        Map<Long, Integer> boxes = jobs.boxes(listed.stream().flatMap(c -> c.raised().job().stream()).collect(Collectors.toSet()));
        return listed.stream().map(c -> new Listed(c, c.raised().job().filter(job -> boxes.get(job) != c.raised().box()).isPresent()))
                .toList();
    }
}
