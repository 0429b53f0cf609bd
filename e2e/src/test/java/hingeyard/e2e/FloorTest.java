package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import hingeyard.app.RunningApp;
import hingeyard.e2e.Browsers.People;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The floor: dragging, refusals, finding, roles, and a page that fails to load. */
@ExtendWith({RunningApp.class, Browsers.class})
class FloorTest {

    @Test
    void aBikeIsDraggedToAStandAndBack(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        drag(orla, "[data-bike='412']", "[aria-label='Stand 6']");
        assertThat(orla.getByLabel("Stand 6").locator("[data-bike='412']")).isVisible();
        orla.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo")).click();
        assertThat(orla.getByLabel("Rack").locator("[data-bike='412']")).isVisible();
    }

    @Test
    void anIllegalMoveSaysWhy(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        drag(orla, "[data-bike='408']", "[aria-label='Stand 6']");
        assertThat(orla.locator("[data-toast=refused]")).containsText("It has no bill yet: match a kit");
        assertThat(orla.getByLabel("Rack").locator("[data-bike='408']")).isVisible();
    }

    /** Other stories leave bikes in the rack: the one that is dragged may have to be scrolled to first. */
    private static void drag(Page page, String what, String where) {
        page.locator(what).scrollIntoViewIfNeeded();
        BoundingBox from = page.locator(what).boundingBox();
        BoundingBox to = page.locator(where).boundingBox();
        page.mouse().move(from.x + from.width / 2, from.y + from.height / 3);
        page.mouse().down();
        page.mouse().move(from.x + from.width / 2 + 20, from.y + 40, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(4));
        page.mouse().move(to.x + to.width / 2, to.y + to.height / 2, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(8));
        page.mouse().up();
    }

    @Test
    void slashFindsABike(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.keyboard().press("/");
        orla.keyboard().type("ostrel trail");
        orla.getByRole(AriaRole.OPTION).filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Ilse Brandl")).waitFor();
        orla.keyboard().press("ArrowDown");
        assertThat(orla.locator("[role=option][aria-selected=true]")).containsText("Ilse Brandl");
        orla.keyboard().press("Enter");
        assertThat(orla).hasURL(Pattern.compile("/jobs/406/sheet"));
    }

    @Test
    void theStockKeeperReceivesAndSeesNoBooking(RunningApp.App app, People people) {
        Page ines = people.signedIn(app.url(), "ines");
        assertThat(ines.getByText("Book a bike in")).isHidden();
        ines.keyboard().press("d");
        ines.getByLabel("Filter the drawers").fill("press-fit 46");
        assertThat(ines.locator("[data-part]")).hasCount(1);
        ines.keyboard().press("Enter");
        ines.getByLabel("How many").fill("3");
        ines.keyboard().press("Enter");
        assertThat(ines.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Ledger"))).containsText("+3");
    }

    @Test
    void aViewThatFailsToLoadSaysSoAndTriesAgain(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.route("**/api/drawers", route -> route.fulfill(new com.microsoft.playwright.Route.FulfillOptions().setStatus(500)));
        orla.navigate("/drawers");
        assertThat(orla.getByText("The drawers could not be loaded"))
                .isVisible(new com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions().setTimeout(15000));
        orla.unroute("**/api/drawers");
        orla.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Try again")).click();
        assertThat(orla.locator("[data-part]").first()).isVisible();
    }

    /** The database is away: the view says so, asks again and goes on, and nobody stands by. */
    @Test
    void aViewWaitsForTheDatabaseByItself(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.route("**/api/drawers", route -> route.fulfill(new com.microsoft.playwright.Route.FulfillOptions().setStatus(503)));
        orla.navigate("/drawers");
        assertThat(orla.getByText("The shop’s database does not answer just now"))
                .isVisible(new com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions().setTimeout(15000));
        assertThat(orla.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Try again"))).hasCount(0);
        orla.unroute("**/api/drawers");
        assertThat(orla.locator("[data-part]").first())
                .isVisible(new com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions().setTimeout(15000));
    }

    @Test
    void wrongPasswordIsSaidAtTheField(RunningApp.App app, People people) {
        Page page = people.stranger(app.url());
        page.getByLabel("Name").fill("orla");
        page.getByLabel("Password").fill("guess");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Name and password do not belong together");
    }
}
