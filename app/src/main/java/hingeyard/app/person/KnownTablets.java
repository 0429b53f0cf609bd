package hingeyard.app.person;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;

/** Says whether a request comes from a tablet the shop knows. */
public interface KnownTablets {

    Optional<PairedTablet> of(HttpServletRequest request);
}
