/**
 * Who may do what. Input: a role and a right. Answer: a ruling with the reason. Method: one table, {@link hingeyard.core.rights.Right}.
 * Limits: whether a thing may be done in the state that a job is in is ruled where the state is known ({@code floor}, {@code bill},
 * {@code install}, {@code condition}), after this; people with several roles are not known yet.
 */
package hingeyard.core.rights;
