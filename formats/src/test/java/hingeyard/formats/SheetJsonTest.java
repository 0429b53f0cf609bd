package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.Given;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepPlanner;
import hingeyard.core.install.families.StepFamilyCatalogue;
import hingeyard.core.kit.Kit;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

class SheetJsonTest {

    private static final Kit MID = Given.bracketKit("70", "92.25", "2", 13, "60", "3.0x2");

    @Test
    void kitsComeBackAsTheyWent() {
        assertThat(SheetJson.readKit(SheetJson.write(MID))).isEqualTo(MID);
        assertThat(SheetJson.readKit(SheetJson.write(Given.frontHubKit("100")))).isEqualTo(Given.frontHubKit("100"));
        assertThat(SheetJson.write(MID)).contains("\"threadTo\":\"92.25 mm\"", "\"lockNut\":\"80–100 N·m\"", "\"maximumInput\":\"60 V\"");
    }

    @Test
    void stepsComeBackAsTheyWent() {
        FitReport match = Given.report(Given.survey("bracket.standard=iso;bracket.shell-width=73"), MID, Given.drawers());
        for (Step step : new StepPlanner(StepFamilyCatalogue.all()).plan(match).steps()) {
            assertThat(SheetJson.readStep(SheetJson.write(step))).isEqualTo(step);
        }
    }

    @Test
    void refusesWithLineColumnAndReason() {
        String wrong = SheetJson.write(MID).replace("\"92.25 mm\"", "\n \"wide\"");
        assertThatThrownBy(() -> SheetJson.readKit(wrong)).isInstanceOf(UnreadableSheetException.class)
                .hasMessageContaining("line 2").hasMessageContaining("'wide' is not understood");
        assertThatThrownBy(() -> SheetJson.readKit(SheetJson.write(MID).replace("{\"code\"", "{\"colour\":1,\"code\""))).hasMessageContaining("colour");
        assertThatThrownBy(() -> SheetJson.readKit("{\"code\": \"K\"}")).hasMessageContaining("maker");
        assertThatThrownBy(() -> SheetJson.readKit(SheetJson.write(MID).replace("60 V", "60"))).hasMessageContaining("V is needed");
    }

    @Test
    void answersAreWholeNumbersAndTexts() {
        JsonMapper mapper = JsonMapper.builder().addModule(AnswerJson.module()).build();
        FitReport match = Given.report(Given.survey("bracket.standard=iso;bracket.shell-width=73"), MID, Given.drawers());
        String json = mapper.writeValueAsString(match.findings().get(1));
        assertThat(json).contains("\"kind\":\"length\",\"text\":\"73.0 mm\",\"origin\":\"MEASURED\"", "\"axle\":33500");
    }
}
