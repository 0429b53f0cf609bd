package hingeyard.app.demo;

import hingeyard.app.bill.Bills;
import hingeyard.app.booking.Booking;
import hingeyard.app.booking.Jobs;
import hingeyard.app.command.Commands;
import hingeyard.app.install.Steps;
import hingeyard.app.match.Matches;
import hingeyard.app.survey.Surveys;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.core.bike.Tool;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Verdict;
import hingeyard.core.floor.Place;
import hingeyard.core.install.FigureWanted;
import hingeyard.core.install.StepRun;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Tells a job's story up to some step, at earlier instants, through the shop's own services. */
@Component
class DemoStory {

    private static final String MANAGER = "Orla M.";

    private final Jobs jobs;
    private final Surveys surveys;
    private final Matches matches;
    private final Bills bills;
    private final Steps steps;
    private final Commands commands;
    private final ShopClock clock;

    DemoStory(Jobs jobs, Surveys surveys, Matches matches, Bills bills, Steps steps, Commands commands, ShopClock clock) {
        this.jobs = jobs;
        this.surveys = surveys;
        this.matches = matches;
        this.bills = bills;
        this.steps = steps;
        this.commands = commands;
        this.clock = clock;
    }

    long book(Instant at, String customer, String contact, BikeKind kind, String bike, String frame, String paint, String wish, int km, int inDays) {
        long[] number = new long[1];
        clock.at(at, () -> number[0] = run(() -> jobs.book(new Booking(customer, contact, kind, bike, frame, paint, wish, km,
                clock.today().plusDays(inDays))).number()));
        return number[0];
    }

    /** @param readings {@code key=value} or {@code key=value@TOOL}, parted by {@code ;} */
    void measure(Instant at, long job, String by, String readings) {
        clock.at(at, () -> {
            for (String reading : readings.split(";")) {
                String[] keyValue = reading.strip().split("=");
                String[] valueTool = keyValue[1].split("@");
                Tool tool = valueTool.length == 2 ? Tool.valueOf(valueTool[1]) : MeasureCatalogue.find(keyValue[0]).orElseThrow().tool();
                run(() -> {
                    surveys.measure(job, keyValue[0], valueTool[0], tool, 0, by);
                    return true;
                });
            }
        });
    }

    void place(Instant at, long job, Place place, Integer stand) {
        clock.at(at, () -> run(() -> {
            jobs.place(job, place, stand);
            return true;
        }));
    }

    void bill(Instant at, long job, String kit) {
        clock.at(at, () -> run(() -> {
            var report = matches.report(job, kit);
            Set<String> consented = report.findings().stream().filter(f -> f.verdict() == Verdict.TRADE_OFF).map(Finding::checkId).collect(Collectors.toSet());
            bills.make(job, kit, Matches.stamp(report), consented, MANAGER);
            return true;
        }));
    }

    /** Works through the steps in order until {@code until}, which is not begun; null for all of them. Answers when that was. */
    Instant work(Instant from, long job, String by, String second, String until) {
        Instant at = from;
        for (StepRun planned : steps.runs(job)) {
            String key = planned.step().key();
            if (key.equals(until)) {
                return at;
            }
            Instant begin = at;
            Instant end = begin.plus(Duration.ofMinutes(planned.step().minutes()));
            if (!planned.finished()) {
                start(begin, job, key, by);
                clock.at(end, () -> tick(job, planned, by));
                planned.step().hold().ifPresent(h -> clock.at(end.plusSeconds(240), () -> run(() -> {
                    steps.inspect(job, key, second);
                    return true;
                })));
            }
            at = end.plusSeconds(300);
        }
        return at;
    }

    void start(Instant at, long job, String key, String by) {
        clock.at(at, () -> run(() -> {
            steps.start(job, key, by);
            return true;
        }));
    }

    void stuck(Instant at, long job, String key, String reason, String by) {
        clock.at(at, () -> run(() -> {
            steps.stuck(job, key, reason, by);
            return true;
        }));
    }

    void tick(Instant at, long job, String key, String by) {
        StepRun planned = steps.runs(job).stream().filter(r -> r.step().key().equals(key)).findFirst().orElseThrow();
        clock.at(at, () -> tick(job, planned, by));
    }

    /** Reads every figure in the middle of its window. */
    private void tick(long job, StepRun planned, String by) {
        Map<String, BigDecimal> read = new HashMap<>();
        for (FigureWanted f : planned.step().figures()) {
            read.put(f.key(), f.least().add(f.greatest()).divide(BigDecimal.valueOf(2), 2, RoundingMode.HALF_UP));
        }
        run(() -> {
            steps.tick(job, planned.step().key(), read, by);
            return true;
        });
    }

    private <T> T run(Supplier<T> work) {
        return commands.once(null, null, work);
    }
}
