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

/** The stand at arm's length. */
@ExtendWith({RunningApp.class, Browsers.class})
class StandTest {

    @Test
    void torqueIsTheLargestThingInBothUnitsAndALeftHandThreadIsSaid(RunningApp.App app, People people) {
        Page rian = people.signedIn(app.url(), "rian");
        rian.navigate("/stand/404");
        assertThat(rian.locator("[data-fastening='lock nut']")).containsText("85–95");
        assertThat(rian.locator("[data-fastening='lock nut']")).containsText("63–70 ft·lb");
        rian.locator("[data-step='cranks-pedals']").click();
        assertThat(rian.locator("[data-fastening='left pedal']")).containsText("left-hand thread");
        assertThat(rian.getByLabel("left-hand thread: tightens counter-clockwise")).isVisible();
        assertThat(rian.getByText("Waits for 'Tighten the lock nut', and then", new Page.GetByTextOptions().setExact(false))).isVisible();
    }

    @Test
    void theDoerDoesNotInspectHisOwnHoldPoint(RunningApp.App app, People people) {
        Page ned = people.signedIn(app.url(), "ned");
        ned.navigate("/stand/405");
        assertThat(ned.getByText("You did this step: a second person inspects it.")).isVisible();
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/stand/405");
        assertThat(tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("I have inspected it: good"))).isEnabled();
    }

    @Test
    void theBarsAreDrawnAndWhatHappenedIsTold(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/stand/403");
        tova.locator("[data-step='bars']").click();
        assertThat(tova.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("On the bars"))).isVisible();
        press(tova, "what happened");
        Locator told = tova.getByRole(AriaRole.DIALOG);
        assertThat(told).containsText("finished First power, driven wheel free");
        assertThat(told).containsText("none can be changed");
        tova.keyboard().press("Escape");
        assertThat(told).hasCount(0);
    }

    @Test
    void whatIsStuckIsSaidOnTheStandAndInTheYardAtOnce(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/stand/407");
        tova.locator("[data-step='grips-off']").click();
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start").setExact(true)).click();
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Stuck").setExact(true)).click();
        tova.getByLabel("In words").fill("ring is for another spindle");
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Wrong part")).click();
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Mark it stuck")).click();
        assertThat(tova.getByText("Stuck: ring is for another spindle")).isVisible();
        assertThat(orla.getByLabel("Stand 4")).containsText("ring is for another spindle");
        assertThat(orla.getByLabel("Asks you")).containsText("ring is for another");
    }

    @Test
    void aHalfDoneStepIsTakenUpWithItsNoteAndATickIsUndone(RunningApp.App app, People people) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        long job = orla.book("Two hands");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        orla.bill(job, "VM4-S");
        orla.place(job, "STAND", 5);
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/stand/" + job);
        press(tova, "Start");
        press(tova, "Hand over");
        press(tova, "Only hand-tight");
        tova.getByLabel("Left half done").last().fill("Only hand-tight: nothing. Missing: the second key.");
        press(tova, "Hand it over");
        Page rian = people.signedIn(app.url(), "rian");
        rian.navigate("/stand/" + job);
        assertThat(rian.getByText("Left half done.")).isVisible();
        assertThat(rian.getByText("Missing: the second key.", new Page.GetByTextOptions().setExact(false)).first()).isVisible();
        press(rian, "Go on with it");
        assertThat(rian.getByText("Tova: Only hand-tight: nothing.", new Page.GetByTextOptions().setExact(false)).first()).isVisible();
        press(rian, "Done, next step");
        // The view goes on by itself; only then is the step before chosen again.
        assertThat(rian.locator("[data-step='bench-power'][aria-current='step']")).isVisible();
        rian.locator("[data-step='kit-check']").click();
        press(rian, "Undo");
        press(rian, "Ticked by mistake");
        press(rian, "Undo it");
        assertThat(rian.locator("[data-step='kit-check'][data-state='OPEN']")).isVisible();
        orla.place(job, "RACK", null);
        orla.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"seen\"}");
    }

    private static void press(Page page, String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true)).first().click();
    }

    @Test
    void someoneElsesStepIsNotTicked(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/stand/404");
        assertThat(tova.getByText("In Rian’s hands.")).isVisible();
        assertThat(tova.locator("[data-act=tick]")).hasCount(0);
    }
}
