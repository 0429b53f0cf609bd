package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.e2e.Browsers.People;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A job for which no kit is looked for: from the yard's word to the steps, without a shortlist and without a box. */
@ExtendWith({RunningApp.class, Browsers.class})
class OwnWorkTest {

    @Test
    void serviceGoesFromTheWorkToTheStandWithoutAKit(RunningApp.App app, People people) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        long job = orla.post("/api/jobs", ShopClient.booking("Serviced").replace("MID_DRIVE", "SERVICE")).body().path("number").asLong();
        orla.place(job, "RACK", null);
        orla.post("/api/jobs/%d/arrival/points/brake-pads".formatted(job), "{\"grade\":\"WITH_JOB\",\"note\":\"rear worn\",\"seen\":0}");
        orla.post("/api/jobs/%d/arrival/rest-good".formatted(job), "");
        Page page = people.signedIn(app.url(), "orla");
        page.navigate("/jobs/%d/sheet".formatted(job));
        assertThat(page.getByText("service: no kit is looked for")).isVisible();
        page.keyboard().press("2");
        assertThat(page.getByText("Nothing to match")).isVisible();
        assertThat(page.getByLabel("Steps of this work")).containsText("Brake pads renewed");
        assertThat(page.getByText("Kit box")).hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Make the bill")).click();
        assertThat(page.getByText("Brake pads for discs, pair")).isVisible();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Kit check"))).hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open the steps")).click();
        assertThat(page.locator("[data-step='service-brakes']")).isVisible();
        assertThat(page.locator("[data-step='pads-renewed']")).isVisible();
        assertThat(page.locator("[data-step='kit-check']")).hasCount(0);
        page.navigate("/jobs/%d/hinge".formatted(job));
        assertThat(page.getByText("Its bill is made.")).isVisible();
    }
}
