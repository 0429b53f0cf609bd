/**
 * Does this kit go on this bike, and with what? {@link hingeyard.core.fit.FitAssessor} runs every check of the catalogue that
 * applies to the kit and collects their findings; it never stops at the first fault, and the report's verdict is its worst
 * finding. A check reads the {@link hingeyard.core.fit.FitCase}: survey, kit, drawers and shop rules; a missing measure
 * gives {@code MEASURE} naming it, never a guess.
 *
 * <p>The checks themselves live in {@link hingeyard.core.fit.checks}.
 */
package hingeyard.core.fit;
