/** The check of a bike that has arrived, and what was agreed with its customer. {@link hingeyard.app.arrival.Arrivals} is the door. */
package hingeyard.app.arrival;
