package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.e2e.Browsers.People;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A display is set page by page at the stand, by a job that waits for just that; the manager puts a step elsewhere in the list. */
@ExtendWith({RunningApp.class, Browsers.class})
class DisplayPagesTest {

    private static final int SWAP = 433;

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true)).first();
    }

    @Test
    void aStepThatSetsTheDisplayIsDoneOnceEveryPageIsWrittenDown(RunningApp.App app, People people) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        orla.place(SWAP, "STAND", 5);
        try {
            pagesAreWrittenDown(app, people);
        } finally {
            // The stand is free for the next story, whatever came of this one.
            orla.place(SWAP, "RACK", null);
        }
    }

    private static void pagesAreWrittenDown(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/stand/" + SWAP);
        tova.locator("[data-step='settings-carried']").click();
        button(tova, "Start").click();
        assertThat(tova.locator("[data-act=tick]")).containsText("Write down page");
        assertThat(tova.locator("[data-act=tick]")).isDisabled();
        Locator levels = tova.locator("[data-page]").filter(new Locator.FilterOptions().setHasText("assist levels"));
        levels.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("other value: assist levels")).click();
        tova.getByLabel("assist levels").fill("9");
        button(tova, "Set").click();
        assertThat(levels).containsText("set by Tova");
        assertThat(levels).containsText("9");
        button(tova, "All set as shown").click();
        assertThat(tova.getByText("Write down page", new Page.GetByTextOptions().setExact(false))).containsText("start code");
        button(tova, "other value: start code").click();
        tova.getByLabel("start code").fill("2718");
        button(tova, "Set").click();
        assertThat(tova.getByText("2718")).hasCount(0);
        tova.locator("[data-act=tick]").click();
        assertThat(tova.locator("[data-step='settings-carried']")).hasAttribute("data-state", "DONE");
    }

    @Test
    void theManagerPutsAStepElsewhereWhereNoHardOrderForbidsIt(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/stand/404");
        Locator titles = orla.locator("[data-step]");
        int last = titles.count() - 1;
        String moved = titles.nth(last).getAttribute("data-step");
        titles.nth(last).click();
        button(orla, "earlier").click();
        assertThat(orla.getByText("that order is a hard one", new Page.GetByTextOptions().setExact(false)).first()).isVisible();
        assertThat(titles.nth(last)).hasAttribute("data-step", moved);
        orla.locator("[data-step='rail-dry']").click();
        Locator group = orla.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Place of Rail dry on the bosses"));
        assertThat(group).containsText("place 26 of");
        button(orla, "earlier").click();
        assertThat(group).containsText("place 25 of");
        button(orla, "later").click();
        assertThat(group).containsText("place 26 of");
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/stand/404");
        tova.locator("[data-step='rail-dry']").click();
        assertThat(button(tova, "later")).hasCount(0);
    }
}
