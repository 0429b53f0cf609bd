/**
 * The shop's thresholds and schools of practice, each with its reason, its source and its bounds.
 *
 * <p><b>Input.</b> A {@link hingeyard.core.rules.Rule}: a length, a number, a torque or a school; what the shop set in its place.
 *
 * <p><b>Answer.</b> {@link hingeyard.core.rules.ShopRules}: the value in force, as a figure that names its rule, or the reason why a value
 * is refused.
 *
 * <p><b>Limits.</b> Screening figures: the frame maker's and the kit maker's word and local rules stand above them. Each limit says of what
 * sort it is ({@link hingeyard.core.explain.LimitKind}).
 */
package hingeyard.core.rules;
