package hingeyard.app.customer;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The jobs of bikes, as far as customers and bikes have to do with them; jobs themselves live elsewhere. */
public interface TheirJobs {

    /**
     * One job, in a line.
     *
     * @param place   where it is: gate, rack, stand, rail or gone
     * @param kitCode the kit of its bill; empty while there is none
     */
    record JobLine(long number, long bikeId, String kind, String wish, LocalDate arrivesOn, String place, Optional<String> kitCode) {
    }

    /** The open job of each of these bikes that has one. */
    Map<Long, Long> open(Collection<Long> bikes);

    /** Every job of these bikes, newest first. */
    List<JobLine> all(Collection<Long> bikes);

    /** The open job of a bike for which a bill is made: what the bill rests on is settled by then. */
    Optional<Long> billed(long bike);

    /** Tells every screen that shows a job of these bikes. */
    void changed(Collection<Long> bikes);
}
