/**
 * One bike against every kit, battery and option: {@link hingeyard.core.match.Shortlist} assesses each, says what a manager compares (verdict, days,
 * price, hours, range by both methods, speed, climb, mass) and which rows another is at least as good as in everything. Nothing is hidden behind a score.
 */
package hingeyard.core.match;
