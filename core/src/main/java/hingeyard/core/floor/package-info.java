/**
 * The shop floor: where a bike stands, and which way it may be moved.
 *
 * <p><b>Input.</b> Where a bike is, whether its arrival check stops it, how far its steps are, and who asks.
 *
 * <p><b>Answer.</b> {@link hingeyard.core.floor.FloorRules}: a ruling for each move, with the reason where it may not be.
 *
 * <p><b>Limits.</b> Six stands; a bike leaves unfinished only with a reason.
 */
package hingeyard.core.floor;
