/** Matching a bike with kits. {@link hingeyard.app.match.Matches} is the door. */
package hingeyard.app.match;
