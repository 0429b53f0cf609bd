package hingeyard.core.bike;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hingeyard.core.Given;
import hingeyard.core.quantity.Units;
import java.lang.reflect.Method;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The measures themselves, their tools and their choices. */
class MeasuresTest {

    /** Whatever an end calls a measure is a measure of that end, and the same at both. */
    @Test
    void bothEndsHaveTheSameMeasures() throws ReflectiveOperationException {
        Map<String, String> front = keys(WheelEnd.FRONT);
        Map<String, String> rear = keys(WheelEnd.REAR);
        assertThat(front.values()).allMatch(k -> k.startsWith("front.")).doesNotHaveDuplicates().hasSize(22);
        assertThat(rear.values()).allMatch(k -> k.startsWith("rear.")).doesNotHaveDuplicates();
        // Two that are called otherwise: a fork has blades, a frame stays.
        Set<String> otherwise = Set.of("material", "step");
        front.forEach((method, key) -> assertThat(otherwise.contains(method) || rear.get(method).substring(5).equals(key.substring(6)))
                .as(method + ": " + key + ", " + rear.get(method)).isTrue());
        assertThat(List.of(WheelEnd.FRONT.label(), WheelEnd.FRONT.holder(), WheelEnd.REAR.label(), WheelEnd.REAR.holder()))
                .containsExactly("front", "fork", "rear", "frame");
        assertThat(List.of(front.get("material"), rear.get("material"), front.get("step"), rear.get("step")))
                .containsExactly("front.fork-material", "rear.dropout-material", "front.blade-step", "rear.stay-step");
    }

    private static Map<String, String> keys(WheelEnd end) throws ReflectiveOperationException {
        Map<String, String> keys = new TreeMap<>();
        for (Method method : WheelEnd.class.getMethods()) {
            if (Measure.class.isAssignableFrom(method.getReturnType()) && method.getParameterCount() == 0) {
                keys.put(method.getName(), ((Measure) method.invoke(end)).key());
            }
        }
        return keys;
    }

    @Test
    void everyMeasureIsFoundByItsKeyAndSaysHow() {
        assertThat(MeasureCatalogue.all()).hasSizeGreaterThan(120).allSatisfy(m -> {
            assertThat(MeasureCatalogue.find(m.key())).contains(m);
            assertThat(m.title()).isNotBlank();
            assertThat(m.how()).isNotBlank();
            assertThat(m.tools()).contains(m.tool());
            assertThat(m.stop().label()).isNotBlank();
            assertThat(m.hashCode()).isEqualTo(m.key().hashCode());
        });
        assertThat(MeasureCatalogue.find("no.such")).isEmpty();
        for (BikeKind kind : BikeKind.values()) {
            List<Measure> of = MeasureCatalogue.of(kind);
            assertThat(of).isEqualTo(MeasureCatalogue.all().stream().filter(m -> m.concerns(kind)).toList()).isNotEmpty();
        }
        assertThat(MeasureCatalogue.of(BikeKind.BARE_FRAME)).hasSizeLessThan(MeasureCatalogue.all().size());
    }

    @Test
    void everyChoiceHasALabelAndACodeOfItsOwn() {
        MeasureCatalogue.all().stream().filter(ChoiceMeasure.class::isInstance).map(m -> (ChoiceMeasure<?>) m).forEach(m -> {
            assertThat(m.options()).extracting(o -> ((Choice) o).label()).as(m.key()).allMatch(l -> !l.isBlank()).doesNotHaveDuplicates();
            m.options().forEach(
                    o -> assertThat(m.option(((Choice) o).code())).as(m.key()).hasValueSatisfying(found -> assertThat(found).isSameAs(o)));
            assertThat(m.option("no-such")).isEmpty();
        });
        assertThat(BikeKind.values()).allMatch(k -> !k.label().isBlank());
    }

