/**
 * Buying: {@link hingeyard.core.order.PurchaseNeed} says how many of a part to order and why, {@link hingeyard.core.order.OrderLine} what became of an ordered line from
 * everything that happened to it, {@link hingeyard.core.order.EarliestDates} when each waiting job gets its part at the earliest.
 */
package hingeyard.core.order;
