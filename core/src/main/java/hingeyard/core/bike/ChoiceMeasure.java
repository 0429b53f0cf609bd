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
public record ChoiceMeasure<E extends Enum<E> & Choice>(String key, String title, WalkStop stop, Tool tool, String how,
                                                        Class<E> type, List<E> options) implements Measure {

    public ChoiceMeasure {
        options = List.copyOf(options);
    }

    static <E extends Enum<E> & Choice> ChoiceMeasure<E> of(String key, String title, WalkStop stop, Tool tool, String how,
                                                            Class<E> type) {
        return new ChoiceMeasure<>(key, title, stop, tool, how, type, List.of(type.getEnumConstants()));
    }

    /** The answer of that code, empty when there is none. */
    public Optional<E> option(String code) {
        return options.stream().filter(o -> o.code().equals(code)).findFirst();
    }

    @Override
    public List<Tool> tools() {
        return List.of(tool, Tool.DATA_SHEET);
    }
}
