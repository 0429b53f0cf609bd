/**
 * What is kept for a while only: each table's owner says how long ({@link hingeyard.app.keeping.Prunes}), one instance at a time clears it
 * away.
 */
package hingeyard.app.keeping;
