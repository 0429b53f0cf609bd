package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.Cases;
import hingeyard.core.Given;
import hingeyard.core.explain.Finding;
import hingeyard.core.GivenKits;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepPlanner;
import hingeyard.core.install.Work;
import hingeyard.core.kit.Kit;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.json.JsonMapper;

class SheetJsonTest {

    private static final Kit MID = Given.bracketKit("70", "92.25", "2", 13, "60", "3.0x2");

    @Test
    void kitsComeBackAsTheyWent() {
        assertThat(KitSheetJson.readOne(SheetJson.write(MID))).isEqualTo(MID);
        assertThat(KitSheetJson.readOne(SheetJson.write(Given.frontHubKit("100")))).isEqualTo(Given.frontHubKit("100"));
        for (String family : GivenKits.families()) {
            Kit kit = GivenKits.kit(family + " settable=12;lights=6;throttle=yes");
            assertThat(KitSheetJson.readOne(SheetJson.write(kit))).as(family).isEqualTo(kit);
        }
        assertThat(SheetJson.write(MID)).contains("\"threadTo\":\"92.25 mm\"", "\"lockNut\":\"80–100 N·m\"", "\"maximumInput\":\"60 V\"");
    }

    /** Every option that some worked case uses can be brought in as a file. */
    @Test
    void everyKitOfTheWorkedCasesComesBackAsItWent() {
        List<String> kits = Stream.of("family-cases.txt", "limit-cases.txt").flatMap(t -> Cases.of("/hingeyard/core/fit/" + t))
                .map(row -> row.get()[0].toString()).distinct().toList();
        assertThat(kits).hasSizeGreaterThan(150);
        for (String given : kits) {
            Kit kit = GivenKits.kit(given);
            assertThat(KitSheetJson.readOne(SheetJson.write(kit))).as(given).isEqualTo(kit);
        }
    }

