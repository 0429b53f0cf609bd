package hingeyard.app.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The bench calculators over HTTP: what is typed is answered, and what is none is told at its field. */
@ExtendWith(RunningApp.class)
class BenchTest {

    private static final String ROTOR = "{\"bolts\":3,\"boltCircle\":44,\"readAt\":150,\"readings\":[{\"angle\":0,\"mm\":0.6},{\"angle\":60,\"mm\":0.3},"
            + "{\"angle\":120,\"mm\":-0.3},{\"angle\":180,\"mm\":-0.6},{\"angle\":240,\"mm\":-0.3},{\"angle\":300,\"mm\":0.3}]}";

    private ShopClient tova;

    @BeforeEach
    void signedIn(RunningApp.App app) {
        tova = ShopClient.signedIn(app.url(), "tova");
    }

    @Test
    void aRotorIsToldWhichStandOffToShorten() {
        Answer answer = tova.post("/api/bench/truing", ROTOR);
        assertThat(answer.status()).as(answer.toString()).isEqualTo(200);
        assertThat(answer.body().path("verdict").asString()).isEqualTo("SHORTEN");
        // Bolts 2 and 3 stand at half the tilt below the middle, bolt 1 at all of it above: 0.9 mm at 150, of which 44 are at the bolts.
        assertThat(answer.body().path("cuts").get(0).path("mm").asDouble()).isCloseTo(0.9 * 44 / 150, within(1e-9));
        assertThat(answer.body().path("cuts").get(1).path("mm").asDouble()).isZero();
        assertThat(answer.body().path("sentence").asString())
                .isEqualTo("Shorten stand-off 1 by 0.26 mm. Then read again: about 0.00 mm is left.");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {"\"bolts\":3 | \"bolts\":2 | bolts | 3 to 6 bolts",
        "\"readAt\":150 | \"readAt\":40 | readAt | more than the bolts' circle of 44 mm", "\"readAt\":150 | \"readAt\":1e19 | readAt | ",
        "\"angle\":60 | \"angle\":0 | readings | each angle once", "\"angle\":60 | \"angle\":360 | angle | 0 to 359.9 degrees",
        "\"mm\":0.6 | \"mm\":11 | mm | -10 to 10 mm", "\"mm\":0.6 | \"mm\":null | mm | a reading",
        "\"boltCircle\":44 | \"boltCircle\":\"wide\" | boltCircle | "})
    void whatIsNoRotorIsToldAtItsField(String right, String wrong, String field, String allowed) {
        Answer answer = tova.post("/api/bench/truing", ROTOR.replaceFirst(java.util.regex.Pattern.quote(right), wrong));
        assertThat(answer.status()).as(answer.toString()).isIn(400, 422);
        assertThat(answer.body().toString()).contains(field).contains(allowed == null ? "" : allowed);
    }

    @Test
    void aWrenchWithAnExtensionIsSetToLess() {
        Answer answer = tova.post("/api/bench/wrench", "{\"torque\":40,\"length\":300,\"extension\":100}");
        assertThat(answer.body().path("setting").asDouble()).isCloseTo(30, within(1e-9));
        assertThat(answer.body().path("uncorrected").asDouble()).isCloseTo(53.3333, within(1e-3));
        assertThat(answer.body().path("settingFootPounds").asDouble()).isCloseTo(22.127, within(1e-3));
        assertThat(tova.post("/api/bench/wrench", "{\"torque\":0,\"length\":300,\"extension\":100}").body().toString()).contains("torque",
                "0.1 to 500");
    }

    @Test
    void aWheelRollsAsItIsMeasured() {
        Answer answer = tova.post("/api/bench/roll-out", "{\"beadSeat\":622,\"width\":47,\"rolled\":6630,\"turns\":3,\"set\":2250}");
        assertThat(answer.body().path("circumference").asDouble()).isEqualTo(2210);
        assertThat(answer.body().path("measured").asBoolean()).isTrue();
        assertThat(answer.body().path("speedError").asDouble()).isCloseTo(1.81, within(0.01));
        Answer marked = tova.post("/api/bench/roll-out", "{\"beadSeat\":622,\"width\":47,\"turns\":1}");
        assertThat(marked.body().path("measured").asBoolean()).isFalse();
        assertThat(marked.body().has("speedError")).isFalse();
        assertThat(tova.post("/api/bench/roll-out", "{\"beadSeat\":622,\"width\":47,\"rolled\":400,\"turns\":3}").body().toString())
                .contains("rolled", "300 to 3000 mm a turn");
    }
}
