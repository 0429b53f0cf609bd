package hingeyard.app.match;

import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Ruling;
import hingeyard.core.fit.FitReport;
import hingeyard.core.fit.ManagersWord;
import java.sql.Timestamp;
import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** A manager's word over checks that say no. What may never be overridden is refused here as on screen. */
@Service
class FitOverrides {

    private final JdbcTemplate jdbc;
    private final LiveEvents live;
    private final ShopClock clock;

    FitOverrides(JdbcTemplate jdbc, LiveEvents live, ShopClock clock) {
        this.jdbc = jdbc;
        this.live = live;
        this.clock = clock;
    }

    List<ManagersWord> of(long job, String kitCode) {
        return jdbc.query(
                "SELECT check_id, reason, said_by FROM fit_override WHERE job_id = ? AND kit_code = ? AND taken_back_by IS NULL ORDER BY id",
                (r, n) -> new ManagersWord(r.getString(1), r.getString(2), r.getString(3)), job, kitCode);
    }

    /** @param report the match without this word */
    @Transactional(propagation = Propagation.MANDATORY)
    void say(long job, FitReport report, String checkId, String reason, String by) {
        Finding finding = report.findings().stream().filter(f -> f.checkId().equals(checkId)).findFirst()
                .orElseThrow(() -> Refused.notFound("check of this match", checkId));
        Ruling may = ManagersWord.over(finding);
        if (!may.allowed()) {
            throw Refused.conflict(may.reason());
        }
        jdbc.update("INSERT INTO fit_override (job_id, kit_code, check_id, reason, said_by, said_at) VALUES (?, ?, ?, ?, ?, ?)", job,
                report.kit().code(), checkId, reason, by,
                Timestamp.from(clock.now()));
        live.jobChanged(job);
    }

    @Transactional(propagation = Propagation.MANDATORY)
    void takeBack(long job, String kitCode, String checkId, String by) {
        if (jdbc.update(
                "UPDATE fit_override SET taken_back_by = ? WHERE job_id = ? AND kit_code = ? AND check_id = ? AND taken_back_by IS NULL",
                by, job, kitCode, checkId) == 0) {
            throw Refused.notFound("override of check", checkId);
        }
        live.jobChanged(job);
    }
}
