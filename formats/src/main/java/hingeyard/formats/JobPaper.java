package hingeyard.formats;

import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.commission.NextCheck;
import hingeyard.core.commission.Setting;
import hingeyard.core.explain.Exhibit;
import hingeyard.core.install.Step;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What the papers of a job tell.
 *
 * @param head      the shop whose papers they are
 * @param bikeLines what tells this bike from others
 * @param converted whether a kit was fitted; else it was the shop's own work
 * @param on        the day of the paper
 * @param steps     every step and where it stands
 * @param settings  the display's pages; hidden ones only go on the customer's guide
 * @param consents  trade-offs that were consented to
 * @param back      what goes back to the customer
 * @param serials   numbers of motor, battery, display
 * @param range     the range that was promised, with what it supposes; empty where none was
 * @param check     when the bike is wanted again
 */
public record JobPaper(Letterhead head, long job, String customer, List<String> bikeLines, String kitName, boolean converted,
        BikeDrawing drawing,
        String paint, LocalDate on, List<Done> steps, List<Setting> settings,
        List<String> consents, Back back, List<String> serials, List<String> range, NextCheck check) {

    /** The state of a step that the manager left out. */
    public static final String LEFT_OUT = "left out";

    /**
     * @param parts taken off, handed over
     * @param moved the customer's own that stay on the bike, moved over
     * @param keys  whether the kit's keys are on record; their numbers stand on no paper
     */
    public record Back(List<String> parts, List<String> moved, boolean keys) {
    }

    /**
     * @param state   where it stands, in a word; empty while it is open
     * @param who     who did it and who inspected it
     * @param figures figures as they were recorded
     * @param drawing what the step shows; the stand shows the same
     */
    public record Done(Step step, String state, String who, List<String> figures, Optional<Exhibit> drawing) {

        /** What was left out has nothing to check again. */
        boolean leftOut() {
            return state.equals(LEFT_OUT);
        }
    }
}
