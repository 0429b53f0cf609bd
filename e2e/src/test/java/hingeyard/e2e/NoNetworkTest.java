package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.e2e.Browsers.People;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The network is cut in the browser: hands go on, nothing is lost, nothing is done twice, and what crossed somebody else's is said. */
@ExtendWith({RunningApp.class, Browsers.class})
class NoNetworkTest {

    private ShopClient orla;
    private ShopClient rian;
    private long job;

    @BeforeEach
    void aBikeOnAStand(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
        rian = ShopClient.signedIn(app.url(), "rian");
        job = orla.book("No network");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        orla.bill(job, "VM4-S");
        orla.place(job, "STAND", 5);
    }

    @AfterEach
    void offTheStand() {
        for (String step : List.of("kit-check", "bench-power", "baseline")) {
            rian.step(job, step, "pause", "{\"note\":\"off\"}");
        }
        orla.place(job, "RACK", null);
    }

    private static void press(Page page, String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true)).first().click();
    }

    private static Locator step(Page page, String key, String state) {
        return page.locator("[data-step='%s'][data-state='%s']".formatted(key, state));
    }

    private long happened(String key, String what) {
        return orla.get("/api/jobs/%d/steps/history".formatted(job)).body().valueStream()
                .filter(h -> h.path("step").asString().equals(key) && h.path("what").asString().equals(what)).count();
    }

    @Test
    void aTabletThatIsLoadedAnewComesUpWithItsStepsAndItsTaps(RunningApp.App app, People people) {
        Page tova = people.atTablet(app.url(), "tova");
        tova.navigate("/stand/" + job);
        assertThat(step(tova, "kit-check", "OPEN")).isVisible();
        tova.context().setOffline(true);
        press(tova, "Start");
        assertThat(step(tova, "kit-check", "RUNNING")).isVisible();
        tova.reload();
        assertThat(step(tova, "kit-check", "RUNNING")).isVisible();
        assertThat(tova.locator("[data-waiting='1']")).isVisible();
        assertThat(tova.locator("[data-act=hands]")).containsText("Tova’s hands");
        press(tova, "Hand over");
        tova.getByLabel("Left half done").last().fill("loaded anew in between");
        press(tova, "Hand it over");
        assertThat(step(tova, "kit-check", "PAUSED")).isVisible();
        tova.context().setOffline(false);
        assertThat(tova.locator("[data-waiting]")).hasCount(0);
        assertThat(happened("kit-check", "started")).isEqualTo(1);
        assertThat(happened("kit-check", "paused")).isEqualTo(1);
    }

    @Test
    void tapsWaitInTheTabletAndAreCarriedOutOnce(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/stand/" + job);
        assertThat(step(tova, "kit-check", "OPEN")).isVisible();
        tova.context().setOffline(true);
        press(tova, "Start");
        assertThat(step(tova, "kit-check", "RUNNING")).isVisible();
        assertThat(tova.locator("[data-waiting='1']")).isVisible();
        press(tova, "Done, next step");
        assertThat(tova.locator("[data-step='bench-power'][aria-current='step']")).isVisible();
        press(tova, "Start");
        for (String digit : List.of("3", "6")) {
            press(tova, digit);
        }
        press(tova, "Done, next step");
        assertThat(step(tova, "bench-power", "DONE")).isVisible();
        assertThat(tova.locator("[data-waiting='4']")).isVisible();
        assertThat(happened("kit-check", "started")).as("the server knows nothing yet").isZero();
        tova.context().setOffline(false);
        assertThat(tova.locator("[data-waiting]")).hasCount(0);
        assertThat(step(tova, "bench-power", "DONE")).isVisible();
        for (String key : List.of("kit-check", "bench-power")) {
            assertThat(happened(key, "started")).isEqualTo(1);
            assertThat(happened(key, "ticked")).isEqualTo(1);
        }
        assertThat(tova.locator("[data-turned]")).hasCount(0);
    }

    @Test
    void anAnswerThatIsLostOnItsWayBackIsAskedForAgainAndNotDoneTwice(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/stand/" + job);
        assertThat(step(tova, "kit-check", "OPEN")).isVisible();
        tova.route("**/steps/kit-check/start", route -> {
            route.fetch();
            route.abort();
        });
        press(tova, "Start");
        assertThat(tova.locator("[data-waiting='1']")).isVisible();
        assertThat(happened("kit-check", "started")).as("it was carried out, only nobody heard").isEqualTo(1);
        tova.unroute("**/steps/kit-check/start");
        assertThat(tova.locator("[data-waiting]")).hasCount(0);
        assertThat(step(tova, "kit-check", "RUNNING")).isVisible();
        assertThat(happened("kit-check", "started")).isEqualTo(1);
        press(tova, "Done, next step");
        assertThat(step(tova, "kit-check", "DONE")).isVisible();
    }

    @Test
    void whatSomebodyElseDidMeanwhileIsSaidAndNothingIsOverwritten(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/stand/" + job);
        assertThat(step(tova, "kit-check", "OPEN")).isVisible();
        tova.context().setOffline(true);
        press(tova, "Start");
        assertThat(step(tova, "kit-check", "RUNNING")).isVisible();
        rian.step(job, "kit-check", "start", "");
        tova.context().setOffline(false);
        assertThat(tova.locator("[data-turned]")).containsText("‘Check the box against its list’ on job %d by Tova".formatted(job));
        assertThat(tova.locator("[data-turned]")).containsText("running already, with Rian");
        press(tova, "Seen");
        assertThat(tova.locator("[data-turned]")).hasCount(0);
        assertThat(tova.getByText("In Rian’s hands.")).isVisible();
        assertThat(happened("kit-check", "started")).isEqualTo(1);
    }
}
