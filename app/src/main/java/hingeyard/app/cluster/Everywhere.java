package hingeyard.app.cluster;

import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.TreeSet;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Makes a lock count on every node of a cluster. Nodes send one another the rows a transaction changed, not those it locked: two that hold
 * the same job on two nodes and change different rows of it would both be let in. Whoever holds something here writes its mark; of two who
 * write the same one at once the second is undone and done again ({@code wiring.Again}), after the first.
 */
@Component
public class Everywhere {

    private static final Logger LOG = LoggerFactory.getLogger(Everywhere.class);

    private final JdbcTemplate jdbc;
    private final boolean cluster;

    Everywhere(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
        // Asked of the database: nobody has to remember to say so.
        this.cluster = jdbc.query("SHOW GLOBAL VARIABLES LIKE 'wsrep_on'", (r, n) -> r.getString(2)).contains("ON");
        if (cluster) {
            LOG.info("the database is a node of a cluster: what is held is held on every node");
        }
    }

    /** @param thing what is held, with its number where there are several, such as {@code job 412}; at most 120 characters */
    @Transactional(propagation = Propagation.MANDATORY)
    public void hold(String thing) {
        hold(List.of(thing));
    }

    /** The same of several, in one order whoever asks. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void hold(Collection<String> things) {
        if (!cluster || things.isEmpty()) {
            return;
        }
        List<String> sorted = List.copyOf(new TreeSet<>(things));
        jdbc.update("INSERT INTO held_everywhere (thing, turns) VALUES " + String.join(",", Collections.nCopies(sorted.size(), "(?, 1)"))
                + " ON DUPLICATE KEY UPDATE turns = turns + 1", sorted.toArray());
    }
}
