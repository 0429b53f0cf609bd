package hingeyard.app.match;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A sheet that is filled in: told what is missing, tried on a bike, and nothing of it kept. */
@ExtendWith(RunningApp.class)
class KitDraftTest {

    private static final JsonMapper JSON = new JsonMapper();

    private ShopClient ines;
    private ShopClient orla;

    @BeforeEach
    void signIn(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
        ines = ShopClient.signedIn(app.url(), "ines");
    }

    private Answer draft(String text, String job) {
        return ines.post("/api/kits/draft", "{\"text\":%s,\"job\":%s}".formatted(JSON.writeValueAsString(text), job));
    }

    private ObjectNode sheet(String code) {
        ObjectNode sheet = (ObjectNode) JSON.readTree(ines.get("/api/kits/" + code).body().path("text").asString());
        sheet.remove(List.of("variants", "take"));
        return sheet;
    }

    @Test
    void theFormHasWordsForEveryFigure() {
        JsonNode forms = ines.get("/api/sheet-forms").body();
        JsonNode drives = forms.path("kit").path("fields").valueStream().filter(f -> f.path("name").asString().equals("drive")).findFirst()
                .orElseThrow();
        assertThat(drives.path("choices")).hasSize(7);
        JsonNode tube = drives.path("fields").get(0).path("fields").get(0);
        assertThat(tube.path("name").asString()).isEqualTo("axleTubeDiameter");
        assertThat(tube.path("unit").asString()).isEqualTo("mm");
        assertThat(tube.path("uses").toString()).contains("Shell standard");
        assertThat(forms.path("battery").path("fields").findValuesAsString("title")).contains("Cells in series", "Supply plug");
    }

    /** What a draft says of a bike is what the kit says of it once it is saved, for the sheet and for its variants. */
    @Test
    void aDraftSaysOfABikeWhatTheSavedKitWillSay() {
        long job = orla.book("Drafted");
        orla.survey(job, "bracket.standard=iso;bracket.shell-width=73;bracket.height=285");
        ObjectNode sheet = sheet("TN9").put("code", "DRAFT-1").put("name", "draft mid-drive");
        ((ObjectNode) sheet.path("drive")).put("threadFrom", "70 mm").put("threadTo", "95 mm");
        ObjectNode variant = JSON.createObjectNode().put("code", "DRAFT-2");
        variant.putObject("change").putObject("drive").put("threadTo", "110 mm");
        sheet.putArray("variants").add(variant);
        String text = JSON.writeValueAsString(sheet);

        JsonNode tried = draft(text, String.valueOf(job)).body();
        assertThat(tried.path("gaps")).isEmpty();
        assertThat(tried.path("faults")).isEmpty();
        assertThat(ines.get("/api/kits/DRAFT-1").status()).as("nothing is kept").isEqualTo(404);
        assertThat(ines.post("/api/kits", "{\"text\":%s,\"reason\":\"new\"}".formatted(JSON.writeValueAsString(text))).status())
                .isEqualTo(200);
        Answer again = ines.post("/api/kits", "{\"text\":%s,\"reason\":\"new\"}".formatted(JSON.writeValueAsString(text)));
        assertThat(again.status()).isEqualTo(409);
        assertThat(again.detail()).contains("Sheet DRAFT-1 is here already", "another code");
        for (JsonNode kit : tried.path("onBike").path("kits")) {
            JsonNode saved = orla.match(job, kit.path("code").asString());
            assertThat(kit.path("headline")).isEqualTo(saved.path("headline"));
            assertThat(kit.path("verdict")).isEqualTo(saved.path("verdict"));
            List<JsonNode> open = saved.path("findings").valueStream().filter(f -> !f.path("verdict").asString().equals("FITS")).toList();
            assertThat(kit.path("open").valueStream().map(f -> f.path("title").asString() + f.path("sentence").asString()))
                    .isEqualTo(open.stream().map(f -> f.path("title").asString() + f.path("sentence").asString()).toList());
            assertThat(kit.path("fits").asInt()).isEqualTo(saved.path("findings").size() - open.size());
        }
        assertThat(tried.path("onBike").path("kits")).hasSize(2);
    }

    @Test
    void whatIsMissingIsToldByCheckAndNothingIsTried() {
        long job = orla.book("Gapped");
        ObjectNode sheet = sheet("TN9").put("code", "GAP-1");
        ((ObjectNode) sheet.path("drive")).remove("axleTubeDiameter");
        JsonNode answer = draft(JSON.writeValueAsString(sheet), String.valueOf(job)).body();
        assertThat(answer.path("gaps").findValuesAsString("what")).contains("Shell standard");
        assertThat(answer.path("gaps").findValuesAsString("path")).containsOnly("/drive/axleTubeDiameter");
        assertThat(answer.path("gaps").findValuesAsString("title")).containsOnly("Axle tube, outside");
        assertThat(answer.path("gaps").findValuesAsString("within")).containsOnly("Drive");
        assertThat(answer.path("onBike").isMissingNode() || answer.path("onBike").isNull()).isTrue();
    }

    /** Changed under another code it would lie there twice. */
    @Test
    void aSheetThatIsChangedKeepsItsCode() {
        JsonNode sheet = ines.get("/api/kits/TN9").body();
        Answer renamed = ines.post("/api/kits", "{\"text\":%s,\"seen\":%d,\"reason\":\"renamed\"}".formatted(
                JSON.writeValueAsString(JSON.writeValueAsString(sheet("TN9").put("code", "TN10"))), sheet.path("version").asInt()));
        assertThat(renamed.status()).isEqualTo(409);
        assertThat(renamed.detail()).contains("Sheet TN10 is not here", "keeps its code");
        assertThat(ines.get("/api/kits/TN10").status()).isEqualTo(404);
        JsonNode battery = ines.get("/api/batteries/SB48-17").body();
        String other = ((ObjectNode) JSON.readTree(battery.path("text").asString())).put("code", "SB48-97").toString();
        assertThat(ines.post("/api/batteries", "{\"text\":%s,\"seen\":%d,\"reason\":\"renamed\"}".formatted(
                JSON.writeValueAsString(other), battery.path("version").asInt())).detail()).contains("Battery sheet SB48-97 is not here");
        assertThat(ines.post("/api/batteries", "{\"text\":%s,\"reason\":\"new\"}".formatted(
                JSON.writeValueAsString(battery.path("text").asString()))).detail()).contains("Battery sheet SB48-17 is here already");
    }

    @Test
    void badInputIsRefusedAtItsField() {
        assertThat(draft("{", "null").status()).isEqualTo(422);
        assertThat(draft("{", "null").detail()).contains("line 1");
        assertThat(draft(" ", "null").status()).isEqualTo(422);
        assertThat(draft(JSON.writeValueAsString(sheet("TN9")), "999999").status()).isEqualTo(404);
        assertThat(ShopClient.signedIn(ines.url(), "tova").post("/api/kits/draft", "{\"text\":\"{}\",\"job\":null}").status())
                .isEqualTo(403);
    }
}
