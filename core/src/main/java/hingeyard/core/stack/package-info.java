/**
 * Choosing spacers, washers and shims from the drawer: one small exact problem.
 *
 * <p><b>Input.</b> Pieces with thickness, tolerance and how many are free; one or two sides; limits, each an interval that a
 * signed sum of the sides' thicknesses must keep; wishes, each an interval (or several) that it should keep, most important first; at most
 * so many pieces a side;
 * what a piece must be that no drawer holds.
 *
 * <p><b>Answer.</b> The sets that keep all limits, ranked: the wishes in their order, each as well served as can be without serving an
 * earlier one worse; inside
 * in the worst case of all tolerances before inside at nominal only; fewer pieces; the kit's own before the drawer's; nearest to the
 * preferred sums; then by piece
 * number, so that equal input gives equal output. A problem that wants pairs takes the kit's own alike on both sides, and few of the
 * drawer's, before few pieces.
 * When there is no set: the least to buy or make beside what is there, on the side that serves the wishes, and the set that comes of it; or
 * that no thickness at
 * all would do. {@link hingeyard.core.stack.StackAnswer#inPlace()} is what will stand there either way.
 *
 * <p><b>Method.</b> Wishes become limits at the best level that is possible ({@code Wishes}); then counts of pieces are tried from none
 * upwards with those left
 * out whose sums cannot meet ({@code FewestPieces}), or all multisets of both sides are joined by binary search on their sums
 * ({@code PairedPieces}): complete,
 * never greedy. {@link hingeyard.core.stack.StackSolver#solve} lists everything, for tests and lists.
 *
 * <p><b>Limits.</b> One or two sides, at most six pieces a side; wishes and limits are linear in the sums; thicknesses in whole
 * micrometres.
 */
package hingeyard.core.stack;
