/**
 * The kit check: a box opened and ticked against its contents, numbers written down, the kit run on the bench before the bike is touched.
 */
package hingeyard.app.receiving;
