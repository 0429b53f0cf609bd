package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.e2e.Browsers.People;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The hinge and the bill. */
@ExtendWith({RunningApp.class, Browsers.class})
class MatchTest {

    private static final String LETTER = "Add a photo: the maker’s written approval";

    private static Locator makeTheBill(Page page) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Make the bill"));
    }

    private static Locator row(Page page, String kit) {
        return page.locator("tr[data-kit='" + kit + "']");
    }

    @Test
    void kitsAreComparedAtAGlanceFilteredOrderedAndUnfolded(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/jobs/408/hinge");
        assertThat(row(orla, "TN9")).containsText("Tarnuvel T9");
        assertThat(row(orla, "TN9")).containsText("km spare");
        assertThat(row(orla, "TN9").getByLabel(Pattern.compile("of \\d+ checks fit as they are"))).isVisible();
        // What is in nothing better lies under what is; it is there, not gone.
        Locator more = orla.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("more, in nothing better")))
                .first();
        int before = orla.locator("tr[data-kit]").count();
        more.click();
        assertThat(orla.locator("tr[data-kit]").nth(before)).isVisible();
        orla.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Price")).click();
        assertThat(orla.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Price"))).hasAttribute("aria-checked", "true");
        orla.getByLabel("Filter the kits").fill("slate t9");
        assertThat(row(orla, "TN9")).isVisible();
        assertThat(row(orla, "VM4-S")).hasCount(0);
        orla.getByLabel("Filter the kits").fill("nothing like it");
        assertThat(orla.getByText("Nothing is called “nothing like it”.")).isVisible();
        orla.getByLabel("Filter the kits").fill("");
        row(orla, "TN9").getByRole(AriaRole.LINK).click();
        assertThat(orla.locator("h2").first()).containsText("Tarnuvel T9");
        String first = orla.url();
        assertThat(orla.getByLabel("The kit after")).isVisible();
        orla.keyboard().press("ArrowRight");
        assertThat(orla).not().hasURL(first);
    }

    @Test
    void whatIfMovesVerdictsBeforeTheEyesAndSavesNothing(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/jobs/409/hinge/VM4-L");
        Locator stack = orla.locator("[data-check='bracket-stack']");
        assertThat(stack).hasAttribute("data-verdict", "FITS_WITH");
        orla.keyboard().press("w");
        orla.getByLabel("Suppose a measure").fill("shell width");
        orla.getByLabel("What if").getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Shell width")))
                .click();
        orla.getByLabel("Suppose bracket.shell-width").fill("120");
        assertThat(stack).hasAttribute("data-verdict", "NO_FIT");
        assertThat(stack).containsText("was: fits with parts or work");
        assertThat(orla.getByLabel("What if").getByRole(AriaRole.STATUS)).containsText("Shell width: does not fit");
        orla.getByLabel("Suppose bracket.shell-width").fill("wide");
        assertThat(orla.getByLabel("What if").getByRole(AriaRole.ALERT)).containsText("wide");
        orla.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("As it is")).click();
        assertThat(stack).hasAttribute("data-verdict", "FITS_WITH");
        orla.getByLabel("What if")
                .getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName(Pattern.compile("Bracket spacer 4.0"))).check();
        assertThat(stack).not().containsText("Bracket spacer 4.0 × 1");
        orla.reload();
        assertThat(stack).hasAttribute("data-verdict", "FITS_WITH");
    }

    @Test
    void aFitNoteIsWrittenInItsKnuckleAndTheManagerOverridesWithAReason(RunningApp.App app, People people) {
        ShopClient api = ShopClient.signedIn(app.url(), "orla");
        long job = api.book("Short bar tourer");
        api.place(job, "RACK", null);
        api.survey(job, "bars.straight-length=120");
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/jobs/" + job + "/hinge/TN9");
        Locator bars = tova.locator("[data-check='bars']");
        assertThat(bars).hasAttribute("data-verdict", "NO_FIT");
        bars.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Write a fit note")).click();
        bars.getByLabel("Found").fill("Bar is cut short");
        bars.getByLabel("Took, min").fill("10");
        tova.keyboard().press("Enter");
        assertThat(bars).containsText("Bar is cut short");
        assertThat(bars.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Override this"))).hasCount(0);
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/jobs/" + job + "/hinge/TN9");
        Locator seen = orla.locator("[data-check='bars']");
        seen.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Override this")).click();
        seen.getByLabel("Why it is fitted all the same").fill("he brings a longer bar on Friday");
        orla.keyboard().press("Enter");
        assertThat(seen).hasAttribute("data-verdict", "TRADE_OFF");
        assertThat(orla.getByLabel("What it takes")).containsText("Overridden by Orla M.: he brings a longer bar on Friday");
        // Live: the technician sees the word without a reload.
        assertThat(bars).hasAttribute("data-verdict", "TRADE_OFF");
    }

    @Test
    void aVerdictShowsItsFiguresWithWhereTheyCameFrom(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/jobs/408/hinge/KF2");
        Locator fork = orla.locator("[data-check='fork-material']");
        assertThat(fork).hasAttribute("data-verdict", "NO_FIT");
        if (fork.locator("button[aria-expanded=true]").count() == 0) {
            fork.getByRole(AriaRole.BUTTON).first().click();
        }
        assertThat(fork).containsText("Never put a motor in a fork whose dropouts are carbon");
        assertThat(fork).containsText("Nobody may override this");
        orla.keyboard().press("s");
        orla.locator("[data-check='fork-width'] button").first().click();
        assertThat(orla.locator("[data-check='fork-width'] dl")).containsText("Fork over-locknut distance measured");
        assertThat(makeTheBill(orla)).isDisabled();
    }

    @Test
    void aPartTheCustomerBringsIsTickedOffWithAReason(RunningApp.App app, People people) {
        ShopClient client = ShopClient.signedIn(app.url(), "orla");
        long job = client.book("Brings his own");
        client.place(job, "RACK", null);
        client.survey(job, "");
        ShopClient.signedIn(app.url(), "ines").post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/jobs/%d/hinge/VM4-S".formatted(job));
        Locator first = orla.getByLabel("What it takes").locator("input[type=checkbox][aria-label^='Take:']:enabled").first();
        String name = first.getAttribute("aria-label").substring("Take: ".length());
        first.uncheck();
        assertThat(makeTheBill(orla)).isDisabled();
        assertThat(orla.getByText("Say why it is left out.")).isVisible();
        orla.getByLabel("Why %s is left out".formatted(name)).fill("brings his own");
        makeTheBill(orla).click();
        assertThat(orla.locator("tr[data-source=NOT_TAKEN]")).containsText(name);
        assertThat(orla.locator("tr[data-source=NOT_TAKEN]")).containsText("brings his own (Orla M.)");
        client.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"seen\"}");
    }

    @Test
    void aTradeOffIsConsentedToBeforeTheBill(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/jobs/409/hinge/VM4-L");
        assertThat(makeTheBill(orla)).isDisabled();
        assertThat(orla.getByText("Consent is missing.")).isVisible();
        orla.getByLabel("agreed, I sign off").check();
        assertThat(makeTheBill(orla)).isDisabled();
        assertThat(orla.getByText("Say who agreed, when and how.")).isVisible();
        assertThat(orla.getByLabel("Who agreed")).not().isEmpty();
        orla.getByText("by phone").click();
        assertThat(makeTheBill(orla)).isEnabled();
        orla.getByLabel("Who agreed").fill(" ");
        assertThat(makeTheBill(orla)).isDisabled();
        orla.getByLabel("Who agreed").fill("her brother");
        assertThat(makeTheBill(orla)).isEnabled();
        orla.getByLabel("agreed, I sign off").uncheck();
        assertThat(makeTheBill(orla)).isDisabled();
    }

    @Test
    void aMissingMeasureLeadsToItsField(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/jobs/410/hinge/TN9");
        assertThat(orla.getByLabel("What it takes")).containsText("Measure: shell width.");
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
        api.survey(job, "");
        api.bill(job, "TN9");
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/jobs/" + job + "/bill");
        orla.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take the bill back")).click();
        orla.getByLabel("Reason").fill("customer thinks again");
        orla.keyboard().press("Enter");
        assertThat(orla.getByText("There is no bill yet")).isVisible();
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/jobs/" + job + "/hinge/TN9");
        assertThat(makeTheBill(tova)).isDisabled();
        assertThat(tova.getByText("The manager makes the bill.")).isVisible();
    }

    @Test
    void theMakersLetterIsAttachedInItsKnuckle(RunningApp.App app, People people) throws Exception {
        ShopClient api = ShopClient.signedIn(app.url(), "orla");
        long job = api.post("/api/jobs", ShopClient.booking("Cast fork").replace("MID_DRIVE", "FRONT_HUB")).body().path("number").asLong();
        api.place(job, "RACK", null);
        api.survey(job, "front.fork-material=magnesium-casting;front.fork-kind=sprung");
        Locator hers = unfolded(people.signedIn(app.url(), "tova"), job);
        assertThat(hers.getByLabel(LETTER)).hasCount(0);
        Page orla = people.signedIn(app.url(), "orla");
        Locator fork = unfolded(orla, job);
        byte[] letter = new hingeyard.app.demo.DemoPicture(hingeyard.core.bike.BikeKind.DIAMOND, hingeyard.core.bike.FrameSurvey.empty(), 0)
                .bytes("jpg", "#ffffff");
        assertThat(fork.getByLabel(LETTER)).hasCount(0);
        fork.getByLabel("Maker’s paper").fill("Letter 12");
        fork.getByLabel("Dated").fill("2026-01-15");
        fork.getByLabel("It allows").fill("up to 250 W");
        fork.getByLabel(LETTER).setInputFiles(new com.microsoft.playwright.options.FilePayload("letter.jpg", "image/jpeg", letter));
        assertThat(fork).hasAttribute("data-verdict", "TRADE_OFF");
        assertThat(orla.getByLabel("What it takes")).containsText("Trade-off to consent");
    }

    private static Locator unfolded(Page page, long job) {
        page.navigate("/jobs/" + job + "/hinge/KF2");
        Locator fork = page.locator("[data-check='fork-material']");
        assertThat(fork).hasAttribute("data-verdict", "NO_FIT");
        if (fork.locator("button[aria-expanded=true]").count() == 0) {
            fork.getByRole(AriaRole.BUTTON).first().click();
        }
        assertThat(fork.locator("button[aria-expanded=true]").first()).isVisible();
        return fork;
    }

    @Test
    void aKitThatDoesNotGoOnLiesFoldedWithItsOtherBatteries(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/jobs/411/hinge");
        Locator not = orla.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Do not fit")));
        assertThat(not).hasAttribute("aria-expanded", "false");
        not.click();
        Locator other = orla
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("same with \\d+ other batteries"))).first();
        int before = orla.locator("tr[data-kit]").count();
        other.click();
        assertThat(orla.locator("tr[data-kit]").nth(before)).isVisible();
    }
}
