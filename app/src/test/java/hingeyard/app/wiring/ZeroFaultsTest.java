package hingeyard.app.wiring;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.RunningApp;
import hingeyard.app.wiring.BadRequests.Outcome;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * Whatever a client sends is answered with what is wrong with it, never with a fault of ours. {@code ./yard bench} sends 100,000;
 * {@code -Dbad.seed=} sends others.
 */
@ExtendWith(RunningApp.class)
class ZeroFaultsTest {

    private static final int TIMES = 2_500;

    @Test
    void nothingAClientSendsBreaksTheServer(RunningApp.App app) throws Exception {
        Outcome outcome = new BadRequests(Long.getLong("bad.seed", 20_261_130L)).send(app, TIMES);
        System.out.println("bad requests: " + TIMES + " over " + outcome.operations() + " operations, by status: " + outcome.statuses());
        assertThat(outcome.broken()).isEmpty();
    }
}
