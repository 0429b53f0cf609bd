/**
 * Who may do what. Input: roles and a right. Answer: a ruling with the reason. Method: one table, {@link hingeyard.core.rights.Right};
 * somebody of several roles may what one of them may. Who belongs to the shop, and whether somebody may be paused or let go, is ruled by
 * {@link hingeyard.core.rights.Accounts}.
 * Limits: whether a thing may be done in the state that a job is in is ruled where the state is known ({@code floor}, {@code bill},
 * {@code install}, {@code condition}), after this.
 */
package hingeyard.core.rights;
