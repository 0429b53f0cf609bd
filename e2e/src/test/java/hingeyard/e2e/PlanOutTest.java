package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.e2e.Browsers.People;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.node.ObjectNode;

/** What the plan works with and where it goes: special tools, absences out of a file, an address for other calendars, the drawers' day. */
@ExtendWith({RunningApp.class, Browsers.class})
class PlanOutTest {

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    @Test
    void aSpecialToolIsEnteredAndTakenOutAgain(RunningApp.App app, People people) {
        ShopClient shop = ShopClient.signedIn(app.url(), "orla");
        ObjectNode before = (ObjectNode) shop.get("/api/shop").body();
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/shop");
        try {
            button(orla, "Change stands and days").click();
            orla.getByLabel("Add a special tool").selectOption("headset press");
            orla.getByLabel("How many of headset press").fill("40");
            button(orla, "Save").click();
            assertThat(orla.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("1 to 20")).first()).isVisible();
            orla.getByLabel("How many of headset press").fill("2");
            button(orla, "Save").click();
            Locator stands = orla.getByLabel("Stands and days", new Page.GetByLabelOptions().setExact(true));
            assertThat(stands.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("headset press")))
                    .containsText("2");
            assertThat(shop.get("/api/shop").body().path("tools").toString()).contains("{\"name\":\"headset press\",\"count\":2}");
        } finally {
            before.put("version", shop.get("/api/shop").body().path("version").asInt());
            assertThat(shop.put("/api/shop", before.toString()).status()).isEqualTo(200);
        }
    }

    @Test
    void daysAwayAreReadFromACalendarFileAndSavedOnlyWithTheRest(RunningApp.App app, People people) {
        ShopClient shop = ShopClient.signedIn(app.url(), "orla");
        LocalDate day = LocalDate.now(java.time.ZoneId.of("UTC")).plusDays(300);
        String file = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:made-up\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20260101T000000Z\r\nDTSTART;VALUE=DATE:%s\r\nSUMMARY:Boat trip\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:2\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:20991231T100000Z\r\nSUMMARY:Dentist\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n"
                .formatted(day.format(DateTimeFormatter.BASIC_ISO_DATE));
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/shop");
        button(orla, "Change Rian").click();
        Locator input = orla.getByLabel("A calendar file with absences");
        input.setInputFiles(new FilePayload("trip.ics", "text/calendar", "no calendar".getBytes(StandardCharsets.UTF_8)));
        assertThat(orla.getByRole(AriaRole.ALERT).filter(new Locator.FilterOptions().setHasText("trip.ics"))).containsText(
                "no calendar file");
        input.setInputFiles(new FilePayload("trip.ics", "text/calendar", file.getBytes(StandardCharsets.UTF_8)));
        assertThat(orla.getByText("1 entry of trip.ics put in. Save to keep them.")).isVisible();
        assertThat(orla.getByText(Pattern.compile("^Left out: Dentist"))).isVisible();
        assertThat(orla.getByLabel("Why Rian is away").last()).hasValue("Boat trip");
        assertThat(shop.get("/api/people").body().toString()).as("nothing is saved yet").doesNotContain("Boat trip");
        button(orla, "Cancel").click();
        assertThat(orla.getByLabel("Why Rian is away")).hasCount(0);
        assertThat(shop.get("/api/people").body().toString()).doesNotContain("Boat trip");
    }

    @Test
    void anAddressIsMadeReadAndTakenBack(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/shop");
        orla.getByLabel("Whose work the calendar shows").selectOption("Stand 3");
        button(orla, "Make an address").click();
        Locator address = orla.getByLabel("The new calendar address");
        assertThat(address).isVisible();
        String url = address.inputValue();
        ShopClient stranger = ShopClient.stranger(app.url());
        String path = url.substring(url.indexOf("/calendar/"));
        assertThat(new String(stranger.bytes(path).body(), StandardCharsets.UTF_8)).startsWith("BEGIN:VCALENDAR");
        button(orla, "Take back the address of Stand 3").first().click();
        assertThat(orla.getByText("Stand 3: the address is taken back.").first()).isVisible();
        assertThat(stranger.bytes(path).statusCode()).isEqualTo(404);
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/shop");
        assertThat(tova.getByLabel("Special tools")).hasCount(0);
        assertThat(tova.getByLabel("Calendar addresses")).hasCount(0);
    }

    @Test
    void theStockKeeperSeesTraysAndWhatMustCome(RunningApp.App app, People people) {
        Page ines = people.signedIn(app.url(), "ines");
        ines.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("My day")).click();
        assertThat(ines.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(Pattern.compile("^The drawers, ")))).isVisible();
        Locator due = ines.getByLabel("Parts that must come");
        assertThat(due).containsText("Tarnuvel T9 chainring 34 kit box");
        assertThat(due).containsText(Pattern.compile("A day later: 435: finished"));
        due.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile("^435"))).click();
        assertThat(ines).hasURL(Pattern.compile("/ahead\\?job=435"));
        assertThat(ines.getByLabel("Job 435", new Page.GetByLabelOptions().setExact(true))).containsText("It will be late");
    }
}
