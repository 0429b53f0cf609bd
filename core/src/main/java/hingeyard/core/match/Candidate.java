package hingeyard.core.match;

import hingeyard.core.kit.Kit;

/**
 * A kit that may be had.
 *
 * @param boxes      boxes free now
 * @param priceMinor box, and the other battery where one goes with it
 * @param leadDays   days until one comes when none is free
 * @param batteries  other batteries free now; ignored when it goes with its own
 */
public record Candidate(Kit kit, int boxes, long priceMinor, int leadDays, int batteries) {

    /** How many of it could go on a bike now: the lesser of boxes and other batteries. */
    public int free() {
        return kit.otherBattery() ? Math.min(boxes, batteries) : boxes;
    }

    /** Days until everything lies on the bench. */
    public int readyInDays() {
        return free() > 0 ? 0 : leadDays;
    }
}
