package hingeyard.app.booking;

import hingeyard.core.bike.BikeKind;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;

/** What is taken down when a bike is booked in. */
public record Booking(
        @NotBlank(message = "the customer's name, 1 to 120 letters") @Size(max = 120, message = "at most 120 letters") String customer,
        @NotBlank(message = "a phone number or mail address") @Size(max = 120, message = "at most 120 letters") String contact,
        @NotNull(message = "one of the kinds offered") BikeKind kind,
        @NotBlank(message = "maker and model, 1 to 120 letters") @Size(max = 120, message = "at most 120 letters") String bike,
        @NotNull(message = "the frame number, or empty when there is none") @Size(max = 60, message = "at most 60 letters") String frameNumber,
        @NotNull(message = "a colour") @Pattern(regexp = "#[0-9a-fA-F]{6}", message = "a colour as #rrggbb") String paint,
        @NotNull(message = "what the rider wants") @Size(max = 400, message = "at most 400 letters") String wish,
        @Min(value = 0, message = "0 to 300 km a day") @Max(value = 300, message = "0 to 300 km a day") int dailyKm,
        @NotNull(message = "a date") LocalDate arrivesOn) {
}
