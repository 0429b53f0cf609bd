package hingeyard.app.photo;

import java.time.Instant;
import java.util.Optional;

/**
 * A picture, without its bytes.
 *
 * @param subject what it shows: {@code bike}, {@code side}, or {@code condition.} and a point of the arrival check
 * @param marked  whether marks for measuring were set in it
 * @param struck  who struck it out and why; it stays to be seen, and counts for nothing
 */
public record PhotoCard(long id, long job, String subject, String caption, int width, int height, boolean marked, String by, Instant at,
        Optional<StruckOut> struck) {

    public record StruckOut(String by, String reason, Instant at) {
    }
}
