package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.e2e.Browsers.People;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The bike sheet in the hands of somebody with a caliper. */
@ExtendWith({RunningApp.class, Browsers.class})
class SurveyTest {

    private static long fresh(RunningApp.App app) {
        return ShopClient.signedIn(app.url(), "orla").book("Survey tourer");
    }

    private static Locator measure(Page page, String key) {
        return page.locator("[data-measure='" + key + "']");
    }

    @Test
    void enterSavesAndGoesToTheNextMeasureAKitWaitsFor(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/jobs/" + fresh(app) + "/sheet");
        measure(tova, "bracket.shell-width").getByRole(AriaRole.BUTTON).first().click();
        tova.getByLabel("Shell width, value").fill("68");
        tova.keyboard().press("Enter");
        assertThat(measure(tova, "bracket.shell-width")).containsText("68.0 mm");
        assertThat(measure(tova, "bracket.shell-width")).containsText("± 0.1 mm, caliper");
        assertThat(tova.getByLabel("Fork over-locknut distance, value")).isFocused();
        tova.getByLabel("measured with").selectOption("TAPE");
        tova.getByLabel("Fork over-locknut distance, value").fill("100");
        tova.keyboard().press("Enter");
        assertThat(measure(tova, "front.over-locknut")).containsText("± 1.0 mm, tape");
    }

    @Test
    void aDimensionOpensItsMeasureAndTurnsFromPencilToInk(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/jobs/" + fresh(app) + "/sheet");
        tova.locator("[data-dimension='rear.chainstay']").dispatchEvent("click");
        tova.getByLabel("Chainstay length, value").fill("17 1/2 in");
        tova.keyboard().press("Enter");
        assertThat(tova.locator("[data-dimension='rear.chainstay']")).containsText("444.5 mm");
    }

    @Test
    void lengthsAreShownInInchesToWhoWantsThem(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/jobs/408/sheet");
        assertThat(measure(tova, "bracket.shell-width")).containsText("73.0 mm");
        tova.getByText("Tova · technician").click();
        tova.getByRole(AriaRole.MENUITEMRADIO, new Page.GetByRoleOptions().setName("inches and ft·lb")).click();
        assertThat(measure(tova, "bracket.shell-width")).containsText("2.874 in");
        tova.reload();
        assertThat(measure(tova, "bracket.shell-width")).containsText("2.874 in");
    }

    @Test
    void theSecondOfTwoIsToldWhatTheFirstMeasured(RunningApp.App app, People people) {
        long job = fresh(app);
        Page tova = people.signedIn(app.url(), "tova");
        Page rian = people.signedIn(app.url(), "rian");
        for (Page page : new Page[] {tova, rian}) {
            page.navigate("/jobs/" + job + "/sheet");
            measure(page, "rear.tyre-width").getByRole(AriaRole.BUTTON).first().click();
            page.getByLabel("Rear tyre width, value").waitFor();
        }
        // Rian's screen does not hear of it: what he saw stays an empty field.
        rian.route("**/api/live", route -> route.abort());
        rian.route("**/api/jobs/" + job, route -> route.abort());
        tova.getByLabel("Rear tyre width, value").fill("42");
        tova.keyboard().press("Enter");
        assertThat(measure(tova, "rear.tyre-width")).containsText("42.0 mm");
        rian.getByLabel("Rear tyre width, value").fill("47");
        rian.keyboard().press("Enter");
        assertThat(measure(rian, "rear.tyre-width")).containsText("Tova measured rear tyre width a moment ago: 42.0 mm. Your 47 was not saved");
    }

    @Test
    void theStockKeeperLooksButDoesNotMeasure(RunningApp.App app, People people) {
        Page ines = people.signedIn(app.url(), "ines");
        ines.navigate("/jobs/410/sheet");
        measure(ines, "bracket.shell-width").getByRole(AriaRole.BUTTON).first().click();
        assertThat(ines.getByLabel("Shell width, value")).hasCount(0);
    }
}
