/**
 * One hidden class for each check, and the catalogue that lists them.
 *
 * <p><b>Input.</b> A {@link hingeyard.core.fit.FitCase}. A check names the measures it needs and what of the kit's sheet it rests on; what
 * is missing of either is a finding, never a guess.
 *
 * <p><b>Answer.</b> One {@link hingeyard.core.explain.Finding}: verdict, margin, figures with their origin, sentence, remedies with part,
 * count, role and minutes.
 *
 * <p><b>Method.</b> Each says its formula in its own words. What several checks of one bracket or axle share is planned once, for all of
 * them together: {@code BracketPlan} (spacers, chainline, tooth plate, cranks) and
 * {@code HubPlan} (washers, cogs, rim, rotor, arms). Limits are decided by what sort they are ({@link hingeyard.core.explain.LimitKind}).
 *
 * <p><b>Limits.</b> Screening before a bench: the maker's word and a dry fit stand above it. A new check is one class, its rows in a case
 * table and one line in
 * {@link hingeyard.core.fit.checks.FitCheckCatalogue}; a test fails when either is missing.
 */
package hingeyard.core.fit.checks;
