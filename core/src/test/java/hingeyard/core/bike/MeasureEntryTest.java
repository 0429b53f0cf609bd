package hingeyard.core.bike;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.Given;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.UnreadableQuantityException;
import org.junit.jupiter.api.Test;

class MeasureEntryTest {

    private static Reading read(Measure measure, String text, Tool tool) {
        return MeasureEntry.read(measure, text, tool, "Tova", Given.TUESDAY);
    }

    @Test
    void keepsToolAndUncertainty() {
        Reading.OfLength tape = (Reading.OfLength) read(BracketMeasures.SHELL_WIDTH, "2 7/8 in", Tool.TAPE);
        assertThat(tape.value()).isEqualTo(Length.ofMicrometres(73_025));
        assertThat(tape.band().width()).isEqualTo(Length.ofMillimetres(2));
        assertThat(tape.quality()).isEqualTo("± 1 mm, tape");
    }

    @Test
    void refusesTheImpossibleAndSaysWhatIsPossibleAndUsual() {
        assertThatThrownBy(() -> read(BracketMeasures.SHELL_WIDTH, "730", Tool.CALIPER)).isInstanceOf(RefusedMeasureException.class)
                .hasMessageContainingAll("Shell width", "730.0 mm", "60–130", "usual are 68, 70, 73", "Nothing was saved");
        assertThatThrownBy(() -> read(FrontMeasures.FORK_MATERIAL, "wood", Tool.MAGNET)).hasMessageContainingAll("Fork dropout material",
                "wood", "steel");
        assertThatThrownBy(() -> read(BracketMeasures.SHELL_WIDTH, "wide", Tool.CALIPER)).isInstanceOf(UnreadableQuantityException.class);
        assertThatThrownBy(() -> read(BracketMeasures.SHELL_WIDTH, "73", Tool.MAGNET)).hasMessageContaining("caliper, tape");
    }

    @Test
    void limitsThemselvesArePossible() {
        assertThat(read(BracketMeasures.SHELL_WIDTH, "60", Tool.CALIPER).text()).isEqualTo("60.0 mm");
        assertThat(read(BracketMeasures.SHELL_WIDTH, "130", Tool.CALIPER).text()).isEqualTo("130.0 mm");
    }

    @Test
    void theLastReadingIsInForce() {
        FrameSurvey survey = Given.survey("bracket.shell-width=68;bracket.shell-width=73");
        assertThat(survey.readings()).hasSize(1);
        assertThat(survey.length(BracketMeasures.SHELL_WIDTH).orElseThrow().value()).isEqualTo(Length.ofMillimetres(73));
    }

    @Test
    void keysAndUsualValuesAreSound() {
        assertThat(MeasureCatalogue.all()).extracting(Measure::key).doesNotHaveDuplicates()
                .allMatch(k -> k.matches("[a-z]+(\\.[a-z0-9-]+)+"));
        MeasureCatalogue.all().stream().filter(LengthMeasure.class::isInstance).map(LengthMeasure.class::cast)
                .forEach(m -> assertThat(m.usual()).as(m.key()).isSorted().allMatch(m.possible()::contains));
    }
}
