package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every kind of job that brings a kit, from booking to collection, each with a bike of its own measured like one of the demo's. */
@ExtendWith(RunningApp.class)
class GateToOwnerTest {

    private Shopfloor shop;

    @BeforeEach
    void signIn(RunningApp.App app) {
        shop = new Shopfloor(app);
    }

    /**
     * @param like a job of the demo whose bike was measured; @param must steps that this family cannot do without, in their order; @param
     *             approval what a maker has to allow
     */
    @ParameterizedTest(name = "{0} with {1}")
    @CsvSource(delimiter = '|', value = {
        "MID_DRIVE | TN9 | 401 | kit-check ride |",
        "MID_DRIVE | VM4-S | 402 | kit-check ride |",
        "MID_DRIVE | VM4-L | 404 | kit-check ride |",
        "FRONT_HUB | KF2 | 407 | kit-check ride |",
        "REAR_HUB | OR5 | 426 | kit-check ride |",
        "FRICTION_ROLLER | PR2 | 427 | kit-check ride |",
        "SWING_ARM | SK1 | 428 | kit-check arm-fold-test seat-plate loom-moves arm-fold-loaded first-power ride |",
        "FRONT_HUB | NF7 | 429 | kit-check ride |",
        "ROTOR_GEAR | DR1 | 430 | kit-check ride |",
        "MID_DRIVE | HC1 | 431 | kit-check frame-chain-off plugs-joined frame-covers first-power frame-chain-on lever-cut load-level ride |",
        "BRAKE_CONVERSION | DB2 | 432 | kit-check ride | brake-weld",
        "DISPLAY_OR_CONTROLLER | DY1 | 433 | kit-check ride |",
        "BUILD_UP | CV3 | 434 | kit-check |",
        "BATTERY_MOUNT | ST4 | DIAMOND | kit-check |",
        "SECOND_BATTERY | TW2 | DIAMOND | kit-check both-volts combiner-in combiner-connect two-ride |",
        "SECOND_BATTERY | TW2 | DIAMOND bike.pack-cells=10 | kit-check both-volts combiner-in combiner-connect two-ride |",
        "BUILD_UP | BU7 | BARE_FRAME front.head-tube=166 | kit-check frame-looked headset-cups steerer-cut fork-in wheels-in gears-on seat-in |"})
    void goesFromTheGateToItsOwner(String kind, String kit, String like, String must, String approval) throws IOException {
        long job = shop.billedLike(kind, like, kit, Optional.ofNullable(approval));
        shop.everythingComes(job);
        assertThat(shop.orla.place(job, "STAND", shop.freeStand()).status()).isEqualTo(200);
        List<String> done = shop.workThrough(job);
        assertThat(done).containsSubsequence(must.split(" "));
        assertThat(shop.orla.place(job, "RAIL", null).status()).isEqualTo(200);
        assertThat(paper(job, "next-check")).contains("4 weeks after it is collected", "frame RD-" + job + " (booked as X-");
        assertThat(shop.orla.place(job, "GONE", null).status()).isEqualTo(200);
        assertThat(paper(job, "next-check")).contains("On ").doesNotContain("after it is collected");
        for (String name : List.of("job-sheet", "guide", "handed-back")) {
            assertThat(paper(job, name)).contains("RD-" + job);
        }
        boolean hasCode = shop.orla.get("/api/jobs/%d/settings".formatted(job)).body().path("settings").valueStream()
                .anyMatch(s -> s.path("hidden").asBoolean());
        assertThat(saysTheCode(paper(job, "guide"))).as("the customer's own copy").isEqualTo(hasCode);
        assertThat(saysTheCode(new String(shop.tova.bytes("/api/jobs/%d/papers/guide.html".formatted(job)).body(), StandardCharsets.UTF_8)))
                .isFalse();
        assertThat(shop.orla.get("/api/audit").body().toString()).isEqualTo("[]");
    }

    /** On its own: a frame's long number may hold the same digits. */
    private static boolean saysTheCode(String paper) {
        return Pattern.compile("(?<!\\d)%s(?!\\d)".formatted(Shopfloor.CODE)).matcher(paper).find();
    }

    private String paper(long job, String name) {
        return new String(shop.orla.bytes("/api/jobs/%d/papers/%s.html".formatted(job, name)).body(), StandardCharsets.UTF_8);
    }
}
