package hingeyard.formats;

import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.bill.Bill;
import hingeyard.core.bill.Charges;
import hingeyard.core.bill.Signature;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * A job's bill, or the quote that is to become one, as it leaves the shop.
 *
 * @param job        the job's number
 * @param title      for example {@code Quote 2} or {@code Bill of materials, revision A}
 * @param kitName    the chosen kit
 * @param bikeLines  bike, frame number, need, one line each
 * @param drawing    the bike with the kit
 * @param paint      the frame's colour, {@code #rrggbb}
 * @param on         the day it was made
 * @param by         who made it
 * @param agreedBy   who agreed to it; empty for a quote
 * @param signature  their name as they drew it on a screen, where they did
 * @param validUntil the last day a quote stands
 * @param ready      when it would be ready, as the customer reads it; blank where that is not known
 * @param changes    what is other than in the revision before, a sentence each
 */
public record BillFile(long job, String title, String customer, String kitName, List<String> bikeLines, BikeDrawing drawing, String paint,
        LocalDate on, String by, String agreedBy, Optional<Signature> signature,
        Optional<LocalDate> validUntil, String ready, List<String> changes, Bill bill, Charges charges) {
}
