package hingeyard.core.floor;

import hingeyard.core.explain.Ruling;

/** Which way a bike may be moved. The entry of this package. */
public final class FloorRules {

    private static final int SHORTEST_REASON = 4;

    private FloorRules() {
    }

    public static Ruling mayMove(Place from, Place to, JobProgress job) {
        if (from == to && from != Place.STAND) {
            return Ruling.no("It stands at %s already.".formatted(to.label()));
        }
        if (job.running()) {
            return Ruling.no("A step is running on it: finish it or mark it stuck before the bike is moved.");
        }
        if (from == Place.GONE) {
            return Ruling.no("It is with its customer. Book it in again.");
        }
        boolean onwards = to == Place.STAND || to == Place.STRIP || to == Place.RAIL;
        // A kit comes off a cracked frame too.
        if (onwards && !job.comingOff() && !job.condition().allowed()) {
            return job.condition();
        }
        if (to == Place.STRIP && job.comingOff()) {
            return Ruling.no("Its kit is being removed: it gets no power any more.");
        }
        return switch (to) {
            case GATE -> Ruling.no("A bike that came in does not go back to the gate.");
            case RACK -> Ruling.yes();
            case STAND -> job.billed() ? Ruling.yes()
                    : Ruling.no("It has no bill yet: match a kit and make the bill, then its parts are reserved and it can go on a stand.");
            case STRIP -> job.powered() ? Ruling.yes()
                    : Ruling.no("It has had no first power yet: the test strip comes after that step.");
            case RAIL -> job.allFinished() ? Ruling.yes()
                    : Ruling.no("Steps are still open: only a finished and inspected bike hangs on the rail.");
            case GONE -> mayLeave(from, job);
        };
    }

    /** Only the manager hands a bike over or sends it away: papers, keys and what is paid go with it. */
    public static Ruling mayGoAway(Place to, boolean manager) {
        return to != Place.GONE || manager ? Ruling.yes()
                : Ruling.no("The manager hands it over: papers, keys and what is paid go with it.");
    }

    /** Whether it is said why a bike leaves: a finished one is collected, any other leaves with a few words. */
    public static boolean saysWhyItLeaves(Place from, String reason) {
        return from == Place.RAIL || reason.strip().length() >= SHORTEST_REASON;
    }

    private static Ruling mayLeave(Place from, JobProgress job) {
        if (job.comingOff()) {
            return Ruling.no("Its kit is being removed: record the returns and settle the last bill before the bike leaves.");
        }
        if (from == Place.GATE || from == Place.RAIL) {
            return Ruling.yes();
        }
        return job.billed()
                ? Ruling.no("It has a bill and is not finished: take the bill back first, or finish it and hang it on the rail.")
                : Ruling.yes();
    }
}
