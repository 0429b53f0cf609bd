/**
 * Which leg of which job is done when, by whom and on which stand, and why not earlier. Input: a {@link hingeyard.core.plan.PlanQuestion}
 * (the shop's days, stands, people and special tools, and the jobs with what is left of their steps as {@link hingeyard.core.plan.Leg}s).
 * Answer:
 * {@link hingeyard.core.plan.Planner} gives a {@link hingeyard.core.plan.Plan}; {@link hingeyard.core.plan.Causes} says what keeps a leg
 * from beginning earlier, back to the first reason; {@link hingeyard.core.plan.Helps} plans again with what might help;
 * {@link hingeyard.core.plan.Promises} draws the days that hold four times in five; {@link hingeyard.core.plan.PlanJudge} looks for what
 * is impossible in any plan, without the planner. Method: jobs are put in one after the other, each leg as early as hands, stand and waits
 * allow; the order of the jobs is searched by a fixed number of steps, so that the same question has the same answer. Times are the
 * shop's own, in whole minutes. Limits: a leg is one person's; two people at one bike are not planned.
 */
package hingeyard.core.plan;
