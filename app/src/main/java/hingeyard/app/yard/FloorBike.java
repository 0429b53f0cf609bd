package hingeyard.app.yard;

import hingeyard.app.booking.JobCard;
import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.floor.FloorStanding;

/**
 * A bike in its place.
 *
 * @param drawing drawn as its standing says: a screen that has it draws anew only when motor or battery turn
 */
record FloorBike(JobCard job, BikeDrawing drawing, FloorStanding standing) {
}
