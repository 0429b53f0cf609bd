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

    /** A key answers the command it was given to: not another person's, not another content's. */
    @Test
    void aKeyBelongsToAPersonAndAContent(RunningApp.App app) {
        ShopClient ines = ShopClient.signedIn(app.url(), "ines");
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        String path = "/api/drawers/BS-600/receipts";
        String key = "whose-" + System.nanoTime();
        int before = ines.free("BS-600");
        assertThat(ines.post(path, "{\"count\":1,\"note\":\"\"}", key).status()).isEqualTo(200);
        assertThat(ines.post(path, "{\"count\":1,\"note\":\"\"}", key).status()).as("the same once more").isEqualTo(200);
        assertThat(ines.free("BS-600")).isEqualTo(before + 1);
        assertThat(ines.post(path, "{\"count\":2,\"note\":\"\"}", key).detail()).contains("given to another command");
        assertThat(ines.post("/api/drawers/BS-300/receipts", "{\"count\":1,\"note\":\"\"}", key).status()).isEqualTo(409);
        assertThat(orla.post(path, "{\"count\":1,\"note\":\"\"}", key).status()).isEqualTo(409);
        assertThat(ines.post(path, "{\"count\":1,\"note\":\"\"}", "k".repeat(81)).body().path("faults").findValuesAsString("field"))
                .containsExactly("Idempotency-Key");
        assertThat(ines.free("BS-600")).isEqualTo(before + 1);
    }

    /** Whoever lost the answer asks by key; what was not carried out by then never is. */
    @Test
    void whatBecameOfACommandIsToldAndStaysTrue(RunningApp.App app) {
        ShopClient ines = ShopClient.signedIn(app.url(), "ines");
        String path = "/api/drawers/BS-600/receipts";
        String known = "known-" + System.nanoTime();
        String unknown = "unknown-" + System.nanoTime();
        ines.post(path, "{\"count\":1,\"note\":\"\"}", known);
        int before = ines.free("BS-600");
        assertThat(ines.put("/api/receipts/" + known, "").body().path("saved").asBoolean()).isTrue();
        assertThat(ines.put("/api/receipts/" + unknown, "").body().path("saved").asBoolean()).isFalse();
        assertThat(ines.put("/api/receipts/" + unknown, "").body().path("saved").asBoolean()).as("asked twice").isFalse();
        assertThat(ines.post(path, "{\"count\":1,\"note\":\"\"}", unknown).detail()).as("it arrives after all").contains("given up");
        assertThat(ines.free("BS-600")).isEqualTo(before);
    }

    /** What is asked about while it is under way is waited for. */
    @Test
    void aCommandUnderWayIsWaitedFor(RunningApp.App app) throws Exception {
        Commands commands = app.bean(Commands.class);
        String key = "under-way-" + System.nanoTime();
        CountDownLatch begun = new CountDownLatch(1);
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        List<Callable<Boolean>> both = List.of(() -> commands.once(key, Boolean.class, () -> {
            begun.countDown();
            for (int looks = 0; looks < 20_000 && !waits(jdbc); looks++) {
                Thread.onSpinWait();
            }
            return waits(jdbc);
        }), () -> {
            begun.await(5, TimeUnit.SECONDS);
            return commands.carriedOut(key);
        });
        assertThat(AtOnce.run(both)).containsOnly(true);
    }

    /** Whether somebody waits to write a receipt, as the database has it. */
    private static boolean waits(JdbcTemplate jdbc) {
        return jdbc.queryForObject("SELECT COUNT(*) FROM information_schema.processlist WHERE info LIKE 'INSERT INTO command_receipt%'",
                Integer.class) > 0;
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
