/** Customers, their bikes, and the jobs booked for them. {@link hingeyard.app.booking.Jobs} is the door. */
package hingeyard.app.booking;
