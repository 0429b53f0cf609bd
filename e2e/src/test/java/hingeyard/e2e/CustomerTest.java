package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.e2e.Browsers.People;
import java.io.IOException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

/** A customer and a bike have pages of their own, and two who change one of them do not write over one another. */
@ExtendWith({RunningApp.class, Browsers.class})
class CustomerTest {

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator link(Page page, String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true)).first();
    }

    private static Locator heading(Page page, String text) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1).setName(text));
    }

    @Test
    void theSecondOfTwoEditorsIsToldAndPutsNothingBack(RunningApp.App app, People people) {
        ShopClient api = ShopClient.signedIn(app.url(), "orla");
        long job = api.post("/api/jobs", ShopClient.booking("Petra Vane", "ext. 610", "Vane tourer", "")).body().path("number").asLong();
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate(app.url() + "/jobs/%d/sheet".formatted(job));
        link(orla, "Petra Vane").click();
        assertThat(heading(orla, "Petra Vane")).isVisible();
        Page desk = people.signedIn(app.url(), "orla");
        desk.navigate(orla.url());
        for (Page page : new Page[]{orla, desk}) {
            button(page, "Change name or contact").click();
        }
        desk.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Customer")).fill("Petra Vane-Holt");
        orla.getByLabel("Phone or mail").fill("ext. 611");
        button(orla, "Save").click();
        assertThat(People.told(orla)).hasText("Petra Vane is changed.");
        button(desk, "Save").click();
        assertThat(desk.getByRole(AriaRole.ALERT)).containsText("Somebody changed Petra Vane (ext. 611) a moment ago");
        assertThat(desk.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Customer"))).hasValue("Petra Vane-Holt");
        button(desk, "Show what it is now").click();
        assertThat(desk.getByText("ext. 611")).isVisible();
        org.assertj.core.api.Assertions.assertThat(api.get("/api/jobs/" + job).body().path("job").path("contact").asString())
                .isEqualTo("ext. 611");
    }

    @Test
    void aBikesPageTellsItsJobsAndChangesWhatItIs(RunningApp.App app, People people) {
        ShopClient api = ShopClient.signedIn(app.url(), "orla");
        long job = api.post("/api/jobs", ShopClient.booking("Odo Marsh", "ext. 620", "Marsh roadster", "")).body().path("number").asLong();
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate(app.url() + "/jobs/%d/sheet".formatted(job));
        link(orla, "Marsh roadster").click();
        assertThat(heading(orla, "Marsh roadster")).isVisible();
        assertThat(link(orla, String.valueOf(job))).isVisible();
        button(orla, "Change what it is").click();
        orla.getByLabel("Maker and model").fill(" ");
        button(orla, "Save").click();
        assertThat(orla.getByRole(AriaRole.ALERT).first()).containsText("maker and model, 1 to 120 letters");
        orla.getByLabel("Maker and model").fill("Marsh roadster II");
        orla.getByLabel("Size").fill("58");
        button(orla, "Save").click();
        assertThat(heading(orla, "Marsh roadster II 58")).isVisible();
        link(orla, "Odo Marsh").click();
        assertThat(link(orla, "Marsh roadster II 58")).isVisible();
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate(app.url() + "/jobs/%d/sheet".formatted(job));
        link(tova, "Marsh roadster II 58").click();
        assertThat(heading(tova, "Marsh roadster II 58")).isVisible();
        assertThat(button(tova, "Change what it is")).isHidden();
    }

    /** What goes and what stays is told first; nobody erases by a slip, nor while it is still needed. */
    @Test
    void aCustomerIsErasedOnRequest(RunningApp.App app, People people) throws IOException {
        ShopClient api = ShopClient.signedIn(app.url(), "orla");
        long job = api.post("/api/jobs", ShopClient.booking("Ysolde Kram", "ext. 633", "Kram roadster", "")).body().path("number").asLong();
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate(app.url() + "/jobs/%d/sheet".formatted(job));
        link(orla, "Ysolde Kram").click();
        button(orla, "Erase…").click();
        Locator dialog = orla.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("Job %d is not finished".formatted(job));
        assertThat(dialog).containsText("the books have to be kept");
        org.assertj.core.api.Assertions.assertThat(Axe.faults(orla)).isEmpty();
        button(orla, "Close").click();
        app.bean(JdbcTemplate.class).update("UPDATE job SET place = 'GONE' WHERE id = ?", job);
        button(orla, "Erase…").click();
        dialog.getByLabel("Type “Ysolde Kram”").fill("Ysolde");
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Erase")).click();
        assertThat(dialog.getByRole(AriaRole.ALERT)).containsText("Ysolde Kram, as it stands there");
        dialog.getByLabel("Type “Ysolde Kram”").fill("ysolde kram");
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Erase")).click();
        assertThat(heading(orla, "Erased ")).isVisible();
        assertThat(orla.getByText("Ysolde")).hasCount(0, new LocatorAssertions.HasCountOptions().setTimeout(10_000));
        assertThat(button(orla, "Erase…")).isHidden();
        assertThat(button(orla, "Change name or contact")).isHidden();
    }
}
