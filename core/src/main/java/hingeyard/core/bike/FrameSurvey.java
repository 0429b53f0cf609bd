package hingeyard.core.bike;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The readings in force on one bike: at most one for each measure, in walking order. */
public final class FrameSurvey {

    private final Map<String, Reading> byKey;

    private FrameSurvey(Map<String, Reading> byKey) {
        this.byKey = byKey;
    }

    public static FrameSurvey empty() {
        return of(List.of());
    }

    /** The last reading of a measure is the one in force. */
    public static FrameSurvey of(Collection<Reading> readings) {
        Map<String, Reading> last = new LinkedHashMap<>();
        readings.forEach(r -> last.put(r.measure().key(), r));
        Map<String, Reading> walked = new LinkedHashMap<>();
        MeasureCatalogue.all().stream().map(Measure::key).filter(last::containsKey).forEach(k -> walked.put(k, last.get(k)));
        return new FrameSurvey(walked);
    }

    /** This survey with one reading put in the place of the one of its measure. */
    public FrameSurvey with(Reading reading) {
        List<Reading> all = new ArrayList<>(byKey.values());
        all.add(reading);
        return of(all);
    }

    public Optional<Reading.OfLength> length(LengthMeasure measure) {
        return Optional.ofNullable((Reading.OfLength) byKey.get(measure.key()));
    }

    /** In the scale's base unit. */
    public Optional<Long> number(NumberMeasure measure) {
        return Optional.ofNullable((Reading.OfNumber) byKey.get(measure.key())).map(Reading.OfNumber::amount);
    }

    public <E extends Enum<E> & Choice> Optional<E> choice(ChoiceMeasure<E> measure) {
        return Optional.ofNullable((Reading.OfChoice) byKey.get(measure.key())).map(r -> measure.type().cast(r.value()));
    }

    public boolean has(Measure measure) {
        return byKey.containsKey(measure.key());
    }

    public Optional<Reading> reading(Measure measure) {
        return Optional.ofNullable(byKey.get(measure.key()));
    }

    /** What verdicts may rest on: without values of another bike that nobody has confirmed here. */
    public FrameSurvey forVerdicts() {
        return of(byKey.values().stream().filter(r -> r.tool().countsForVerdicts()).toList());
    }

    public Collection<Reading> readings() {
        return List.copyOf(byKey.values());
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof FrameSurvey survey && byKey.equals(survey.byKey);
    }

    @Override
    public int hashCode() {
        return byKey.hashCode();
    }
}
