package hingeyard.core.bike;

import java.util.List;
import java.util.Optional;

/**
 * A property that is found out, not measured with a scale: a standard, a material.
 *
 * @param <E>     the enum of the possible answers
 * @param type    its class
 * @param options the answers in the order offered
 */
public record ChoiceMeasure<E extends Enum<E> & Choice>(MeasureHead head, Class<E> type, List<E> options) implements Measure {

    public ChoiceMeasure {
        options = List.copyOf(options);
    }

    /** The answer of that code, empty when there is none. */
    public Optional<E> option(String code) {
        return options.stream().filter(o -> o.code().equals(code)).findFirst();
    }

    @Override
    public List<Tool> tools() {
        return List.of(tool(), Tool.DATA_SHEET);
    }

    /** The key alone: a survey is asked for its measures hundreds of times in one match. */
    @Override
    public int hashCode() {
        return head.key().hashCode();
    }
}
