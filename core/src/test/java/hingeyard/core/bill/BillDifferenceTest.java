package hingeyard.core.bill;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.explain.Making;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BillDifferenceTest {

    /** {@code source count×what check role}, parted by commas; {@code what} in capitals is a part's number; a fifth word is the reason. */
    private static Bill bill(String said) {
        return new Bill("K", said.isBlank() ? List.of() : Arrays.stream(said.split(", ")).map(BillDifferenceTest::line).toList());
    }

    private static BillLine line(String said) {
        String[] f = said.split(" ");
        String[] countWhat = f[1].split("×");
        boolean number = countWhat[1].equals(countWhat[1].toUpperCase(java.util.Locale.ROOT));
        return new BillLine(Source.valueOf(f[0]), number ? countWhat[1] : "", countWhat[1], Integer.parseInt(countWhat[0]),
                f.length > 4 ? f[4] : "why", f[2].equals("-") ? "" : f[2],
                f[3].equals("-") ? "" : f[3], f[0].equals("FROM_DRAWER") ? "A1" : "");
    }

    private static String said(String before, String after) {
        return BillDifference.between(bill(before), bill(after)).changes().stream().map(BillDifference.Change::text)
                .collect(Collectors.joining("; "));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "FROM_DRAWER 2×S2 stack left | FROM_DRAWER 2×S2 stack left | ''",
        "FROM_DRAWER 2×S2 stack left | TO_ORDER 2×S2 stack left | ''",
        "FROM_DRAWER 2×S2 stack left | FROM_DRAWER 3×S2 stack left | S2: 3 instead of 2",
        "FROM_DRAWER 3×S2 stack left | FROM_DRAWER 2×S2 stack left | S2: 2 instead of 3",
        "FROM_DRAWER 1×S2 stack left, FROM_DRAWER 2×S2 stack left | FROM_DRAWER 4×S2 stack left | S2: 4 instead of 3",
        "FROM_DRAWER 3×S2 stack left | FROM_DRAWER 1×S2 stack left, FROM_DRAWER 2×S2 stack left | ''",
        "FROM_KIT 4×bolt stack left | FROM_KIT 1×bolt stack left | bolt: 1 instead of 4",
        "FROM_DRAWER 2×S2 stack left | FROM_DRAWER 1×S3 stack left | 1 × S3, drawer A1 instead of 2 × S2, drawer A1",
        "FROM_DRAWER 2×S2 stack left | FROM_KIT 1×spacer stack left | 1 × spacer, from the box instead of 2 × S2, drawer A1",
        "FROM_DRAWER 2×S2 stack left | TO_ORDER 1×made stack left | 1 × made, to order instead of 2 × S2, drawer A1",
        "'' | FROM_DRAWER 1×S3 stack left | 1 × S3, drawer A1 added",
        "FROM_DRAWER 1×S3 stack left | '' | 1 × S3, drawer A1 no longer on the bill",
        "FROM_DRAWER 1×S3 stack left | FROM_DRAWER 1×S3 stack right | 1 × S3, drawer A1 added; 1 × S3, drawer A1 no longer on the bill",
        "FROM_KIT 1×spacer - - | BACK_IN_DRAWER 1×spacer - - | 1 × spacer back in the drawer; 1 × spacer, from the box no longer on the bill",
        "'' | CONSENTED 1×gears cogs - | Wants consent: gears",
        "CONSENTED 1×gears cogs - | '' | gears: no longer a trade-off",
        "CONSENTED 1×gears cogs - one | CONSENTED 1×gears cogs - two | gears: what is consented to reads otherwise now",
        "'' | WITH_JOB 1×tyres - - | tyres added"})
    void differencesReadAsSentences(String before, String after, String text) {
        assertThat(said(before, after)).isEqualTo(text);
    }

    @Test
    void anotherKitIsSaidFirst() {
        assertThat(BillDifference.between(new Bill("A", List.of()), new Bill("B", List.of())).changes()).singleElement()
                .satisfies(c -> assertThat(c.text()).isEqualTo("Kit B instead of A"));
    }

    /** A bill never differs from itself in another order, and each way round as many lines differ. */
    @Test
    void anyBillIsLikeItself() {
        Random random = new Random(3);
        List<BillLine> pool = new ArrayList<>();
        for (String what : List.of("S1", "S2", "bolt", "arm")) {
            for (String check : List.of("stack", "arm")) {
                pool.add(line("FROM_DRAWER 1×" + what + " " + check + " left"));
                pool.add(line("FROM_KIT 2×" + what + " " + check + " right"));
            }
        }
        for (int round = 0; round < 500; round++) {
            List<BillLine> some = pool.stream().filter(l -> random.nextBoolean()).collect(Collectors.toCollection(ArrayList::new));
            List<BillLine> others = pool.stream().filter(l -> random.nextBoolean()).toList();
            Bill bill = new Bill("K", some);
            java.util.Collections.shuffle(some, random);
            assertThat(BillDifference.between(bill, new Bill("K", some)).changes()).isEmpty();
            assertThat(BillDifference.between(bill, new Bill("K", others)).changes().isEmpty())
                    .isEqualTo(BillDifference.between(new Bill("K", others), bill).changes().isEmpty());
        }
    }

    @Test
    void aWiderShellPutsAnotherSpacerOnTheBill() {
        var kit = Given.wholeBracketKit("82", "96", "3", 13, "60", "3.0x1");
        Bill a = BillAssembler.assemble(
                Given.report(Given.survey(GivenKits.bike("bracket.shell-width=73")), kit, Given.drawers("C4:4:2", "C1:1:9")), List.of());
        Bill b = BillAssembler.assemble(
                Given.report(Given.survey(GivenKits.bike("bracket.shell-width=76")), kit, Given.drawers("C4:4:2", "C1:1:9")), List.of());
        assertThat(BillDifference.between(a, b).changes()).as("the stack, and what stands on where it puts the motor")
                .anyMatch(c -> c.checkId().equals("bracket-stack"))
                .allSatisfy(c -> assertThat(c.checkId()).isIn("bracket-stack", "chainline", "left-clearance"));
        assertThat(BillDifference.between(a, a).changes()).isEmpty();
    }

    /** Under the same name a made part of other measures is another one; made or still to make, the same one is no difference. */
    @Test
    void aMadePartIsTheSameByItsMeasures() {
        Bill low = new Bill("K", List.of(made(Source.MADE, "block 32 40 1 1 38")));
        assertThat(BillDifference.between(low, new Bill("K", List.of(made(Source.TO_MAKE, "block 32 40 1 1 38")))).changes()).isEmpty();
        assertThat(BillDifference.between(low, new Bill("K", List.of(made(Source.TO_MAKE, "block 34 40 1 1 44")))).changes())
                .singleElement()
                .satisfies(c -> {
                    assertThat(c.role()).isEqualTo("motor-block");
                    assertThat(c.text()).contains("under a tube of 44 mm instead of", "under a tube of 38 mm");
                });
    }

    private static BillLine made(Source source, String making) {
        return new BillLine(source, "", "Motor block", 1, "gap", "motor-rotation", "motor-block", "", 520,
                Optional.of(Making.parse(making)), Optional.empty());
    }
}
