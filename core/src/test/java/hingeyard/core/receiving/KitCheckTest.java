package hingeyard.core.receiving;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bill.Bill;
import hingeyard.core.bill.BillLine;
import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Voltage;
import hingeyard.core.receiving.KitCheck.Content;
import hingeyard.core.receiving.KitCheck.Numbered;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KitCheckTest {

    private static final Kit MID = GivenKits.kit("mid");

    private static Bill bill(String... used) {
        return new Bill("K", java.util.Arrays.stream(used).map(u -> new BillLine(Source.FROM_KIT, "", u, 1, "x", "", "", "")).toList());
    }

    @Test
    void contentsSayWhatTheJobMountsOfThem() {
        assertThat(KitCheck.contents(MID, bill("Motor"))).extracting(c -> c.name() + " " + c.used()).contains("Motor 1", "Battery 0");
        assertThat(KitCheck.contents(MID, bill("Motor", "Motor", "Motor"))).filteredOn(c -> c.name().equals("Motor")).singleElement()
                .satisfies(c -> assertThat(c.used()).as("never more than there are").isEqualTo(1));
        assertThat(KitCheck.contents(MID, bill())).hasSize((int) MID.contents().stream().map(i -> i.name()).distinct().count());
    }

    @ParameterizedTest
    @CsvSource({"4, 2, 2, false", "4, 2, 1, true", "4, 0, 0, false", "4, 4, 3, true", "4, 4, 4, false"})
    void onlyWhatTheJobMountsKeepsItWaiting(int count, int used, int good, boolean blocks) {
        assertThat(KitCheck.blocks(new Content("Washer", count, "axle-washer", used), good)).isEqualTo(blocks);
    }

    /** Thirteen cells: 39 V empty, 54.6 V full, both ends included. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"39 | true | ''", "54.6 | true | ''", "38.999 | true | outside", "54.601 | true | outside",
        "48 | false | did not run", "12 | false | outside"})
    void theBenchProvesAKitOrSaysWhyNot(String volts, boolean ran, String why) {
        var ruling = KitCheck.proven(Given.battery(13), Voltage.ofVolts(volts), ran);
        assertThat(ruling.allowed()).isEqualTo(why.isEmpty());
        assertThat(ruling.reason()).contains(why);
    }

    @Test
    void numbersAreAskedForWhatTheKitHas() {
        assertThat(KitCheck.numbered(MID)).contains(Numbered.MOTOR, Numbered.BATTERY, Numbered.KEY);
        assertThat(KitCheck.numbered(GivenKits.kit("bar"))).doesNotContain(Numbered.MOTOR);
    }

    @Test
    void anotherBatteryThanTheKitsOwnIsAPieceOfItsOwnDrawer() {
        assertThat(KitCheck.partOf(Numbered.BATTERY, MID)).isEqualTo(KitCheck.partOf(Numbered.MOTOR, MID)).isEqualTo(MID.boxNumber());
        Battery own = MID.battery();
        var other = MID.with(new Battery("OTHER-1", own.name(), own.cellsInSeries(), own.milliampereHours(), own.continuous(), own.cutOff(),
                own.mass(), own.length(), own.height(), own.casing(), own.plug(),
                own.charger()));
        assertThat(KitCheck.partOf(Numbered.MOTOR, other)).isEqualTo(MID.boxNumber());
        assertThat(KitCheck.partOf(Numbered.BATTERY, other)).isEqualTo("OTHER-1");
    }

    @Test
    void whatIsOpenIsSaidInWords() {
        List<Content> contents = List.of(new Content("A", 1, "a", 1), new Content("B", 1, "b", 1));
        assertThat(KitCheck.open(contents, Set.of("A"), Set.of(Numbered.MOTOR), Set.of(), false)).containsExactly(
                "1 line of the contents is not looked at", "Motor: number not written down",
                "The kit has not run on the bench");
        assertThat(KitCheck.open(contents, Set.of(), Set.of(), Set.of(), false))
                .containsExactly("2 lines of the contents are not looked at");
        assertThat(KitCheck.open(contents, Set.of("A", "B"), Set.of(Numbered.KEY), Set.of(Numbered.KEY), false)).as("no motor, no run")
                .isEmpty();
    }
}
