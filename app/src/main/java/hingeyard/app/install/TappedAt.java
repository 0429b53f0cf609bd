package hingeyard.app.install;

import java.time.DateTimeException;
import java.time.Instant;
import java.util.Optional;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** When something was tapped by the tablet's own clock, said by the header {@code Yard-Tapped-At}. */
final class TappedAt {

    private static final String HEADER = "Yard-Tapped-At";

    private TappedAt() {
    }

    /** Nothing where nothing is said, or nothing that is a moment: a tablet with a broken clock still works. */
    static Optional<Instant> asked() {
        if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes asked)) {
            return Optional.empty();
        }
        try {
            return Optional.ofNullable(asked.getRequest().getHeader(HEADER)).map(Instant::parse);
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }
}