    @Test
    void variantsSayOnlyWhatIsDifferent() {
        String sheet = SheetJson.write(MID).replaceFirst("}$", """
                ,"variants":[{"code":"T-LONG","change":{"name":"mid long","drive":{"threadTo":"104 mm"}}},
                {"code":"T-52","change":{"battery":{"cellsInSeries":14}}}],"take":"T-LONG"}""");
        KitSheetFile file = KitSheetJson.read(sheet);
        assertThat(file.code()).isEqualTo("T-MID");
        assertThat(file.kits()).extracting(Kit::code).containsExactly("T-MID", "T-LONG", "T-52");
        assertThat(file.kits().get(0)).isEqualTo(MID);
        Kit longer = KitSheetJson.readOne(sheet);
        assertThat(longer.name()).isEqualTo("mid long");
        assertThat(longer.drive().bracket().orElseThrow().threadTo()).isEqualTo(Given.mm("104"));
        assertThat(longer.drive().bracket().orElseThrow().threadFrom()).as("as on the sheet")
                .isEqualTo(MID.drive().bracket().orElseThrow().threadFrom());
        assertThat(file.kits().get(2).battery().cellsInSeries()).isEqualTo(14);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "{\"code\":\"T-MID\",\"change\":{}} | a second time",
        "{\"code\":\"T-2\",\"change\":{\"drive\":{\"threadTo\":\"long\"}}} | with this change",
        "{\"code\":\"T-2\",\"change\":{\"colour\":1}} | colour", "{\"code\":\"T-2\",\"change\":{\"maker\":null}} | maker",
        "{\"code\":\"T 2\",\"change\":{}} | code",
        "{\"code\":\"T-2\",\"change\":{\"battery\":{\"cellsInSeries\":40}}} | allowed 1 to 24"})
    void aWrongVariantIsRefusedWithItsLine(String variant, String reason) {
        String sheet = SheetJson.write(MID).replaceFirst("}$", ",\n\n\"variants\":[" + variant + "]}");
        assertThatThrownBy(() -> KitSheetJson.read(sheet)).isInstanceOf(UnreadableSheetException.class).hasMessageContaining("line 3")
                .hasMessageContaining(reason);
    }

    @Test
    void aVariantThatIsNotThereCannotBeTaken() {
        assertThatThrownBy(() -> KitSheetJson.readOne(SheetJson.write(MID).replaceFirst("}$", ",\"take\":\"T-9\"}")))
                .hasMessageContaining("T-9").hasMessageContaining("T-MID");
    }

    @Test
    void batteriesComeBackAsTheyWent() {
        assertThat(KitSheetJson.readBattery(KitSheetJson.write(MID.battery()))).isEqualTo(MID.battery());
        assertThatThrownBy(() -> KitSheetJson.readBattery(KitSheetJson.write(MID.battery()).replace("\"25 A\"", "25")))
                .hasMessageContaining("continuous");
    }

    @Test
    void thePublishedSchemasAreThese() throws IOException {
        for (Map.Entry<String, String> schema : Map.of("kit", SheetSchema.kitText(), "battery", SheetSchema.batteryText()).entrySet()) {
            Path published = Path.of("..", "docs", "formats", schema.getKey() + ".schema.json");
            if (Boolean.getBoolean("api.write")) {
                Files.writeString(published, schema.getValue());
            }
            assertThat(Files.readString(published)).as("run ./yard api").isEqualTo(schema.getValue());
        }
    }

    @Test
    void pricesAreReadOrRefusedWhole() {
        assertThat(PriceCsv.read("number,price,lead days,remark\nBS-400,1.20,3,x\nKF2,899,14,\n"))
                .containsExactly(new PriceCsv.Price(2, "BS-400", 120, 3), new PriceCsv.Price(3, "KF2", 89_900, 14));
        assertThatThrownBy(() -> PriceCsv.read("number,price\nBS-400,1\n")).hasMessageContaining("no column lead days");
        assertThatThrownBy(() -> PriceCsv.read("number,price,lead days\nBS-400,dear,3\nBS-400,1,3\nX,1,soon\n"))
                .hasMessageContaining("line 2").hasMessageContaining("'dear' is no price")
                .hasMessageContaining("line 3").hasMessageContaining("second time").hasMessageContaining("'soon' is no number of days");
    }

    @Test
    void stepsComeBackAsTheyWent() {
        FitReport match = Given.report(Given.survey("bracket.standard=iso;bracket.shell-width=73"), MID, Given.drawers());
        for (Step step : new StepPlanner(StepLibraryFiles.shipped().library()).plan(Work.of(match)).steps()) {
            assertThat(SheetJson.readStep(SheetJson.write(step))).isEqualTo(step);
        }
        assertThat(SheetJson.readStep("""
                {"key":"a","title":"A","text":"as planned by a version before","zones":["BARS"],"posture":"CLAMP","skill":"general","people":1,"minutes":5,"batteryIn":false,"tools":[],
                "fastenings":[{"what":"nut","torque":"5 N·m","leftHand":false,"locker":"dry","source":"shop's table"}],"cautions":[],"figures":[],"mounts":[],"needs":["MOTOR_HUNG"],"reaches":["PLATE_ON"]}
                """)).satisfies(old -> {
            assertThat(old.phase()).isEmpty();
            assertThat(old.after()).isEmpty();
            assertThat(old.wheels()).isEmpty();
            assertThat(old.dismounts()).isEmpty();
            assertThat(old.reverse()).as("nobody said").isEmpty();
        });
    }

    @Test
    void refusesWithLineColumnAndReason() {
        String wrong = SheetJson.write(MID).replace("\"92.25 mm\"", "\n \"wide\"");
        assertThatThrownBy(() -> KitSheetJson.readOne(wrong)).isInstanceOf(UnreadableSheetException.class)
                .hasMessageContaining("line 2").hasMessageContaining("a length: \"68.5 mm\" is wanted");
        assertThatThrownBy(() -> KitSheetJson.readOne(SheetJson.write(MID).replace("{\"code\"", "{\"colour\":1,\"code\"")))
                .hasMessageContaining("colour");
        assertThatThrownBy(() -> KitSheetJson.readOne("{\"code\": \"K\"}")).hasMessageContaining("maker");
        assertThatThrownBy(() -> KitSheetJson.readOne(SheetJson.write(MID).replace("60 V", "60"))).hasMessageContaining("maximumInput");
    }

    @Test
    void answersAreWholeNumbersAndTexts() {
        JsonMapper mapper = JsonMapper.builder().addModule(AnswerJson.module()).build();
        FitReport match = Given.report(Given.survey("bracket.standard=iso;bracket.shell-width=73"), MID, Given.drawers());
        Finding stack = match.findings().stream().filter(f -> f.checkId().equals("bracket-stack")).findFirst().orElseThrow();
        assertThat(mapper.writeValueAsString(stack.figures())).contains("\"kind\":\"length\",\"text\":\"73.0 mm\",\"origin\":\"MEASURED\"");
        assertThat(mapper.writeValueAsString(stack.exhibit())).contains("\"axle\":33500", "\"others\":[");
    }

    /** A list that is written is read again as it was, names with commas and quotes among them. */
    @Test
    void pricesComeBackAsTheyWereWritten() {
        List<PriceCsv.Price> prices = List.of(new PriceCsv.Price(2, "BS-050", 240, 3), new PriceCsv.Price(3, "A,\"B\"", 180_000, 0),
                new PriceCsv.Price(4, "KF2+SB36-14", 0, 365));
        assertThat(PriceCsv.write(prices)).startsWith("number,price,lead days\n").contains("BS-050,2.40,3");
        assertThat(PriceCsv.read(PriceCsv.write(prices))).isEqualTo(prices);
    }
}
