package hingeyard.app.bill;

import hingeyard.app.problem.Refused;
import hingeyard.core.bill.Agreement;
import hingeyard.core.bill.Signature;
import hingeyard.core.explain.Ruling;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Optional;

/**
 * An agreement as the manager writes it down.
 *
 * @param who   by name
 * @param on    the day
 * @param way   how it was said
 * @param drawn their name as they drew it, where they did: points {@code x,y} parted by blanks, strokes by semicolons
 */
public record AgreementGiven(
        @NotBlank(message = "who agreed, 1 to 120 letters") @Size(max = 120, message = "at most 120 letters") String who,
        @NotNull(message = "the day it was agreed on") LocalDate on,
        @NotNull(message = "how: PAPER, PHONE, WRITING, COUNTER or DRAWN") Agreement.Way way,
        Optional<@Size(max = Signature.LONGEST, message = "at most 20,000 letters") String> drawn) {

    /** @throws Refused for a day on which nobody can have agreed */
    public Agreement read(LocalDate today) {
        Agreement agreement = agreement();
        Ruling ruling = agreement.mayBeOn(today);
        if (!ruling.allowed()) {
            throw Refused.input("agreement.on", on.toString(), ruling.reason());
        }
        return agreement;
    }

    private Agreement agreement() {
        try {
            return new Agreement(who.strip(), on, way, drawn.filter(d -> !d.isBlank()).map(d -> Signature.read(d.strip())));
        } catch (IllegalArgumentException e) {
            throw Refused.input("agreement.drawn", drawn.isEmpty() ? "nothing" : "what was drawn", e.getMessage());
        }
    }
}
