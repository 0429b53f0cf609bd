package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import hingeyard.app.RunningApp;
import hingeyard.e2e.Browsers.People;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

/** The step library on screen, and the simulated wrench and meter. */
@ExtendWith({RunningApp.class, Browsers.class})
class LibraryTest {

    private static void press(Page page, String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true)).first().click();
    }

    @Test
    void aFragmentIsTriedRefusedWithItsLineAndKept(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.keyboard().press("l");
        orla.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sleeve adapter in a wide shell")).click();
        assertThat(orla.getByText("Sleeve runs true")).isVisible();
        press(orla, "Change it");
        String text = orla.getByLabel("Fragment as YAML").inputValue();
        orla.getByLabel("Fragment as YAML").fill(text.replace("minutes: 10", "minutes: ten"));
        press(orla, "Try it");
        assertThat(orla.getByRole(AriaRole.ALERT)).containsText("line 11");
        orla.getByLabel("Fragment as YAML").fill(text.replace("minutes: 10", "minutes: 11"));
        press(orla, "Try it");
        assertThat(orla.getByText("Nothing is wrong with it.")).isVisible();
        orla.getByLabel("Why it is changed").fill("two shells took longer");
        press(orla, "Keep as version 2");
        assertThat(orla.getByText("version 2", new Page.GetByTextOptions().setExact(false)).first()).isVisible();
        app.bean(JdbcTemplate.class).update("DELETE FROM step_fragment");
    }

    @Test
    void aTechnicianLooksButChangesNothing(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/steps");
        assertThat(tova.getByText("Check the box against its list")).isVisible();
        assertThat(tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Change it"))).hasCount(0);
    }

    @Test
    void aReadingOfTheWrenchIsTakenAtTheStandWithOneTap(RunningApp.App app, People people) {
        Page rian = people.signedIn(app.url(), "rian");
        rian.navigate("/devices");
        rian.getByLabel("Torque wrench").fill("88.5");
        press(rian, "Send the reading");
        assertThat(People.told(rian)).hasText("Torque wrench: 88.5 N·m sent.");
        rian.navigate("/stand/404");
        press(rian, "W2");
        press(rian, "from the wrench");
        assertThat(rian.locator("[data-figure='nut-torque']")).containsText("88.5");
        assertThat(rian.locator("[data-act=tick]")).isEnabled();
    }

    @Test
    void aWrenchIsWrittenDownAndSaysWhenItIsOverdue(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/devices");
        assertThat(orla.locator("[data-wrench=W3]")).containsText("overdue since");
        press(orla, "Add a wrench");
        orla.getByLabel("Mark").fill("W8");
        orla.getByLabel("Name").fill("Bench wrench");
        orla.getByLabel("Calibrated on").fill("2026-11-02");
        orla.getByLabel("Due again on").fill("2026-11-01");
        press(orla, "Write it down");
        assertThat(orla.getByRole(AriaRole.ALERT)).containsText("a day after 2026-11-02");
        orla.getByLabel("Due again on").fill("2031-11-01");
        press(orla, "Write it down");
        assertThat(orla.locator("[data-wrench=W8]")).containsText("2–25 N·m");
        app.bean(JdbcTemplate.class).update("DELETE FROM wrench WHERE code = 'W8'");
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/devices");
        assertThat(tova.locator("[data-wrench=W1]")).isVisible();
        assertThat(tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Change"))).hasCount(0);
    }
}
