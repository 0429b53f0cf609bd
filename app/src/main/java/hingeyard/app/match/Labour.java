package hingeyard.app.match;

import hingeyard.core.bill.JobBill;
import hingeyard.core.condition.Found;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepPlanner;
import hingeyard.core.install.Work;
import hingeyard.core.match.Costing;
import hingeyard.core.stock.Drawers;
import java.util.List;
import java.util.Set;
import java.util.function.ToLongFunction;

/**
 * What a job's labour is: one figure for shortlist, hinge, quote and bill. Steps as planned, work that was added, and what the arrival
 * check found goes with the job. Whoever keeps the steps answers.
 */
public interface Labour {

    /**
     * Of one job.
     *
     * @param rests what it rests on besides the match: equal where the figures are
     * @param added fragments added to the job
     * @param found how the arrival check found the bike
     */
    record OfJob(StepPlanner planner, Object rests, Set<String> added, List<Found> found) {

        /** Minutes of a match that goes on. */
        public int minutes(FitReport match) {
            return planner.minutes(Work.of(match, added, found)) + found.stream().mapToInt(Found::minutesSpent).sum();
        }

        /** Its steps in their order. */
        public List<Step> plan(FitReport match) {
            return planner.plan(Work.of(match, added, found)).steps();
        }

        /** @param price of a part by its number, hundredths of the shop's money; 0 where nobody named one */
        public Costing costing(Drawers drawers, ToLongFunction<String> price) {
            return new Costing() {

                @Override
                public int minutes(FitReport match) {
                    return OfJob.this.minutes(match);
                }

                @Override
                public long total(FitReport match) {
                    return new JobBill(match, found, planner.steps(Work.of(match, added, found)), drawers).total(price);
                }
            };
        }
    }

    OfJob of(long job);
}
