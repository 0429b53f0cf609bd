package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** The demo tells what it is meant to tell. */
@ExtendWith(RunningApp.class)
class DemoDataTest {

    @Test
    void holdsABikeOfEveryVerdict(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        assertThat(verdict(orla.match(408, "TN9"), "chainline")).as("a spacer keeps every gear quiet").isEqualTo("FITS");
        assertThat(orla.match(408, "TN9").path("goesOn").asBoolean()).isTrue();
        assertThat(verdict(orla.match(408, "KF2"), "fork-material")).as("no hub in carbon").isEqualTo("NO_FIT");
        assertThat(verdict(orla.match(409, "VM4-L"), "bracket-stack")).as("fits with spacers").isEqualTo("FITS_WITH");
        assertThat(orla.match(410, "TN9").path("headline").asString()).as("held up by a missing measure")
                .isEqualTo("Measure one thing first");
        for (JsonNode row : orla.get("/api/jobs/411/shortlist").body().path("rows")) {
            if (row.path("boxesFree").asInt() > 0) {
                assertThat(row.path("goesOn").asBoolean()).as("nothing fits the fat 120 mm shell and 135 mm fork: " + row.path("kitCode"))
                        .isFalse();
            }
        }
    }

    private static String verdict(JsonNode match, String check) {
        return ShopClient.finding(match, check).path("verdict").asString();
    }

    @Test
    void passwordsAreKeptAsHashesOnly(RunningApp.App app) {
        assertThat(app.bean(JdbcTemplate.class).queryForList("SELECT password_hash FROM person", String.class))
                .hasSize(5).allMatch(h -> h.startsWith("$2a$") && !h.contains("wharf"));
    }

    @Test
    void theLedgerAndTheReservationsAgreeWithWhatIsShown(RunningApp.App app) {
        JdbcTemplate jdbc = app.bean(JdbcTemplate.class);
        for (JsonNode row : ShopClient.signedIn(app.url(), "orla").get("/api/drawers").body()) {
            String part = row.path("number").asString();
            Integer ledger = jdbc.queryForObject("SELECT COALESCE(SUM(delta), 0) FROM stock_movement WHERE part_number = ?", Integer.class,
                    part);
            assertThat(row.path("onHand").asInt()).as(part).isEqualTo(ledger).isNotNegative();
        }
    }
}
