package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.stock.StockAudit;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Thirty-two people at the same drawers; and the same with the database killed under them. Afterwards the ledger adds up and everything
 * that was confirmed is in
 * it once. {@code -Dfire.seconds=60} makes it last a minute.
 */
class StockUnderFireTest {

    private static final int HANDS = 32;
    private static final long SECONDS = Long.getLong("fire.seconds", 10);

    @Test
    @ExtendWith(RunningApp.class)
    void nothingIsLostHeldTwiceOrBelowNought(RunningApp.App app) throws Exception {
        ManyHands hands = new ManyHands(app.url(), 8);
        // The time begins when the last of them has signed in, and is not over before something was done.
        AtomicLong end = new AtomicLong();
        List<Callable<Integer>> clients = hands.clients(HANDS, () -> System.nanoTime() < end.get() || hands.confirmed.size() < HANDS,
                false);
        end.set(System.nanoTime() + TimeUnit.SECONDS.toNanos(SECONDS));
        AtOnce.run(clients);
        System.out.printf("%d commands by %d people, %d movements confirmed%n", hands.done.get(), HANDS, hands.confirmed.size());
        assertThat(hands.unexpected).as("a deadlock is tried again and never shown").isEmpty();
        assertThat(hands.confirmed).isNotEmpty();
        addsUp(app.bean(StockAudit.class), app.bean(JdbcTemplate.class), hands);
    }

    @Test
    void aKilledDatabaseKeepsWhatWasConfirmed(@TempDir Path folder) throws Exception {
        try (OwnDatabase database = OwnDatabase.started(folder);
                ConfigurableApplicationContext app = new SpringApplicationBuilder(HingeYard.class).profiles("demo")
                        .run(database.arguments())) {
            ManyHands hands = new ManyHands("http://127.0.0.1:" + app.getEnvironment().getProperty("local.server.port"), 8);
            long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(SECONDS);
            // Everybody goes on until the power cut is over: on a slow disk that is later than the clock says.
            CountDownLatch over = new CountDownLatch(1);
            List<Callable<Integer>> all = new ArrayList<>(hands.clients(HANDS, () -> System.nanoTime() < end || over.getCount() > 0, true));
            all.add(() -> {
                try {
                    hands.awaitConfirmed(HANDS);
                    database.kill();
                    hands.awaitLostAfter(hands.lost.get());
                    database.start();
                    hands.awaitConfirmed(hands.confirmed.size() + 1);
                } finally {
                    over.countDown();
                }
                return -1;
            });
            AtOnce.run(all);
            System.out.printf("%d commands, %d without an answer, %d movements confirmed%n", hands.done.get(), hands.lost.get(),
                    hands.confirmed.size());
            assertThat(hands.unexpected).isEmpty();
            addsUp(app.getBean(StockAudit.class), app.getBean(JdbcTemplate.class), hands);
        }
    }

    private static void addsUp(StockAudit audit, JdbcTemplate jdbc, ManyHands hands) {
        assertThat(audit.findings()).isEmpty();
        assertThat(jdbc.queryForList(
                """
                SELECT o.id FROM purchase_order o JOIN purchase_order_line l ON l.order_id = o.id JOIN purchase_happening h ON h.line_id = l.id
                GROUP BY o.id HAVING SUM(IF(h.kind = 'RECEIVED', h.count, 0)) > SUM(IF(h.kind = 'ORDERED', h.count, 0))
                  OR SUM(IF(h.kind = 'RECEIVED', h.count, 0)) <> (SELECT COALESCE(SUM(m.delta), 0) FROM stock_movement m WHERE m.note = CONCAT('order ', o.id))""",
                Long.class))
                .as("what an order says came is in the ledger, and never more than was ordered").isEmpty();
        assertThat(jdbc.queryForList(
                "SELECT r.job_id FROM reservation r LEFT JOIN bill b ON b.job_id = r.job_id AND b.withdrawn_reason IS NULL WHERE r.state IN ('HELD', 'PICKED', 'SHORT') AND b.id IS NULL",
                Long.class))
                .as("nothing is held without a bill").isEmpty();
        List<String> written = jdbc.queryForList(
                "SELECT IF(lot = '', note, lot) FROM stock_movement WHERE note LIKE 'hand % turn %' OR lot LIKE 'hand % turn %'",
                String.class);
        assertThat(written).as("each movement once").doesNotHaveDuplicates();
        assertThat(written).as("what was confirmed is there").containsAll(hands.confirmed);
    }
}
