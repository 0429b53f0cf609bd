package hingeyard.core.bike;

import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.List;
import java.util.stream.Stream;

/**
 * A length to be measured.
 *
 * @param possible outside of this a value is refused
 * @param normal   outside of this one is asked whether one is sure
 * @param usual    the values usually met, ascending, offered as one-tap choices
 */
public record LengthMeasure(MeasureHead head, Band possible, Band normal, List<Length> usual) implements Measure {

    public LengthMeasure {
        usual = List.copyOf(usual);
        if (normal.least().isLessThan(possible.least()) || normal.greatest().isMoreThan(possible.greatest())) {
            throw new IllegalArgumentException(head.key() + ": normal " + normal + " reaches beyond possible " + possible);
        }
    }

    @Override
    public List<Tool> tools() {
        return Stream.of(tool(), Tool.CALIPER, Tool.TAPE, Tool.STRING, Tool.DATA_SHEET, Tool.ESTIMATE).distinct().toList();
    }

    /** The key alone: a survey is asked for its measures hundreds of times in one match. */
    @Override
    public int hashCode() {
        return head.key().hashCode();
    }
}
