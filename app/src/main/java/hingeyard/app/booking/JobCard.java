package hingeyard.app.booking;

import hingeyard.core.bike.BikeKind;
import hingeyard.core.floor.Place;
import java.time.LocalDate;
import java.util.Optional;

/**
 * A job as every view heads it.
 *
 * @param number the number on the tag
 * @param paint  the frame's colour as {@code #rrggbb}
 * @param stand  which stand, while it stands on one
 * @param kitCode the chosen kit, once its bill is made
 */
public record JobCard(long number, long bikeId, BikeKind kind, String kindLabel, String bike, String frameNumber, String paint,
                      String customer, String contact, String wish, int dailyKm, LocalDate arrivesOn, Place place,
                      Optional<Integer> stand, Optional<String> kitCode) {
}
