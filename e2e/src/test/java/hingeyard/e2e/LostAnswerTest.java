package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.e2e.Browsers.People;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The line breaks after the server did what was asked and before the screen hears of it. */
@ExtendWith({RunningApp.class, Browsers.class})
class LostAnswerTest {

    private static final String RECEIPTS = "**/api/drawers/*/receipts";

    private static int onHand(RunningApp.App app, String part) {
        return ShopClient.signedIn(app.url(), "ines").free(part);
    }

    private static Page takingIn(RunningApp.App app, People people, String part) {
        ShopClient.signedIn(app.url(), "ines").put("/api/parts/" + part,
                "{\"cells\":{\"name\":\"Story washer %s\",\"used as\":\"other\",\"place\":\"X8\",\"minimum\":\"1\"},\"reason\":\"story\"}"
                        .formatted(part));
        Page ines = people.signedIn(app.url(), "ines");
        ines.navigate("/drawers?part=" + part);
        ines.getByLabel("How many", new Page.GetByLabelOptions().setExact(true)).fill("3");
        return ines;
    }

    private static void press(Page page) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take in")).click();
    }

    @Test
    void oneLostAnswerIsAskedForAgainAndNothingIsBookedTwice(RunningApp.App app, People people) {
        Page ines = takingIn(app, people, "LA-1");
        List<String> keys = new ArrayList<>();
        ines.route(RECEIPTS, route -> {
            keys.add(route.request().headerValue("Idempotency-Key"));
            if (keys.size() == 1) {
                route.fetch();
                route.abort();
            } else {
                route.resume();
            }
        });
        press(ines);
        assertThat(People.told(ines)).containsText("3 × Story washer LA-1 received.");
        assertThat(keys).hasSize(2).containsOnly(keys.get(0));
        assertThat(onHand(app, "LA-1")).isEqualTo(3);
    }

    @Test
    void whatIsNotKnownIsCalledUnknownAndThenTold(RunningApp.App app, People people) {
        Page ines = takingIn(app, people, "LA-2");
        List<String> sent = new ArrayList<>();
        ines.route(RECEIPTS, route -> {
            sent.add(route.request().headerValue("Idempotency-Key"));
            if (sent.size() == 1) {
                route.fetch();
            }
            route.abort();
        });
        press(ines);
        assertThat(ines.getByRole(AriaRole.ALERT).first()).containsText("not known yet whether this was saved");
        assertThat(People.told(ines)).containsText("It was saved: only the answer was lost.");
        assertThat(sent).hasSize(3).containsOnly(sent.get(0));
        assertThat(onHand(app, "LA-2")).isEqualTo(3);
    }

    @Test
    void whatNeverArrivedIsGivenUpAndSaidSo(RunningApp.App app, People people) {
        Page ines = takingIn(app, people, "LA-3");
        ines.route(RECEIPTS, route -> route.abort());
        press(ines);
        assertThat(ines.getByRole(AriaRole.ALERT).first()).containsText("not known yet whether this was saved");
        assertThat(ines.locator("[data-toast=refused]").last()).containsText("It was not saved. Do it again.");
        ines.unroute(RECEIPTS);
        press(ines);
        assertThat(People.told(ines)).containsText("3 × Story washer LA-3 received.");
        assertThat(onHand(app, "LA-3")).isEqualTo(3);
    }
}
