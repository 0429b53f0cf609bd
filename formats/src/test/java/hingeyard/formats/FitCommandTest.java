package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.kit.Kit;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The headless command: from files, without a database. */
class FitCommandTest {

    private static final String STOCK = """
            number,name,used as,place,thickness,plus-minus,inner,outer,on hand
            BS-400,"Bracket spacer, 4.0",bracket-spacer,C12,4,0.05,34,44,2
            AW-150,Axle washer 1.5,axle-washer,B05,1.5,0.05,12.2,24,4
            TA-1,Torque arm,torque-arm,B01,,,,,3
            """;
    private static final Schema SCHEMA = schema();

    @TempDir
    private Path folder;

    private record Said(int code, String out, String err) {
    }

    private static Schema schema() {
        try {
            return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(Files.readString(Path.of("..", "docs", "formats", "fit.schema.json")));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private String file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text).toString();
    }

    private static Said run(String... args) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        int code = FitCommand.run(args, new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
        return new Said(code, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
    }

    private Said fit(String survey, Kit kit, String... more) throws IOException {
        List<String> args = new ArrayList<>(List.of("--bike",
                file("bike.json",
                        SurveyJson.write(
                                new SurveyFile(BikeKind.DIAMOND, "Quay tourer", "56", "QT-1", Given.survey(GivenKits.bike(survey))))),
                "--kit", file("kit.json", SheetJson.write(kit))));
        args.addAll(List.of(more));
        return run(args.toArray(String[]::new));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "bracket.shell-width=71 | bracket | 0 | FITS", "bracket.shell-width=68 | bracket | 0 | FITS_WITH",
        "bracket.standard=none;-bracket.shell-width | bracket | 1 | NO_FIT", "-bracket.shell-width | bracket | 2 | MEASURE",
        "bracket.shell-width=73 | hub | 0 | FITS_WITH", "front.fork-material=carbon | hub | 1 | NO_FIT",
        "-front.over-locknut | hub | 2 | MEASURE"})
    void answersJsonOfItsSchemaAndAnExitCode(String survey, String kit, int code, String verdict) throws IOException {
        Said said = fit(survey, kit.equals("hub") ? GivenKits.kit("front") : Given.wholeBracketKit("74", "92", "0", 13, "60"), "--stock",
                file("stock.csv", STOCK));
        assertThat(said.code()).as(said.toString()).isEqualTo(code);
        assertThat(SCHEMA.validate(said.out(), InputFormat.JSON)).isEmpty();
        JsonNode answer = new JsonMapper().readTree(said.out());
        assertThat(answer.path("verdict").asString()).isEqualTo(verdict);
        assertThat(answer.path("caution").asString()).contains("Screening only");
        assertThat(code == 2 && answer.path("toMeasure").isEmpty()).as("says what to measure").isFalse();
    }

    @Test
    void aValueCopiedFromAnotherBikeCountsForNothing() throws IOException {
        assertThat(fit("", Given.wholeBracketKit("74", "92", "0", 13, "60")).code()).isZero();
        String copied = SurveyJson.write(new SurveyFile(BikeKind.DIAMOND, "", "", "", Given.survey(GivenKits.bike(""))))
                .replace("\"caliper\"", "\"other-bike\"");
        assertThat(run("--bike", file("copied.json", copied), "--kit",
                file("kit.json", SheetJson.write(Given.wholeBracketKit("74", "92", "0", 13, "60")))).code()).isEqualTo(2);
    }

    @Test
    void rulesOfTheShopAreHeldTo() throws IOException {
        String wide = "front.over-locknut=97";
        assertThat(fit(wide, GivenKits.kit("front")).code()).as("steel gives 4 mm").isZero();
        String strict = "{\"format\":\"hinge-yard-rules\",\"version\":1,\"rules\":{\"dropout.spread.steel\":\"2 mm\"}}";
        assertThat(fit(wide, GivenKits.kit("front"), "--rules", file("rules.json", strict)).code()).isEqualTo(1);
        Said unknown = fit(wide, GivenKits.kit("front"), "--rules", file("rules.json", strict.replace("steel", "brass")));
        assertThat(unknown.code()).isEqualTo(3);
        assertThat(unknown.err()).contains("line 1, column", "rules /rules/dropout.spread.brass", "no rule is called");
    }

    @Test
    void theOrderOfTheStockFileChangesNothing() throws IOException {
        List<String> lines = new ArrayList<>(STOCK.lines().toList());
        String header = lines.remove(0);
        java.util.Collections.reverse(lines);
        String turned = header + "\n" + String.join("\n", lines);
        Kit kit = Given.wholeBracketKit("74", "92", "0", 13, "60");
        String survey = "bracket.shell-width=68";
        assertThat(fit(survey, kit, "--stock", file("a.csv", STOCK)).out())
                .isEqualTo(fit(survey, kit, "--stock", file("b.csv", turned)).out());
    }

    @Test
    void whatIsWrongInACallOrAFileIsNamed() throws IOException {
        assertThat(run().err()).contains("yard fit --bike");
        assertThat(run("--help")).satisfies(s -> assertThat(s.code()).isZero())
                .satisfies(s -> assertThat(s.out()).contains("yard fit --bike"));
        assertThat(run("--bikes", "x")).satisfies(s -> assertThat(s.code()).isEqualTo(3))
                .satisfies(s -> assertThat(s.err()).contains("'--bikes' is not understood"));
        assertThat(run("--bike", folder.resolve("none.json").toString(), "--kit", "y").err()).contains("there is no file");
        Said kit = fit("", Given.wholeBracketKit("74", "92", "0", 13, "60"), "--kit", file("bad.json", "{\n \"code\": 7,\n"));
        assertThat(kit.code()).isEqualTo(3);
        assertThat(kit.err()).contains("(kit)");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {"BS-400,\"Bracket | ,\"Bracket | 2 | number: is empty",
        "C12,4, | C12,thick, | 2 | thickness, plus-minus",
        "44,2 | 44,many | 2 | 'many' is no count", "TA-1 | AW-150 | 4 | a second time", "on hand | held | 1 | no column on hand",
        "B01,,,,,3 | B01 | 4 | every line has 9 columns",
        "34,44 | 44,34 | 2 | must be more than the bore"})
    void aWrongStockFileIsRefusedWithItsLine(String what, String with, int line, String reason) {
        assertThatThrownBy(() -> StockCsv.read(STOCK.replaceFirst(java.util.regex.Pattern.quote(what), with)))
                .isInstanceOfSatisfying(UnreadableSheetException.class,
                        e -> assertThat(e.line()).isEqualTo(line))
                .hasMessageContaining(reason.replace("number: ", ""));
    }
}
