package hingeyard.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuantityTest {

    @Test
    void aSumThatMeetsALimitExactlyIsSeenToMeetIt() {
        Length left = Length.ofMillimetres("73.0").minus(Length.ofMillimetres("68.5")).minus(Length.ofMillimetres("4.2"));
        assertThat(left.isLessThan(Length.ofMillimetres("0.3"))).isFalse();
        assertThat(left).isEqualTo(Length.ofMillimetres("0.3"));
    }

    @Test
    void printsWithUnitAndSign() {
        assertThat(Length.ofMillimetres("73").text()).isEqualTo("73.0 mm");
        assertThat(Length.ofMicrometres(9_525).text()).isEqualTo("9.525 mm");
        assertThat(Length.ofMillimetres("-2.5").signedText()).isEqualTo("−2.5 mm");
        assertThat(Length.ofMillimetres(100).amount()).hasToString("100");
        assertThat(Voltage.ofVolts("54.6").text()).isEqualTo("54.6 V");
        assertThat(Voltage.ofVolts("48").signedText()).isEqualTo("+48 V");
    }

    @Test
    void refusesWhatIsFinerThanAMicrometre() {
        assertThatThrownBy(() -> Length.ofMillimetres("1.0001")).isInstanceOf(ArithmeticException.class);
    }

    @ParameterizedTest
    @CsvSource({"35,40,35–40,26–30", "80,120,80–120,59–89", "4,6,4–6,3.0–4.4", "12,12,12,8.9", "40,50,40–50,30–37"})
    void torqueInBothUnits(String least, String greatest, String newtonMetres, String footPounds) {
        TorqueRange range = TorqueRange.ofNewtonMetres(least, greatest);
        assertThat(range.newtonMetres()).isEqualTo(newtonMetres);
        assertThat(range.footPounds()).isEqualTo(footPounds);
    }

    @Test
    void bandsCountTheirEndsAsInside() {
        Band band = Band.around(Length.ofMillimetres(73), Length.ofMicrometres(100));
        assertThat(band.contains(Length.ofMillimetres("73.1"))).isTrue();
        assertThat(band.contains(Length.ofMicrometres(73_101))).isFalse();
        assertThat(band.encloses(Band.exactly(Length.ofMillimetres("72.9")))).isTrue();
        assertThat(band.overlaps(Band.exactly(Length.ofMillimetres("73.2")))).isFalse();
        assertThat(band.minus(band)).isEqualTo(Band.around(Length.ZERO, Length.ofMicrometres(200)));
        assertThatThrownBy(() -> new Band(Length.ofMillimetres(2), Length.ofMillimetres(1)))
                .hasMessageContaining("least is above greatest");
    }

    @org.junit.jupiter.params.ParameterizedTest
    @org.junit.jupiter.params.provider.CsvSource({"3.5, kg, 3.5 kg, 7.7 lb", "25, km/h, 25 km/h, 16 mph", "40, km, 40 km, 25 mi",
        "2.83, °, 2.83°, 2.83°", "250, W, 250 W, 250 W", "420, mm², 420 mm², 0.65 in²"})
    void amountsAreToldInTheUnitsOfWhoeverReadsThem(String amount, String unit, String metric, String imperial) {
        Amount said = new Amount(new java.math.BigDecimal(amount), unit);
        assertThat(said.text(Units.METRIC)).isEqualTo(metric);
        assertThat(said.text(Units.IMPERIAL)).isEqualTo(imperial);
    }

    @ParameterizedTest
    @CsvSource({"70.47, 0, 2, 70, 70.5 N/mm²", "70.47, 0, 2, 71, 70 N/mm²", "180.02, 0, 2, 180, 180.02 N/mm²",
        "180.004, 0, 2, 180, 180 N/mm²", "69.6, 0, 2, 70, 70 N/mm²", "70, 0, 2, 70, 70 N/mm²"})
    void anAmountBesideALimitStaysOnItsSide(double value, int places, int finest, double limit, String said) {
        assertThat(Amount.beside(value, places, finest, "N/mm²", limit).text()).isEqualTo(said);
    }
}
