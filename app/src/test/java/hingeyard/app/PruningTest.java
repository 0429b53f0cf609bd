package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.keeping.Pruning;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.wiring.ShopClock;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

/** A year of a shop's events, receipts, readings and missed sign-ins stays small, and nobody's count goes back. */
@ExtendWith(RunningApp.class)
class PruningTest {

    private static final int A_DAY = 400;

    private static void aDay(JdbcTemplate jdbc, Instant noon, int day, long[] jobs) {
        Timestamp at = Timestamp.from(noon);
        List<Object[]> events = new ArrayList<>();
        for (int i = 0; i < A_DAY; i++) {
            events.add(new Object[]{i % 5 == 0 ? "stock" : i % 2 == 0 ? "job" : "step", i % 5 == 0 ? null : jobs[i % jobs.length], at});
        }
        jdbc.batchUpdate("INSERT INTO live_event (topic, job_id, happened_at) VALUES (?, ?, ?)", events);
        jdbc.batchUpdate("INSERT INTO command_receipt (command_key, answer, taken_at) VALUES (?, '{}', ?)",
                LongStream.range(0, 50).mapToObj(i -> new Object[]{"year " + day + " " + i, at}).toList());
        jdbc.batchUpdate("INSERT INTO device_reading (device, value, unit, sent_at) VALUES ('meter', 38.4, 'V', ?)",
                LongStream.range(0, 20).mapToObj(i -> new Object[]{at}).toList());
        jdbc.update("INSERT INTO failed_attempt (what, failures, last_at) VALUES (?, 1, ?)", "year " + day, at);
    }

    private static long count(JdbcTemplate jdbc, String from) {
        return jdbc.queryForObject("SELECT COUNT(*) FROM " + from, Long.class);
    }

    @Test
    void aYearStaysSmallAndNoCountGoesBack(RunningApp.App app) {
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        Pruning pruning = app.bean(Pruning.class);
        LiveEvents live = app.bean(LiveEvents.class);
        ShopClock clock = app.bean(ShopClock.class);
        long[] jobs = {402, 410, 412};
        List<Long> numbers = Arrays.stream(jobs).boxed().toList();
        // Years ahead of everything else that the demo or another test does meanwhile, so that what is asserted is this year's.
        Instant start = Instant.parse("2040-01-01T12:00:00Z");
        long stock = live.changesOfStock();
        Map<Long, Long> before = live.changesOfJobs(numbers);
        long most = 0;
        for (int day = 0; day < 365; day++) {
            aDay(jdbc, start.plus(Duration.ofDays(day)), day, jobs);
            clock.at(start.plus(Duration.ofDays(day)).plusSeconds(60), () -> {
                try {
                    pruning.run();
                } catch (SQLException e) {
                    throw new IllegalStateException(e);
                }
            });
            most = Math.max(most, count(jdbc, "live_event WHERE happened_at > '2039-01-01'"));
        }
        assertThat(most).as("three days of them at most").isLessThanOrEqualTo(3 * A_DAY + 1);
        assertThat(count(jdbc, "command_receipt WHERE command_key LIKE 'year %'")).isLessThanOrEqualTo(32 * 50);
        assertThat(count(jdbc, "device_reading WHERE sent_at > '2039-01-01'")).isLessThanOrEqualTo(2 * 20);
        assertThat(count(jdbc, "failed_attempt WHERE what LIKE 'year %'")).isLessThanOrEqualTo(2);
        assertThat(count(jdbc, "live_event_gone")).as("a row for a job and a topic").isLessThanOrEqualTo(2 * count(jdbc, "job") + 2);
        long added = 365L * A_DAY * 4 / 5;
        Map<Long, Long> after = live.changesOfJobs(numbers);
        assertThat(after.values().stream().mapToLong(n -> n).sum() - before.values().stream().mapToLong(n -> n).sum())
                .as("every event is still counted").isGreaterThanOrEqualTo(added);
        assertThat(live.changesOfStock()).isGreaterThan(stock);
        jdbc.update("DELETE FROM live_event WHERE happened_at > '2039-01-01'");
        jdbc.update("DELETE FROM command_receipt WHERE command_key LIKE 'year %'");
        jdbc.update("DELETE FROM failed_attempt WHERE what LIKE 'year %'");
        jdbc.update("DELETE FROM device_reading WHERE sent_at > '2039-01-01'");
    }

    /** Four at once: together they clear away what is there, once. */
    @Test
    void oneAtATimeDoesIt(RunningApp.App app) throws Exception {
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        Pruning pruning = app.bean(Pruning.class);
        pruning.run();
        Timestamp old = Timestamp.from(Instant.now().minus(Duration.ofDays(9)));
        jdbc.batchUpdate("INSERT INTO live_event (topic, job_id, happened_at) VALUES ('job', 402, ?)",
                LongStream.range(0, 5_000).mapToObj(i -> new Object[]{old}).toList());
        Long before = jdbc.queryForObject("SELECT COALESCE(SUM(events), 0) FROM live_event_gone WHERE job_id = 402", Long.class);
        Callable<Integer> one = pruning::run;
        List<Integer> all = AtOnce.run(List.of(one, one, one, one));
        assertThat(all.stream().mapToInt(n -> n).sum()).isGreaterThanOrEqualTo(5_000);
        assertThat(all.stream().filter(n -> n > 0)).as("whoever came too late left it to the first").hasSizeLessThanOrEqualTo(2);
        assertThat(jdbc.queryForObject("SELECT COALESCE(SUM(events), 0) FROM live_event_gone WHERE job_id = 402", Long.class) - before)
                .isEqualTo(5_000);
        assertThat(count(jdbc, "live_event WHERE job_id = 402 AND happened_at < NOW() - INTERVAL 3 DAY")).isZero();
    }
}
