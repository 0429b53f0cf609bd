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

/** The arrival sheet in two browsers. */
@ExtendWith({RunningApp.class, Browsers.class})
class ArrivalTest {

    private static Locator point(Page page, String key) {
        return page.locator("[data-point='" + key + "']");
    }

    private static Locator grade(Page page, String key, String grade) {
        return point(page, key).getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(grade).setExact(true));
    }

    @Test
    void aStopIsSeenByEverybodyAndLiftedByTheManagerOnly(RunningApp.App app, People people) {
        ShopClient api = ShopClient.signedIn(app.url(), "orla");
        long job = api.book("Stopped");
        api.place(job, "RACK", null);
        Page orla = people.signedIn(app.url(), "orla");
        Page tova = people.signedIn(app.url(), "tova");
        orla.navigate("/jobs/" + job + "/arrival");
        tova.navigate("/jobs/" + job + "/arrival");
        grade(tova, "fork-cracks", "stops the job").click();
        tova.getByLabel("What was seen: Fork: cracks").fill("crack at the crown");
        tova.keyboard().press("Enter");
        assertThat(tova.getByText("The manager can lift it.")).isVisible();
        // Live on the manager's screen.
        assertThat(orla.getByRole(AriaRole.ALERT)).containsText("Fork: cracks stops this job: crack at the crown");
        orla.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Lift it …")).click();
        assertThat(orla.getByLabel("Looked at again and judged acceptable")).isDisabled();
        orla.getByLabel("Reason").fill("new fork fitted and looked at");
        orla.keyboard().press("Enter");
        assertThat(orla.getByRole(AriaRole.ALERT)).hasCount(0);
        assertThat(point(tova, "fork-cracks")).containsText("lifted: new fork fitted");
    }

    @Test
    void aTechnicianWalksThePointsByKeys(RunningApp.App app, People people) {
        long job = ShopClient.signedIn(app.url(), "orla").book("By keys");
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/jobs/" + job + "/arrival");
        for (String key : new String[]{"frame-cracks", "fork-cracks", "dropout-dents"}) {
            assertThat(point(tova, key).locator("[aria-expanded=true]")).isVisible();
            tova.keyboard().press("g");
            assertThat(point(tova, key)).hasAttribute("data-grade", "GOOD");
        }
        assertThat(point(tova, "headset-play").locator("[aria-expanded=true]")).isVisible();
        tova.keyboard().press("w");
        tova.keyboard().type("knocks");
        tova.keyboard().press("Enter");
        assertThat(point(tova, "headset-play")).hasAttribute("data-grade", "WITH_JOB");
        org.assertj.core.api.Assertions
                .assertThat(ShopClient.signedIn(app.url(), "orla").get("/api/jobs/%d/arrival".formatted(job)).body().toString())
                .as("the key that brought the field up is not typed into it").contains("\"knocks\"").doesNotContain("wknocks");
        assertThat(tova.getByLabel("What it adds")).containsText("Headset adjusted or renewed");
    }

    /** Whoever speaks to a tablet, or brushes against keys: single keys do nothing there, Tab and Enter go on. */
    @Test
    void singleKeysAreSwitchedOff(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.getByLabel("Keys").click();
        tova.getByLabel("Single keys act on this device").uncheck();
        tova.keyboard().press("Escape");
        tova.keyboard().press("d");
        tova.keyboard().press("/");
        assertThat(tova.locator("[data-bike]").first()).isVisible();
        assertThat(tova.getByRole(AriaRole.DIALOG)).hasCount(0);
        tova.reload();
        tova.keyboard().press("k");
        assertThat(tova.locator("[data-bike]").first()).isVisible();
        org.assertj.core.api.Assertions.assertThat(tova.url()).endsWith("/");
        tova.getByLabel("Keys").click();
        tova.getByLabel("Single keys act on this device").check();
        tova.keyboard().press("Escape");
        tova.keyboard().press("d");
        assertThat(tova.locator("[data-part]").first()).isVisible();
    }

    @Test
    void damageIsNotedAsAgreed(RunningApp.App app, People people) {
        long job = ShopClient.signedIn(app.url(), "orla").book("Agreed upon");
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/jobs/" + job + "/arrival");
        tova.getByLabel("Odometer").fill("3910");
        tova.getByLabel("Damage").fill("dent in the guard");
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Note as agreed")).click();
        assertThat(tova.getByLabel("Agreed", new Page.GetByLabelOptions().setExact(true))).containsText("3910 km");
    }
}
