package hingeyard.core.fit.checks;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.bike.ChoiceMeasure;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.MeasureEntry;
import hingeyard.core.bike.NumberMeasure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.RefusedMeasureException;
import hingeyard.core.bike.Tool;
import hingeyard.core.explain.Finding;
import hingeyard.core.fit.checks.LimitCasesTest.Row;
import hingeyard.core.quantity.Scale;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.Rule;
import hingeyard.core.rules.ShopRules;
import java.math.BigDecimal;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * The tables of cases leave no limit out: each limit of the shop has a row on either side, each measure that a check reads is held to its
 * last step.
 */
class EveryLimitHasItsRowsTest {

    /**
     * Limits that no row can hold: the clamp's load is asked by the steps, and clearance round an axle tube is smaller than what the
     * caliper is off by,
     * so that without it the same bores are tried.
     */
    private static final Set<Rule> ELSEWHERE = Set.of(NumberRule.STAND_MASS, LengthRule.AXLE_TUBE_CLEARANCE);

    private static final List<Row> ROWS = LimitCasesTest.rows();

    static Stream<Rule> shopLimits() {
        return Stream.<Rule>concat(Stream.of(LengthRule.values()), Stream.of(NumberRule.values()))
                .filter(r -> r.kind().isPresent() && !ELSEWHERE.contains(r));
    }

    /** Whoever moves a limit by the least that matters turns a row on either side of it. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("shopLimits")
    void everyLimitOfTheShopHasARowOnEitherSide(Rule rule) {
        assertThat(List.of(1, -1)).as(rule.key())
                .allSatisfy(sign -> assertThat(ROWS).as(sign > 0 ? "raised" : "lowered").anyMatch(row -> turns(row, rule, sign)));
    }

    private static boolean turns(Row row, Rule rule, int sign) {
        ShopRules rules = row.given().rules();
        BigDecimal moved = rule instanceof LengthRule length
                ? millimetres(rules.value(length).micrometres()).add(step(rule).multiply(BigDecimal.valueOf(sign)))
                : rules.value((NumberRule) rule).add(step(rule).multiply(BigDecimal.valueOf(sign)));
        return moved.signum() >= 0 && !row.answer(rules.with(rule, moved.stripTrailingZeros().toPlainString())).equals(row.answer(rules));
    }

    /** What a caliper can tell for a length, a tape's millimetre for long ones; one of its last digit for a number. */
    private static BigDecimal step(Rule rule) {
        if (rule instanceof NumberRule number) {
            return BigDecimal.ONE.movePointLeft(number.standard().scale());
        }
        return new BigDecimal(((LengthRule) rule).standard().isMoreThan(Given.mm("20")) ? "1" : "0.1");
    }

    private static BigDecimal millimetres(long micrometres) {
        return BigDecimal.valueOf(micrometres, 3);
    }

    static Stream<Arguments> measures() {
        return FitCheckCatalogue.all().stream().flatMap(check -> check.needs().stream().filter(m -> !(m instanceof ChoiceMeasure<?>))
                .map(m -> Arguments.of(check.id(), m.key(), m)));
    }

    /**
     * Some row holds each measure that a check asks for to the last step of its tool: verdict, remedies or margin differ a step further on.
     */
    @ParameterizedTest(name = "{0} reads {1}")
    @MethodSource("measures")
    void everyMeasureIsHeldToItsLastStep(String check, String key, Measure measure) {
        List<Row> asked = ROWS.stream().filter(r -> r.check().id().equals(check) && r.given().bike().survey().has(measure)).toList();
        assertThat(asked).as("%s reads %s", check, key).anyMatch(row -> differs(row, measure, 1))
                .anyMatch(row -> differs(row, measure, -1));
    }

    private static boolean differs(Row row, Measure measure, int sign) {
        ShopRules rules = row.given().rules();
        FrameSurvey survey = row.given().bike().survey();
        Reading reading = survey.reading(measure).orElseThrow();
        String value = measure instanceof NumberMeasure number ? counted(number, survey.number(number).orElseThrow(), sign)
                : millimetres(((Reading.OfLength) reading).value().micrometres())
                        .add(new BigDecimal(measure.tool() == Tool.CALIPER ? "0.1" : "1").multiply(BigDecimal.valueOf(sign)))
                        .toPlainString();
        try {
            FrameSurvey moved = survey.with(MeasureEntry.read(measure, value, measure.tool(), "Tova", Given.TUESDAY));
            return !said(row.finding(rules, moved)).equals(said(row.finding(rules, survey)));
        } catch (RefusedMeasureException e) {
            return false;
        }
    }

    /** One more or one less; of a mass a hundred grams. */
    private static String counted(NumberMeasure measure, long now, int sign) {
        return measure.scale() == Scale.MASS ? now + sign * 100 + " g" : String.valueOf(now + sign);
    }

    private static String said(Finding finding) {
        return LimitCasesTest.answered(finding) + " " + finding.margin().text();
    }
}
