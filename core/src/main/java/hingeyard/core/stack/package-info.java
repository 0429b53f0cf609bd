/**
 * Choosing spacers, washers and shims from the drawer: one small exact problem.
 *
 * <p><b>Input.</b> Pieces with thickness, tolerance and how many are free; one or two sides; limits, each an interval that a
 * signed sum of the sides' thicknesses must keep; at most so many pieces a side.
 *
 * <p><b>Answer.</b> Every set that keeps all limits and from which nothing can be left out, ranked: inside in the worst case of
 * all tolerances before inside at nominal only; fewer pieces; the kit's own before the drawer's; nearest to the preferred
 * sums; then by piece number, so that equal input gives equal output. When there is none, what to buy or make, or that no
 * thickness at all would do.
 *
 * <p><b>Method.</b> All multisets of each side are listed and joined by binary search on their sums: complete, never greedy.
 */
package hingeyard.core.stack;
