package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import hingeyard.app.RunningApp;
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
        assertThat(rian.getByText("Waits for 'Tighten the lock nut'")).hasCount(0);
        assertThat(rian.getByText("Waits for 'Second nut, paint mark'.")).isVisible();
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
    void whatIsStuckIsSaidOnTheStandAndInTheYardAtOnce(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/stand/407");
        tova.locator("[data-step='pedal-sensor']").click();
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start").setExact(true)).click();
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Stuck").setExact(true)).click();
        tova.getByLabel("In words").fill("ring is for another spindle");
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Wrong part")).click();
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Mark it stuck")).click();
        assertThat(tova.getByText("Stuck: Wrong part: ring is for another spindle")).isVisible();
        assertThat(orla.getByLabel("Stand 4")).containsText("Wrong part: ring is for another spindle");
        assertThat(orla.getByLabel("Asks you")).containsText("Wrong part");
    }

    @Test
    void someoneElsesStepIsNotTicked(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/stand/404");
        assertThat(tova.getByText("In Rian’s hands.")).isVisible();
        assertThat(tova.locator("[data-act=tick]")).hasCount(0);
    }
}
