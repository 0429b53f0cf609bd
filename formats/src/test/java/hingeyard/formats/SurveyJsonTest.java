package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.Given;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.ChoiceMeasure;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.core.bike.NumberMeasure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.SurveyConsistency;
import hingeyard.core.bike.Tool;
import hingeyard.core.quantity.Length;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SurveyJsonTest {

    private static final Path PUBLISHED = Path.of("..", "docs", "formats", "survey.schema.json");
    private static final String GOOD = """
            {
              "format": "hinge-yard-survey",
              "version": 1,
              "bike": { "kind": "diamond", "name": "Quay tourer 56" },
              "readings": [
                { "measure": "bracket.shell-width", "value": "2 7/8 in", "tool": "caliper", "by": "Tova", "at": "2026-03-24T09:00:00Z" },
                { "measure": "bracket.standard", "value": "iso", "tool": "look", "by": "Tova", "at": "2026-03-24T09:00:00Z" },
                { "measure": "bike.mass", "value": "32 lb", "tool": "scales", "by": "Ned", "at": "2026-03-24T09:05:00Z" }
              ]
            }
            """;

    @Test
    void readsWhatAPersonWrote() {
        SurveyFile file = SurveyJson.read(GOOD);
        assertThat(file.kind()).isEqualTo(BikeKind.DIAMOND);
        assertThat(file.survey().readings()).extracting(Reading::text).containsExactly("threaded 1.37 in × 24", "73.025 mm", "14.515 kg");
    }

    @Test
    void whatIsWrittenIsReadBackTheSame() {
        Random random = new Random(11);
        for (int turn = 0; turn < 300; turn++) {
            BikeKind kind = BikeKind.values()[random.nextInt(BikeKind.values().length)];
            FrameSurvey survey = FrameSurvey.of(anyReadings(random, kind));
            if (SurveyConsistency.of(survey).isEmpty()) {
                SurveyFile file = new SurveyFile(kind, "Quay \"tourer\" å", "56", "QT-1", survey);
                assertThat(SurveyJson.read(SurveyJson.write(file)).survey().readings()).isEqualTo(survey.readings());
            }
        }
    }

    private static List<Reading> anyReadings(Random random, BikeKind kind) {
        List<Reading> readings = new ArrayList<>();
        for (Measure measure : MeasureCatalogue.of(kind)) {
            if (random.nextInt(6) > 0) {
                continue;
            }
            Tool tool = Tool.values()[random.nextInt(Tool.values().length)];
            if (measure instanceof LengthMeasure l) {
                long least = l.possible().least().micrometres();
                long at = least + (long) (random.nextDouble() * (l.possible().greatest().micrometres() - least));
                readings.add(new Reading.OfLength(l, Length.ofMicrometres(at), Length.ofMicrometres(random.nextInt(9000)), tool, "Tova",
                        Given.TUESDAY));
            } else if (measure instanceof NumberMeasure n) {
                readings.add(
                        new Reading.OfNumber(n, n.least() + random.nextInt((int) (n.greatest() - n.least())), tool, "Ned", Given.TUESDAY));
            } else if (measure instanceof ChoiceMeasure<?> c) {
                readings.add(new Reading.OfChoice(c, (hingeyard.core.bike.Choice) c.options().get(random.nextInt(c.options().size())), tool,
                        "Rian", Given.TUESDAY));
            }
        }
        return readings;
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {
        "2 7/8 in | 2 metres | 6 | 50 | is not understood", "2 7/8 in | 730 | 6 | 50 | Possible: 60–130 mm",
        "bracket.standard | bracket.colour | 7 | 18 | enumeration",
        "\"iso\" | \"oval\" | 7 | 47 | enumeration", "09:00:00Z | noon | 6 | 100 | an instant such as",
        "\"tool\": \"caliper\" | \"tool\": \"ruler\" | 6 | 70 | enumeration",
        "\"version\": 1 | \"version\": 2 | 3 | 14 | constant", "diamond | penny | 4 | 21 | enumeration",
        "bracket.standard | bracket.shell-width | 7 | 18 | a second time",
        "diamond | stand-up-trike | 6 | 18 | has no such thing", "\"by\": \"Ned\", | | 8 | 5 | by", "] | , | 10 | 1 | Unexpected"})
    void aWrongFileIsRefusedWithLineColumnAndReason(String what, String with, int line, int column, String reason) {
        String wrong = GOOD.replaceFirst(java.util.regex.Pattern.quote(what),
                java.util.regex.Matcher.quoteReplacement(with == null ? "" : with));
        assertThatThrownBy(() -> SurveyJson.read(wrong)).isInstanceOfSatisfying(UnreadableSheetException.class, e -> {
            assertThat(e.line()).isEqualTo(line);
            assertThat(e.column()).isCloseTo(column, org.assertj.core.api.Assertions.within(1));
        }).hasMessageContaining(reason);
    }

    @Test
    void valuesThatCannotAllBeTrueAreRefusedAndEveryFaultIsNamed() {
        String two = GOOD.replace("2 7/8 in", "7 in").replace("32 lb", "heavy");
        assertThatThrownBy(() -> SurveyJson.read(two))
                .isInstanceOfSatisfying(UnreadableSheetException.class, e -> assertThat(e.faults()).hasSize(2))
                .hasMessageContainingAll("line 6", "line 8");
        String impossible = GOOD.replace("bracket.shell-width\", \"value\": \"2 7/8 in", "bracket.bore\", \"value\": \"41 mm");
        assertThatThrownBy(() -> SurveyJson.read(impossible)).hasMessageContaining("do not go together");
    }

    @Test
    void theSchemaIsPublishedAsItIs() throws IOException {
        if (Boolean.getBoolean("api.write")) {
            Files.writeString(PUBLISHED, SurveySchema.text());
        }
        assertThat(Files.readString(PUBLISHED)).as("run ./yard api and commit docs/formats").isEqualTo(SurveySchema.text());
    }
}
