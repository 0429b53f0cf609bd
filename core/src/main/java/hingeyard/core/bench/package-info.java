/**
 * The calculators technicians reach for; each can be used alone, without a job.
 *
 * <p><b>Input.</b> Values with their units, each within the bounds that its record names: a ride ({@link hingeyard.core.bench.RideInput}),
 * a rotor with the gauge's readings
 * ({@link hingeyard.core.bench.TruingInput}), a wheel and its tyre ({@link hingeyard.core.bench.RollOut}), a wrench with an extension
 * ({@link hingeyard.core.bench.WrenchExtension}).
 *
 * <p><b>Answer.</b> {@link hingeyard.core.bench.RangeBench}: range by rule of thumb and by physics, top speed and climb, with the span that
 * a rider may be told; {@link hingeyard.core.bench.Truing}: which stand-off is shortened by how much, and when no file helps.
 *
 * <p><b>Method.</b> What a kilometre costs by rolling, air, slope and stops, less what the rider gives; the rule of thumb is 9 Wh/km by the
 * root of the whole mass. Both are told, neither is the truth. A tilted plane is found in the
 * readings by least squares; what it does not explain is warp.
 *
 * <p><b>Limits.</b> No weather but a steady wind, no traffic but a number of stops; a battery is worth nine tenths of what its label says.
 */
package hingeyard.core.bench;
