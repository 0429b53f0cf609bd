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

/** What stops a bike, from the tap at the stand to the manager's decision; hands that change; a test that fails and its cause. */
@ExtendWith({RunningApp.class, Browsers.class})
class StuckTest {

    private static void press(Page page, String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true)).first().click();
    }

    private static long bikeOnStand(ShopClient orla, String name, int stand) {
        long job = orla.book(name);
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        orla.bill(job, "VM4-S");
        orla.place(job, "STAND", stand);
        return job;
    }

    @Test
    void theManagerDecidesAndTheShopLearns(RunningApp.App app, People people) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        long job = bikeOnStand(orla, "Stops", 5);
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/stand/" + job);
        press(tova, "Start");
        press(tova, "Stuck");
        press(tova, "A part is missing");
        assertThat(tova.getByText("Waits for")).containsText("the stock keeper");
        tova.getByLabel("In words").fill("no key in the box");
        tova.getByLabel("About a part or a finding").selectOption("p:Loom");
        press(tova, "Mark it stuck");
        assertThat(tova.getByText("Stuck: no key in the box")).isVisible();
        Page manager = people.signedIn(app.url(), "orla");
        manager.keyboard().press("u");
        Locator stop = manager.locator("[data-stop='%d']".formatted(job));
        assertThat(stop).containsText("no key in the box");
        assertThat(stop).containsText("Loom");
        stop.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Decide")).click();
        manager.getByLabel("What was decided").fill("it hangs on the board");
        manager.getByLabel("Write it down for the next frame of this kind").check();
        manager.getByLabel("Its knuckle").selectOption("battery-bay");
        press(manager, "Go on");
        assertThat(stop).hasCount(0);
        assertThat(manager.getByText("cleared: it hangs on the board", new Page.GetByTextOptions().setExact(false)).first()).isVisible();
        assertThat(tova.locator("[data-step='kit-check'][data-state='OPEN']")).isVisible();
        orla.place(job, "RACK", null);
    }

    @Test
    void handsChangeAtOneTabletByNumber(RunningApp.App app, People people) {
        Page tablet = people.signedIn(app.url(), "tova");
        tablet.navigate("/stand/404");
        assertThat(tablet.getByText("In Rian’s hands.")).isVisible();
        tablet.locator("[data-act=hands]").click();
        press(tablet, "Rian");
        tablet.getByLabel("PIN").fill("1111");
        press(tablet, "Take over");
        assertThat(tablet.getByText("That is not their PIN.")).isVisible();
        for (String digit : "3692".split("")) {
            tablet.getByRole(AriaRole.DIALOG).getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(digit).setExact(true))
                    .click();
        }
        press(tablet, "Take over");
        assertThat(tablet.locator("[data-act=hands]")).containsText("Rian’s hands");
        assertThat(tablet.locator("[data-act=tick]")).isVisible();
    }

    @Test
    void aFailedTestLeadsToItsCause(RunningApp.App app, People people) {
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        tova.put("/api/jobs/403/controller/faults", "{\"fault\":\"BRAKE_SWITCH_STUCK\",\"on\":true}");
        Page page = people.signedIn(app.url(), "tova");
        page.navigate("/jobs/405/settings");
        press(page, "All set as shown");
        // A code is asked of the customer.
        assertThat(page.getByText("not set yet")).hasCount(1);
        page.navigate("/jobs/403/settings");
        assertThat(page.getByText("shows the brake sign", new Page.GetByTextOptions().setExact(false))).isVisible();
        page.navigate("/stand/403");
        press(page, "from the stand-in");
        assertThat(page.locator("[data-figure='pedal-stop']")).containsText("10");
        page.locator("[data-act=tick]").click();
        press(page, "Find the cause");
        press(page, "Powers up, pedalling does nothing");
        assertThat(page.getByText("Assist level is 0")).isVisible();
        press(page, "Not it");
        assertThat(page.getByText("A brake switch is stuck on")).isVisible();
        press(page, "Back");
        press(page, "Back");
        press(page, "Motor runs on when pedalling stops");
        assertThat(page.getByText("Throttle does not return")).isVisible();
        press(page, "Not it");
        assertThat(page.getByText("Run-on is set long")).isVisible();
        press(page, "Not it");
        assertThat(page.getByText("Ring has lost a magnet or slips")).isVisible();
        press(page, "That is it: stop here");
        assertThat(page.getByText("Stuck: Motor runs on when pedalling stops: Ring has lost a magnet")).isVisible();
        press(page, "Find the cause");
        press(page, "Powers up, pedalling does nothing");
        press(page, "Not it");
        assertThat(page.getByText("A brake switch is stuck on")).isVisible();
        press(page, "That is it: to that step");
        assertThat(page.locator("[data-step='levers-on'][aria-current='step']")).isVisible();
        tova.put("/api/jobs/403/controller/faults", "{\"fault\":\"BRAKE_SWITCH_STUCK\",\"on\":false}");
        tova.step(403, "functions", "start", "");
    }
}
