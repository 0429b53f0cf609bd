package hingeyard.core.commission;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.fit.FitReport;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SimulatedControllerTest {

    private static final FitReport MATCH = Given.report(Given.survey(GivenKits.BIKE), GivenKits.kit("mid"), Given.drawers());

    private static SimulatedController with(String faults) {
        return new SimulatedController(MATCH,
                faults == null ? Set.of() : Arrays.stream(faults.split(" ")).map(ControllerFault::valueOf).collect(Collectors.toSet()));
    }

    /** Each fault moves the figures it would move on a bike, out of the window of the step that asks. */
    @ParameterizedTest
    @CsvSource({",volts-off,0.2", ",pedal-stop,0.3", ",pulses,10", ",cut-left,0.2", ",throttle-zero,0", "GAUGE_OFF,volts-off,1.4",
        "BRAKE_SWITCH_STUCK,pedal-stop,10", "LEFT_SWITCH_DEAD,cut-left,10",
        "LEFT_SWITCH_DEAD,cut-right,0.2", "RIGHT_SWITCH_DEAD,cut-right,10", "THROTTLE_HANGS,throttle-stop,10",
        "THROTTLE_HANGS,throttle-zero,12", "WALK_TOO_FAST,walk-speed,9", "MAGNET_GAP_WIDE,pulses,3",
        "PULSES_WRONG,pulses,20", "PULSES_WRONG,speed-error,100", "PEDAL_RING_TURNED,pedal-stop,10", "SENSOR_LEAD_PINCHED,pedal-stop,10",
        "PHASES_SWAPPED,pedal-stop,10"})
    void faultsMoveTheirFigures(String faults, String figure, String reads) {
        assertThat(with(faults).reading(figure).orElseThrow()).isEqualByComparingTo(new BigDecimal(reads));
    }

    @Test
    void voltsFollowTheBattery() {
        BigDecimal volts = with(null).reading("plug-volts").orElseThrow();
        assertThat(volts).isBetween(MATCH.kit().battery().empty().amount(), MATCH.kit().battery().full().amount());
        assertThat(with("PLUG_REVERSED").reading("plug-volts").orElseThrow()).isEqualByComparingTo(volts.negate());
        assertThat(with("LOW_CUT_OFF").reading("plug-volts").orElseThrow()).isLessThan(MATCH.kit().battery().empty().amount());
        assertThat(with("LOW_CUT_OFF").dark()).isTrue();
        assertThat(with(null).reading("no-such-figure")).isEmpty();
    }

    @Test
    void whatIsSeenTellsTheFaultsApart() {
        assertThat(Arrays.stream(ControllerFault.values()).map(f -> with(f.name()).seen()).distinct().count()).isGreaterThanOrEqualTo(6);
        assertThat(with("PLUG_REVERSED").seen()).contains("dark");
        assertThat(with("BRAKE_SWITCH_STUCK").seen()).contains("brake sign");
    }

    @Test
    void theSheetIsClosedOnceEveryPageIsWrittenDown() {
        List<Setting> pages = List.of(new Setting("1", "unit", "km/h, mph", "km/h", "", false),
                new Setting("2", "wheel circumference", "", "2100 mm", "", false), new Setting("9", "start code", "", "", "", true));
        assertThat(SettingsSheet.mayClose(pages, Set.of("1", "2", "9")).allowed()).isTrue();
        assertThat(SettingsSheet.mayClose(List.of(), Set.of()).allowed()).as("a kit without a display").isTrue();
        assertThat(SettingsSheet.mayClose(pages, Set.of("1", "2")).reason())
                .startsWith("1 of 3 pages of the display is not written down: 9 start code.");
        assertThat(SettingsSheet.mayClose(pages, Set.of("2")).reason())
                .startsWith("2 of 3 pages of the display are not written down: 1 unit, 9 start code.");
    }

    @Test
    void settingsAreComputedAndSayWhy() {
        FitReport match = Given.report(Given.survey(GivenKits.BIKE + ";rear.bead-seat=622;rear.tyre-width=40"), GivenKits.kit("mid"),
                Given.drawers());
        // π · (622 + 80) · 0.99 = 2183.3
        assertThat(SettingsSheet.circumference(match)).isBetween(2183.2, 2183.4);
        assertThat(SettingsSheet.speed(match)).isPositive();
        assertThat(SettingsSheet.of(match)).allSatisfy(s -> {
            assertThat(s.value()).isNotBlank();
            assertThat(s.ground()).isNotBlank();
        });
    }
}
