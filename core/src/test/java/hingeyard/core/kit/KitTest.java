package hingeyard.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.Given;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Voltage;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KitTest {

    @ParameterizedTest
    @CsvSource({"10,36,36 V,42 V,30 V", "13,48,46.8 V,54.6 V,39 V", "14,52,50.4 V,58.8 V,42 V", "16,60,57.6 V,67.2 V,48 V",
        "20,72,72 V,84 V,60 V",
        "12,43.2,43.2 V,50.4 V,36 V"})
    void aPacksVoltagesFollowFromItsCells(int cells, String soldAs, String nominal, String full, String empty) {
        Battery battery = Given.battery(cells);
        assertThat(battery.soldAs()).isEqualTo(Voltage.ofVolts(soldAs));
        assertThat(battery.nominal().text()).isEqualTo(nominal);
        assertThat(battery.full().text()).isEqualTo(full);
        assertThat(battery.empty().text()).isEqualTo(empty);
    }

    @Test
    void refusesWhatNoKitCanHave() {
        assertThatThrownBy(() -> Given.battery(0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Given.battery(25)).hasMessageContaining("25");
        assertThatThrownBy(() -> PieceSize.of("0", "0", "34", "42")).hasMessageContaining("more than 0");
        assertThatThrownBy(() -> PieceSize.of("2", "-0.1", "34", "42")).hasMessageContaining("0 or more");
        assertThatThrownBy(() -> PieceSize.of("2", "0.1", "42", "34")).hasMessageContaining("more than the bore");
        assertThatThrownBy(() -> KitItem.of("Lock nut", 0, "lock-nut")).hasMessageContaining("Lock nut").hasMessageContaining("1 to 1000");
        assertThatThrownBy(
                () -> new Controller(List.of(), Voltage.ofVolts("60"), Voltage.ofVolts("40"), Current.ofAmperes("18"), Optional.empty(),
                        Given.blades(true), new Wire(12, Given.mm("500")), Optional.empty(), Optional.empty(), false))
                .hasMessageContaining("at least one");
    }

    @Test
    void eachDriveOffersItsOwnMountOnly() {
        Kit mid = Given.bracketKit("70", "92", "0", 13, "60");
        Kit hub = Given.frontHubKit("100");
        assertThat(mid.drive().bracket()).isPresent();
        assertThat(mid.drive().hub()).isEmpty();
        assertThat(hub.drive().bracket()).isEmpty();
        assertThat(hub.drive().hub()).isPresent();
        assertThat(mid.drive().takesOff(FrameSurvey.empty())).contains("Bottom bracket cups and spindle")
                .noneMatch(t -> t.startsWith("Front derailleur"));
        assertThat(hub.drive().takesOff(FrameSurvey.empty())).singleElement().asString().startsWith("Front wheel");
        assertThat(mid.fullName()).isEqualTo("Testworks mid 92");
    }

    /** The controller is rated for 36 and 48 V, as 10 and 13 cells are sold; 7 are 24 V, 14 are 52 V, 16 are 60 V. */
    @ParameterizedTest
    @CsvSource({"13, true", "14, false", "16, false", "10, true", "7, false"})
    void takesOtherBatteriesOfItsVoltageOnly(int cells, boolean takes) {
        Kit kit = Given.bracketKit("70", "92", "0", 13, "60");
        Battery b = Given.battery(cells);
        Battery other = new Battery("OTHER", "Other", b.cellsInSeries(), b.milliampereHours(), b.continuous(), b.cutOff(), b.mass(),
                b.length(), b.height(), b.casing(), b.plug(), b.charger());
        assertThat(kit.takes(other)).isEqualTo(takes);
        assertThat(kit.takes(kit.battery())).as("its own is no other").isFalse();
    }
}
