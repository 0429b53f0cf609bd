/**
 * What somebody wants of the shop, before anything is measured.
 *
 * <p><b>Input.</b> The kind of work ({@link hingeyard.core.booking.JobKind}) and what the rider needs
 * ({@link hingeyard.core.booking.RiderNeed}): distance, climb, mass, class, wishes, budget, as they are said.
 *
 * <p><b>Answer.</b> The need in exact quantities or the fault at its field; which kits are looked for at all, or that the work takes none;
 * how long such work usually stands
 * ({@link hingeyard.core.booking.StandCapacity}: which days a bike would reach a stand, from the work that is there).
 *
 * <p><b>Limits.</b> The days are an outlook over all stands alike: who works, with what skill and with which tool does not enter it.
 */
package hingeyard.core.booking;
