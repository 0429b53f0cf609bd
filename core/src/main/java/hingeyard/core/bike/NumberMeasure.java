package hingeyard.core.bike;

import hingeyard.core.quantity.Scale;
import java.util.List;
import java.util.stream.Stream;

/**
 * A count or a mass.
 *
 * @param scale                      what is counted or weighed
 * @param least,greatest             outside of these a value is refused; in the scale's base unit
 * @param normalLeast,normalGreatest outside of these one is asked whether one is sure; in the scale's base unit
 * @param usual                      the values usually met, ascending; in the scale's base unit
 */
public record NumberMeasure(MeasureHead head, Scale scale, long least, long greatest, long normalLeast, long normalGreatest,
        List<Long> usual) implements Measure {

    public NumberMeasure {
        usual = List.copyOf(usual);
    }

    @Override
    public List<Tool> tools() {
        return Stream.of(tool(), Tool.DATA_SHEET, Tool.ESTIMATE).distinct().toList();
    }

    /** The key alone: a survey is asked for its measures hundreds of times in one match. */
    @Override
    public int hashCode() {
        return head.key().hashCode();
    }
}
