package hingeyard.benchmarks;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import hingeyard.core.people.Skill;
import hingeyard.core.people.SkillGrade;
import hingeyard.core.plan.Leg;
import hingeyard.core.plan.LegPlace;
import hingeyard.core.plan.PlacedLeg;
import hingeyard.core.plan.Plan;
import hingeyard.core.plan.PlanJob;
import hingeyard.core.plan.PlanQuestion;
import hingeyard.core.plan.Wait;
import hingeyard.core.plan.Worker;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How good a plan can be at the best, proven by an exact solver that knows nothing of the planner. It is asked an easier question, so that
 * whatever it proves holds for the real one: nobody waits for a second person, and any stand is as good as any other. Closed days are cut
 * out of time. For shops without bikes on stands and without legs longer than a day.
 */
final class PlanBound {

    private static final int DAY = 1_440;
    private static final int OPEN_DAYS = 60;
    private static final int LEARNERS_SHARE = 125;

    /** @param best what the solver itself found; @param bound less than that there is none */
    record Proven(long best, long bound) {
    }

    private final PlanQuestion question;
    private final List<LocalDate> days;
    private final CpModel model = new CpModel();
    private final Map<Long, IntVar> ends = new HashMap<>();
    private final Map<Long, IntVar> late = new HashMap<>();

    private PlanBound(PlanQuestion question) {
        this.question = question;
        LocalDate first = question.now().toLocalDate();
        this.days = first.datesUntil(first.plusDays(OPEN_DAYS * 3L)).filter(question.days()::isOpen).limit(OPEN_DAYS).toList();
    }

    /** The least weighted open days behind the promised ones. */
    static Proven lateness(PlanQuestion question, Plan hint, double seconds) {
        Loader.loadNativeLibraries();
        PlanBound bound = new PlanBound(question);
        bound.build(hint);
        LinearExprBuilder sum = LinearExpr.newBuilder();
        question.jobs().forEach(j -> sum.addTerm(bound.late.get(j.number()), weight(j)));
        bound.model.minimize(sum);
        return bound.solved(seconds);
    }

    /** The least sum of the moments at which jobs are finished, in minutes of open days, each counted by half its weight. */
    static Proven finish(PlanQuestion question, Plan hint, double seconds) {
        Loader.loadNativeLibraries();
        PlanBound bound = new PlanBound(question);
        bound.build(hint);
        LinearExprBuilder sum = LinearExpr.newBuilder();
        question.jobs().forEach(j -> sum.addTerm(bound.ends.get(j.number()), weight(j)));
        bound.model.minimize(sum);
        Proven twice = bound.solved(seconds);
        return new Proven(twice.best / 2, twice.bound / 2);
    }

    /** The same of a plan. */
    static long finishOf(PlanQuestion question, Plan plan) {
        PlanBound bound = new PlanBound(question);
        Map<Long, LocalDateTime> finishes = plan.finishes();
        return question.jobs().stream().mapToLong(j -> (long) weight(j) * bound.minute(finishes.get(j.number()))).sum() / 2;
    }

    private static int weight(PlanJob job) {
        return switch (job.priority()) {
            case FIRST -> 4;
            case USUAL -> 2;
            case CAN_WAIT -> 1;
        };
    }

