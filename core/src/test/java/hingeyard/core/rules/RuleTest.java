package hingeyard.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for every rule of the shop. */
class RuleTest {

    static Stream<Rule> rules() {
        return Rule.all().stream();
    }

    @ParameterizedTest
    @MethodSource("rules")
    void itsStandardIsPossibleSaidAndReadBack(Rule rule) {
        String said = ShopRules.standard().text(rule);
        assertThat(said).isEqualTo(rule.standardText());
        assertThat(ShopRules.standard().with(rule, said).text(rule)).isEqualTo(said);
    }

    @ParameterizedTest
    @MethodSource("rules")
    void itSaysWhyFromWhereAndWhatIsAllowed(Rule rule) {
        assertThat(rule.title()).isNotBlank();
        assertThat(rule.reason()).endsWith(".");
        assertThat(rule.source()).isNotBlank();
        assertThat(rule.allowed()).isNotBlank();
        assertThat(rule.group()).isEqualTo(rule.key().split("\\.")[0]);
        assertThat(Rule.find(rule.key())).contains(rule);
    }

    @ParameterizedTest
    @MethodSource("rules")
    void whatItCannotBeIsRefusedByNameValueAndBounds(Rule rule) {
        for (String nonsense : List.of("", "a hand", "-3 mm", "99999999", "1 1/0 in")) {
            if (rule instanceof NumberRule && nonsense.isEmpty()) {
                continue;
            }
            assertThatThrownBy(() -> ShopRules.standard().with(rule, nonsense)).as("%s = '%s'", rule.key(), nonsense)
                    .isInstanceOf(IllegalArgumentException.class)
                    .hasMessageContaining(rule.title()).hasMessageContaining(nonsense).hasMessageContaining(rule.allowed());
        }
    }

    /** What ships may be set, so may the ends of what is said to be allowed, and a step beyond them may not. */
    @ParameterizedTest
    @MethodSource("rules")
    void itMayBeSetAsFarAsItSays(Rule rule) {
        ShopRules shop = ShopRules.standard();
        assertThat(shop.mayBe(rule, rule.standardText()).allowed()).isTrue();
        for (String end : rule.ends()) {
            // A pair that would come out of order says so by both names.
            assertThat(shop.mayBe(rule, end)).as(rule.key() + " " + end)
                    .satisfies(r -> assertThat(r.allowed() || r.reason().contains("does not stand above")).as(r.reason()).isTrue());
        }
        if (!(rule instanceof School)) {
            String most = rule.ends().get(1);
            BigDecimal beyond = new BigDecimal(most.replaceAll("[^0-9.]", "")).add(new BigDecimal("0.1"));
            assertThat(shop.mayBe(rule, most.replaceFirst("[0-9.]+", beyond.toPlainString()))).as(rule.key() + " beyond " + most)
                    .satisfies(r -> assertThat(r.allowed()).isFalse());
        }
    }

    @ParameterizedTest
    @CsvSource({"bill.tax, 100000, to 60 %", "class.walk, 100000, to 10 km/h", "torque.axle-m12, 0.1 N·m, from 20 to 75 N·m",
        "wheel.tape-over-most, 12 mm, to 8 mm", "wheel.tape-over-most, 1.5 mm, does not stand above",
        "dropout.spread.aluminium, 3.5 mm, somebody's safety", "dropout.spread.aluminium, 3 mm, ''", "load.payload, 0.5, somebody's safety",
        "class.a-speed, 45, does not stand above", "stack.pieces, 9, to 6 pieces", "bill.labour, 90, ''", "wheel.dish, nonsense, to 8 mm"})
    void aSlipOfTheKeyIsNotSaved(String key, String value, String reason) {
        assertThat(ShopRules.standard().mayBe(Rule.find(key).orElseThrow(), value)).satisfies(r -> {
            assertThat(r.allowed()).as(r.reason()).isEqualTo(reason.isEmpty());
            assertThat(r.reason()).contains(reason);
        });
    }

    @Test
    void keysAreUniqueAndUnknownOnesAreNotFound() {
        assertThat(Rule.all()).extracting(Rule::key).doesNotHaveDuplicates();
        assertThat(Rule.find("bracket.no-such-thing")).isEmpty();
    }

    @Test
    void changingOneLeavesTheOthersAndTheStandardAlone() {
        ShopRules own = ShopRules.standard().with(LengthRule.DISH, hingeyard.core.Given.mm("1.5"));
        for (Rule rule : Rule.all()) {
            assertThat(own.text(rule)).isEqualTo(rule == LengthRule.DISH ? "1.5 mm" : rule.standardText());
            assertThat(ShopRules.standard().text(rule)).isEqualTo(rule.standardText());
        }
    }
}
