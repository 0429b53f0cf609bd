package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.app.command.Commands;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

/** Commands are carried out once for each key, wholly or not at all, and deadlocks are nobody's business. */
@ExtendWith(RunningApp.class)
class CommandsTest {

    @Test
    void theSameKeySentManyTimesAtOnceIsCarriedOutOnce(RunningApp.App app) throws Exception {
        Commands commands = app.bean(Commands.class);
        AtomicInteger carriedOut = new AtomicInteger();
        String key = "at-once-" + System.nanoTime();
        List<Callable<Integer>> tries = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            tries.add(() -> commands.once(key, Integer.class, carriedOut::incrementAndGet));
        }
        assertThat(AtOnce.run(tries)).containsOnly(1);
        assertThat(carriedOut).hasValue(1);
    }

    @Test
    void workThatFailsLeavesNoReceiptAndCanBeSentAgain(RunningApp.App app) {
        Commands commands = app.bean(Commands.class);
        String key = "fails-first-" + System.nanoTime();
        assertThatThrownBy(() -> commands.once(key, String.class, () -> {
            throw new IllegalStateException("not this time");
        })).hasMessage("not this time");
        assertThat(commands.once(key, String.class, () -> "done")).isEqualTo("done");
        assertThat(commands.once(key, String.class, () -> "done twice")).isEqualTo("done");
    }

    @Test
    void withoutAKeyEveryCallIsItsOwn(RunningApp.App app) {
        Commands commands = app.bean(Commands.class);
        AtomicInteger carriedOut = new AtomicInteger();
        commands.once(null, Integer.class, carriedOut::incrementAndGet);
        commands.once(" ", Integer.class, carriedOut::incrementAndGet);
        assertThat(carriedOut).hasValue(2);
    }

    @Test
    void aDeadlockIsRetriedAndNeverShown(RunningApp.App app) throws Exception {
        Commands commands = app.bean(Commands.class);
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        AtomicInteger attempts = new AtomicInteger();
        CountDownLatch bothHoldOne = new CountDownLatch(2);
        List<Callable<String>> two = List.of(() -> crossing(commands, jdbc, "BS-100", "BS-200", attempts, bothHoldOne),
                () -> crossing(commands, jdbc, "BS-200", "BS-100", attempts, bothHoldOne));
        assertThat(AtOnce.run(two)).containsOnly("both held");
        assertThat(attempts.get()).as("one of them was rolled back and tried again").isGreaterThan(2);
    }

    /** Locks one part, waits until the other thread holds its own, then wants the other's. */
    private static String crossing(Commands commands, JdbcTemplate jdbc, String first, String second, AtomicInteger attempts,
            CountDownLatch both) {
        return commands.once(null, String.class, () -> {
            attempts.incrementAndGet();
            jdbc.queryForList("SELECT number FROM part WHERE number = ? FOR UPDATE", first);
            both.countDown();
            try {
                both.await(5, TimeUnit.SECONDS);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            jdbc.queryForList("SELECT number FROM part WHERE number = ? FOR UPDATE", second);
            return "both held";
        });
    }
}
