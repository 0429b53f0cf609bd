package hingeyard.app.customer;

import hingeyard.core.bike.BikeKind;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;

/**
 * What a bike is, as it was taken down.
 *
 * @param model maker and model
 * @param paint the frame's colour as {@code #rrggbb}
 */
public record BikeDetails(
        @NotNull(message = "one of the kinds offered") BikeKind kind,
        @NotBlank(message = "maker and model, 1 to 120 letters") @Size(max = 120, message = "at most 120 letters") String model,
        @NotNull(message = "the frame's size, or empty") @Size(max = 40, message = "at most 40 letters") String size,
        @NotNull(message = "the frame number, or empty when there is none") @Size(max = 60, message = "at most 60 letters") String frameNumber,
        @NotNull(message = "a colour") @Pattern(regexp = "#[0-9a-fA-F]{6}", message = "a colour as #rrggbb") String paint) {

    /** Model and size in one. */
    public String text() {
        return (model + " " + size).strip();
    }
}
