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

    @Test
    void whatBringsNothingIsNotProposed() {
        RandomShops shops = new RandomShops(53);
        int lines = 0;
        int all = 0;
        for (int i = 0; i < 40; i++) {
            PlanQuestion question = shops.busyShop(4, 4, 16);
            Plan agreed = Planner.plan(question, 50);
            long off = question.jobs().get(i % question.jobs().size()).number();
            PlanQuestion put = question.with(off, j -> j.pinned(new Pin(java.util.Optional.empty(), java.util.Optional.empty(),
                    java.util.Optional.of(question.now().toLocalDate().plusDays(6)))));
            Plan plan = Planner.carriedOn(put, agreed);
            Plan better = Planner.again(put, plan, 200);
            Plan trimmed = Planner.trimmed(put, plan, better);
            assertThat(PlanJudge.faults(put, trimmed)).isEmpty();
            assertThat(trimmed.worth().late()).as("late").isLessThanOrEqualTo(Math.max(better.worth().late(), plan.worth().late()));
            if (better.worth().late() < plan.worth().late()) {
                assertThat(trimmed.worth().late()).isLessThanOrEqualTo(better.worth().late());
            }
            lines += PlanDifference.of(put, plan, trimmed).size();
            all += PlanDifference.of(put, plan, better).size();
        }
        assertThat(lines).isLessThan(all * 3 / 4);
    }
}
