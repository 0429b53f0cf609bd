/**
 * Buying.
 *
 * <p><b>Input.</b> What jobs wait for and by which rank, least stocks, what is on its way, and everything that happened to an ordered line.
 *
 * <p><b>Answer.</b> {@link hingeyard.core.order.PurchaseNeed}: how many of a part to order and why; {@link hingeyard.core.order.OrderLine}:
 * what became of an ordered line;
 * {@link hingeyard.core.order.EarliestDates}: when each waiting job gets its part at the earliest, given out by rank;
 * {@code SupplierRecord}: how a supplier kept his word.
 *
 * <p><b>Limits.</b> Days, not hours; a promise is the supplier's, never ours.
 */
package hingeyard.core.order;
