/** Opening a shop of one's own: its first page, its face, what a first bike would still stop at, and a set to start with. */
package hingeyard.app.opening;
