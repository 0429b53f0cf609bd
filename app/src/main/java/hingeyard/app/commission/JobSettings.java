package hingeyard.app.commission;

import hingeyard.app.bench.BenchResults;
import hingeyard.core.bench.BenchFigure;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.commission.Setting;
import hingeyard.core.commission.SettingRules;
import hingeyard.core.commission.SettingsSheet;
import hingeyard.core.explain.Ruling;
import hingeyard.core.explain.Ruling;
import hingeyard.core.fit.FitReport;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What a job's display was set to; values are only added, the last of a page is in force. */
@Component
public class JobSettings {

    private static final int LONGEST = 120;

    /** @param by who set it; absent while it is only what the job wants */
    record Set(Setting setting, Optional<String> by, Optional<Instant> at) {
    }

    private record Entered(String value, String by, Instant at) {
    }

    private final LiveEvents live;
    private final ShopClock clock;
    private final JdbcTemplate jdbc;
    private final BenchResults bench;

    JobSettings(LiveEvents live, ShopClock clock, JdbcTemplate jdbc, BenchResults bench) {
        this.bench = bench;
        this.live = live;
        this.clock = clock;
        this.jdbc = jdbc;
    }

    List<Set> of(long job, FitReport match) {
        Map<String, Entered> entered = new HashMap<>();
        jdbc.query("SELECT page, value, set_by, set_at FROM job_setting WHERE job_id = ? ORDER BY id",
                r -> {
                    entered.put(r.getString(1), new Entered(r.getString(2), r.getString(3), r.getTimestamp(4).toInstant()));
                }, job);
        return wanted(job, match).stream().map(s -> Optional.ofNullable(entered.get(s.page()))
                .map(e -> new Set(new Setting(s.page(), s.meaning(), s.allowed(), e.value, s.ground(), s.hidden()), Optional.of(e.by),
                        Optional.of(e.at)))
                .orElse(new Set(s, Optional.empty(), Optional.empty()))).toList();
    }

    /** What the job wants, with the wheel as it was rolled out at the bench. */
    private List<Setting> wanted(long job, FitReport match) {
        return SettingsSheet.of(match, bench.last(job, BenchFigure.CIRCUMFERENCE)
                .map(k -> new SettingsSheet.Rolled(k.figures().get(BenchFigure.CIRCUMFERENCE), k.by())));
    }

    Ruling mayClose(long job, FitReport match) {
        List<Set> pages = of(job, match);
        return SettingsSheet.mayClose(pages.stream().map(Set::setting).toList(),
                pages.stream().filter(p -> p.by.isPresent()).map(p -> p.setting.page()).collect(Collectors.toSet()));
    }

    /** Writes down that every page that is still open was set to what the job wants; a code is the customer's own and stays open. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void setAsShown(long job, FitReport match, String by) {
        of(job, match).stream().filter(p -> p.by.isEmpty() && !p.setting.hidden())
                .forEach(p -> set(job, match, p.setting.page(), p.setting.value(), by));
    }

    @Transactional(propagation = Propagation.MANDATORY)
    public void set(long job, FitReport match, String page, String value, String by) {
        Setting setting = wanted(job, match).stream().filter(s -> s.page().equals(page)).findFirst()
                .orElseThrow(() -> Refused.notFound("page", page));
        if (value.isBlank() || value.length() > LONGEST) {
            throw Refused.input(setting.meaning(), value,
                    "a value of 1 to %d letters; the display takes %s".formatted(LONGEST, setting.allowed()));
        }
        Ruling ruling = SettingRules.mayBe(setting, value, match);
        if (!ruling.allowed()) {
            // What is a code is not repeated.
            throw Refused.input("value", setting.hidden() ? "hidden" : value.strip(),
                    "%s: %s".formatted(setting.meaning(), ruling.reason()));
        }
        jdbc.update("INSERT INTO job_setting (job_id, page, meaning, value, set_by, set_at) VALUES (?, ?, ?, ?, ?, ?)", job, page,
                setting.meaning(), value.strip(), by, Timestamp.from(clock.now()));
        live.jobChanged(job);
    }
}
