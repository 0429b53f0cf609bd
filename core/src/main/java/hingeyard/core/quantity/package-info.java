/**
 * Exact quantities. Lengths are whole micrometres, voltages whole millivolts, torques whole millinewton-metres, so
 * that a sum that meets a limit exactly is seen to meet it. Every quantity prints with its unit.
 *
 * <p>Values are immutable and ordered; arithmetic that would overflow throws {@link java.lang.ArithmeticException}.
 */
package hingeyard.core.quantity;
