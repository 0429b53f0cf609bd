/**
 * The check of a bike that has arrived, before any kit is discussed: is it worth it, and what has to be done with the job.
 *
 * <p><b>Input.</b> Points by kind of bike and job ({@link hingeyard.core.condition.ConditionCatalogue}), each graded good, with the job, or
 * a stop, with a word of what was seen.
 *
 * <p><b>Answer.</b> {@link hingeyard.core.condition.ConditionRules}: whether bill, stand and steps may follow, how a point may be graded,
 * and on what ground the manager lifts a stop.
 *
 * <p><b>Limits.</b> A stop is never graded away, by nobody. Where somebody may be hurt it is lifted only once it is mended and looked at
 * again.
 */
package hingeyard.core.condition;
