package hingeyard.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
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
