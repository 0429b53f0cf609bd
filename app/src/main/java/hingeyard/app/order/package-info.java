/**
 * Orders to suppliers: proposed, sent, answered, received; and when jobs get what they wait for. {@link hingeyard.app.order.Orders} is the
 * door.
 */
package hingeyard.app.order;
