package hingeyard.core.bill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.Given;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.condition.ConditionCatalogue;
import hingeyard.core.condition.Found;
import hingeyard.core.condition.Grade;
import hingeyard.core.condition.Lift;
import hingeyard.core.fit.FitReport;
import hingeyard.core.kit.Kit;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class BillAssemblerTest {

    private static final FrameSurvey SURVEY = Given.survey("bracket.standard=iso;bracket.shell-width=73");
    /** 82 is wanted at the nut: 73 + 4 + 3 (kit) leaves 2.5 short, so the drawer's 4 goes on as well. */
    private static final Kit KIT = Given.bracketKit("82", "96", "3", 13, "60", "3.0x2");

    private static Bill bill(FitReport report) {
        return BillAssembler.assemble(report, List.of());
    }

    @Test
    void whatGoesWithTheJobIsOnTheBill() {
        Found tyres = new Found(ConditionCatalogue.find("tyres").orElseThrow(), Grade.WITH_JOB, "rear cracked", Optional.empty());
        Found mended = new Found(ConditionCatalogue.find("fork-cracks").orElseThrow(), Grade.STOPS, "crown", Optional.of(Lift.MENDED));
        Found good = new Found(ConditionCatalogue.find("chain-wear").orElseThrow(), Grade.GOOD, "", Optional.empty());
        Bill bill = BillAssembler.assemble(Given.report(SURVEY, KIT, Given.drawers("C4:4:2")), List.of(tyres, mended, good));
        assertThat(bill.from(Source.WITH_JOB)).extracting(l -> l.name()).containsExactly("Tyres and tubes renewed (tyres, tubes)", "Fork replaced (fork)");
        assertThat(bill.from(Source.WITH_JOB)).extracting(l -> l.reason()).first().asString().contains("Arrival check", "rear cracked");
    }

    @Test
    void everyLineHasAReasonAndTheCheckThatAskedForIt() {
        Bill bill = bill(Given.report(SURVEY, Given.bracketKit("82", "96", "3", 13, "60", "3.0x1"), Given.drawers("C4:4:2")));
        assertThat(bill.lines()).allSatisfy(l -> assertThat(l.reason()).isNotBlank());
        assertThat(bill.from(Source.KIT_BOX)).singleElement().satisfies(l -> assertThat(l.partNumber()).isEqualTo("T-MID"));
        assertThat(bill.from(Source.FROM_DRAWER)).singleElement().satisfies(l -> {
            assertThat(l.partNumber()).isEqualTo("C4");
            assertThat(l.checkId()).isEqualTo("bracket-stack");
            assertThat(l.role()).startsWith("bracket-stack-");
        });
        assertThat(bill.from(Source.HANDED_BACK)).isNotEmpty();
    }

    @Test
    void kitPiecesThatAreNotUsedGoBackInTheDrawer() {
        Bill bill = bill(Given.report(SURVEY, Given.bracketKit("70", "92", "0", 13, "60", "3.0x2"), Given.drawers()));
        assertThat(bill.from(Source.BACK_IN_DRAWER)).singleElement().satisfies(l -> {
            assertThat(l.count()).isEqualTo(2);
            assertThat(l.name()).isEqualTo("Spacer 3.0");
        });
        Bill used = bill(Given.report(SURVEY, Given.bracketKit("70", "92", "3", 13, "60", "3.0x2"), Given.drawers()));
        assertThat(used.from(Source.BACK_IN_DRAWER)).singleElement().satisfies(l -> assertThat(l.count()).isEqualTo(1));
    }

    @Test
    void refusesAMatchThatDoesNotGoOn() {
        assertThatThrownBy(() -> bill(Given.report(FrameSurvey.empty(), KIT, Given.drawers())))
                .isInstanceOf(IllegalArgumentException.class).hasMessageContaining("Measure 2 things first");
    }
}
