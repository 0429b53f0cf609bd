package hingeyard.app.install;

import hingeyard.app.match.Drawn;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What steps know of their job's bill in force: its drawings, its parts, and which of them are mounted. The bill's own package answers. */
public interface BilledParts {

    /** The bill's id; empty while the job has none. */
    Optional<Long> bill(long job);

    /** Drawings of the match, by the id of the check that they show. */
    Map<String, Drawn> drawings(long job);

    /** The parts by role, with their places, as a mechanic reads them. */
    Map<String, List<String>> byRole(long job);

    /** What of it the shop makes, by role. */
    Map<String, List<MadeHere>> madeByRole(long job);

    /** The checks that asked for what is mounted, by role. */
    Map<String, Set<String>> checksByRole(long job);

    /** Names of what is mounted, by the alphabet. */
    List<String> names(long job);

    /** Whether nothing that is mounted in these roles is still to come. */
    boolean onHand(long job, Set<String> roles);

    void markUsed(long job, Set<String> roles);

    void markUnused(long job, Set<String> roles);
}
