package hingeyard.app.arrival;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.condition.ConditionCatalogue;
import hingeyard.core.condition.ConditionPoint;
import hingeyard.core.condition.ConditionRules;
import hingeyard.core.condition.Found;
import hingeyard.core.condition.Grade;
import hingeyard.core.condition.Lift;
import hingeyard.core.explain.Ruling;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Arrival checks of jobs. */
@Service
public class Arrivals {

    private final ConditionRows conditions;
    private final ArrivalRows arrivals;
    private final Jobs jobs;
    private final LiveEvents live;
    private final WorkBegun work;
    private final ShopClock clock;

    Arrivals(ConditionRows conditions, ArrivalRows arrivals, Jobs jobs, LiveEvents live, WorkBegun work, ShopClock clock) {
        this.conditions = conditions;
        this.arrivals = arrivals;
        this.jobs = jobs;
        this.live = live;
        this.work = work;
        this.clock = clock;
    }

    /** @param now how the point was found so far; only what is to be done can be begun */
    Ruling mayGrade(long number, ConditionPoint point, Optional<Found> now, Grade grade, String note) {
        return ConditionRules.mayGrade(point, now, grade, note, now.filter(Found::toDo).isPresent() && work.begun(number, point.role()));
    }

    /** What was found, by job; jobs without a check have no entry. */
    @Transactional(readOnly = true)
    public Map<Long, List<Found>> of(Collection<Long> numbers) {
        Map<Long, Map<String, Graded>> inForce = new LinkedHashMap<>();
        conditions.graded(numbers).forEach(g -> inForce.computeIfAbsent(g.job(), j -> new LinkedHashMap<>()).put(g.point(), g));
        Map<Long, List<Found>> found = new LinkedHashMap<>();
        inForce.forEach((job, points) -> found.put(job, points.values().stream().flatMap(g -> g.found().stream()).toList()));
        return found;
    }

    /** Whether the arrival check lets the job go on. */
    @Transactional(readOnly = true)
    public Ruling mayGoOn(long number) {
        return ConditionRules.mayGoOn(of(List.of(number)).getOrDefault(number, List.of()));
    }

    /** @throws Refused when a point stops the job */
    public void goOnOrRefuse(long number) {
        Ruling ruling = mayGoOn(number);
        if (!ruling.allowed()) {
            throw Refused.conflict("Job %d: %s".formatted(number, ruling.reason()));
        }
    }

    @Transactional(readOnly = true)
    List<ConditionFound> history(long number) {
        return conditions.findByJobIdOrderById(number);
    }

    @Transactional(readOnly = true)
    Optional<Arrival> agreed(long number) {
        return arrivals.findFirstByJobIdOrderByIdDesc(number);
    }

    static Map<String, ConditionFound> inForce(List<ConditionFound> rows) {
        return rows.stream().collect(Collectors.toMap(r -> r.pointKey, r -> r, (before, after) -> after, LinkedHashMap::new));
    }

    /** @param seen id of the row the person saw, 0 when the point was open */
    @Transactional
    public void grade(long number, String point, Grade grade, String note, long seen, String by) {
        JobCard job = jobs.hold(number);
        ConditionPoint looked = point(job, point);
        ConditionFound last = inForce(history(number)).get(point);
        if (last != null && last.id != seen) {
            throw Refused.conflict("%s graded '%s' a moment ago: %s. Yours was not saved; look, and grade it again if you still want to."
                    .formatted(last.foundBy, looked.title(), last.grade.label()));
        }
        Ruling ruling = mayGrade(number, looked, Optional.ofNullable(last).flatMap(ConditionFound::found), grade, note);
        if (!ruling.allowed()) {
            throw Refused.conflict("note", note, ruling.reason() + " Nothing was saved.");
        }
        conditions.save(new ConditionFound(number, point, grade, note, by, clock.now()));
        live.jobChanged(number);
    }

    /** Grades every point good that nobody has looked at yet. */
    @Transactional
    public void restGood(long number, String by) {
        JobCard job = jobs.hold(number);
        Map<String, ConditionFound> looked = inForce(history(number));
        ConditionCatalogue.of(job.kind(), job.jobKind()).stream().filter(p -> !looked.containsKey(p.key()))
                .forEach(p -> conditions.save(new ConditionFound(number, p.key(), Grade.GOOD, "", by, clock.now())));
        live.jobChanged(number);
    }

    /** Lifts a stop. */
    @Transactional
    public void lift(long number, String point, Lift ground, String reason, String by) {
        point(jobs.hold(number), point);
        ConditionFound last = Optional.ofNullable(inForce(history(number)).get(point))
                .orElseThrow(() -> Refused.conflict("Nobody has graded this point yet; there is nothing to lift."));
        Ruling ruling = ConditionRules.mayLift(last.found().orElseThrow(), ground, reason);
        if (!ruling.allowed()) {
            throw Refused.conflict("reason", reason, ruling.reason());
        }
        conditions.save(last.lifted(ground, reason, by, clock.now()));
        live.jobChanged(number);
    }

    /** Notes what was agreed with the customer. */
    @Transactional
    public void agree(long number, Optional<Integer> odometerKm, String frameNumber, String damage, String agreedBy, String by) {
        jobs.hold(number);
        Arrival arrival = new Arrival();
        arrival.jobId = number;
        arrival.odometerKm = odometerKm.orElse(null);
        arrival.frameNumber = frameNumber.strip();
        arrival.damage = damage.strip();
        arrival.agreedBy = agreedBy.strip();
        arrival.notedBy = by;
        arrival.notedAt = clock.now();
        arrivals.save(arrival);
        jobs.frameRead(number, frameNumber);
        live.jobChanged(number);
    }

    private static ConditionPoint point(JobCard job, String key) {
        return ConditionCatalogue.of(job.kind(), job.jobKind()).stream().filter(p -> p.key().equals(key)).findFirst()
                .orElseThrow(() -> Refused.notFound("point for a " + job.kindLabel() + " called", key));
    }
}
