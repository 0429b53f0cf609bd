package hingeyard.app.bill;

import hingeyard.app.problem.Refused;
import hingeyard.core.bill.Agreement;
import hingeyard.core.explain.Ruling;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;

/**
 * An agreement as the manager writes it down.
 *
 * @param who by name
 * @param on  the day
 * @param way how it was said
 */
public record AgreementGiven(
        @NotBlank(message = "who agreed, 1 to 120 letters") @Size(max = 120, message = "at most 120 letters") String who,
        @NotNull(message = "the day it was agreed on") LocalDate on,
        @NotNull(message = "how: PAPER, PHONE, WRITING or COUNTER") Agreement.Way way) {

    /** @throws Refused for a day on which nobody can have agreed */
    public Agreement read(LocalDate today) {
        Agreement agreement = new Agreement(who.strip(), on, way);
        Ruling ruling = agreement.mayBeOn(today);
        if (!ruling.allowed()) {
            throw Refused.input("agreement.on", on.toString(), ruling.reason());
        }
        return agreement;
    }
}
