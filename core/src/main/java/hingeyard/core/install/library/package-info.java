/**
 * The step library: what is to be done, as data. A {@link hingeyard.core.install.library.FragmentText} holds the steps of one kit family, option or remedy with the
 * facts of a job for which they are wanted; {@link hingeyard.core.install.library.StepLibrary} makes a job's steps from them, and
 * {@link hingeyard.core.install.library.LibraryLint} finds what is wrong with a fragment before anybody works by it.
 */
package hingeyard.core.install.library;
