package hingeyard.app.install;

import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.Optional;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * When something was tapped by the tablet's own clock, said by the header {@code Yard-Tapped-At}, and by whom, said by
 * {@code Yard-Tapped-By}: what one person tapped is never carried out as the next one who signs in.
 */
final class TappedAt {

    private static final String AT = "Yard-Tapped-At";
    private static final String BY = "Yard-Tapped-By";

    private TappedAt() {
    }

    /** Nothing where nothing is said, or nothing that is a moment: a tablet with a broken clock still works. */
    static Optional<Instant> asked() {
        try {
            return header(AT).map(Instant::parse);
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    /** @throws Refused where somebody else than whoever is signed in tapped it */
    static void byWhoeverIsSignedIn() {
        header(BY).filter(by -> !by.equals(SignedIn.account())).ifPresent(by -> {
            throw Refused
                    .otherHands("'%s' tapped this, and '%s' is signed in: it waits until '%s' signs in on that tablet. Nothing was saved."
                            .formatted(by, SignedIn.account(), by));
        });
    }

    private static Optional<String> header(String name) {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes asked
                ? Optional.ofNullable(asked.getRequest().getHeader(name)) : Optional.empty();
    }
}
