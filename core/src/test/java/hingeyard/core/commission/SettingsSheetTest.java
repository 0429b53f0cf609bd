package hingeyard.core.commission;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.booking.LegalClass;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitReport;
import hingeyard.core.kit.DisplayPage;
import hingeyard.core.kit.Equipment;
import hingeyard.core.kit.Kit;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.ShopRules;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SettingsSheetTest {

    private static Kit with(Kit kit, DisplayPage... pages) {
        Equipment e = kit.equipment();
        return new Kit(kit.code(), kit.maker(), kit.name(), kit.drive(), kit.controller(), kit.battery(),
                new Equipment(e.motor(), e.sensing(), e.speedSensor(), e.cutOff(), e.cockpit(), e.leads(), List.of(pages), e.mass(),
                        e.priceMinor()),
                kit.contents());
    }

    private static FitReport match(String family, String bike, LegalClass asked, DisplayPage... pages) {
        FitCase.Bike on = new FitCase.Bike(BikeKind.DIAMOND, Given.survey(bike), new RiderNeed(Map.of(), Set.of(), asked), Set.of());
        return new FitReport(on, with(GivenKits.kit(family), pages), ShopRules.standard(), List.of());
    }

    private static Setting one(FitReport match) {
        return SettingsSheet.of(match).get(0);
    }

    /**
     * π · (bead seat + 2 · tyre) · 0.99, by hand. A front hub counts the front wheel with the motor's rim, everything else the rear one.
     */
    @ParameterizedTest
    @CsvSource({"mid,rear.bead-seat=622;rear.tyre-width=40,2183", "mid,rear.bead-seat=559;rear.tyre-width=50,2050",
        "mid,rear.bead-seat=406;rear.tyre-width=55,1605", "mid,rear.bead-seat=622,2183",
        "mid,bracket.standard=iso,2183", "front,front.tyre-width=40,2183", "front,front.tyre-width=50,2246"})
    void theWheelIsComputed(String family, String bike, String millimetres) {
        Setting wheel = one(
                match(family, bike, LegalClass.OPEN, new DisplayPage("2", "wheel circumference", "900 to 2400 mm", "computed")));
        assertThat(wheel.value()).isEqualTo(millimetres + " mm");
        assertThat(wheel.ground()).contains(bike.contains("tyre") ? "tyre as measured" : "supposed: not measured");
    }

    /** A wheel rolled to the edge of what its tyre can be is no step towards a further one: the display stays as near to the marking. */
    @ParameterizedTest
    @CsvSource({"2240, true", "2120, true", "2250, false", "2300, false", "2110, false"})
    void whatWasRolledMovesNoBoundOfTheDisplay(String entered, boolean taken) {
        FitReport match = match("mid", "rear.bead-seat=622;rear.tyre-width=40", LegalClass.OPEN,
                new DisplayPage("2", "wheel circumference", "900 to 2400 mm", "computed"));
        Setting wheel = SettingsSheet.of(match, Optional.of(new SettingsSheet.Rolled(2_240, "Tova"))).get(0);
        assertThat(SettingRules.mayBe(wheel, entered, match).allowed()).isEqualTo(taken);
    }

    /** What was rolled on the floor counts, as far as it can be that tyre. */
    @ParameterizedTest
    @CsvSource({"2160, 2160, rolled on the floor by Tova; 2183 mm by the tyre's marking", "2240.4, 2240, rolled on the floor",
        "2260, 2183, tyre as measured", "1900, 2183, tyre as measured"})
    void aWheelRolledOnTheFloorIsSetInPlaceOfItsMarking(double rolled, int set, String ground) {
        Setting wheel = SettingsSheet.of(match("mid", "rear.bead-seat=622;rear.tyre-width=40", LegalClass.OPEN,
                new DisplayPage("2", "wheel circumference", "900 to 2400 mm", "computed")),
                Optional.of(new SettingsSheet.Rolled(rolled, "Tova"))).get(0);
        assertThat(wheel.value()).isEqualTo(set + " mm");
        assertThat(wheel.ground()).contains(ground);
    }

    @ParameterizedTest
    @CsvSource({"CLASS_A,25", "CLASS_B,32"})
    void theSpeedLimitIsThatOfTheClassAskedForAndNeverAboveTheMotors(LegalClass asked, long most) {
        FitReport match = match("mid", GivenKits.BIKE, asked);
        long made = match.kit().equipment().motor().orElseThrow().cutOffSpeed();
        assertThat(SettingsSheet.speed(match)).isEqualTo(Math.min(made, most));
        assertThat(SettingsSheet.speed(match("mid", GivenKits.BIKE, LegalClass.OPEN))).isEqualTo(made);
        FitReport slower = new FitReport(match.bike(), match.kit(), ShopRules.standard()
                .with(NumberRule.CLASS_A_SPEED, new BigDecimal("20")).with(NumberRule.CLASS_B_SPEED, new BigDecimal("20")), List.of());
        assertThat(SettingsSheet.speed(slower)).as("the shop's own table").isEqualTo(Math.min(made, 20));
    }

    /** The ground names whichever is slower: the class by the shop's own rule, or the motor. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "CLASS_A | 45 | 25 km/h | Class A: pedal assist ends at 25 km/h by the shop's rules; check your local rules",
        "CLASS_A | 25 | 25 km/h | Class A: pedal assist ends at 25 km/h by the shop's rules; check your local rules",
        "CLASS_B | 25 | 25 km/h | as the motor is made; Class B: with throttle ends at 32 km/h; check your local rules",
        "CLASS_B | 45 | 32 km/h | Class B: with throttle ends at 32 km/h by the shop's rules; check your local rules",
        "OPEN | 45 | 45 km/h | as the motor is made: no class was asked for; check your local rules",
        "OFF_ROAD | 45 | 45 km/h | as the motor is made: off-road only, not for public roads; check your local rules"})
    void theSpeedLimitSaysWhatDecidedIt(LegalClass asked, String made, String value, String ground) {
        Setting speed = one(match("mid speed=" + made, GivenKits.BIKE, asked, new DisplayPage("3", "speed limit", "10 to 50 km/h", "25")));
        assertThat(speed.value()).isEqualTo(value);
        assertThat(speed.ground()).isEqualTo(ground);
    }

    @Test
    void whatNobodyComputesIsLeftAsFoundAndACodeIsHidden() {
        FitReport match = match("mid", GivenKits.BIKE, LegalClass.OPEN, new DisplayPage("9", "half-life of the lamp", "0 to 7", "3"),
                new DisplayPage("12", "start code", "off, 4 digits", "off"),
                new DisplayPage("5", "battery voltage", "36, 48 V", "36 V"),
                new DisplayPage("8", "current limit", "8 to 30 A", "by match"));
        List<Setting> sheet = SettingsSheet.of(match);
        assertThat(sheet).extracting(Setting::page).containsExactly("9", "12", "5", "8");
        assertThat(sheet.get(0)).satisfies(s -> {
            assertThat(s.value()).isEqualTo("3");
            assertThat(s.ground()).startsWith("left as found");
            assertThat(s.hidden()).isFalse();
        });
        assertThat(sheet.get(1).hidden()).isTrue();
        assertThat(sheet.get(2).value()).isEqualTo(match.kit().battery().soldAs().text());
        assertThat(sheet.get(3).ground()).contains("weakest");
    }

    /** What a display takes, and what of it the job allows. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            speed limit         | 15 to 45 km/h      | CLASS_A | 25 km/h  |
            speed limit         | 15 to 45 km/h      | CLASS_A | 20       |
            speed limit         | 15 to 45 km/h      | CLASS_A | 26       | at most 25 km/h on this job
            speed limit         | 15 to 45 km/h      | CLASS_A | 100000   | the display takes 15 to 45 km/h
            speed limit         | 15 to 45 km/h      | CLASS_A | 20 mph   | the display takes 15 to 45 km/h
            speed limit         | 15 to 45 km/h      | CLASS_A | fast     | the display takes 15 to 45 km/h
            wheel circumference | 900 to 2400 mm     | OPEN    | 2200 mm  |
            wheel circumference | 900 to 2400 mm     | OPEN    | 1900 mm  | within 3 % of 2183 mm
            battery voltage     | 24, 36, 48, 52 V   | OPEN    | 24 V     | V:
            battery voltage     | 36, 48, 52 V       | OPEN    | 44 V     | the display takes 36, 48, 52 V
            current limit       | 1 to 60 A          | OPEN    | 59 A     | at most
            current limit       | 1 to 60 A          | OPEN    | 2 A      |
            assist levels       | 3, 5, 9            | OPEN    | 5        |
            assist levels       | 3, 5, 9            | OPEN    | 4        | the display takes 3, 5, 9
            start code          | off, 4 digits      | OPEN    | 0831     |
            start code          | off, 4 digits      | OPEN    | OFF      |
            start code          | off, 4 digits      | OPEN    | 831      | the display takes off, 4 digits
            low cut-off         | by battery         | OPEN    | anything |
            """)
    void aPageIsSetToWhatTheDisplayTakesAndTheJobAllows(String meaning, String allowed, LegalClass asked, String value, String refused) {
        FitReport match = match("mid", "rear.bead-seat=622;rear.tyre-width=40", asked, new DisplayPage("7", meaning, allowed, "as found"));
        assertThat(SettingRules.mayBe(one(match), value, match)).satisfies(r -> {
            assertThat(r.allowed()).as(r.reason()).isEqualTo(refused == null);
            assertThat(r.reason()).contains(refused == null ? "" : refused);
        });
        assertThat(SettingRules.mayBe(one(match), one(match).value(), match).allowed()).as("what the sheet itself says").isTrue();
    }
}
