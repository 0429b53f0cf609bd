package hingeyard.app.booking;

import hingeyard.app.problem.FurtherFaults;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.booking.JobKind;
import hingeyard.core.booking.LegalClass;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.booking.NeedWish;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A booking as it stands, and as it is to stand.
 *
 * @param version what its writer saw: a change made meanwhile by somebody else is not written over
 */
public record BookingChange(
        int version,
        @NotBlank(message = "the customer's name, 1 to 120 letters") @Size(max = 120, message = "at most 120 letters") String customer,
        @NotBlank(message = "a phone number or mail address") @Size(max = 120, message = "at most 120 letters") String contact,
        @NotNull(message = "one of the kinds offered") BikeKind kind,
        @NotBlank(message = "maker and model, 1 to 120 letters") @Size(max = 120, message = "at most 120 letters") String bike,
        @NotNull(message = "the frame's size, or empty") @Size(max = 40, message = "at most 40 letters") String size,
        @NotNull(message = "the frame number, or empty when there is none") @Size(max = 60, message = "at most 60 letters") String frameNumber,
        @NotNull(message = "a colour") @Pattern(regexp = "#[0-9a-fA-F]{6}", message = "a colour as #rrggbb") String paint,
        @NotNull(message = "one of the jobs offered") JobKind jobKind,
        @NotNull(message = "what the rider wants, or empty") @Size(max = 400, message = "at most 400 letters") String wish,
        @NotNull(message = "amounts, may be empty") Map<NeedAmount, @Size(max = 30, message = "at most 30 letters") String> need,
        @NotNull(message = "wishes, may be empty") Set<NeedWish> wishes,
        @NotNull(message = "one of the classes offered") LegalClass legalClass,
        @NotNull(message = "a date") LocalDate arrivesOn) implements FurtherFaults {

    @Override
    public List<Fault> furtherFaults() {
        return Booking.needFaults(need);
    }
}
