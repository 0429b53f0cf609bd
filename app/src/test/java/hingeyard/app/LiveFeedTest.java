package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.live.LiveEvents;
import java.io.BufferedReader;
import java.io.IOException;
import java.sql.Connection;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

/** What one changes, the others' screens are told; also what another instance wrote, also when ids commit out of order. */
@ExtendWith(RunningApp.class)
class LiveFeedTest {

    @Test
    void tellsOtherScreensWhichJobChanged(RunningApp.App app) throws Exception {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        try (BufferedReader stream = ShopClient.signedIn(app.url(), "tova").listen()) {
            awaitLine(stream, l -> l.contains("hello"));
            CompletableFuture<List<String>> told = CompletableFuture
                    .supplyAsync(() -> linesUntil(stream, l -> l.contains("\"topic\":\"job\"")));
            long job = orla.book("Live one");
            assertThat(told.get(10, TimeUnit.SECONDS)).last().asString().contains("\"job\":" + job);
        }
    }

    @Test
    void tellsWhatAnotherInstanceWrote(RunningApp.App app) throws Exception {
        try (BufferedReader stream = ShopClient.signedIn(app.url(), "tova").listen()) {
            awaitLine(stream, l -> l.contains("hello"));
            app.bean(JdbcTemplate.class).update("INSERT INTO live_event (topic, job_id, happened_at) VALUES ('job', 987654, NOW(3))");
            CompletableFuture<List<String>> told = CompletableFuture.supplyAsync(() -> linesUntil(stream, l -> l.contains("987654")));
            assertThat(told.get(10, TimeUnit.SECONDS)).isNotEmpty();
        }
    }

    @Test
    void anEventWithALowerIdThatCommitsLaterIsToldOnceToo(RunningApp.App app) throws Exception {
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        try (BufferedReader stream = ShopClient.signedIn(app.url(), "tova").listen()) {
            awaitLine(stream, l -> l.contains("hello"));
            Long highest = jdbc.queryForObject("SELECT COALESCE(MAX(id), 0) FROM live_event", Long.class);
            jdbc.update("INSERT INTO live_event (id, topic, job_id, happened_at) VALUES (?, 'job', 800002, NOW(3))", highest + 20);
            CompletableFuture<List<String>> first = CompletableFuture.supplyAsync(() -> linesUntil(stream, l -> l.contains("800002")));
            first.get(10, TimeUnit.SECONDS);
            jdbc.update("INSERT INTO live_event (id, topic, job_id, happened_at) VALUES (?, 'job', 800001, NOW(3))", highest + 10);
            jdbc.update("INSERT INTO live_event (id, topic, job_id, happened_at) VALUES (?, 'job', 800003, NOW(3))", highest + 21);
            List<String> rest = CompletableFuture.supplyAsync(() -> linesUntil(stream, l -> l.contains("800003"))).get(10,
                    TimeUnit.SECONDS);
            assertThat(rest.stream().filter(l -> l.contains("800001"))).hasSize(1);
            assertThat(rest).noneMatch(l -> l.contains("800002"));
        }
    }

    /** What was worked out between the two would be kept for good under a state that does not move any more. */
    @Test
    void aChangeThatIsCommittedLateMakesOlderAnswersStale(RunningApp.App app) throws Exception {
        LiveEvents live = app.bean(LiveEvents.class);
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        try (Connection late = jdbc.getDataSource().getConnection(); Statement statement = late.createStatement()) {
            late.setAutoCommit(false);
            statement.executeUpdate(
                    "INSERT INTO live_event (topic, job_id, happened_at) VALUES ('stock', NULL, NOW(3)), ('shop', NULL, NOW(3))");
            jdbc.update("INSERT INTO live_event (topic, job_id, happened_at) VALUES ('stock', NULL, NOW(3)), ('shop', NULL, NOW(3))");
            long stock = live.changesOfStock();
            long shop = live.changesOfShop();
            late.commit();
            late.setAutoCommit(true);
            assertThat(live.changesOfStock()).isGreaterThan(stock);
            assertThat(live.changesOfShop()).isGreaterThan(shop);
        }
    }

    @Test
    void aStrangerHearsNothing(RunningApp.App app) {
        assertThat(ShopClient.stranger(app.url()).get("/api/live").status()).isEqualTo(401);
    }

    private static void awaitLine(BufferedReader stream, Predicate<String> wanted) throws Exception {
        CompletableFuture.supplyAsync(() -> linesUntil(stream, wanted)).get(10, TimeUnit.SECONDS);
    }

    private static List<String> linesUntil(BufferedReader stream, Predicate<String> wanted) {
        List<String> lines = new ArrayList<>();
        try {
            for (String line = stream.readLine(); line != null; line = stream.readLine()) {
                lines.add(line);
                if (wanted.test(line)) {
                    return lines;
                }
            }
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        throw new AssertionError("the stream ended after " + lines);
    }
}
