package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.e2e.Browsers.People;
import java.time.LocalDate;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The days ahead: a bike is chosen, promised and moved, what may happen is tried, and a plan is agreed. */
@ExtendWith({RunningApp.class, Browsers.class})
class AheadTest {

    private ShopClient shop;
    private long job;

    @BeforeEach
    void aBikeWithItsKitOnABill(RunningApp.App app) {
        shop = ShopClient.signedIn(app.url(), "orla");
        job = shop.book("Ahead in the browser");
        shop.place(job, "RACK", null);
        shop.survey(job, "");
        shop.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        shop.bill(job, "VM4-S");
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    private static Locator dialog(Page page) {
        return page.getByRole(AriaRole.DIALOG);
    }

    private static Locator row(Page page, long job) {
        return page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^" + job)));
    }

    private LocalDate today() {
        return LocalDate.parse(shop.get("/api/plan").body().path("now").asString().substring(0, 10));
    }

    @Test
    void aBikeIsChosenAndToldWhyItIsNotEarlierAndWhatWouldHelp(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.keyboard().press("v");
        assertThat(orla.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("The floor, day by day"))).isVisible();
        button(orla, "table").click();
        row(orla, job).getByRole(AriaRole.BUTTON).click();
        Locator chosen = orla.getByLabel("Job " + job, new Page.GetByLabelOptions().setExact(true));
        assertThat(chosen).containsText("Why not earlier?");
        assertThat(chosen.getByLabel("Chain of causes").getByRole(AriaRole.LISTITEM).first()).containsText(String.valueOf(job));
        assertThat(chosen).containsText("taking %d before all others".formatted(job));
        button(orla, "hands").click();
        assertThat(orla.locator("[data-way='%d']".formatted(job)).first()).isVisible();
        assertThat(orla.url()).as("a plan that was looked at can be passed on").contains("job=" + job, "face=hands");
        orla.keyboard().press("Escape");
        assertThat(chosen).hasCount(0);
    }

    @Test
    void aDayIsPromisedAndABikeMovedByKeysAndWhatItChangesIsToldFirst(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        LocalDate day = shop.get("/api/plan").body().path("days").valueStream().filter(d -> d.path("open").asBoolean())
                .map(d -> LocalDate.parse(d.path("date").asString())).filter(d -> d.isAfter(today().plusDays(10))).findFirst()
                .orElseThrow();
        orla.navigate("/ahead?face=table&job=" + job);
        assertThat(row(orla, job)).isVisible();
        orla.keyboard().press("m");
        assertThat(dialog(orla)).containsText("A promise alone moves nothing");
        dialog(orla).getByLabel("Promised to the customer for").fill(day.toString());
        dialog(orla).getByLabel("Not before").fill(today().plusDays(17).toString());
        assertThat(dialog(orla)).containsText(Pattern.compile("%d: finished .* later".formatted(job)));
        dialog(orla).getByLabel("Not before").fill("2199-01-01");
        button(orla, "Save").click();
        assertThat(dialog(orla).getByRole(AriaRole.ALERT).first()).containsText("2199-01-01");
        dialog(orla).getByLabel("Not before").fill(today().plusDays(17).toString());
        button(orla, "Save").click();
        assertThat(dialog(orla)).hasCount(0);
        assertThat(orla.getByLabel("Job " + job, new Page.GetByLabelOptions().setExact(true))).containsText("Promised");
        var said = shop.get("/api/plan").body().path("jobs").valueStream().filter(j -> j.path("job").asLong() == job).findFirst()
                .orElseThrow();
        assertThat(said.path("said").path("promised").asString()).isEqualTo(day.toString());
        assertThat(said.path("finish").asString()).isGreaterThan(today().plusDays(17).toString());
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/ahead?job=" + job);
        assertThat(tova.locator("[data-promised='%d']".formatted(job))).isVisible();
        assertThat(button(tova, "Promise or move")).hasCount(0);
        assertThat(button(tova, "What if")).hasCount(0);
    }

    @Test
    void aBikeIsCarriedToAnotherDayAndLetGoOnlyWhenItIsSaid(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/ahead");
        Locator bike = orla.locator("[data-way='404']").first();
        bike.waitFor();
        LocalDate day = shop.get("/api/plan").body().path("days").valueStream().filter(d -> d.path("open").asBoolean())
                .map(d -> LocalDate.parse(d.path("date").asString())).filter(d -> d.isAfter(today().plusDays(12))).findFirst()
                .orElseThrow();
        Locator spot = orla.locator("[data-spot='%s 4']".formatted(day));
        var from = bike.boundingBox();
        var to = spot.boundingBox();
        orla.mouse().move(from.x + from.width / 2, from.y + from.height / 2);
        orla.mouse().down();
        orla.mouse().move(from.x + from.width / 2 + 12, from.y + from.height / 2 + 12);
        orla.mouse().move(to.x + to.width / 2, to.y + to.height / 2, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(8));
        orla.mouse().up();
        assertThat(dialog(orla)).containsText("404");
        assertThat(dialog(orla).getByLabel("Not before")).hasValue(day.toString());
        assertThat(dialog(orla)).containsText(Pattern.compile("404: finished .* later"));
        orla.keyboard().press("Escape");
        assertThat(dialog(orla)).hasCount(0);
        assertThat(
                shop.get("/api/plan").body().path("jobs").valueStream().filter(j -> j.path("job").asLong() == 404).findFirst().orElseThrow()
                        .path("said").path("notBefore").isMissingNode())
                .as("nothing is saved before it is said").isTrue();
    }

    @Test
    void somebodyIsSupposedIllAndThenAPlanIsAgreed(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/ahead");
        button(orla, "What if").click();
        dialog(orla).getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName("Ill on the next working day"))
                .getByText("Tova").click();
        assertThat(dialog(orla)).containsText("Nobody else moves.");
        orla.keyboard().press("Escape");
        orla.keyboard().press("p");
        button(orla, "Accept it").click();
        assertThat(orla.getByText("Agreed by Orla M.")).isVisible();
        Locator first = orla.locator("section").filter(new Locator.FilterOptions().setHasText(Pattern.compile("free|full"))).first();
        first.getByRole(AriaRole.BUTTON).first().click();
        assertThat(dialog(orla)).isVisible();
        orla.keyboard().press("Escape");
        assertThat(dialog(orla)).hasCount(0);
    }
}
