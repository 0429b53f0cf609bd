package hingeyard.core.fit.checks;

import static hingeyard.core.Given.mm;
import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.Tool;
import hingeyard.core.bike.TriangleMeasures;
import hingeyard.core.explain.LimitKind;
import hingeyard.core.fit.checks.Clearance.Answer;
import hingeyard.core.quantity.Length;
import java.time.Instant;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClearanceTest {

    private static Reading.OfLength reading(LengthMeasure measure, String value, Tool tool) {
        return new Reading.OfLength(measure, mm(value), tool.uncertainty(), tool, "x", Instant.EPOCH);
    }

    /**
     * The best tool is used: a limit of the shop's or a maker's accepts what lies inside its tenth of it, on either side; a safety limit
     * refuses it.
     */
    @ParameterizedTest
    @CsvSource({"2.2, SCREENING, ENOUGH, false", "2.1, SCREENING, ENOUGH, false", "2.099, SCREENING, ENOUGH, true",
        "2.0, SCREENING, ENOUGH, true", "1.9, SCREENING, ENOUGH, true", "1.899, SCREENING, SHORT, false",
        "2.0, MAKERS, ENOUGH, true", "1.9, MAKERS, ENOUGH, true", "1.899, MAKERS, SHORT, false", "2.1, SAFETY, ENOUGH, false",
        "2.099, SAFETY, SHORT, false", "2.0, SAFETY, SHORT, false", "1.9, SAFETY, SHORT, false"})
    void decidesByTheKindOfItsLimit(String gap, LimitKind kind, Answer answer, boolean onLimit) {
        Clearance clearance = new Clearance(mm(gap), Doubt.of(reading(BracketMeasures.SHELL_WIDTH, "70", Tool.CALIPER)), mm("2"), kind);
        assertThat(clearance.answer()).isEqualTo(answer);
        assertThat(clearance.onLimit()).isEqualTo(onLimit);
        assertThat(clearance.guarded()).isEqualTo(kind == LimitKind.SAFETY && answer == Answer.SHORT && !mm(gap).isLessThan(mm("2")));
        assertThat(clearance.margin().flips()).isEqualTo(onLimit);
    }

    /**
     * By tape ± 1 where a caliper's tenth could be had: asked again only as long as the better tool could turn it, and never for a measure
     * that a tape is the tool for.
     */
    @ParameterizedTest
    @CsvSource({"3.1, SCREENING, ENOUGH", "2.9, SCREENING, ENOUGH", "2.899, SCREENING, UNSURE", "2.0, SCREENING, UNSURE",
        "0.9, SCREENING, UNSURE", "0.899, SCREENING, SHORT", "3.1, SAFETY, ENOUGH", "3.099, SAFETY, UNSURE",
        "1.1, SAFETY, UNSURE", "1.099, SAFETY, SHORT"})
    void asksForABetterToolWhereItCouldTurn(String gap, LimitKind kind, Answer answer) {
        Clearance clearance = new Clearance(mm(gap), Doubt.of(reading(BracketMeasures.SHELL_WIDTH, "70", Tool.TAPE)), mm("2"), kind);
        assertThat(clearance.answer()).isEqualTo(answer);
        assertThat(clearance.doubt().finer()).containsExactly(BracketMeasures.SHELL_WIDTH);
        Clearance byTape = new Clearance(mm(gap), Doubt.of(reading(TriangleMeasures.DOWN_TUBE, "600", Tool.TAPE)), mm("2"), kind);
        assertThat(byTape.answer()).isNotEqualTo(Answer.UNSURE);
    }

    @Test
    void doubtsAddUpAndKeepTheirMeasures() {
        Doubt tape = Doubt.of(reading(BracketMeasures.SHELL_WIDTH, "70", Tool.TAPE));
        Doubt caliper = Doubt.of(reading(BracketMeasures.LEFT_STAY_60, "30", Tool.CALIPER));
        assertThat(tape.half().plus(caliper)).isEqualTo(new Doubt(mm("0.15"), mm("0.5"), tape.finer()));
        assertThat(tape.max(caliper).whole()).isEqualTo(mm("1"));
        assertThat(caliper.max(caliper)).isEqualTo(caliper);
        assertThat(Doubt.NONE.plus(caliper)).isEqualTo(caliper);
        assertThat(Doubt.of(reading(BracketMeasures.SHELL_WIDTH, "70", Tool.FEELER)).whole()).isEqualTo(mm("0.02"));
    }

    @Test
    void leftAndRightAreAlike() {
        Random random = new Random(2);
        for (int i = 0; i < 500; i++) {
            Length apart = Length.ofMicrometres(random.nextInt(8000) - 4000);
            Doubt sure = new Doubt(Length.ofMicrometres(random.nextInt(900)), Length.ZERO, java.util.List.of());
            Length allowed = Length.ofMicrometres(random.nextInt(4000));
            assertThat(Clearance.within(apart, sure, allowed)).isEqualTo(Clearance.within(apart.negated(), sure, allowed));
        }
    }

    @Test
    void theWorseOfTwoIsTheOneThatAnswersWorse() {
        Doubt caliper = Doubt.of(reading(BracketMeasures.SHELL_WIDTH, "70", Tool.CALIPER));
        Doubt tape = Doubt.of(reading(BracketMeasures.SHELL_WIDTH, "70", Tool.TAPE));
        Clearance unsure = new Clearance(mm("2.5"), tape, mm("2"));
        Clearance enough = new Clearance(mm("2.05"), caliper, mm("2"));
        Clearance nearer = new Clearance(mm("2.01"), caliper, mm("2"));
        Clearance tooShort = new Clearance(mm("1"), caliper, mm("2"));
        assertThat(enough.worse(unsure)).isEqualTo(unsure);
        assertThat(unsure.worse(enough)).isEqualTo(unsure);
        assertThat(unsure.worse(tooShort)).isEqualTo(tooShort);
        assertThat(enough.worse(nearer)).isEqualTo(nearer);
        assertThat(nearer.worse(enough)).isEqualTo(nearer);
    }
}
