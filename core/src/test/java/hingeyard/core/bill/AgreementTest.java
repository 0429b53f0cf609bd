package hingeyard.core.bill;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AgreementTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 30);

    private static Agreement on(LocalDate day) {
        return new Agreement("Edda Holm", day, Agreement.Way.PHONE);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            2026-11-30 |
            2026-12-01 | 1 Dec 2026 lies ahead: nobody has agreed then yet.
            2026-06-03 |
            2026-06-02 | 2 Jun 2026 is more than 180 days ago: ask again.
            """)
    void nobodyAgreesTomorrowOrHalfAYearAgo(LocalDate day, String why) {
        assertThat(on(day).mayBeOn(TODAY).reason()).isEqualTo(why == null ? "" : why);
        assertThat(on(day).mayBeOn(TODAY).allowed()).isEqualTo(why == null);
    }

    @Test
    void aTradeOffNeedsSomebodyWhoAgreedAndNothingElseDoes() {
        assertThat(Agreement.needed(List.of(), Optional.empty()).allowed()).isTrue();
        assertThat(Agreement.needed(List.of("Gears", "Class"), Optional.of(on(TODAY))).allowed()).isTrue();
        assertThat(Agreement.needed(List.of("Gears", "Class"), Optional.empty()).reason())
                .isEqualTo("Who consented to Gears, Class, on which day and in which way?");
    }

    @Test
    void papersSayWhoWhenAndHow() {
        assertThat(on(TODAY).text()).isEqualTo("Edda Holm, 30 Nov 2026, by phone");
    }
}
