/**
 * What lies in the drawers, as the core needs it.
 *
 * <p><b>Input.</b> Parts with what they are used as ({@code UsedAs}), their dimensions and how many are free: on hand less what other jobs
 * hold.
 *
 * <p><b>Answer.</b> {@link hingeyard.core.stock.Drawers}: the parts of one use, and which uses a match asked for, so that it is known what
 * it rests on; {@code Promises}: who gets what there is.
 *
 * <p><b>Limits.</b> A part has one use. Which piece of several alike is taken does not matter, unless it has a number of its own.
 */
package hingeyard.core.stock;
