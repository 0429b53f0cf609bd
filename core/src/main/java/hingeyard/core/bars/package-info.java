/**
 * What sits on the bars, from each end inwards, drawn to scale.
 *
 * <p><b>Input.</b> The order that the bars' check found: pieces of each half with their widths, micrometres, the bar's straight length and
 * how far from its end a lever's clamp may sit.
 *
 * <p><b>Answer.</b> {@link hingeyard.core.bars.BarDrawing}: each piece at its place along the bar, and what is left over. It decides
 * nothing: what goes where is the check's.
 *
 * <p><b>Limits.</b> Straight bars seen from above; a bent bar counts by its straight part.
 */
package hingeyard.core.bars;
