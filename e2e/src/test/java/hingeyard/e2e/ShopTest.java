package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.e2e.Browsers.People;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** People, stands and days: kept by the manager, met at the stand and in the yard. */
@ExtendWith({RunningApp.class, Browsers.class})
class ShopTest {

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator row(Page page, String name) {
        return page.getByLabel("People").getByRole(AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    @Test
    void aSkillIsGradedAndCountsForWhoStandsThereAtOnce(RunningApp.App app, People people) {
        ShopClient shop = ShopClient.signedIn(app.url(), "orla");
        long job = shop.book("Graded at the stand");
        shop.place(job, "RACK", null);
        shop.survey(job, "");
        shop.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        shop.bill(job, "VM4-S");
        Page rian = people.signedIn(app.url(), "rian");
        rian.navigate("/stand/" + job);
        rian.locator("[data-step='bench-power']").click();
        Locator learns = rian.getByText("Learning electrics: somebody skilled in it looks at it afterwards.");
        assertThat(rian.getByText("Run the kit on the bench").first()).isVisible();
        assertThat(learns).hasCount(0);
        Page orla = people.signedIn(app.url(), "orla");
        orla.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Orla M."))).click();
        orla.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("People, stands and days")).click();
        grade(orla, "learning");
        assertThat(row(orla, "Rian")).containsText("learning");
        assertThat(learns).isVisible();
        grade(orla, "skilled");
        assertThat(row(orla, "Rian")).not().containsText("learning");
        assertThat(learns).hasCount(0);
    }

    private static void grade(Page orla, String grade) {
        button(orla, "Change Rian").click();
        orla.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("electrics")).getByLabel(grade).check();
        button(orla, "Save").click();
        assertThat(button(orla, "Change Rian")).isVisible();
    }

    @Test
    void aStandIsAddedStandsInTheYardAndIsTakenAway(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        Page yard = people.signedIn(app.url(), "ines");
        assertThat(yard.getByLabel("Stand 7")).hasCount(0);
        orla.navigate("/shop");
        button(orla, "Change stands and days").click();
        button(orla, "Add a stand").click();
        orla.getByLabel("Name of stand 7").fill("under the stairs");
        orla.getByLabel("Stand 7 is rated for, kg").fill("1");
        button(orla, "Save").click();
        assertThat(orla.getByRole(AriaRole.ALERT)).containsText("5 to 300 kg");
        assertThat(orla.getByLabel("Name of stand 7")).hasValue("under the stairs");
        orla.getByLabel("Stand 7 is rated for, kg").fill("25.5");
        button(orla, "Save").click();
        assertThat(orla.getByLabel("Stands and days")).containsText("under the stairs");
        assertThat(yard.getByLabel("Stand 7")).containsText("under the stairs, up to 25.5 kg");
        button(orla, "Change stands and days").click();
        button(orla, "Remove stand 7").click();
        button(orla, "Save").click();
        assertThat(yard.getByLabel("Stand 7")).hasCount(0);
        button(orla, "Change stands and days").click();
        button(orla, "Remove stand 3").click();
        button(orla, "Save").click();
        assertThat(orla.getByRole(AriaRole.ALERT)).containsText("Stand 3 holds job");
        button(orla, "Cancel").click();
        assertThat(yard.getByLabel("Stand 3")).isVisible();
    }

    @Test
    void aHolidayIsEnteredAndNoDayOfABooking(RunningApp.App app, People people) {
        LocalDate day = LocalDate.now().plusDays(9);
        while (day.getDayOfWeek() == DayOfWeek.SATURDAY || day.getDayOfWeek() == DayOfWeek.SUNDAY) {
            day = day.plusDays(1);
        }
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/book");
        Locator offered = orla.locator("[data-day='%s']".formatted(day));
        offered.waitFor();
        orla.navigate("/shop");
        button(orla, "Change stands and days").click();
        orla.getByLabel("A day on which the shop is closed").fill(day.toString());
        orla.getByLabel("Why it is closed").fill("street fair");
        button(orla, "Add the day").click();
        button(orla, "Save").click();
        assertThat(orla.getByLabel("Stands and days")).containsText("street fair");
        orla.navigate("/book");
        assertThat(orla.locator("[data-day]").first()).isVisible();
        assertThat(offered).hasCount(0);
        orla.navigate("/shop");
        button(orla, "Change stands and days").click();
        orla.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("street fair")).getByRole(AriaRole.BUTTON).click();
        button(orla, "Save").click();
        assertThat(orla.getByLabel("Stands and days")).not().containsText("street fair");
    }

    @Test
    void whoMayNotChangeItSeesIt(RunningApp.App app, People people) {
        Page ned = people.signedIn(app.url(), "ned");
        ned.navigate("/shop");
        assertThat(row(ned, "Ned")).containsText("learning");
        assertThat(ned.getByLabel("Stands and days")).containsText("up to 90 kg");
        assertThat(ned.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Change")))).hasCount(0);
    }
}
