/**
 * What is taken down when a bike is booked in: the kind of job, what the rider needs, and which days are realistic.
 * {@link hingeyard.core.booking.RiderNeed} reads the need as it is said on the phone, {@link hingeyard.core.booking.StandCapacity}
 * says when a bike that comes in would reach a stand, {@link hingeyard.core.booking.Likeness} finds a customer who is known already.
 */
package hingeyard.core.booking;
