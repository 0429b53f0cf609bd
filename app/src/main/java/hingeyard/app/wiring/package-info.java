/** Constructs the core's entries and the few things every feature shares. */
package hingeyard.app.wiring;
