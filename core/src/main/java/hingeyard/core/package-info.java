/**
 * The rules and the computation of a conversion shop, without interface, storage or framework.
 *
 * <p>Start at the path of a job through the shop:
 * <ol>
 *   <li>{@link hingeyard.core.booking}: what is asked for, and which days are realistic;</li>
 *   <li>{@link hingeyard.core.condition}: is the bike worth it, and what stops the job;</li>
 *   <li>{@link hingeyard.core.bike}: what the bike measures, and its side elevation to scale
 *       ({@link hingeyard.core.photo} measures it from a picture);</li>
 *   <li>{@link hingeyard.core.kit}: what a kit's maker publishes;</li>
 *   <li>{@link hingeyard.core.fit}: does this kit go on this bike, and with what
 *       ({@link hingeyard.core.stack} finds the spacers);</li>
 *   <li>{@link hingeyard.core.bill}: the job's own bill of materials, each line with its reason;</li>
 *   <li>{@link hingeyard.core.install}: the steps, their order and their states;</li>
 *   <li>{@link hingeyard.core.floor}: where on the shop floor a bike may stand.</li>
 * </ol>
 * {@link hingeyard.core.quantity} holds exact quantities, {@link hingeyard.core.explain} the one shape of every
 * explained answer, {@link hingeyard.core.rules} the shop's thresholds with reason and source.
 */
package hingeyard.core;
