package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.e2e.Browsers.People;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Kit sheets, prices and the shop's rules on screen. */
@ExtendWith({RunningApp.class, Browsers.class})
class KitsAndRulesTest {

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static void bringIn(Page page, String name, String type, String text) {
        page.getByLabel("Bring in a sheet or a price list")
                .setInputFiles(new FilePayload(name, type, text.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void aFactIsChangedAsAFieldAndKeptWithItsReason(RunningApp.App app, People people) {
        Page ines = people.signedIn(app.url(), "ines");
        ines.keyboard().press("k");
        ines.getByLabel("Filter the sheets").fill("rail mount");
        assertThat(ines.locator("[data-sheet]")).hasCount(1);
        ines.locator("[data-sheet='ST4'] button").click();
        assertThat(button(ines, "Save the sheet")).isDisabled();
        ines.getByLabel("Maker", new Page.GetByLabelOptions().setExact(true)).fill("Stradelmo");
        ines.getByLabel("Reason for the change").fill("the maker spells it so");
        button(ines, "Save the sheet").click();
        assertThat(People.told(ines)).containsText("Sheet ST4 saved as version");
        assertThat(ines.locator("[data-sheet='ST4']")).containsText("Stradelmo");
        ines.getByText("History", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(ines.getByText("the maker spells it so")).isVisible();
    }

    @Test
    void aTextThatIsNoSheetIsRefusedWithLineAndReasonAndStaysInHand(RunningApp.App app, People people) {
        Page ines = people.signedIn(app.url(), "ines");
        ines.navigate("/kits?sheet=DY1");
        ines.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Text")).click();
        Locator text = ines.getByLabel("The sheet’s text");
        String before = text.inputValue();
        text.fill(before.replaceFirst("\"maker\": \"[^\"]*\"", "\"maker\": 7"));
        ines.getByLabel("Reason for the change").fill("slip of the finger");
        button(ines, "Save the sheet").click();
        assertThat(ines.getByRole(AriaRole.ALERT)).containsText(Pattern.compile("line \\d+, column \\d+ \\(/maker\\)"));
        assertThat(ines.getByRole(AriaRole.ALERT)).containsText("nothing of it was kept");
        assertThat(text).hasValue(Pattern.compile("\"maker\": 7"));
        button(ines, "As it was").click();
        assertThat(text).hasValue(before);
    }

    @Test
    void filesAreTakenWholeOrRefusedWhole(RunningApp.App app, People people) {
        ShopClient api = ShopClient.signedIn(app.url(), "ines");
        String known = api.get("/api/kits/CV3").body().path("text").asString();
        Page ines = people.signedIn(app.url(), "ines");
        ines.navigate("/kits");
        bringIn(ines, "CV3.json", "application/json", known);
        assertThat(ines.getByRole(AriaRole.ALERT)).containsText("Sheet CV3 is here already");
        bringIn(ines, "CV9.json", "application/json", known.replace("\"CV3\"", "\"CV9\""));
        assertThat(ines.locator("[data-sheet='CV9']")).isVisible();
        assertThat(ines.getByLabel("Sheet CV9")).isVisible();
        bringIn(ines, "prices.csv", "text/csv", "number,price,lead days\nBS-100,2.90,4\nNO-SUCH,1.00,4\n");
        assertThat(ines.getByRole(AriaRole.ALERT)).containsText("NO-SUCH");
        bringIn(ines, "prices.csv", "text/csv", "number,price,lead days\nBS-100,2.90,4\nBS-200,3.10,4\n");
        assertThat(People.told(ines)).hasText("2 prices set.");
        String list = new String(api.bytes("/api/prices").body(), StandardCharsets.UTF_8);
        org.assertj.core.api.Assertions.assertThat(list).contains("BS-100,2.90,4", "BS-200,3.10,4");
    }

    @Test
    void aTechnicianReadsSheetsAndRulesButChangesNone(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/kits?sheet=TN9");
        assertThat(tova.getByLabel("Sheet TN9")).isVisible();
        assertThat(button(tova, "Save the sheet")).hasCount(0);
        assertThat(tova.getByLabel("Maker", new Page.GetByLabelOptions().setExact(true))).not().isEditable();
        tova.keyboard().press("r");
        tova.locator("[data-rule='wheel.dish'] button").first().click();
        assertThat(tova.locator("[data-rule='wheel.dish']")).containsText("Standard 2 mm");
        assertThat(button(tova, "Set it")).hasCount(0);
    }

    @Test
    void theManagerSetsARuleWithItsReasonAndPutsTheStandardBack(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/rules");
        orla.getByLabel("Filter the rules").fill("battery to any tube");
        Locator rule = orla.locator("[data-rule='bay.to-tube']");
        rule.getByRole(AriaRole.BUTTON).first().click();
        assertThat(button(orla, "Set it")).isDisabled();
        rule.getByLabel("New value").fill("wide");
        rule.getByLabel("Reason").fill("rough quay");
        button(orla, "Set it").click();
        assertThat(rule.getByRole(AriaRole.ALERT)).containsText("wide");
        rule.getByLabel("New value").fill("6 mm");
        button(orla, "Set it").click();
        assertThat(rule).containsText("6 mm");
        assertThat(rule).containsText("own");
        orla.getByLabel("Only the shop’s own").check();
        assertThat(rule).isVisible();
        rule.getByRole(AriaRole.BUTTON).first().click();
        assertThat(rule).containsText("rough quay");
        rule.getByLabel("Reason").fill("the quay was paved");
        button(orla, "Back to the standard").click();
        orla.getByLabel("Only the shop’s own").uncheck();
        assertThat(rule).containsText("5 mm");
    }

    @Test
    void theWholeMatchIsAPaper(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/jobs/409/hinge/VM4-L");
        Locator link = orla.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Whole match as PDF"));
        byte[] paper = ShopClient.signedIn(app.url(), "orla").bytes(link.getAttribute("href")).body();
        org.assertj.core.api.Assertions.assertThat(new String(paper, 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
    }
}
