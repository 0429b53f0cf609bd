package hingeyard.app.install;

import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Holds;
import hingeyard.app.shop.Team;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.explain.Ruling;
import hingeyard.core.install.Blocker;
import hingeyard.core.install.FigureWanted;
import hingeyard.core.install.Milestone;
import hingeyard.core.install.StepRules;
import hingeyard.core.install.StepState;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finishes steps: figures judged and kept, parts used up, the minutes it took written down. */
@Service
public class Ticks {

    private static final int LONGEST_DETAIL = 600;

    private final Steps steps;
    private final StepHistory history;
    private final StepFigureRows figures;
    private final Holds holds;
    private final BilledParts lines;
    private final Wrenches wrenches;
    private final List<TickGuard> guards;
    private final Team team;
    private final ShopClock clock;

    Ticks(Steps steps, StepHistory history, StepFigureRows figures, Holds holds, BilledParts lines, Wrenches wrenches,
            List<TickGuard> guards, Team team, ShopClock clock) {
        this.steps = steps;
        this.history = history;
        this.figures = figures;
        this.holds = holds;
        this.lines = lines;
        this.wrenches = wrenches;
        this.guards = guards;
        this.team = team;
        this.clock = clock;
    }

    /** Figures that were read, by key. @param wrenches which torque wrench a figure was read from, by the figure's key */
    public record Read(Map<String, BigDecimal> figures, Map<String, String> wrenches) {

        public static Read of(Map<String, BigDecimal> figures) {
            return new Read(figures, Map.of());
        }
    }

    /**
     * Ticks a step with its figures. A figure outside its window is kept and leaves the step stuck.
     *
     * @throws Refused when a figure is missing, naming it and its window
     */
    @Transactional
    public void tick(long job, String key, Read read, String by) {
        StepRow row = steps.held(job, key, true);
        Steps.rule(StepRules.mayTick(row.run(), by, lines.onHand(job, row.step().mounts())));
        guards.forEach(g -> Steps.rule(g.mayTick(job, row.step())));
        for (FigureWanted wanted : row.step().figures()) {
            if (read.figures.get(wanted.key()) == null) {
                throw Refused.input(wanted.name(), "nothing", wanted.window());
            }
        }
        finish(row, read, by, "");
    }

    private void finish(StepRow row, Read read, String by, String where) {
        long job = row.jobId;
        for (FigureWanted wanted : row.step().figures()) {
            BigDecimal value = read.figures.get(wanted.key());
            Optional<Wrenches.Used> wrench = Optional.ofNullable(read.wrenches.get(wanted.key())).map(code -> wrenches.used(code, value));
            figures.save(new StepFigure(row.id, wanted.key(), value, wanted.passes(value), by, clock.now(), wrench));
        }
        String told = told(row, read, where);
        Ruling judged = StepRules.judge(row.step(), read.figures);
        if (judged.allowed()) {
            row.state = StepState.DONE;
            row.handover = null;
            row.doneAt = clock.now();
            holds.consume(job, row.step().mounts(), by);
            lines.markUsed(job, row.step().mounts());
            holds.unmount(job, row.step().dismounts(), by);
            lines.markUnused(job, row.step().dismounts());
            history.happened(row, StepEvent.What.TICKED, told, by);
            row.workedSeconds = Math.toIntExact(history.workedAt(row).toSeconds());
        } else {
            steps.getStuck(row, Stop.of(Blocker.Kind.FIGURE_OUTSIDE, judged.reason()), by);
            history.happened(row, StepEvent.What.REFUSED, judged.reason(), by);
        }
    }

    /** What the history says of a tick: its figures are linked into the chain with it. */
    private static String told(StepRow row, Read read, String where) {
        String figures = row.step().figures().stream()
                .map(f -> "%s %s %s".formatted(f.name(), read.figures.get(f.key()).toPlainString(), f.unit()).strip()
                        + Optional.ofNullable(read.wrenches.get(f.key())).map(w -> " (wrench " + w + ")").orElse(""))
                .collect(Collectors.joining("; "));
        String told = where.isEmpty() || figures.isEmpty() ? where + figures : where + ": " + figures;
        return told.length() > LONGEST_DETAIL ? told.substring(0, LONGEST_DETAIL) : told;
    }

    /**
     * What reaches this milestone was done at the kit check, before the bike was on a stand.
     *
     * @param read figures recorded there
     */
    @Transactional
    public void doneAtReceiving(long job, Milestone milestone, Map<String, BigDecimal> read, String by) {
        for (StepRow row : steps.rows(job)) {
            if (!row.step().reaches().contains(milestone) || row.run().finished()) {
                continue;
            }
            if (!lines.onHand(job, row.step().mounts())) {
                throw Refused.conflict("The kit's box of job %d is still to come: it cannot be checked yet.".formatted(job));
            }
            if (!row.step().figures().stream().allMatch(f -> read.containsKey(f.key()))) {
                continue;
            }
            row.state = StepState.RUNNING;
            row.takenBy(by, team.skills(by));
            row.startedAt = row.startedAt == null ? clock.now() : row.startedAt;
            finish(row, Read.of(read), by, "at the kit check");
        }
    }

    @Transactional(readOnly = true)
    Map<Long, List<StepFigure>> figures(long job) {
        return figures.ofJob(job).stream().collect(Collectors.groupingBy(f -> f.stepId));
    }
}
