/** The shop's own network: over TLS to its tablets, and the one page without it that hands out the root they have to know. */
package hingeyard.app.network;
