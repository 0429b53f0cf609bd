package hingeyard.app.reader;

import hingeyard.core.quantity.Units;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** The units in which whoever asks reads lengths: said by the header {@code Yard-Units}, metric where nothing is said. */
public final class ReadIn {

    private static final String HEADER = "Yard-Units";

    private ReadIn() {
    }

    public static Units units() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes asked
                && "imperial".equals(asked.getRequest().getHeader(HEADER)) ? Units.IMPERIAL : Units.METRIC;
    }
}
