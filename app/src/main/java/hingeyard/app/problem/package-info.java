/** Refusals: which field, what was given, what is allowed, and that nothing was saved; problem+json on the wire. */
package hingeyard.app.problem;
