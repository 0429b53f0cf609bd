/** Whoever reads an answer: in which units. */
package hingeyard.app.reader;
