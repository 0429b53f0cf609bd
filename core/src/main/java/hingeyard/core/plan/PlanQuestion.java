package hingeyard.core.plan;

import hingeyard.core.booking.ShopDays;
import hingeyard.core.floor.SpecialTool;
import hingeyard.core.floor.Stand;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * What is to be planned, and with whom and what.
 *
 * @param now     nothing is planned before; the shop's own time, to the minute
 * @param days    on which the shop is open
 * @param stands  by number
 * @param workers by name
 * @param jobs    by number
 * @param tools   those of which there are few, by name; what a leg takes and none is named of, there is enough of
 */
public record PlanQuestion(LocalDateTime now, ShopDays days, List<Stand> stands, List<Worker> workers, List<PlanJob> jobs,
        List<SpecialTool> tools) {

    public PlanQuestion {
        stands = stands.stream().sorted(Comparator.comparingInt(Stand::number)).toList();
        workers = workers.stream().sorted(Comparator.comparing(Worker::name)).toList();
        jobs = jobs.stream().sorted(Comparator.comparingLong(PlanJob::number)).toList();
        tools = tools.stream().sorted(Comparator.comparing(SpecialTool::name)).toList();
    }

    /** One of a shop that has enough of every tool. */
    public PlanQuestion(LocalDateTime now, ShopDays days, List<Stand> stands, List<Worker> workers, List<PlanJob> jobs) {
        this(now, days, stands, workers, jobs, List.of());
    }

    /** The same with other jobs. */
    public PlanQuestion withJobs(List<PlanJob> others) {
        return new PlanQuestion(now, days, stands, workers, others, tools);
    }

    /** The same with other people. */
    public PlanQuestion withWorkers(List<Worker> others) {
        return new PlanQuestion(now, days, stands, others, jobs, tools);
    }

    /** The same with other stands. */
    public PlanQuestion withStands(List<Stand> others) {
        return new PlanQuestion(now, days, others, workers, jobs, tools);
    }

    /** The same with other special tools. */
    public PlanQuestion withTools(List<SpecialTool> others) {
        return new PlanQuestion(now, days, stands, workers, jobs, others);
    }

    /** The same with one job otherwise. */
    public PlanQuestion with(long number, UnaryOperator<PlanJob> change) {
        return withJobs(jobs.stream().map(j -> j.number() == number ? change.apply(j) : j).toList());
    }

    /** @throws IllegalArgumentException when there is no such job */
    public PlanJob job(long number) {
        return jobs.stream().filter(j -> j.number() == number).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("job %d is not planned".formatted(number)));
    }
}
