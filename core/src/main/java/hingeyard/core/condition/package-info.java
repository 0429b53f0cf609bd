/**
 * The check of a bike that has arrived, before any kit is discussed: is it worth it, and what has to be done with the job.
 * {@link hingeyard.core.condition.ConditionCatalogue} lists the points by kind of bike and job,
 * {@link hingeyard.core.condition.ConditionRules} says what a point that stops the job stops, and who may lift it.
 */
package hingeyard.core.condition;
