package hingeyard.core.bill;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.bill.ByHand.Kind;
import hingeyard.core.bill.ByHand.Place;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.stock.DrawerPart;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ByHandTest {

    private static final BillLine BOX = line(Source.KIT_BOX, "K1", "Kit", 1, "kit-box", "");
    private static final BillLine LEVERS = line(Source.FROM_KIT, "", "Brake levers", 2, "levers", "");
    private static final BillLine ARM = line(Source.FROM_DRAWER, "TA1", "Torque arm", 1, "torque-arm", "front-axle-load");
    private static final BillLine SPACER = line(Source.FROM_DRAWER, "S2", "Spacer 2", 1, "bracket-stack-drive", "bracket-stack");
    private static final BillLine TIES = line(Source.CONSUMABLE, "", "Ties", 12, "", "");
    private static final Bill BILL = new Bill("K1", List.of(BOX, LEVERS, ARM, SPACER, TIES));
    private static final Optional<PieceSize> TWO = Optional.of(PieceSize.of("2", "0.05", "34", "42"));

    private static BillLine line(Source source, String part, String name, int count, String role, String check) {
        return new BillLine(source, part, name, count, "why", check, role, "C1");
    }

    private static Optional<Finding> finding(boolean overridable) {
        Finding.Builder finding = Finding.of("front-axle-load", "Axle twist").kit(Leaf.of("kit")).margin(Margin.said("x"));
        return Optional.of((overridable ? finding : finding.neverOverridden()).is(Verdict.FITS, Sentence.plain("It twists.")));
    }

    private static DrawerPart part(String number, String use, Optional<PieceSize> size) {
        return new DrawerPart(number, "Part " + number, use, "D1", 5, size);
    }

    private static ByHand change(Kind kind, BillLine line, String part, int count) {
        return new ByHand(kind, line.role(), ByHand.what(line), part, part.isEmpty() ? "" : "Part " + part, count, "customer's wish",
                "Orla");
    }

    private static List<String> said(Bill bill) {
        return bill.lines().stream()
                .map(l -> "%s %d %s %s %s".formatted(l.source(), l.count(), ByHand.what(l), l.role(), l.checkId()).strip()).toList();
    }

    @Test
    void anotherPartGoesOnAndTheBoxsOwnGoesBack() {
        assertThat(said(BILL.by(List.of(change(Kind.OTHER_PART, LEVERS, "LV9", 2)))))
                .contains("BACK_IN_DRAWER 2 Brake levers", "FROM_DRAWER 2 LV9 levers").doesNotContain("FROM_KIT 2 Brake levers levers");
        assertThat(said(BILL.by(List.of(change(Kind.OTHER_PART, ARM, "TA2", 1))))).contains("FROM_DRAWER 1 TA2 torque-arm front-axle-load")
                .doesNotContain("FROM_DRAWER 1 TA1 torque-arm front-axle-load");
    }

    @Test
    void whatIsLeftOutStaysOnTheBillWithItsReason() {
        assertThat(BILL.by(List.of(change(Kind.LEFT_OUT, ARM, "", 1))).from(Source.NOT_TAKEN)).extracting(BillLine::reason)
                .containsExactly("customer's wish (Orla). why");
        assertThat(said(BILL.by(List.of(change(Kind.LEFT_OUT, LEVERS, "", 2))))).contains("BACK_IN_DRAWER 2 Brake levers");
    }

    @Test
    void whatIsAddedIsHeldAndMountedWithItsStep() {
        assertThat(said(BILL.by(List.of(new ByHand(Kind.ADDED, "levers", "", "BL1", "Bell", 3, "asked for", "Orla")))))
                .contains("FROM_DRAWER 3 BL1 levers").hasSize(6);
    }

    @Test
    void anotherCountIsAnotherCount() {
        assertThat(said(BILL.by(List.of(change(Kind.OTHER_COUNT, ARM, "", 2))))).contains("FROM_DRAWER 2 TA1 torque-arm front-axle-load")
                .hasSize(5);
    }

    /** In the order they were said: what was swapped may be changed again, and what is about a line that is gone changes nothing. */
    @Test
    void oneChangeBuildsOnAnother() {
        ByHand swap = change(Kind.OTHER_PART, ARM, "TA2", 1);
        ByHand two = new ByHand(Kind.OTHER_COUNT, "torque-arm", "TA2", "", "", 2, "both sides", "Orla");
        assertThat(said(BILL.by(List.of(swap, two)))).contains("FROM_DRAWER 2 TA2 torque-arm front-axle-load");
        assertThat(two.applies(BILL)).isFalse();
        assertThat(two.applies(BILL.by(List.of(swap)))).isTrue();
        assertThat(BILL.by(List.of(two))).isEqualTo(BILL);
    }

    @ParameterizedTest
    @EnumSource(Kind.class)
    void theBoxAndWhatIsUsedUpAreNotChanged(Kind kind) {
        assertThat(ByHand.may(kind, new Place(BOX, Optional.empty(), Optional.empty())).reason()).contains("choose another kit");
        assertThat(ByHand.may(kind, new Place(TIES, Optional.empty(), Optional.empty())).allowed()).isFalse();
        assertThat(BILL.by(List.of(change(kind == Kind.ADDED ? Kind.LEFT_OUT : kind, BOX, "X", 1)))).isEqualTo(BILL);
    }

    /**
     * What the maker has mounted goes on, or another in its place; motor and battery are the kit; what is mounted nowhere may stay away.
     */
    @ParameterizedTest
    @CsvSource({"levers,OTHER_PART,true", "levers,LEFT_OUT,false", "levers,OTHER_COUNT,false", "motor,OTHER_PART,false",
        "motor,LEFT_OUT,false", "battery,OTHER_PART,false", "'',LEFT_OUT,true", "'',OTHER_PART,true"})
    void whatComesInTheBox(String role, Kind kind, boolean may) {
        assertThat(ByHand.may(kind, new Place(line(Source.FROM_KIT, "", "Of the box", 1, role, ""), Optional.empty(), Optional.empty()))
                .allowed()).isEqualTo(may);
    }

    @ParameterizedTest
    @CsvSource({"LEFT_OUT,false,false", "LEFT_OUT,true,true", "OTHER_PART,false,true", "OTHER_COUNT,false,true"})
    void whatASafetyLimitRestsOnIsNotLeftOut(Kind kind, boolean overridable, boolean may) {
        assertThat(ByHand.may(kind, new Place(ARM, finding(overridable), Optional.empty())).allowed()).isEqualTo(may);
    }

    @ParameterizedTest
    @CsvSource({"1,false,false", "2,false,true", "3,false,true", "1,true,true", "0,true,false", "99,true,true", "100,true,false"})
    void fewerThanASafetyLimitAsksForIsNeverEnough(int count, boolean overridable, boolean may) {
        Place two = new Place(line(Source.FROM_DRAWER, "TA1", "Torque arm", 2, "torque-arm", "front-axle-load"), finding(overridable),
                Optional.empty());
        assertThat(ByHand.mayCount(two, count).allowed()).isEqualTo(may);
    }

    @Test
    void aStackIsTheSolversToChange() {
        Place spacer = new Place(SPACER, Optional.empty(), TWO.map(PieceSize::thickness));
        assertThat(ByHand.kinds(spacer)).containsExactly(Kind.OTHER_PART);
        assertThat(
                ByHand.mayTake(spacer, part("S3", "bracket-spacer", Optional.of(PieceSize.of("3", "0.05", "34", "42"))), "bracket-spacer")
                        .reason())
                .contains("is not 2.0 mm thick");
        assertThat(ByHand.mayTake(spacer, part("S9", "bracket-spacer", TWO), "bracket-spacer").allowed()).isTrue();
        assertThat(ByHand.mayAdd(part("S9", "bracket-spacer", TWO), List.of(spacer), 1).reason()).contains("one more piece in a stack");
        assertThat(ByHand.mayAdd(part("BL1", "bell", Optional.empty()), List.of(spacer), 1).allowed()).isTrue();
    }

    @Test
    void whereASafetyLimitRestsOnItOnlyTheSameThingGoesOn() {
        Place arm = new Place(ARM, finding(false), Optional.empty());
        assertThat(ByHand.mayTake(arm, part("BL1", "bell", Optional.empty()), "torque-arm").reason()).contains("is used as 'bell'");
        assertThat(ByHand.mayTake(arm, part("TA2", "torque-arm", Optional.empty()), "torque-arm").allowed()).isTrue();
        assertThat(ByHand.mayTake(arm, part("TA1", "torque-arm", Optional.empty()), "torque-arm").reason()).contains("goes on already");
    }

    @Test
    void theReasonSaysWhatWasChanged() {
        assertThat(change(Kind.OTHER_PART, ARM, "TA2", 1).said()).isEqualTo("TA1: another part by hand, Part TA2, customer's wish");
        assertThat(change(Kind.OTHER_COUNT, ARM, "", 2).said()).isEqualTo("TA1: another count by hand, 2, customer's wish");
        assertThat(change(Kind.LEFT_OUT, LEVERS, "", 2).said()).isEqualTo("Brake levers: left out by hand, customer's wish");
    }
}
