package hingeyard.app.booking;

import hingeyard.app.customer.BikeDetails;
import hingeyard.app.customer.CustomerDetails;
import hingeyard.app.problem.FurtherFaults;
import hingeyard.core.booking.JobKind;
import hingeyard.core.booking.LegalClass;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.booking.NeedWish;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A booking as it stands, and as it is to stand.
 *
 * @param version         what its writer saw of the job: a change made meanwhile by somebody else is not written over
 * @param customerVersion the same of the customer
 * @param bikeVersion     the same of the bike
 */
public record BookingChange(
        int version,
        int customerVersion,
        @NotNull(message = "the customer") @Valid CustomerDetails customer,
        int bikeVersion,
        @NotNull(message = "the bike") @Valid BikeDetails bike,
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
