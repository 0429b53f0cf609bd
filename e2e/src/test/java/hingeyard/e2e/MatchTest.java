package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.e2e.Browsers.People;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The hinge and the bill. */
@ExtendWith({RunningApp.class, Browsers.class})
class MatchTest {

    private static Locator makeTheBill(Page page) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Make the bill"));
    }

    @Test
    void kitsAreComparedAtAGlanceAndWithTheArrowKeys(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/jobs/408/hinge");
        assertThat(orla.getByRole(AriaRole.TAB)).hasCount(4);
        assertThat(orla.locator("[role=tab][aria-selected=true]")).containsText("Tarnuvel T9");
        orla.keyboard().press("ArrowRight");
        assertThat(orla.locator("[role=tab][aria-selected=true]")).containsText("Velmora M4, short axle");
        assertThat(orla.locator("[role=tab]").last()).containsText("Does not go on");
    }

    @Test
    void aVerdictShowsItsFiguresWithWhereTheyCameFrom(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/jobs/408/hinge?kit=KF2");
        Locator fork = orla.locator("[data-check='fork-material']");
        assertThat(fork).hasAttribute("data-verdict", "NO_FIT");
        assertThat(fork).containsText("carbon never gets a front motor");
        assertThat(fork).containsText("Nobody may override this");
        orla.locator("[data-check='fork-width'] button").click();
        assertThat(orla.locator("[data-check='fork-width'] dl")).containsText("Over-locknut distance measured");
        assertThat(makeTheBill(orla)).isDisabled();
    }

    @Test
    void aTradeOffIsConsentedToBeforeTheBill(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/jobs/409/hinge?kit=VM4-L");
        assertThat(makeTheBill(orla)).isDisabled();
        assertThat(orla.getByText("Consent is missing.")).isVisible();
        orla.getByRole(AriaRole.CHECKBOX).check();
        assertThat(makeTheBill(orla)).isEnabled();
        orla.getByRole(AriaRole.CHECKBOX).uncheck();
        assertThat(makeTheBill(orla)).isDisabled();
    }

    @Test
    void aMissingMeasureLeadsToItsField(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/jobs/410/hinge?kit=TN9");
        assertThat(orla.getByLabel("What it takes")).containsText("Measure the shell's width with the caliper.");
        orla.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Measure it now")).click();
        assertThat(orla).hasURL(Pattern.compile("/jobs/410/sheet"));
        assertThat(orla.getByLabel("Shell width, value")).isVisible();
    }

    @Test
    void aBillIsTakenBackWithAReasonWhileNothingHasBegun(RunningApp.App app, People people) {
        ShopClient api = ShopClient.signedIn(app.url(), "orla");
        ShopClient.signedIn(app.url(), "ines").post("/api/drawers/TN9/receipts", "{\"count\":1,\"note\":\"\"}");
        long job = api.book("Taken back");
        api.place(job, "RACK", null);
        api.measure(job, "bracket.standard", "iso", "LOOK", 0);
        api.measure(job, "bracket.shell-width", "70", "CALIPER", 0);
        api.bill(job, "TN9", List.of());
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/jobs/" + job + "/bill");
        orla.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take the bill back")).click();
        orla.getByLabel("Reason").fill("customer thinks again");
        orla.keyboard().press("Enter");
        assertThat(orla.getByText("There is no bill yet")).isVisible();
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/jobs/" + job + "/hinge");
        assertThat(makeTheBill(tova)).isDisabled();
        assertThat(tova.getByText("The manager makes the bill.")).isVisible();
    }
}
