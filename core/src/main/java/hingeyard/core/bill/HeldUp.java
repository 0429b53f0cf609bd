package hingeyard.core.bill;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What keeps a job waiting.
 *
 * @param part    the part that comes last, or the first one that nobody can order yet; empty when every part is there
 * @param readyOn the day the last part is there; empty when nothing is waited for or no day is known
 */
public record HeldUp(String part, Optional<LocalDate> readyOn) {

    /**
     * A line that is still open.
     *
     * @param due        when its part is there; empty while nobody knows
     * @param unnumbered whether it names no part yet, so that it cannot be ordered
     */
    public record Line(String name, Optional<LocalDate> due, boolean unnumbered) {
    }

    /** A part without a number holds a job up whatever the others' days are: nobody knows when it comes. */
    public static HeldUp by(List<Line> lines) {
        Optional<Line> unknown = lines.stream().filter(Line::unnumbered).findFirst();
        if (unknown.isPresent()) {
            return new HeldUp(unknown.get().name, Optional.empty());
        }
        Optional<Line> last = lines.stream().filter(l -> l.due.isPresent()).max(Comparator.comparing(l -> l.due.get()));
        return new HeldUp(last.map(Line::name).orElse(""), last.flatMap(Line::due));
    }
}
