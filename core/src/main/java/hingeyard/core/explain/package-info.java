/**
 * The one shape of every explained answer: a {@link hingeyard.core.explain.Finding} of a named check with verdict, margin,
 * the figures it rests on, the sentence derived from them and the remedies. Used by fit, bill and steps alike; whatever
 * renders one finding renders all.
 *
 * <p>A misfit is a finding, never an exception. Success is explained too. Figures say where they came from
 * ({@link hingeyard.core.explain.Origin}).
 */
package hingeyard.core.explain;
