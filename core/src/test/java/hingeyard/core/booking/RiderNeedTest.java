package hingeyard.core.booking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.quantity.Scale;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RiderNeedTest {

    @ParameterizedTest
    @CsvSource({"DISTANCE, 24, 24000", "DISTANCE, 15 mi, 24140", "DISTANCE, '3,5 km', 3500", "CLIMB, 300, 300", "CLIMB, 1000 ft, 305",
        "MASS, 80, 80000",
        "MASS, 176 lb, 79832", "MASS, 14.5 kg, 14500", "SPEED, 25, 25000", "SPEED, 16 mph, 25750", "MONEY, 1799.50, 179950", "PIECES, 8, 8",
        "TEETH, 42 t, 42"})
    void amountsAreUnderstoodAsTheyAreSaid(Scale scale, String said, long base) {
        assertThat(scale.parse(said)).isEqualTo(base);
    }

    @ParameterizedTest
    @CsvSource({"DISTANCE, far", "DISTANCE, -3", "PIECES, 2.5", "TEETH, 11 kg", "MONEY, 12 eur", "MASS, ''"})
    void whatIsNoAmountIsRefusedAndSaysWhatIsUnderstood(Scale scale, String said) {
        assertThatThrownBy(() -> scale.parse(said)).hasMessageContaining("Understood: a");
    }

    @ParameterizedTest
    @CsvSource({"DISTANCE, 24140, 24.1 km, 15 mi", "MASS, 80000, 80 kg, 176 lb", "SPEED, 25000, 25 km/h, 15.5 mph",
        "CLIMB, 300, 300 m, 984 ft", "MONEY, 179950, 1799.50, 1799.50", "MONEY, 180000, 1800, 1800"})
    void amountsAreSaidInBothWorlds(Scale scale, long base, String metric, String imperial) {
        assertThat(scale.text(base)).isEqualTo(metric);
        assertThat(scale.imperialText(base)).isEqualTo(imperial);
    }

    @Test
    void usualAmountsArePossible() {
        for (NeedAmount amount : NeedAmount.values()) {
            assertThat(amount.usual()).as(amount.name()).isSorted().allMatch(u -> u >= amount.least() && u <= amount.greatest());
        }
    }

    @Test
    void everyFaultIsNamedAtOnceWithWhatIsPossible() {
        assertThatThrownBy(
                () -> RiderNeed.read(Map.of(NeedAmount.DISTANCE, "900 km", NeedAmount.RIDER, "heavy"), Set.of(), LegalClass.OPEN))
                .isInstanceOfSatisfying(RefusedNeedException.class,
                        e -> assertThat(e.faults()).containsOnlyKeys(NeedAmount.DISTANCE, NeedAmount.RIDER))
                .hasMessageContainingAll("'900 km'", "1 km to 300 km, 0.6 mi to 186.4 mi", "'heavy'", "Nothing was saved");
    }

    @Test
    void aNeedIsSaidInAFewWords() {
        RiderNeed need = RiderNeed.read(Map.of(NeedAmount.DISTANCE, "38", NeedAmount.CLIMB, "", NeedAmount.RIDER, "176 lb"),
                Set.of(NeedWish.MUST_FOLD), LegalClass.CLASS_A);
        assertThat(need.text(false)).isEqualTo("38 km a day, 79.832 kg rider, must still fold, Class A: pedal assist");
        assertThat(need.text(true)).contains("23.6 mi a day", "176 lb rider");
        assertThat(need.amount(NeedAmount.CLIMB)).isEmpty();
        assertThat(RiderNeed.none().text(false)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"Hedda Kvist, 'Kvist, Hédda', true", "Hedda Kvist, hedda  kvist, true", "Hedda Kvist, Heda Kvist, true",
        "Hedda Kvist, Hedda Qvist, true",
        "Hedda Kvist, Helga Brandt, false", "Ferry Co-op, Ferry Coop, true", "Nils Farrow, Nils Marrow, true",
        "Nils Farrow, Nils Osei, false", "Osker Vesper, Oskar Vesper, true", "Tam Osei, Pam Osai, false", "'', '', false"})
    void customersWhoMayBeOneAreSpotted(String one, String other, boolean same) {
        assertThat(Likeness.sameName(one, other)).isEqualTo(same);
        assertThat(Likeness.sameName(other, one)).isEqualTo(same);
    }

    @Test
    void contactsAreComparedWithoutTheirGrouping() {
        assertThat(Likeness.sameContact("ext. 12-34", "Ext 1234")).isTrue();
        assertThat(Likeness.sameContact("ext. 12", "ext. 13")).isFalse();
        assertThat(Likeness.sameContact("", "")).isFalse();
    }
}
