package hingeyard.app.booking;

import hingeyard.app.customer.BikeDetails;
import hingeyard.app.customer.CustomerDetails;
import hingeyard.app.problem.FurtherFaults;
import hingeyard.core.booking.JobKind;
import hingeyard.core.booking.LegalClass;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.booking.NeedWish;
import hingeyard.core.booking.RefusedNeedException;
import hingeyard.core.booking.RiderNeed;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What is taken down when a bike is booked in.
 *
 * @param customerId  the known customer, when one was chosen
 * @param customer    as it is written down now
 * @param newCustomer whether somebody who looks like a known customer is a new one all the same
 * @param bikeId      the known bike, when one was chosen
 * @param bike        as it is written down now
 * @param need        amounts as they were said, by what they are of; absent or blank where nothing was said
 */
public record Booking(
        @NotNull(message = "a customer's id, or nothing") Optional<Long> customerId,
        @NotNull(message = "the customer") @Valid CustomerDetails customer,
        boolean newCustomer,
        @NotNull(message = "a bike's id, or nothing") Optional<Long> bikeId,
        @NotNull(message = "the bike") @Valid BikeDetails bike,
        @NotNull(message = "one of the jobs offered") JobKind jobKind,
        @NotNull(message = "what the rider wants, or empty") @Size(max = 400, message = "at most 400 letters") String wish,
        @NotNull(message = "amounts, may be empty") Map<NeedAmount, @Size(max = 30, message = "at most 30 letters") String> need,
        @NotNull(message = "wishes, may be empty") Set<NeedWish> wishes,
        @NotNull(message = "one of the classes offered") LegalClass legalClass,
        @NotNull(message = "a date") LocalDate arrivesOn) implements FurtherFaults {

    @Override
    public List<Fault> furtherFaults() {
        return needFaults(need);
    }

    /** What of a need cannot be, by field. */
    static List<Fault> needFaults(Map<NeedAmount, String> need) {
        try {
            RiderNeed.read(need == null ? Map.of() : need, Set.of(), LegalClass.OPEN);
            return List.of();
        } catch (RefusedNeedException e) {
            return e.faults().entrySet().stream().map(f -> new Fault("need." + f.getKey().name(), e.said().get(f.getKey()), f.getValue()))
                    .toList();
        }
    }
}
