package hingeyard.core.commission;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.rules.ShopRules;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class NextCheckTest {

    private final NextCheck byRules = NextCheck.by(ShopRules.standard());

    @Test
    void aBikeThatIsStillHereIsWantedSomeTimeAfterItGoes() {
        assertThat(byRules.text()).isEqualTo("4 weeks after it is collected or after 150 km, whichever comes first");
    }

    @Test
    void theDayStandsFromTheDayItIsHandedOver() {
        assertThat(byRules.handedOver(LocalDate.of(2026, 11, 30)).text())
                .isEqualTo("On 28 December 2026 or after 150 km, whichever comes first");
    }
}
