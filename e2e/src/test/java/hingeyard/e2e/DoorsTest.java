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

/** Who is signed in, seen and ended by the manager; one's own PIN and password; what each role is shown. */
@ExtendWith({RunningApp.class, Browsers.class})
class DoorsTest {

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private static Locator item(Page page, String name) {
        return page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(name));
    }

    private static void menu(Page page, String who) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(who))).click();
    }

    @Test
    void aLostTabletIsSignedOutFromAfar(RunningApp.App app, People people) {
        Page lost = people.signedIn(app.url(), "rian");
        assertThat(lost.locator("[data-bike]").first()).isVisible();
        Page orla = people.signedIn(app.url(), "orla");
        menu(orla, "Orla M.");
        item(orla, "Sign-ins").click();
        Locator sessions = orla.getByLabel("Signed in now");
        assertThat(sessions).containsText("this one");
        Locator out = orla.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Sign out Rian")));
        while (out.count() > 0) {
            int before = out.count();
            out.first().click();
            assertThat(out).hasCount(before - 1);
        }
        assertThat(People.told(orla)).containsText("Rian is signed out there.");
        assertThat(orla.getByLabel("What happened").getByRole(AriaRole.LISTITEM).first())
                .containsText("Rian signed out from afar: by orla");
        lost.reload();
        assertThat(lost.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Sign in"))).isVisible();
    }

    @Test
    void whoGuessedIsLockedAndUnlocked(RunningApp.App app, People people) {
        ShopClient stranger = ShopClient.stranger(app.url());
        for (int i = 0; i < 5; i++) {
            stranger.post("/api/session", "{\"username\":\"ned\",\"password\":\"guess\"}");
        }
        Page ned = people.stranger(app.url());
        ned.navigate("/");
        ned.getByLabel("Name").fill("ned");
        ned.getByLabel("Password").fill("wharf-ned");
        button(ned, "Sign in").click();
        assertThat(ned.getByRole(AriaRole.ALERT)).containsText("ask the manager to unlock it");
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/sign-ins");
        assertThat(orla.getByLabel("Locked")).containsText("5 wrong passwords from 127.0.0.1");
        orla.getByLabel("Unlock Ned").click();
        assertThat(orla.getByLabel("Locked")).hasCount(0);
        button(ned, "Sign in").click();
        assertThat(ned.locator("[data-bike]").first()).isVisible();
    }

    @Test
    void onesOwnPinIsChosenAgainstThePassword(RunningApp.App app, People people) {
        Page ines = people.signedIn(app.url(), "ines");
        menu(ines, "Ines V.");
        assertThat(item(ines, "Sign-ins")).hasCount(0);
        item(ines, "My PIN and password").click();
        ines.getByLabel("My password").fill("wharf-ines");
        ines.getByLabel("New PIN").fill("1234");
        button(ines, "Save PIN").click();
        assertThat(ines.getByRole(AriaRole.ALERT)).containsText("not counted up");
        ines.getByLabel("New PIN").fill("5092");
        button(ines, "Save PIN").click();
        assertThat(People.told(ines)).containsText("PIN saved.");
        menu(ines, "Ines V.");
        item(ines, "My PIN and password").click();
        ines.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Password")).click();
        ines.getByLabel("Password until now").fill("wharf-ines");
        ines.getByLabel("New password").fill("password2026");
        button(ines, "Save password").click();
        assertThat(ines.getByRole(AriaRole.ALERT)).containsText("everybody tries first");
        ines.keyboard().press("Escape");
        app.bean(org.springframework.jdbc.core.JdbcTemplate.class).update("DELETE FROM person_pin WHERE username = 'ines'");
    }

    /** By the shop's own table: a control that is not somebody's is not shown to them, and a step says why it is not theirs. */
    @Test
    void everybodyIsShownWhatIsTheirs(RunningApp.App app, People people) {
        Page ines = people.signedIn(app.url(), "ines");
        ines.navigate("/drawers");
        assertThat(button(ines, "New part")).isVisible();
        ines.navigate("/stand/406");
        assertThat(ines.getByText("Only the service manager or the technician may do, stop and inspect steps").first()).isVisible();
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/drawers");
        assertThat(tova.locator("[data-part]").first()).isVisible();
        assertThat(button(tova, "New part")).hasCount(0);
    }
}
