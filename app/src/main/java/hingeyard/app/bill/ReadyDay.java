package hingeyard.app.bill;

import java.util.Optional;

/** Says when a job will be ready, for whoever offers it to its customer. */
public interface ReadyDay {

    /** As the customer reads it; empty where nothing is left to do or it cannot be planned. */
    Optional<String> ofJob(long number);
}
