package hingeyard.formats;

import hingeyard.core.bike.BikeDrawing;
import hingeyard.core.commission.Setting;
import hingeyard.core.install.Step;
import java.time.LocalDate;
import java.util.List;

/**
 * What the papers of a job tell.
 *
 * @param bikeLines   what tells this bike from others
 * @param on          the day of the paper
 * @param steps       every step and where it stands
 * @param settings    the display's pages; hidden ones only go on the customer's guide
 * @param consents    trade-offs that were consented to
 * @param handedBack  parts the customer gets back
 * @param serials     numbers of motor, battery, display
 * @param range       the range that was promised, with what it supposes; empty where none was
 * @param nextCheck   the day the bike is wanted back
 * @param nextCheckKm or after so many kilometres
 */
public record JobPaper(long job, String customer, List<String> bikeLines, String kitName, BikeDrawing drawing, String paint, LocalDate on, List<Done> steps, List<Setting> settings,
                       List<String> consents, List<String> handedBack, List<String> serials, List<String> range, LocalDate nextCheck, int nextCheckKm) {

    /**
     * @param state   where it stands, in a word; empty while it is open
     * @param who     who did it and who inspected it
     * @param figures figures as they were recorded
     */
    public record Done(Step step, String state, String who, List<String> figures) {
    }
}
