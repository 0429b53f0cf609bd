package hingeyard.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.plan.StockDay.Laid;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class StockDayTest {

    private static final LocalDateTime NOW = RandomShops.NOW;

    /** One job that waits for a screw on its second leg, one that waits for nothing; one person each. */
    private static PlanQuestion shop(LocalDateTime comes) {
        PlanQuestion shop = new RandomShops(9).soundShop(2, 2, 2);
        return shop.withJobs(shop.jobs().stream().map(j -> j.with(j.legs().stream()
                .map(l -> l.waiting(j.number() == 401 && l.ordinal() == 1
                        ? List.of(new Wait(Wait.Kind.PART, "1 screw M8 × 22", comes, true))
                        : List.of()))
                .toList())).toList());
    }

    @Test
    void traysAreToldByWhenTheyAreWantedAndOnlyThoseThatAreNotWhole() {
        PlanQuestion question = shop(NOW.plusDays(1));
        Plan plan = Planner.plan(question, 20);
        Map<Long, Laid> trays = Map.of(401L, new Laid(5, 2), 402L, new Laid(4, 4), 777L, new Laid(3, 0));
        StockDay day = StockDay.of(question, plan, trays, NOW.toLocalDate().plusDays(7));
        assertThat(day.trays()).singleElement().satisfies(t -> {
            assertThat(t.job()).isEqualTo(401);
            assertThat(t.wanted()).isEqualTo(plan.of(401).get(0).start());
            assertThat(t.laid()).isEqualTo(new Laid(5, 2));
        });
        assertThat(StockDay.of(question, plan, trays, NOW.toLocalDate().minusDays(1)).trays()).as("not that far ahead").isEmpty();
    }

    /** What is told to move does move when it is planned with the part a day later. */
    @Test
    void aPartThatComesADayLaterMovesWhatIsTold() {
        PlanQuestion question = shop(NOW.plusDays(1));
        Plan plan = Planner.plan(question, 20);
        StockDay.Due due = StockDay.of(question, plan, Map.of(), NOW.toLocalDate()).due().get(0);
        assertThat(due.what()).isEqualTo("1 screw M8 × 22");
        assertThat(due.needed()).isEqualTo(plan.leg(401, 1).orElseThrow().start());
        assertThat(due.later()).singleElement().asString().startsWith("401: finished ").contains("1 day later");
        Plan then = Planner.again(shop(NOW.plusDays(2)), plan, 0);
        assertThat(then.finish(401).orElseThrow().toLocalDate())
                .isEqualTo(question.days().openFrom(plan.finish(401).orElseThrow().toLocalDate().plusDays(1)));
    }
}
