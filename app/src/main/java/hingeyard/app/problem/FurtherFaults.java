package hingeyard.app.problem;

import java.util.List;

/** An input that has more to say about itself than its fields' own limits, so that every fault is named at once. */
public interface FurtherFaults {

    /** One field that cannot be as it is. */
    record Fault(String field, String given, String allowed) {
    }

    List<Fault> furtherFaults();
}
