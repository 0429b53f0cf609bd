package hingeyard.core.fit.checks;

import static hingeyard.core.Given.mm;
import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.fit.checks.Clearance.Answer;
import hingeyard.core.quantity.Length;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClearanceTest {

    /** Exactly enough in the worst case is enough; a limit inside the uncertainty is never judged. */
    @ParameterizedTest
    @CsvSource({"3.0, 0.5, 2.0, ENOUGH", "2.5, 0.5, 2.0, ENOUGH", "2.499, 0.5, 2.0, UNSURE", "2.0, 0.5, 2.0, UNSURE", "1.5, 0.5, 2.0, UNSURE", "1.499, 0.5, 2.0, SHORT", "2.0, 0, 2.0, ENOUGH",
        "1.999, 0, 2.0, SHORT", "-4, 1, 0, SHORT", "-1, 1, 0, UNSURE"})
    void answersOnlyWhatTheUncertaintyLeavesCertain(String gap, String plusMinus, String wanted, Answer answer) {
        Length there = gap.startsWith("-") ? mm(gap.substring(1)).negated() : mm(gap);
        assertThat(new Clearance(there, mm(plusMinus), mm(wanted)).answer()).isEqualTo(answer);
    }

    @Test
    void leftAndRightAreAlike() {
        Random random = new Random(2);
        for (int i = 0; i < 500; i++) {
            Length apart = Length.ofMicrometres(random.nextInt(8000) - 4000);
            Length sure = Length.ofMicrometres(random.nextInt(900));
            Length allowed = Length.ofMicrometres(random.nextInt(4000));
            assertThat(Clearance.within(apart, sure, allowed)).isEqualTo(Clearance.within(apart.negated(), sure, allowed));
        }
    }

    @Test
    void theWorseOfTwoIsTheOneThatMayFallShortFurther() {
        Clearance wide = new Clearance(mm("5"), mm("4"), mm("2"));
        Clearance narrow = new Clearance(mm("4"), mm("0.5"), mm("2"));
        assertThat(wide.worse(narrow)).isEqualTo(wide);
        assertThat(narrow.worse(wide)).isEqualTo(wide);
        assertThat(wide.worse(wide)).isEqualTo(wide);
    }
}
