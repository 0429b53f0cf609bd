package hingeyard.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Some lines of a better plan, and all others as they are. */
class PartlyTest {

    private static Set<Long> jobs(List<PlanDifference.Moved> moved) {
        return moved.stream().map(PlanDifference.Moved::job).collect(Collectors.toSet());
    }

    private static LocalDate day(Plan plan, long job) {
        return plan.finish(job).orElseThrow().toLocalDate();
    }

    @Test
    void someLinesAreTakenAndWhatComesOfItCanBeWorkedBy() {
        RandomShops shops = new RandomShops(51);
        int tried = 0;
        int as = 0;
        int unasked = 0;
        int moved = 0;
        for (int i = 0; i < 60; i++) {
            PlanQuestion question = shops.busyShop(4, 3, 14);
            Plan plan = Planner.firstComeFirstServed(question);
            Plan better = Planner.again(question, plan, 200);
            List<PlanDifference.Moved> lines = PlanDifference.of(question, plan, better);
            if (lines.size() < 3) {
                continue;
            }
            Set<Long> accepted = Set.of(lines.get(0).job(), lines.get(lines.size() - 1).job());
            Plan partly = Planner.partly(question, plan, better, accepted);
            assertThat(PlanJudge.faults(question, partly)).isEmpty();
            tried += accepted.size();
            as += (int) accepted.stream().filter(j -> day(partly, j).equals(day(better, j))).count();
            moved += lines.size() - accepted.size();
            unasked += (int) PlanDifference.of(question, plan, partly).stream().filter(m -> m.days() > 0 && !accepted.contains(m.job()))
                    .count();
        }
        assertThat(tried).isGreaterThan(60);
        assertThat((double) as / tried).as("on the day that was proposed").isGreaterThan(0.7);
        assertThat((double) unasked / moved).as("others that are later although nobody accepted that").isLessThan(0.05);
    }

    @Test
    void allLinesAreTheBetterPlanAndNoneIsThePlan() {
        PlanQuestion question = new RandomShops(52).busyShop(4, 3, 14);
        Plan plan = Planner.firstComeFirstServed(question);
        Plan better = Planner.again(question, plan, 200);
        List<PlanDifference.Moved> lines = PlanDifference.of(question, plan, better);
        assertThat(lines).isNotEmpty();
        assertThat(Planner.partly(question, plan, better, jobs(lines)).finishes()).isEqualTo(better.finishes());
        assertThat(Planner.partly(question, plan, better, Set.of()).finishes()).isEqualTo(plan.finishes());
    }
}
