package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.e2e.Browsers.People;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The bike sheet in the hands of somebody with a caliper. */
@ExtendWith({RunningApp.class, Browsers.class})
class SurveyTest {

    private static long fresh(RunningApp.App app) {
        return ShopClient.signedIn(app.url(), "orla").book("Survey tourer");
    }

    private static Locator measure(Page page, String key) {
        return page.locator("[data-measure='" + key + "']");
    }

    @Test
    void enterSavesAndGoesToTheNextMeasureAKitWaitsFor(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/jobs/" + fresh(app) + "/sheet");
        measure(tova, "bracket.shell-width").getByRole(AriaRole.BUTTON).first().click();
        tova.getByLabel("Shell width, value").fill("68");
        tova.keyboard().press("Enter");
        assertThat(measure(tova, "bracket.shell-width")).containsText("68.0 mm");
        assertThat(measure(tova, "bracket.shell-width")).containsText("± 0.1 mm, caliper");
        // On the walk, what crosses the shell's inside is the next that a kit waits for; a choice is taken with Enter.
        assertThat(measure(tova, "bracket.obstruction").locator("[aria-expanded=true]")).isVisible();
        assertThat(measure(tova, "bracket.obstruction").getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("nothing")))
                .isFocused();
        tova.keyboard().press("Enter");
        assertThat(measure(tova, "bracket.obstruction")).containsText("nothing");
        assertThat(tova.getByLabel("Seat tube length, value")).isFocused();
        tova.getByLabel("measured with").selectOption("TAPE");
        tova.getByLabel("Seat tube length, value").fill("530");
        tova.keyboard().press("Enter");
        assertThat(measure(tova, "triangle.seat-tube")).containsText("± 1 mm, tape");
    }

    @Test
    void aDimensionOpensItsMeasureAndTurnsFromPencilToInk(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/jobs/" + fresh(app) + "/sheet");
        tova.locator("[data-dimension='rear.chainstay']").dispatchEvent("click");
        tova.getByLabel("Chainstay length, value").fill("17 1/2 in");
        tova.keyboard().press("Enter");
        assertThat(tova.locator("[data-dimension='rear.chainstay']")).containsText("444.5 mm");
    }

    @Test
    void lengthsAreShownInInchesToWhoWantsThem(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/jobs/408/sheet");
        assertThat(measure(tova, "bracket.shell-width")).containsText("73.0 mm");
        tova.getByText("Tova · technician").click();
        tova.getByRole(AriaRole.MENUITEMRADIO, new Page.GetByRoleOptions().setName("inches and ft·lb")).click();
        assertThat(measure(tova, "bracket.shell-width")).containsText("2.874 in");
        tova.reload();
        assertThat(measure(tova, "bracket.shell-width")).containsText("2.874 in");
    }

    @Test
    void theSecondOfTwoIsToldWhatTheFirstMeasured(RunningApp.App app, People people) {
        long job = fresh(app);
        Page tova = people.signedIn(app.url(), "tova");
        Page rian = people.signedIn(app.url(), "rian");
        for (Page page : new Page[]{tova, rian}) {
            page.navigate("/jobs/" + job + "/sheet");
            page.getByLabel("Filter the measures").fill("rear tyre width");
            measure(page, "rear.tyre-width").getByRole(AriaRole.BUTTON).first().click();
            page.getByLabel("Rear tyre width, value").waitFor();
        }
        // Rian's screen does not hear of it: what he saw stays an empty field.
        rian.route("**/api/live", route -> route.abort());
        rian.route("**/api/jobs/" + job, route -> route.abort());
        tova.getByLabel("Rear tyre width, value").fill("42");
        tova.keyboard().press("Enter");
        assertThat(measure(tova, "rear.tyre-width")).containsText("42 mm");
        rian.getByLabel("Rear tyre width, value").fill("47");
        rian.keyboard().press("Enter");
        assertThat(measure(rian, "rear.tyre-width"))
                .containsText("Tova measured rear tyre width a moment ago: 42 mm. Your 47 was not saved");
    }

    @Test
    void anUnusualValueIsAskedAndAContradictionIsToldAtOnce(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/jobs/" + fresh(app) + "/sheet");
        measure(tova, "bracket.shell-width").getByRole(AriaRole.BUTTON).first().click();
        tova.getByLabel("Shell width, value").fill("64");
        tova.keyboard().press("Enter");
        assertThat(measure(tova, "bracket.shell-width").getByRole(AriaRole.ALERT))
                .containsText("64.0 mm is unusual; most are 68–120 mm. Sure?");
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Yes, 64 it is")).click();
        assertThat(measure(tova, "bracket.shell-width")).containsText("64.0 mm");
        assertThat(measure(tova, "bracket.obstruction").locator("[aria-expanded=true]")).isVisible();

        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^All \\d+$"))).click();
        take(tova, "rear.cog-smallest", "Smallest cog, value", "16");
        assertThat(measure(tova, "rear.cog-smallest")).containsText("16 teeth");
        // Walking on opens the next by itself.
        assertThat(tova.getByLabel("Largest cog, value")).isVisible();
        take(tova, "rear.cog-largest", "Largest cog, value", "14");
        assertThat(measure(tova, "rear.cog-largest").getByRole(AriaRole.ALERT)).containsText("the largest cannot be smaller");
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Yes, 14 it is")).click();
        assertThat(tova.locator("[data-clash='cog-order']")).isVisible();
        assertThat(tova.getByLabel("Largest cog, value")).hasCount(0);
        take(tova, "rear.cog-largest", "Largest cog, value", "34");
        assertThat(tova.locator("[data-clash='cog-order']")).hasCount(0);
        assertThat(measure(tova, "rear.cog-largest")).containsText("34 teeth");
        assertThat(tova.getByLabel("Largest cog, value")).hasCount(0);
        measure(tova, "rear.cog-largest").getByRole(AriaRole.BUTTON).first().click();
        assertThat(measure(tova, "rear.cog-largest")).containsText("Before: 14 teeth");
    }

    private static void take(Page page, String key, String label, String value) {
        if (!page.getByLabel(label).isVisible()) {
            measure(page, key).getByRole(AriaRole.BUTTON).first().click();
        }
        page.getByLabel(label).fill(value);
        page.getByLabel(label).press("Enter");
    }

    @Test
    void theSecondOfTwoStillHasTheirValueInTheFieldAndEntersItOnASecondEnter(RunningApp.App app, People people) {
        long job = fresh(app);
        Page tova = people.signedIn(app.url(), "tova");
        Page rian = people.signedIn(app.url(), "rian");
        for (Page page : new Page[]{tova, rian}) {
            page.navigate("/jobs/" + job + "/sheet");
            measure(page, "triangle.down-tube").getByRole(AriaRole.BUTTON).first().click();
            page.getByLabel("Down tube length, value").waitFor();
        }
        rian.getByLabel("Down tube length, value").fill("642");
        tova.getByLabel("Down tube length, value").fill("640");
        tova.keyboard().press("Enter");
        // Rian's screen hears of it while his own value stands in the field; he sees hers before he enters his.
        assertThat(measure(rian, "triangle.down-tube")).containsText("Now: 640 mm, ± 1 mm, tape (Tova");
        assertThat(rian.getByLabel("Down tube length, value")).hasValue("642");
        rian.getByLabel("Down tube length, value").press("Enter");
        assertThat(measure(rian, "triangle.down-tube")).containsText("642 mm");
        assertThat(measure(tova, "triangle.down-tube")).containsText("642 mm");
    }

    @Test
    void anEarlierBikesValuesAreCopiedAndConfirmedOneByOne(RunningApp.App app, People people) {
        ShopClient api = ShopClient.signedIn(app.url(), "orla");
        long job = api
                .post("/api/jobs", ShopClient.booking("Copy Cat", "ext. 5", "Quay tourer", "").replace("\"size\":\"\"", "\"size\":\"52\""))
                .body().path("number").asLong();
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/jobs/" + job + "/sheet");
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Copy from Quay tourer"))).first().click();
        assertThat(measure(tova, "bracket.shell-width")).containsText("from another bike, confirm");
        if (!tova.getByLabel("Shell width, value").isVisible()) {
            measure(tova, "bracket.shell-width").getByRole(AriaRole.BUTTON).first().click();
        }
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Confirm 73 mm")).click();
        assertThat(measure(tova, "bracket.shell-width")).containsText("± 0.1 mm, caliper");
    }

    @Test
    void aWrongFileIsRefusedWithItsLineAndARightOneShowsWhatItWouldChange(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/jobs/" + fresh(app) + "/sheet");
        String file = """
                {"format":"hinge-yard-survey","version":1,"bike":{"kind":"diamond"},
                 "readings":[
                  {"measure":"bracket.shell-width","value":"73 mm","tool":"caliper","by":"Tova","at":"2026-03-24T09:00:00Z"}]}""";
        read(tova, file.replace("73 mm", "73 yards"));
        assertThat(tova.getByRole(AriaRole.DIALOG)).containsText("line 3, column");
        assertThat(tova.getByRole(AriaRole.DIALOG)).containsText("'73 yards' is not understood");
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Close").setExact(true)).click();
        read(tova, file);
        assertThat(tova.locator("[data-outcome='NEW']")).containsText("73.0 mm");
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Enter 1")).click();
        assertThat(measure(tova, "bracket.shell-width")).containsText("73.0 mm");
    }

    private static void read(Page page, String file) {
        page.getByLabel("Read a survey file")
                .setInputFiles(new FilePayload("survey.json", "application/json", file.getBytes(java.nio.charset.StandardCharsets.UTF_8)));
    }

    @Test
    void theStockKeeperLooksButDoesNotMeasure(RunningApp.App app, People people) {
        Page ines = people.signedIn(app.url(), "ines");
        ines.navigate("/jobs/410/sheet");
        measure(ines, "bracket.shell-width").getByRole(AriaRole.BUTTON).first().click();
        assertThat(ines.getByLabel("Shell width, value")).hasCount(0);
    }
}
