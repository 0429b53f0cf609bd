package hingeyard.core.bench.job;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.bench.BenchTool;
import hingeyard.core.bench.RideLog;
import hingeyard.core.fit.FitCase;
import hingeyard.core.install.Step;
import hingeyard.core.made.TemplateKind;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.booking.LegalClass;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.kit.Kit;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BenchFillsTest {

    private static final String BIKE = "rear.bead-seat=622;rear.tyre-width=40;rear.chainstay=440;rear.cogs=8;rear.cog-smallest=11;rear.cog-largest=32;"
            + "rear.over-locknut=135;rear.cog-offset=4;front.tyre-width=50;front.blade-step=9;front.tie-distance=80;front.plate-thickness=6;"
            + "front.slot-depth=8;bike.mass=15 kg";

    private static List<BenchFill> fills(String bike, Optional<Kit> kit) {
        return BenchFills.of(BikeKind.DIAMOND, Given.survey(bike),
                new RiderNeed(Map.of(NeedAmount.RIDER, 80_000L), Set.of(), LegalClass.OPEN), kit, Optional.empty());
    }

    private static String of(List<BenchFill> fills, BenchTool tool, String field) {
        return fills.stream().filter(f -> f.tool() == tool && f.field().equals(field)).map(BenchFill::value).findFirst().orElse("none");
    }

    /** tool, field, without a kit, with a front hub. */
    @ParameterizedTest
    @CsvSource({"ROLL_OUT, width, 40, 50", "PRESSURE, width, 40, 40", "PRESSURE, beadSeat, 622, 622", "GEARS, chainstay, 440, 440",
        "GEARS, count, 8, 8", "GEARS, outerCog, 62.6, 62.6", "GEARS, circumference, 2183, 2183", "BEND, step, none, 9",
        "BEND, tie, none, 80", "AXLE, plate, none, 6", "AXLE, flat, none, 8", "RANGE, speed, none, 22", "RANGE, drive, none, hub",
        "TRUING, boltCircle, none, none"})
    void whatIsKnownStandsThere(BenchTool tool, String field, String bare, String hub) {
        assertThat(of(fills(BIKE, Optional.empty()), tool, field)).isEqualTo(bare);
        assertThat(of(fills(BIKE, Optional.of(GivenKits.kit("front"))), tool, field)).isEqualTo(hub);
    }

    /** Nothing looks like a measure that is none. */
    @Test
    void whatNobodyMeasuredIsLeftOpen() {
        assertThat(fills("bracket.standard=iso", Optional.empty())).isEmpty();
        assertThat(fills(BIKE, Optional.of(GivenKits.kit("mid")))).allSatisfy(f -> {
            assertThat(f.from()).isNotBlank();
            assertThat(f.value()).matches("-?\\d+(\\.\\d{1,2})?( \\d+)*|gears|hub|none|only");
        });
    }

    @Test
    void theLoadSaysWhatItSupposes() {
        BenchFill load = fills(BIKE, Optional.empty()).stream().filter(f -> f.field().equals("load")).findFirst().orElseThrow();
        assertThat(load.value()).isEqualTo("57");
        assertThat(load.from()).isEqualTo("60 % of 95 kg in all, supposed to rest behind");
    }

    /** A ride that was read back tells of its rider what nobody asked him; the next range question begins with it. */
    @Test
    void whatARideSaidOfItsRiderIsCarriedOn() {
        Kit kit = GivenKits.kit("front");
        FitCase.Bike bike = new FitCase.Bike(BikeKind.DIAMOND, Given.survey(BIKE),
                new RiderNeed(Map.of(NeedAmount.RIDER, 80_000L), Set.of(), LegalClass.OPEN), Set.of());
        RideLog.Answer ride = new RideLog.Answer(20_000, 100, 100, Duration.ofMinutes(60), Duration.ofMinutes(65), 20, 28, 0, true,
                Optional.of(7.0), Optional.empty(), List.of());
        double watts = BenchFills.rider(bike, kit, ride).orElseThrow();
        assertThat(watts).isBetween(1.0, 399.0);
        BenchFill fill = BenchFills.of(bike.kind(), bike.survey(), bike.need(), Optional.of(kit), Optional.of(watts)).stream()
                .filter(f -> f.field().equals("riderWatts")).findFirst().orElseThrow();
        assertThat(fill.value()).isEqualTo(String.valueOf(Math.round(watts)));
        assertThat(fill.from()).isEqualTo("the last ride that was read back");
        RideLog.Answer noReading = new RideLog.Answer(20_000, 100, 100, Duration.ofMinutes(60), Duration.ofMinutes(65), 20, 28, 0, true,
                Optional.empty(), Optional.empty(), List.of());
        assertThat(BenchFills.rider(bike, kit, noReading)).isEmpty();
    }

    /** Sheets and made parts begin with the bike's measures and the kit's sheet. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"SHEET | bend-strip.step | 9", "SHEET | bend-strip.tie | 80", "SHEET | battery-card.length | 360",
        "MADE | position-stop.inner | none"})
    void sheetsAreFilledIn(BenchTool tool, String field, String value) {
        assertThat(of(fills(BIKE, Optional.of(GivenKits.kit("front"))), tool, field)).isEqualTo(value);
    }

    /** What the job knows is drawn; what somebody measures first is not made up. */
    @Test
    void aJobsSheetsAreThoseOfItsSteps() {
        List<BenchFill> fills = fills(BIKE, Optional.of(GivenKits.kit("front")));
        Step dry = Step.called("rail-dry", "Rail dry").atTheBench(List.of("sheet rail-holes", "sheet battery-card", "fastener")).step();
        Step laid = Step.called("loom-laid", "Loom laid").atTheBench(List.of("sheet lead-strip", "sheet battery-card")).step();
        List<JobSheets.JobSheet> sheets = JobSheets.of(List.of(dry, laid), fills);
        assertThat(sheets).extracting(JobSheets.JobSheet::kind).containsExactly(TemplateKind.RAIL_HOLES, TemplateKind.BATTERY_CARD,
                TemplateKind.LEAD_STRIP);
        assertThat(sheets.get(0).sheet()).isEmpty();
        assertThat(sheets.get(1).sheet().orElseThrow().width()).isEqualTo(360);
        assertThat(sheets.get(2).sheet()).isPresent();
    }
}
