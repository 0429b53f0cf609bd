/**
 * The calculators technicians reach for; each can be used alone, without a job.
 *
 * <p><b>Input.</b> Values with their units, each within the bounds that its record names ({@link hingeyard.core.bench.RideInput}).
 *
 * <p><b>Answer.</b> {@link hingeyard.core.bench.RangeBench}: range by rule of thumb and by physics, top speed and climb, with the span that
 * a rider may be told.
 *
 * <p><b>Method.</b> What a kilometre costs by rolling, air, slope and stops, less what the rider gives; the rule of thumb is 9 Wh/km by the
 * root of the whole mass. Both are told, neither is the truth.
 *
 * <p><b>Limits.</b> No weather but a steady wind, no traffic but a number of stops; a battery is worth nine tenths of what its label says.
 */
package hingeyard.core.bench;
