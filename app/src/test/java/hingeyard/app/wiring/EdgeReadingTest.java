package hingeyard.app.wiring;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.MemoryPoolMXBean;
import java.lang.management.MemoryType;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.json.JsonMapper;

/** What is read of a request, and what is refused before it fills a memory. Time and memory of each refusal are printed, not asserted. */
@ExtendWith(RunningApp.class)
class EdgeReadingTest {

    private static final JsonMapper JSON = new JsonMapper();
    private ShopClient orla;
    private long job;

    @BeforeEach
    void signIn(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
        job = orla.book("Edge");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            {"note":"a\\u0000b","count":1}      | 400 | note  | text without control signs
            {"note":"a\\uFFFEb","count":1}      | 400 | note  | text without control signs
            {"note":"a\\uD800b","count":1}      | 400 | note  | text without control signs
            {"note":"two\\nlines","count":"x"}  | 400 | count | a whole number
            {"note":"","count":1e-999999999}    | 422 | count | 1 to 9999
            {"note":"","count":1,"serials":[null]} | 400 | serials[0] | a list without empty places
            {"note":"","count":1                | 400 |       | line 1, column
            """)
    void saysFieldValueAndWhatIsAllowed(String body, int status, String field, String allowed) {
        Answer answer = orla.post("/api/drawers/BS-600/receipts", body);
        assertThat(answer.status()).as("%s", answer).isEqualTo(status);
        assertThat(answer.detail()).contains(allowed).endsWith("Nothing was saved.").doesNotContain("Exception", "java.", "deserial");
        if (field != null) {
            assertThat(answer.body().path("faults").findValuesAsString("field")).containsExactly(field);
        }
    }

    /** Whatever reads a day of the calendar knows no field; the reader around it does. */
    @ParameterizedTest
    @CsvSource({"2026-02-30", "30.11.2026", "soon", "2026-13-01"})
    void whatIsNoDayIsToldAtItsField(String day) {
        Answer answer = orla.put("/api/wrenches/W7",
                "{\"name\":\"x\",\"leastNm\":2,\"mostNm\":9,\"calibratedOn\":\"%s\",\"dueOn\":\"2027-01-01\"}".formatted(day));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.detail())
                .isEqualTo("calibratedOn: '%s' is not possible. Allowed: a day, such as 2026-11-30. Nothing was saved.".formatted(day));
        assertThat(answer.body().path("faults").findValuesAsString("field")).containsExactly("calibratedOn");
    }

    @Test
    void aValueThatIsNoneOfAListIsToldTheList() {
        Answer answer = orla.post("/api/jobs/%d/place".formatted(job), "{\"to\":\"NOPE\"}");
        assertThat(answer.detail())
                .isEqualTo("to: 'NOPE' is not possible. Allowed: GATE, RACK, STAND, STRIP, RAIL, GONE. Nothing was saved.");
        assertThat(orla.get("/api/jobs/abc/bill").detail()).isEqualTo("number: 'abc' is not possible. Allowed: a whole number.");
    }

    @Test
    void whatFillsAMemoryIsRefusedBeforeItIsRead() throws IOException {
        String longNames = "{\"" + "k".repeat(49_000) + "\":["
                + IntStream.range(0, 170_000).mapToObj(i -> "1").collect(Collectors.joining(",")) + "]}";
        assertThat(measured("a survey of one long name and 170,000 numbers", () -> orla.post("/api/jobs/%d/survey/file".formatted(job),
                JSON.writeValueAsString(Map.of("json", longNames, "apply", false, "chosen", new int[0]))))).isEqualTo(422);
        assertThat(measured("a reading of 1e999999999",
                () -> orla.post("/api/devices/edge/readings", "{\"value\":1e999999999,\"unit\":\"V\"}")))
                .isEqualTo(400);
        assertThat(measured("20,000 brackets", () -> orla.post("/api/devices/edge/readings", "[".repeat(20_000)))).isEqualTo(400);
        assertThat(measured("a name of 400,000 letters", () -> orla.post("/api/devices/edge/readings",
                "{\"" + "n".repeat(400_000) + "\":1}"))).isEqualTo(400);
        byte[] large = png(9_200);
        assertThat(measured("a picture of 9,200 by 9,200 in %d bytes".formatted(large.length),
                () -> orla.photo(job, "bike", "large.png", large)))
                .isEqualTo(422);
        byte[] most = png(8_900);
        assertThat(measured("a picture of 8,900 by 8,900 in %d bytes, taken".formatted(most.length),
                () -> orla.photo(job, "bike", "most.png", most))).isEqualTo(201);
    }

    private static int measured(String what, Supplier<Answer> send) {
        ManagementFactory.getMemoryPoolMXBeans().forEach(MemoryPoolMXBean::resetPeakUsage);
        long before = used();
        long from = System.nanoTime();
        int status = send.get().status();
        System.out.printf("edge: %s: %d in %d ms, at most %d MB more%n", what, status, (System.nanoTime() - from) / 1_000_000,
                Math.max(0, peak() - before) / 1_000_000);
        return status;
    }

    private static long used() {
        return ManagementFactory.getMemoryMXBean().getHeapMemoryUsage().getUsed();
    }

    private static long peak() {
        return ManagementFactory.getMemoryPoolMXBeans().stream().filter(p -> p.getType() == MemoryType.HEAP)
                .mapToLong(p -> p.getPeakUsage().getUsed()).sum();
    }

    /** One colour: a few bytes a line once it is packed. */
    private static byte[] png(int side) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(side, side, BufferedImage.TYPE_BYTE_BINARY), "png", out);
        return out.toByteArray();
    }
}
