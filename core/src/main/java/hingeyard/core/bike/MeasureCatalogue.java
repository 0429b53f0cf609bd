package hingeyard.core.bike;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Every measure a survey can hold, in walking order. A new measure is one constant and its name in its stop's list. */
public final class MeasureCatalogue {

    private static final List<Measure> ALL = Stream
            .of(RearMeasures.all(), BracketMeasures.all(), TriangleMeasures.all(), FrontMeasures.all(),
                    CockpitMeasures.all(), WholeMeasures.all())
            .flatMap(List::stream).toList();
    private static final Map<String, Measure> BY_KEY = ALL.stream()
            .collect(Collectors.toUnmodifiableMap(Measure::key, Function.identity()));

    private MeasureCatalogue() {
    }

    /** In walking order. */
    public static List<Measure> all() {
        return ALL;
    }

    /** Those that a bike of this kind has, in walking order. */
    public static List<Measure> of(BikeKind kind) {
        return ALL.stream().filter(m -> m.concerns(kind)).toList();
    }

    public static Optional<Measure> find(String key) {
        return Optional.ofNullable(BY_KEY.get(key));
    }
}
