package hingeyard.core.bill;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.bill.BillLine.Source;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Another part in place of one that is short, and a part that was found for a line without a number. */
class StandInTest {

    private static BillLine line(Source source, String part, String role) {
        return new BillLine(source, part, "Screw", 2, "The plate asks for it", "motor-fixing", role,
                source == Source.FROM_DRAWER ? "C1" : "");
    }

    private static final StandIn OTHER = new StandIn("motor-screw", "M8-30", "M8-35", "Screw 35", "C2", "on steel", "Orla M.");

    @Test
    void onlyTheLineThatIsMeantIsFilledWithTheOther() {
        Bill bill = new Bill("K", List.of(line(Source.TO_ORDER, "M8-30", "motor-screw"), line(Source.TO_ORDER, "M8-30", "rail-screw"),
                line(Source.TO_ORDER, "M8-25", "motor-screw"), line(Source.BACK_IN_DRAWER, "M8-30", "motor-screw")));
        Bill filled = bill.with(List.of(OTHER));
        assertThat(filled.kitCode()).isEqualTo("K");
        assertThat(filled.lines().get(0)).isEqualTo(new BillLine(Source.FROM_DRAWER, "M8-35", "Screw 35", 2,
                "Stands in for M8-30, on steel (Orla M.). The plate asks for it", "motor-fixing", "motor-screw", "C2"));
        assertThat(filled.lines().subList(1, 4)).isEqualTo(bill.lines().subList(1, 4));
    }

    @Test
    void aPartThatWasFoundTakesTheLineWithoutANumber() {
        StandIn found = new StandIn("motor-screw", "", "M8-35", "Screw 35, for: Screw", "", "found for it", "Ines D.");
        Bill filled = new Bill("K", List.of(line(Source.TO_ORDER, "", "motor-screw"), line(Source.TO_ORDER, "M8-30", "motor-screw")))
                .with(List.of(found));
        assertThat(filled.lines().get(0)).isEqualTo(new BillLine(Source.TO_ORDER, "M8-35", "Screw 35, for: Screw", 2,
                "The plate asks for it", "motor-fixing", "motor-screw", ""));
        assertThat(filled.lines().get(1).partNumber()).isEqualTo("M8-30");
    }

    @Test
    void itIsOfUseOnlyWhereItIsOnTheBill() {
        Bill without = new Bill("K", List.of(line(Source.TO_ORDER, "M8-25", "motor-screw")));
        assertThat(without.uses(OTHER)).isFalse();
        assertThat(new Bill("K", List.of(line(Source.TO_ORDER, "M8-30", "motor-screw"))).with(List.of(OTHER)).uses(OTHER)).isTrue();
        assertThat(new Bill("K", List.of(line(Source.FROM_DRAWER, "M8-35", "rail-screw"))).uses(OTHER)).as("as something else").isFalse();
        assertThat(new Bill("K", List.of(line(Source.BACK_IN_DRAWER, "M8-35", "motor-screw"))).uses(OTHER)).as("on its way back").isFalse();
    }

    @ParameterizedTest
    @CsvSource({"2.5, 2.5, true", "2.5, 3, false", "2.5, , false", ", 3, true", ", , true"})
    void aSpacerIsFilledOnlyByOneAsThick(String asked, String other, boolean fills) {
        assertThat(StandIn.fills(Optional.ofNullable(asked).map(Given::mm), Optional.ofNullable(other).map(Given::mm))).isEqualTo(fills);
    }

    @Test
    void linesAreAddedBehind() {
        Bill bill = new Bill("K", List.of(line(Source.TO_ORDER, "A", ""))).and(List.of(line(Source.TO_ORDER, "B", "")));
        assertThat(bill.kitCode()).isEqualTo("K");
        assertThat(bill.lines()).extracting(BillLine::partNumber).containsExactly("A", "B");
    }

    /** A stock line without a place gets its drawer, a line with a number its price; what is no stock keeps neither. */
    @Test
    void placesAndPricesComeFromTheDrawers() {
        Bill bill = new Bill("K", List.of(new BillLine(Source.FROM_DRAWER, "A", "a", 1, "x", "", "", ""), line(Source.FROM_DRAWER, "B", ""),
                line(Source.TO_ORDER, "C", ""), line(Source.TO_ORDER, "", ""), line(Source.FROM_KIT, "D", "")));
        assertThat(bill.placed(part -> "at " + part).lines()).extracting(BillLine::place).containsExactly("at A", "C1", "", "", "");
        assertThat(bill.priced(part -> 100L * part.charAt(0)).lines()).extracting(BillLine::priceMinor).containsExactly(6500L, 6600L, 6700L,
                0L, 0L);
        assertThat(bill.from(Source.TO_ORDER)).hasSize(2);
    }
}
