/**
 * Opening a shop. Input: what a shop has. Answer: what a first bike would still stop at, and why. Method: one list,
 * {@link hingeyard.core.opening.Missing}, in the order a bike meets it. Limits: whether what is there is enough for a particular bike is
 * said by its match, its bill and its plan.
 */
package hingeyard.core.opening;
