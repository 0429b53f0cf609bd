/** The shop floor: where a bike stands, and which way it may be moved. */
package hingeyard.core.floor;
