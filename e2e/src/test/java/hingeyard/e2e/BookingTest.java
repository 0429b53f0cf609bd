package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.e2e.Browsers.People;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A manager on the phone. */
@ExtendWith({RunningApp.class, Browsers.class})
class BookingTest {

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    void aKnownCustomerBringsAKnownBikeWithAFewKeys(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.keyboard().press("b");
        orla.locator("[data-day]").first().waitFor();
        orla.keyboard().type("bruna");
        assertThat(orla.getByRole(AriaRole.OPTION).first()).containsText("Linden step 48");
        orla.keyboard().press("ArrowDown");
        orla.keyboard().press("Enter");
        assertThat(orla.getByLabel("Phone or mail")).hasValue("falk, ext. 44");
        button(orla, "Linden step 48 again").click();
        assertThat(orla.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Frame number"))).hasValue("LS48-602");
        orla.getByLabel("What is to be done").selectOption("LIGHTS");
        button(orla, "Book it in").click();
        assertThat(orla.getByText("Booked in as job").first()).isVisible();
        assertThat(button(orla, "Print its tag")).isVisible();
    }

    @Test
    void somebodyWhoLooksKnownIsAskedAbout(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.keyboard().press("b");
        orla.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Customer"))).fill("Osker Vesper");
        orla.getByLabel("Phone or mail").fill("ext. 51");
        assertThat(orla.getByText("Is it Oskar Vesper").first()).isVisible();
        orla.getByLabel("Maker and model").fill("Brook roadster");
        button(orla, "Book it in").click();
        assertThat(orla.getByRole(AriaRole.ALERT)).containsText("Oskar Vesper (vesper, ext. 50) is known");
        button(orla, "Somebody else").click();
        button(orla, "Book it in").click();
        assertThat(orla.getByText("Booked in as job").first()).isVisible();
    }

    @Test
    void faultsStandAtTheirFieldsAndNothingTypedIsLost(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.keyboard().press("b");
        orla.getByLabel("Distance a day").fill("900 km");
        orla.getByLabel("In the rider’s words").fill("to the sea and back");
        button(orla, "Book it in").click();
        assertThat(orla.getByText("'900 km' is not possible: 1 km to 300 km")).isVisible();
        assertThat(orla.getByText("Missing: maker and model")).isVisible();
        assertThat(orla.getByLabel("In the rider’s words")).hasValue("to the sea and back");
    }

    @Test
    void aBookingIsMovedToAnotherDayWhenTheCustomerCallsAgain(RunningApp.App app, People people) {
        long job = ShopClient.signedIn(app.url(), "orla").book("Moved");
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/jobs/" + job + "/sheet");
        orla.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Booking")).click();
        assertThat(orla.getByLabel("Distance a day")).hasValue("20 km");
        orla.getByLabel("Distance a day").fill("15 mi");
        String date = orla.locator("[data-day]").nth(4).getAttribute("data-day");
        orla.locator("[data-day]").nth(4).click();
        button(orla, "Change it").click();
        assertThat(People.told(orla)).hasText("Job " + job + " is changed.");
        assertThat(orla.getByText("24.1 km a day").first()).isVisible();
        org.assertj.core.api.Assertions
                .assertThat(ShopClient.signedIn(app.url(), "orla").get("/api/jobs/" + job).body().path("job").path("arrivesOn").asString())
                .isEqualTo(date);
    }

    /** While it is worked out how full each day is, nothing is taken for granted: no bike comes today because nobody has chosen. */
    @Test
    void aDayCanBeGivenBeforeTheDaysAreWorkedOut(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        List<Route> held = new ArrayList<>();
        orla.route("**/api/plan/days*", held::add);
        orla.navigate("/book");
        Locator day = orla.getByLabel("Arrives on");
        assertThat(day).hasValue("");
        assertThat(orla.getByText("Working out how full each day is")).isVisible();
        assertThat(button(orla, "Book it in")).isDisabled();
        String later = LocalDate.now().plusDays(3).toString();
        day.fill(later);
        assertThat(button(orla, "Book it in")).isEnabled();
        held.forEach(Route::resume);
        orla.locator("[data-day]").first().waitFor();
        assertThat(button(orla, "Book it in")).isEnabled();
    }

    @Test
    void aBikeThatNeverCameLeavesTheGateWithAReason(RunningApp.App app, People people) {
        long job = ShopClient.signedIn(app.url(), "orla").book("Never came");
        Page orla = people.signedIn(app.url(), "orla");
        orla.locator("[data-bike='" + job + "']").focus();
        orla.keyboard().press("m");
        orla.keyboard().press("c");
        orla.getByLabel("Why does it leave as it is?").fill("bought another bike");
        orla.keyboard().press("Enter");
        assertThat(orla.locator("[data-bike='" + job + "']")).hasCount(0);
    }
}
