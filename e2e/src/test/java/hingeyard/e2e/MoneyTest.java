package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import hingeyard.app.RunningApp;
import hingeyard.e2e.Browsers.People;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Money at the counter, from the rail to an even account, and what the office sees of it. */
@ExtendWith({RunningApp.class, Browsers.class})
class MoneyTest {

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** Job 401 hangs on the rail with its deposit paid: invoiced with a line on top, credited, written anew, paid, wrongly entered. */
    @Test
    void aBikeIsPaidForAtTheCounter(RunningApp.App app, People people) {
        Page page = people.signedIn(app.url(), "orla");
        page.navigate("/jobs/401/sheet");
        page.locator("[data-measure]").first().waitFor();
        page.keyboard().press("7");
        page.waitForURL(Pattern.compile(".*/jobs/401/money"));
        Locator account = page.getByLabel("Account", new Page.GetByLabelOptions().setExact(true));
        assertThat(account).containsText("nothing to pay now");
        button(page, "Write the invoice").click();
        page.getByLabel("For name and address").fill("Jorun Amsel\nLock house 5");
        button(page, "Add a line").click();
        page.getByLabel("What", new Page.GetByLabelOptions().setExact(true)).fill("Rain cover");
        page.getByLabel("Each EUR").fill("17,50");
        button(page, "Write it").click();
        Locator owed = page.getByLabel("What is owed");
        assertThat(owed).containsText("Rain cover");
        assertThat(account).containsText("to pay of invoice");

        button(page, "Credit it").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(button(page, "Credit all of it")).isDisabled();
        for (Locator box : dialog.getByRole(AriaRole.CHECKBOX).all()) {
            box.uncheck();
        }
        dialog.getByRole(AriaRole.CHECKBOX).last().check();
        page.getByLabel("Why").fill("had one already");
        button(page, "Credit 1 line").click();
        assertThat(page.getByLabel("Documents")).containsText("Credit note");
        assertThat(owed.locator(".line-through")).containsText("Rain cover");

        String due = account.locator("p.figure").textContent();
        page.getByLabel("Amount EUR").fill("99999");
        button(page, "Take payment").click();
        assertThat(account.getByRole(AriaRole.ALERT)).containsText("at most " + due);
        page.getByLabel("Amount EUR").fill(due);
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("card")).click();
        button(page, "Take payment").click();
        assertThat(account).containsText("paid in full");
        assertThat(button(page, "Take payment")).hasCount(0);

        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Receipt R.* is wrong"))).last().click();
        page.getByLabel("What was wrong").fill("it was transferred");
        button(page, "Take it back").click();
        assertThat(account.locator("p.figure")).hasText(due);
        assertThat(page.locator("[data-payment]", new Page.LocatorOptions().setHasText("was wrong"))).hasCount(1);
    }

    @Test
    void theOfficeSeesWhatIsOpenAndFindsIt(RunningApp.App app, People people) {
        Page page = people.signedIn(app.url(), "orla");
        page.navigate("/money");
        page.locator("[data-open]").first().waitFor();
        page.getByLabel("Find customer").fill("Duarte");
        assertThat(page.locator("[data-open]")).hasCount(1);
        assertThat(page.locator("[data-open='402']")).containsText("of invoice");
        assertThat(page.getByLabel("Documents")).containsText("Invoice");
        String paper = page.getByLabel("Documents")
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile("Invoice .*")))
                .first().getAttribute("href");
        Assertions.assertThat(page.request().get(app.url() + paper).headers()).containsEntry("content-type", "application/pdf");
        page.locator("[data-open='402'] a").click();
        page.waitForURL(Pattern.compile(".*/jobs/402/money"));
        page.navigate("/");
        page.locator("[data-bike='402']").focus();
        page.keyboard().press("m");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("still to pay");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Money of job 402")).click();
        page.waitForURL(Pattern.compile(".*/jobs/402/money"));
    }

    /** Who takes no money sees none of it, on no road. */
    @Test
    void aTechnicianSeesNoAccount(RunningApp.App app, People people) {
        Page page = people.signedIn(app.url(), "tova");
        page.navigate("/jobs/402/sheet");
        page.locator("[data-measure]").first().waitFor();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Money")))).hasCount(0);
        page.navigate("/jobs/402/money");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Only the service manager may take money");
        page.navigate("/money");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("Only the service manager may take money");
    }
}
