/**
 * The steps of a job. {@link hingeyard.core.install.StepPlanner} gathers the fragments of the kit's family and of each remedy,
 * and orders them: steps never name one another, each says which {@link hingeyard.core.install.Milestone}s it needs and
 * reaches. {@link hingeyard.core.install.StepRules} rules what may be started, ticked and inspected, and judges recorded
 * figures against their windows.
 */
package hingeyard.core.install;
