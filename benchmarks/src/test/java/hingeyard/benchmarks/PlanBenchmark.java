package hingeyard.benchmarks;

import hingeyard.core.plan.Causes;
import hingeyard.core.plan.Helps;
import hingeyard.core.plan.Plan;
import hingeyard.core.plan.PlanQuestion;
import hingeyard.core.plan.Planner;
import hingeyard.core.plan.Promises;
import hingeyard.core.plan.RandomShops;
import hingeyard.core.plan.Spread;
import hingeyard.core.plan.Worth;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** A shop's three weeks: how long a plan takes, and what it is worth beside a foreman's who takes whatever comes first. */
@EnabledIfSystemProperty(named = "bench", matches = "true")
class PlanBenchmark {

    private static final int SHOPS = 10;

    @Test
    void sixtyJobs() {
        Planner.plan(new RandomShops(1).soundShop(8, 6, 60), Planner.QUICK);
        for (int steps : List.of(0, Planner.QUICK, 1_000, Planner.THOROUGH, 30_000)) {
            long late = 0;
            long effort = 0;
            long foremanLate = 0;
            long foremanEffort = 0;
            long nanos = 0;
            for (int seed = 0; seed < SHOPS; seed++) {
                PlanQuestion question = new RandomShops(100 + seed).busyShop(8, 6, 60);
                Worth foreman = Planner.firstComeFirstServed(question).worth();
                long from = System.nanoTime();
                Worth worth = Planner.plan(question, steps).worth();
                nanos += System.nanoTime() - from;
                late += worth.late();
                effort += worth.effort();
                foremanLate += foreman.late();
                foremanEffort += foreman.effort();
            }
            System.out.printf("60 jobs, %d orders tried: %.2f s; late %d (foreman %d), effort %.2f of the foreman's%n", steps,
                    nanos / 1e9 / SHOPS,
                    late, foremanLate, (double) effort / foremanEffort);
        }
    }

    /** Beside what an exact solver proves in so many seconds for each shop ({@code -Dbound=300}); left out where none are given. */
    @Test
    @EnabledIfSystemProperty(named = "bound", matches = "[1-9]\\d*")
    void besideTheProvenBound() {
        int seconds = Integer.getInteger("bound");
        long late = 0;
        long proven = 0;
        long best = 0;
        for (int seed = 0; seed < SHOPS; seed++) {
            PlanQuestion question = new RandomShops(100 + seed).busyShop(8, 6, 60);
            Plan plan = Planner.plan(question, Planner.affordable(60, Planner.THOROUGH));
            PlanBound.Proven bound = PlanBound.lateness(question, Planner.plan(question, Planner.THOROUGH), seconds);
            System.out.printf("shop %d: late %d; the solver found %d, and there is none below %d%n", seed, plan.worth().late(),
                    bound.best(), bound.bound());
            late += plan.worth().late();
            best += bound.best();
            proven += bound.bound();
        }
        System.out.printf("all: late %d; the solver found %d, and there is none below %d%n", late, best, proven);
        PlanQuestion question = new RandomShops(100).busyShop(8, 6, 60);
        Plan plan = Planner.plan(question, Planner.affordable(60, Planner.THOROUGH));
        PlanBound.Proven finish = PlanBound.finish(question, plan, seconds);
        System.out.printf("moments of finishing, weighted, of the first: %d; the solver found %d, and there is none below %d%n",
                PlanBound.finishOf(question, plan), finish.best(), finish.bound());
    }

    @Test
    void whatIsAskedOfAPlan() {
        PlanQuestion question = new RandomShops(101).busyShop(8, 6, 60);
        Plan plan = Planner.plan(question, Planner.THOROUGH);
        long job = plan.finishes().keySet().iterator().next();
        for (int round = 0; round < 5; round++) {
            long from = System.nanoTime();
            Planner.again(question, plan, Planner.QUICK);
            long again = System.nanoTime();
            Promises.of(question, plan, Spread.USUAL);
            long promises = System.nanoTime();
            var chains = plan.of(job).stream().map(l -> Causes.of(question, plan, job, l.leg().ordinal())).toList();
            long causes = System.nanoTime();
            int helps = Helps.of(question, plan, job, chains).size();
            System.out.printf("again %.0f ms, promises for all %.0f ms, causes of one job %.0f ms, %d helps %.0f ms%n",
                    (again - from) / 1e6,
                    (promises - again) / 1e6, (causes - promises) / 1e6, helps, (System.nanoTime() - causes) / 1e6);
        }
    }

    @Test
    void fiveHundredJobs() {
        PlanQuestion question = new RandomShops(7).busyShop(20, 20, 500);
        long from = System.nanoTime();
        Plan plan = Planner.plan(question, 16);
        System.out.printf("500 jobs, 16 orders tried: %.1f s, %d legs, %d not planned%n", (System.nanoTime() - from) / 1e9,
                plan.legs().size(),
                plan.unplanned().size());
    }
}
