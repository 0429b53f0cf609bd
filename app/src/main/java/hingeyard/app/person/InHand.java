package hingeyard.app.person;

import java.util.List;

/** Says what somebody has in hand at a bike, for whoever lets them go. */
public interface InHand {

    /** A few words each, such as a step and its job; empty where they may leave. */
    List<String> of(String displayName);
}
