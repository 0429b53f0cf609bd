package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Whatever is typed is looked for as it stands. */
@ExtendWith(RunningApp.class)
class FindTest {

    private static List<String> found(ShopClient who, String text) {
        return who.get("/api/find?text=" + URLEncoder.encode(text, StandardCharsets.UTF_8)).body().findValuesAsString("bike");
    }

    @Test
    void signsThatADatabaseReadsAsAnythingStandForThemselves(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        orla.book("Tandem 50%_off!");
        for (String sign : List.of("%", "_", "!", "50%_", "%_off", "off!")) {
            assertThat(found(orla, sign)).as(sign).isNotEmpty().allSatisfy(bike -> assertThat(bike).contains(sign));
        }
        assertThat(found(orla, "5%off")).isEmpty();
        assertThat(found(orla, "50__off")).isEmpty();
        assertThat(found(orla, "\\")).isEmpty();
        assertThat(orla.get("/api/customers?text=%25").body().size() + orla.get("/api/customers?text=_").body().size())
                .as("customers by their bikes").isLessThanOrEqualTo(2);
    }
}