    private Proven solved(double seconds) {
        CpSolver solver = new CpSolver();
        solver.getParameters().setMaxTimeInSeconds(seconds).setNumWorkers(Integer.getInteger("bound.threads", 2)).setRandomSeed(1);
        CpSolverStatus status = solver.solve(model);
        if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
            throw new IllegalStateException(status.name());
        }
        return new Proven(Math.round(solver.objectiveValue()), (long) Math.ceil(solver.bestObjectiveBound() - 1e-6));
    }

    /** Minutes of open days until then; on a closed day, until the next opens. */
    private int minute(LocalDateTime at) {
        LocalDate day = at.toLocalDate();
        for (int i = 0; i < days.size(); i++) {
            if (!days.get(i).isBefore(day)) {
                return i * DAY + (days.get(i).equals(day) ? at.toLocalTime().toSecondOfDay() / 60 : 0);
            }
        }
        return days.size() * DAY;
    }

    private void build(Plan hint) {
        int end = days.size() * DAY;
        Map<Worker, List<IntervalVar>> busy = new HashMap<>();
        for (Worker worker : question.workers()) {
            List<IntervalVar> away = new ArrayList<>();
            int from = 0;
            for (int i = 0; i < days.size(); i++) {
                var span = worker.on(days.get(i)) ? worker.hours().days().get(days.get(i).getDayOfWeek()) : null;
                if (span != null) {
                    int in = i * DAY + span.from().toSecondOfDay() / 60;
                    away.add(model.newFixedInterval(from, in - from, ""));
                    from = i * DAY + span.to().toSecondOfDay() / 60;
                }
            }
            away.add(model.newFixedInterval(from, end - from, ""));
            busy.put(worker, away);
        }
        CumulativeConstraint stands = model.addCumulative(question.stands().size());
        for (PlanJob job : question.jobs()) {
            job(job, hint, end, busy, stands);
        }
        busy.values().forEach(model::addNoOverlap);
    }

    private void job(PlanJob job, Plan hint, int end, Map<Worker, List<IntervalVar>> busy, CumulativeConstraint stands) {
        IntVar before = null;
        IntVar stay = null;
        IntVar last = null;
        List<PlacedLeg> hinted = hint.of(job.number());
        for (Leg leg : job.legs()) {
            int ready = Math.max(minute(question.now()), leg.waits().stream().map(Wait::until).mapToInt(this::minute).max().orElse(0));
            IntVar start = model.newIntVar(ready, end, "");
            IntVar done = model.newIntVar(ready, end, "");
            PlacedLeg placed = hinted.get(leg.ordinal());
            model.addHint(start, minute(placed.start()));
            model.addHint(done, minute(placed.end()));
            if (before != null) {
                model.addGreaterOrEqual(start, before);
            }
            List<BoolVar> by = new ArrayList<>();
            for (Worker worker : question.workers()) {
                if (!worker.does() || leg.skills().stream().anyMatch(s -> worker.skills().grade(s).isEmpty())) {
                    continue;
                }
                boolean learns = leg.skills().stream().anyMatch((Skill s) -> worker.skills().grade(s).filter(SkillGrade.LEARNING::equals)
                        .isPresent());
                int takes = learns ? Math.max(leg.minutes(), (leg.minutes() * LEARNERS_SHARE + 99) / 100) : leg.minutes();
                BoolVar does = model.newBoolVar("");
                model.addHint(does, placed.person().equals(worker.name()) ? 1 : 0);
                busy.get(worker).add(model.newOptionalIntervalVar(start, LinearExpr.constant(takes), done, does, ""));
                by.add(does);
            }
            model.addExactlyOne(by.toArray(BoolVar[]::new));
            boolean breaks = leg.place() == LegPlace.STRIP || last != null && leg.waits().stream().anyMatch(w -> w.until()
                    .isAfter(question.now()));
            if (breaks && stay != null) {
                stands.addDemand(interval(stay, last, end), 1);
                stay = null;
                last = null;
            }
            if (leg.place() == LegPlace.STAND) {
                stay = stay == null ? start : stay;
                last = done;
            }
            before = done;
        }
        if (stay != null) {
            stands.addDemand(interval(stay, last, end), 1);
        }
        ends.put(job.number(), before);
        IntVar days = model.newIntVar(0, OPEN_DAYS, "");
        late.put(job.number(), days);
        job.promised().ifPresent(promised -> {
            int due = (int) this.days.stream().filter(d -> !d.isAfter(promised)).count();
            model.addLessOrEqual(ends.get(job.number()), LinearExpr.affine(days, DAY, (long) due * DAY));
        });
    }

    private IntervalVar interval(IntVar from, IntVar to, int end) {
        return model.newIntervalVar(from, model.newIntVar(0, end, ""), to, "");
    }
}
