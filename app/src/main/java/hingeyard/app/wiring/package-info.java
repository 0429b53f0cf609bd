/** Constructs the core's entries and the few things every feature shares: the clock, the pages, how requests are read. */
package hingeyard.app.wiring;
