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
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Kit sheets, prices and the shop's rules on screen. */
@ExtendWith({RunningApp.class, Browsers.class})
class KitsAndRulesTest {

    private static final JsonMapper JSON = new JsonMapper();

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

    /** From nothing, each figure typed or chosen by hand: what comes of it is the sheet that was read from a file. */
    @Test
    void aKitIsMadeByTheFormFigureByFigure(RunningApp.App app, People people) {
        ShopClient api = ShopClient.signedIn(app.url(), "ines");
        ObjectNode sheet = (ObjectNode) JSON.readTree(api.get("/api/kits/PR2").body().path("text").asString());
        sheet.put("code", "PR9");
        Page ines = people.signedIn(app.url(), "ines");
        ines.navigate("/kits");
        button(ines, "Make a new sheet").click();
        button(ines, "Roller on the tyre").click();
        Locator panel = ines.getByLabel("What the sheet says so far");
        assertThat(panel).containsText("Clamp on the seat tube");
        KitByHand.fill(ines, sheet);
        assertThat(panel).containsText("Nothing is missing");
        panel.getByLabel("Try it on the bike of job").selectOption("409");
        assertThat(panel.getByLabel("On the bike of job 409")).containsText("PR9");
        // What was begun outlives the page.
        ines.reload();
        assertThat(panel).containsText("Nothing is missing");
        button(ines, "Save the sheet").click();
        assertThat(People.told(ines)).containsText("Sheet PR9 is in");
        assertThat(ines.getByLabel("Sheet PR9")).isVisible();
        org.assertj.core.api.Assertions.assertThat(JSON.readTree(api.get("/api/kits/PR9").body().path("text").asString()))
                .isEqualTo(sheet);
        assertThat(button(ines, "Make a new sheet")).isVisible();
    }

    @Test
    void aCopyIsAskedForACodeAndASlipIsToldAtItsField(RunningApp.App app, People people) {
        Page ines = people.signedIn(app.url(), "ines");
        ines.navigate("/kits?new");
        ines.getByLabel("Or from a copy of").selectOption("TN9");
        Locator missing = ines.getByLabel("What is missing");
        assertThat(missing).containsText("What it is calledCode");
        missing.getByText("Code", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(ines.locator("[id='sheet-code']")).isFocused();
        ines.keyboard().type("TN7");
        assertThat(missing).hasCount(0);
        Locator tube = ines.getByLabel("Axle tube, outside");
        tube.fill("1,5 in");
        tube.blur();
        assertThat(tube).hasValue("38.1");
        tube.fill("335");
        assertThat(ines.getByLabel("What cannot be so")).containsText("axle tube's diameter 335");
        tube.fill("wide");
        assertThat(ines.getByLabel("What cannot be so")).containsText("wide mm");
        assertThat(ines.getByLabel("A new kit").getByRole(AriaRole.ALERT)).containsText("a length");
        button(ines, "Throw it away").click();
        assertThat(button(ines, "Roller on the tyre")).isVisible();
        button(ines, "Undo").first().click();
        assertThat(tube).hasValue("wide");
        button(ines, "Throw it away").click();
        button(ines, "Cancel").click();
        assertThat(button(ines, "Make a new sheet")).isVisible();
    }

    /** Each letter beside a figure stands in the drawing once, and no other does. */
    @Test
    void theDrawingsLettersAreThoseOfTheFigures(RunningApp.App app, People people) {
        Page ines = people.signedIn(app.url(), "ines");
        ines.navigate("/kits?new");
        for (String drive : List.of("Mid-drive in the bracket shell", "Mid-drive for a frame made for it", "Motor in a wheel’s hub",
                "Drive on the brake rotor", "Roller on the tyre", "Rear arm of a folding trike")) {
            button(ines, drive).click();
            Locator drawing = ines.locator("figure svg");
            assertThat(drawing).isVisible();
            List<String> drawn = drawing.locator("circle + text").allTextContents().stream().sorted().toList();
            List<String> beside = ines.locator("b.rounded-full").allTextContents().stream().sorted().toList();
            org.assertj.core.api.Assertions.assertThat(drawn).as(drive).isNotEmpty().isEqualTo(beside);
            button(ines, "Throw it away").click();
        }
    }

    @Test
    void aVariantSaysOnlyWhatIsDifferent(RunningApp.App app, People people) {
        ShopClient api = ShopClient.signedIn(app.url(), "ines");
        Page ines = people.signedIn(app.url(), "ines");
        ines.navigate("/kits?sheet=HC1");
        ines.locator("#sheet-variants > summary").click();
        button(ines, "Add a variant").click();
        ines.getByLabel("Code of variant 1").fill("HC1-L");
        ines.getByLabel("Variant 1 is different in").selectOption("drive/pinSpacing");
        Locator spacing = ines.locator("[id='sheet-variants-0-change-drive-pinSpacing']");
        spacing.fill("140");
        ines.getByLabel("Reason for the change").fill("a longer one is sold, too");
        button(ines, "Save the sheet").click();
        assertThat(People.told(ines)).containsText("Sheet HC1 saved");
        org.assertj.core.api.Assertions.assertThat(
                JSON.readTree(api.get("/api/kits/HC1").body().path("text").asString()).path("variants").toString())
                .isEqualTo("[{\"code\":\"HC1-L\",\"change\":{\"drive\":{\"pinSpacing\":\"140 mm\"}}}]");
        assertThat(ines.locator("[data-sheet='HC1']")).containsText("1 more variant");
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
