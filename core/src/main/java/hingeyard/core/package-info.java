/**
 * The rules and the computation of a conversion shop, without interface, storage or framework.
 *
 * <p>Start at the path of a job through the shop:
 * <ol>
 * <li>{@link hingeyard.core.booking}: what is asked for, and which days are realistic;</li>
 * <li>{@link hingeyard.core.condition}: is the bike worth it, and what stops the job;</li>
 * <li>{@link hingeyard.core.bike}: what the bike measures, and its side elevation to scale
 * ({@link hingeyard.core.photo} measures it from a picture);</li>
 * <li>{@link hingeyard.core.kit}: what a kit's maker publishes;</li>
 * <li>{@link hingeyard.core.fit} and {@link hingeyard.core.fit.checks}: does this kit go on this bike, and with what
 * ({@link hingeyard.core.stack} finds the spacers, {@link hingeyard.core.bay} the battery's place, {@link hingeyard.core.bars} draws the
 * bars);</li>
 * <li>{@link hingeyard.core.match}: this bike against every kit, by what the rider asked ({@link hingeyard.core.bench}: how far it
 * goes);</li>
 * <li>{@link hingeyard.core.bill}: the job's own bill of materials, each line with its reason, and what it costs;</li>
 * <li>{@link hingeyard.core.stock} and {@link hingeyard.core.order}: who gets what there is, and what is bought for whom by when;</li>
 * <li>{@link hingeyard.core.receiving}: the box, held against its list;</li>
 * <li>{@link hingeyard.core.install} and {@link hingeyard.core.install.library}: the steps, their order and their states;</li>
 * <li>{@link hingeyard.core.commission}: settings, tests and what a symptom may come from;</li>
 * <li>{@link hingeyard.core.floor}: where on the shop floor a bike may stand, and what a stand carries.</li>
 * </ol>
 * {@link hingeyard.core.people} says who does which work alone, and who looks at it otherwise; {@link hingeyard.core.rights} who may do
 * what, and why. {@link hingeyard.core.quantity} holds exact quantities,
 * {@link hingeyard.core.explain} the one shape of every
 * explained answer, {@link hingeyard.core.rules} the shop's thresholds with reason and source.
 */
package hingeyard.core;
