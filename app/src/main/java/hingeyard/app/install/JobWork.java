package hingeyard.app.install;

import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import java.sql.Timestamp;
import java.util.LinkedHashSet;
import java.util.Set;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Work of the step library that the manager added to jobs. */
@Component
public class JobWork {

    private final LibraryInForce library;
    private final ShopClock clock;
    private final JdbcTemplate jdbc;

    JobWork(LibraryInForce library, ShopClock clock, JdbcTemplate jdbc) {
        this.library = library;
        this.clock = clock;
        this.jdbc = jdbc;
    }

    /** Ids of the fragments that were added to a job. */
    public Set<String> of(long job) {
        return new LinkedHashSet<>(
                jdbc.queryForList("SELECT fragment FROM job_work WHERE job_id = ? ORDER BY added_at", String.class, job));
    }

    /** @throws Refused when the library has no such work to add, or the job has it already */
    @Transactional(propagation = Propagation.MANDATORY)
    public void add(long job, String fragment, String reason, String by) {
        if (library.now().addable().stream().noneMatch(f -> f.fragment().equals(fragment))) {
            throw Refused.input("work", fragment, "one of " + library.now().addable().stream().map(f -> f.fragment()).toList());
        }
        if (of(job).contains(fragment)) {
            throw Refused.conflict("Job %d has this work already.".formatted(job));
        }
        jdbc.update("INSERT INTO job_work (job_id, fragment, reason, added_by, added_at) VALUES (?, ?, ?, ?, ?)", job, fragment, reason, by,
                Timestamp.from(clock.now()));
    }
}
