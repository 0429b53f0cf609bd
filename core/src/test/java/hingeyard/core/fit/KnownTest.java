package hingeyard.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.rules.ShopRules;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;

class KnownTest {

    private static Object once(Known known, Class<?> kind, Object of, Supplier<Object> work) {
        return known.once(kind, of, () -> new Known.Found(work.get(), Set.of("spacer"))).what();
    }

    /** Who only hears what another case found out has asked for the same parts. */
    @Test
    void whatIsSharedBringsTheUsesItRestsOn() {
        Known known = new Known();
        FitCase first = new FitCase(new FitCase.Bike(BikeKind.DIAMOND, FrameSurvey.empty(), RiderNeed.none(), Set.of()),
                Given.bracketKit("70", "92", "0", 13, "60"), Given.drawers(), ShopRules.standard(), known);
        FitCase second = new FitCase(first.bike(), first.kit(), Given.drawers(), ShopRules.standard(), known);
        first.drawers().usedAs("own");
        first.shared(Integer.class, "stack", c -> c.drawers().usedAs("bracket-spacer").size());
        assertThat(first.uses()).containsExactlyInAnyOrder("own", "bracket-spacer");
        second.shared(Integer.class, "stack", c -> {
            throw new AssertionError("it is known");
        });
        assertThat(second.uses()).containsExactly("bracket-spacer");
    }

    @Test
    void findsThingsOutOnceForEachKindAndValue() {
        Known known = new Known();
        AtomicInteger worked = new AtomicInteger();
        for (int i = 0; i < 3; i++) {
            assertThat(once(known, String.class, List.of("a", 1), () -> "found " + worked.incrementAndGet())).isEqualTo("found 1");
        }
        assertThat(once(known, String.class, List.of("a", 2), () -> "other")).as("another value").isEqualTo("other");
        assertThat(once(known, Integer.class, List.of("a", 1), () -> 7)).as("another kind").isEqualTo(7);
    }

    /** Many at once may work the same out twice, but all of them get an answer, and an equal one. */
    @Test
    void isSafeForSeveralAtOnce() throws Exception {
        Known known = new Known();
        ExecutorService pool = Executors.newFixedThreadPool(8);
        List<Callable<Object>> asks = new ArrayList<>();
        for (int i = 0; i < 400; i++) {
            int of = i % 20;
            asks.add(() -> once(known, String.class, of, () -> "place " + of));
        }
        List<Future<Object>> answers = pool.invokeAll(asks);
        for (int i = 0; i < answers.size(); i++) {
            assertThat(answers.get(i).get()).isEqualTo("place " + i % 20);
        }
        pool.shutdown();
    }
}
