/**
 * The step library: what is to be done, as data.
 *
 * <p><b>Input.</b> Fragments ({@link hingeyard.core.install.library.FragmentText}), each the steps of one kit family, option or remedy with
 * the facts of a job for which they are wanted, and a job's
 * {@link hingeyard.core.install.Work}.
 *
 * <p><b>Answer.</b> {@link hingeyard.core.install.library.StepLibrary}: the steps of the job with torques and windows from the kit's sheet
 * or the shop's table, and their minutes without making them;
 * {@link hingeyard.core.install.library.LibraryLint}: what is wrong with a fragment before anybody works by it, by line.
 *
 * <p><b>Limits.</b> Facts are asked of match, kit and survey only ({@code Fact}); a step has one place in the hard order
 * ({@link hingeyard.core.install.Phase}).
 */
package hingeyard.core.install.library;
