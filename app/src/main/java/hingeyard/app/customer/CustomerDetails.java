package hingeyard.app.customer;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;

/** What is known of a customer. */
public record CustomerDetails(
        @NotBlank(message = "the customer's name, 1 to 120 letters") @Size(max = 120, message = "at most 120 letters") String name,
        @NotBlank(message = "a phone number or mail address") @Size(max = 120, message = "at most 120 letters") String contact) {

    /** For those who need not call them. */
    CustomerDetails withoutContact() {
        return new CustomerDetails(name, "");
    }
}
