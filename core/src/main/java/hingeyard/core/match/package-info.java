/**
 * One bike against every kit, battery and option.
 *
 * <p><b>Input.</b> A bike with its survey and its rider's need, the job that was asked for, candidates with price and days, the drawers,
 * the rules.
 *
 * <p><b>Answer.</b> {@link hingeyard.core.match.Shortlist}: a row each with what a manager compares (verdict, days, price, hours, the whole
 * sum, range by both methods, speed, climb, mass), everything the rider asked for as met
 * or not with why, and the row that another is at least as good as in everything. Where nothing goes on: the nearest misses and what would
 * turn each.
 *
 * <p><b>Method.</b> What goes on before what is to be measured before what does not; then by how much of the need is missed, how near it
 * is, and so on as the rider asked. Nothing is hidden behind a score. An earlier
 * answer is used again for every kit whose checks asked for nothing that moved in the drawers.
 */
package hingeyard.core.match;
