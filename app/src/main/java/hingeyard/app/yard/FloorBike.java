package hingeyard.app.yard;

import hingeyard.app.booking.JobCard;
import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.floor.FloorStanding;
import hingeyard.core.floor.Place;
import java.time.LocalDate;
import java.util.Optional;

/**
 * A bike in its place.
 *
 * @param drawing which drawing shows it: a screen that has this one asks for no other
 */
record FloorBike(OnTag job, String drawing, FloorStanding standing) {

    /** A job as its tag on the floor names it. */
    record OnTag(long number, String kindLabel, String bike, String customer, String paint, LocalDate arrivesOn, Place place,
            Optional<Integer> stand) {

        static OnTag of(JobCard job) {
            return new OnTag(job.number(), job.kindLabel(), job.bike(), job.customer(), job.paint(), job.arrivesOn(), job.place(),
                    job.stand());
        }
    }

    /** @param key tells this drawing from any other */
    record FloorDrawing(long job, String key, BikeDrawing drawing) {
    }
}
