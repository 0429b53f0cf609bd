/** Tablets on the wall: which the shop knows, at which stand each hangs, and letting one go that was lost. */
package hingeyard.app.tablet;
