package hingeyard.app.booking;

import hingeyard.core.bike.BikeKind;
import hingeyard.core.booking.CallOff;
import hingeyard.core.booking.JobKind;
import hingeyard.core.booking.JobPriority;
import hingeyard.core.floor.Place;
import java.time.LocalDate;
import java.util.Optional;

/**
 * A job as every view heads it.
 *
 * @param number       the number on the tag
 * @param bike         model and size in one
 * @param frameNumber  as read off the frame at arrival; as said at booking while nobody has read it
 * @param frame        the same as papers say it
 * @param frameDiffers whether what was read is not what was booked
 * @param paint        the frame's colour as {@code #rrggbb}
 * @param need         what the rider needs, in a few words with metric units
 * @param needImperial the same with imperial units
 * @param stand        which stand, while it stands on one
 * @param kitCode      the chosen kit, once its bill is made
 * @param work         the shop's own work where no kit is looked for, by its code
 * @param priority     who comes first when there is not enough for all
 * @param calledOff    empty while the job goes on as agreed
 */
public record JobCard(long number, long bikeId, long customerId, BikeKind kind, String kindLabel, String bike, String model, String size,
        String frameNumber, String frame, boolean frameDiffers, String paint,
        String customer, String contact, JobKind jobKind, String jobKindLabel, String wish, String need, String needImperial,
        LocalDate arrivesOn, Place place, Optional<Integer> stand, Optional<String> kitCode, Optional<String> work, JobPriority priority,
        Optional<CallOff> calledOff) {
}
