package hingeyard.benchmarks;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.RunningApp;
import hingeyard.app.wiring.BadRequests;
import hingeyard.app.wiring.BadRequests.Outcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;

/** 100,000 requests that cannot be carried out; it fails where one of them is answered with a fault of ours. */
@EnabledIfSystemProperty(named = "bench", matches = "true")
@ExtendWith(RunningApp.class)
class BadRequestsBenchmark {

    @Test
    void hundredThousand(RunningApp.App app) throws Exception {
        int times = Integer.getInteger("bad.requests", 100_000);
        long seed = Long.getLong("bad.seed", 100_000);
        long from = System.nanoTime();
        Outcome outcome = new BadRequests(seed).send(app, times);
        System.out.printf("%d requests over %d operations, seed %d, %.0f s, by status: %s%n", times, outcome.operations(), seed,
                (System.nanoTime() - from) / 1e9, outcome.statuses());
        assertThat(outcome.broken()).isEmpty();
    }
}