    @ParameterizedTest
    @EnumSource(Tool.class)
    void aToolIsKnownByItsCode(Tool tool) {
        assertThat(Tool.ofCode(tool.code())).contains(tool);
        assertThat(tool.code()).isEqualTo(tool.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'));
        assertThat(tool.countsForVerdicts()).isEqualTo(tool != Tool.OTHER_BIKE);
        assertThat(tool.mayReplace(tool)).isTrue();
    }

    @Test
    void aToolThatNobodyHas() {
        assertThat(Tool.ofCode("laser")).isEmpty();
        assertThat(Tool.ESTIMATE.mayReplace(Tool.TAPE)).isFalse();
        assertThat(Tool.TAPE.mayReplace(Tool.ESTIMATE)).isTrue();
    }

    /** With the digits of the tool that took it, in either unit. */
    @ParameterizedTest
    @CsvSource({"bracket.shell-width=73@CALIPER, 73.0 mm, 2.874 in, '± 0.1 mm, caliper', '± 0.004 in, caliper'",
        "triangle.down-tube=640@TAPE, 640 mm, 25 13/64 in, '± 1 mm, tape', '± 0.039 in, tape'",
        "rear.bead-seat=622@LOOK, 622 mm, 622 mm, by eye, by eye",
        "rear.chainstay=441.5@ESTIMATE, 441.5 mm, 17.382 in, '± 5 mm, estimated', '± 0.197 in, estimated'"})
    void aReadingIsToldAsItsToolReads(String said, String metric, String imperial, String quality, String inInches) {
        Reading.OfLength reading = (Reading.OfLength) Given.survey(said).readings().iterator().next();
        assertThat(List.of(reading.text(), reading.text(Units.METRIC), reading.text(Units.IMPERIAL), reading.quality(),
                reading.quality(Units.IMPERIAL))).containsExactly(metric, metric, imperial, quality, inInches);
    }

    @Test
    void countsAndPropertiesReadTheSameInBothUnits() {
        for (String said : List.of("rear.cogs=9", "front.brake-kind=rim")) {
            Reading reading = Given.survey(said).readings().iterator().next();
            assertThat(reading.text(Units.IMPERIAL)).isEqualTo(reading.text()).isNotBlank();
        }
    }

    /** Another bike's values wait until somebody confirms them. */
    @Test
    void verdictsRestOnWhatWasTakenHere() {
        Reading other = new Reading.OfLength(BracketMeasures.SHELL_WIDTH, Given.mm("73"), Given.mm("2"), Tool.OTHER_BIKE, "Tova",
                Instant.EPOCH);
        FrameSurvey survey = Given.survey("rear.chainstay=440@TAPE").with(other);
        assertThat(survey.forVerdicts().has(RearMeasures.CHAINSTAY)).isTrue();
        assertThat(survey.forVerdicts().has(BracketMeasures.SHELL_WIDTH)).isFalse();
        FrameSurvey same = Given.survey("rear.chainstay=440@TAPE").with(other);
        assertThat(survey).isEqualTo(same).hasSameHashCodeAs(same).isNotEqualTo(survey.forVerdicts()).isNotEqualTo("survey");
        assertThat(survey.hashCode()).isNotEqualTo(FrameSurvey.empty().hashCode());
    }

    @Test
    void pointsAreAddedAndParted() {
        Point a = new Point(2, 4);
        assertThat(a.towards(new Point(10, -4), 0.25)).isEqualTo(new Point(4, 2));
        assertThat(a.times(2.5)).isEqualTo(new Point(5, 10));
        assertThat(a.distanceTo(new Point(5, 8))).isCloseTo(5, within(1e-9));
        assertThat(Point.direction(90).x()).isCloseTo(0, within(1e-9));
        assertThat(Point.direction(30).y()).isCloseTo(0.5, within(1e-9));
    }

    @Test
    void everyMeasureThatIsDrawnHasItsSketch() {
        assertThat(MeasureCatalogue.all()).allSatisfy(m -> {
            BikeDrawing sketch = MeasureSketches.of(m);
            assertThat(sketch.shapes()).isEqualTo(MeasureSketches.of(m.head().spot().view()).shapes()).isNotEmpty();
            assertThat(sketch.dimensions()).singleElement()
                    .satisfies(d -> assertThat(d.from().equals(d.to())).isEqualTo(m.head().spot().isOneSpot()));
        });
        assertThat(MeasureSketches.of(MeasureSpot.View.SIDE).shapes()).isNotEmpty().noneMatch(s -> s.part().equals("spoke"));
        assertThat(MeasureCatalogue.all().stream().map(m -> m.head().spot().isOneSpot()).distinct()).containsExactlyInAnyOrder(true, false);
        assertThat(Arrays.stream(ShellStandard.values()).map(ShellStandard::label)).doesNotHaveDuplicates().allMatch(l -> !l.isBlank());
        assertThat(Optional.of(ShellStandard.NONE.minorDiameter())).contains(Optional.empty());
    }
}
