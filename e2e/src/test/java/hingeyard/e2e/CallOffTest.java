package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.Shopfloor;
import hingeyard.e2e.Browsers.People;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A customer calls a job off in mid-install: from the phone call to the bike's way home. */
@ExtendWith({RunningApp.class, Browsers.class})
class CallOffTest {

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void whatIsFittedComesOffAndIsSettledAndTheBikeGoesHome(RunningApp.App app, People people) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        Shopfloor floor = new Shopfloor(app);
        long job = orla.book("Goes home again");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        orla.bill(job, "VM4-S");
        floor.everythingComes(job);
        orla.place(job, "STAND", floor.freeStand());
        floor.workThrough(job, "motor-on-spacers");

        Page page = people.signedIn(app.url(), "orla");
        page.navigate("/jobs/%d/bill".formatted(job));
        button(page, "Call the job off").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("steps to remove the kit and restore the bike");
        assertThat(button(page, "Call it off")).isDisabled();
        page.getByLabel("The customer’s reason").fill("moves to another town");
        page.getByText("by phone").last().click();
        button(page, "Call it off").click();
        assertThat(page.getByText("Returned parts and their condition")).isVisible();
        assertThat(page.getByText("moves to another town (Edda Holm,")).isVisible();
        assertThat(button(page, "Settle")).isDisabled();
        button(page, "Open the steps").click();
        assertThat(page.locator("[data-step='off-motor-on-spacers']")).isVisible();
        assertThat(page.locator("[data-step='lock-nut']")).hasCount(0);

        floor.workThrough(job, "");
        page.navigate("/");
        page.getByText("kit removed: record the returns").first().click();
        page.navigate("/jobs/%d/call-off".formatted(job));
        Locator box = page.getByRole(AriaRole.RADIOGROUP,
                new Page.GetByRoleOptions().setName("Condition of Velmora M4, short axle, 36 V, box"));
        assertThat(box.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("as new"))).isDisabled();
        assertThat(box.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("used").setExact(true))).isChecked();
        page.getByLabel("Settlement", new Page.GetByLabelOptions().setExact(true))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Payments")).click();
        page.getByLabel("Amount").fill("100");
        button(page, "Take payment").click();
        assertThat(page.locator("[data-payment]")).containsText("100.00");
        page.navigate("/jobs/%d/call-off".formatted(job));
        page.getByLabel("Minutes charged").fill("60");
        assertThat(page.getByLabel("Settlement", new Page.GetByLabelOptions().setExact(true))).containsText("28.00 to give back");
        button(page, "Settle").click();
        assertThat(page.getByText("28.00 to give back").first()).isVisible();
        assertThat(button(page, "Last bill on paper")).isVisible();
        button(page, "Hand the bike back").click();
        assertThat(page.getByText("Job %d is with its customer.".formatted(job)).first()).isVisible();
    }
}
