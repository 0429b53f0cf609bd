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

/** The stock keeper at the drawers. */
@ExtendWith({RunningApp.class, Browsers.class})
class DrawersTest {

    /** A part of its own in a drawer of its own, so that nobody else's story moves it. */
    private static void part(RunningApp.App app, String number, String place, int onHand) {
        ShopClient ines = ShopClient.signedIn(app.url(), "ines");
        ines.put("/api/parts/" + number,
                "{\"cells\":{\"name\":\"Story washer %s\",\"used as\":\"other\",\"place\":\"%s\",\"minimum\":\"1\"},\"reason\":\"story\"}"
                        .formatted(number, place));
        ines.post("/api/drawers/%s/receipts".formatted(number), "{\"count\":%d,\"note\":\"\"}".formatted(onHand));
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void aDrawerIsCountedWithoutTheMouse(RunningApp.App app, People people) {
        part(app, "QW-1", "X1", 5);
        part(app, "QW-2", "X1", 7);
        Page ines = people.signedIn(app.url(), "ines");
        ines.keyboard().press("d");
        assertThat(ines.getByLabel("Filter the drawers")).isFocused();
        ines.keyboard().type("x1 story");
        assertThat(ines.locator("[data-part]")).hasCount(2);
        ines.keyboard().press("Alt+c");
        assertThat(ines.getByLabel("How many Story washer QW-1")).isFocused();
        ines.keyboard().type("4");
        ines.keyboard().press("Enter");
        assertThat(ines.getByLabel("Why Story washer QW-1 differs")).isFocused();
        assertThat(ines.getByText("5 expected")).isVisible();
        assertThat(ines.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save the count"))).isDisabled();
        ines.keyboard().type("one is bent");
        ines.keyboard().press("Enter");
        assertThat(ines.getByLabel("How many Story washer QW-2")).isFocused();
        ines.keyboard().type("7");
        assertThat(ines.getByText("as expected")).isVisible();
        ines.keyboard().press("Control+Enter");
        assertThat(People.told(ines)).hasText("Drawer X1 counted, 2 of 2 parts.");
        assertThat(ines.locator("[data-part='QW-1']")).containsText("4");
    }

    @Test
    void aCountThatSomethingMovedUnderIsNotWrittenOver(RunningApp.App app, People people) {
        part(app, "QW-3", "X3", 5);
        Page ines = people.signedIn(app.url(), "ines");
        ines.navigate("/drawers?find=QW-3");
        ines.locator("[data-part='QW-3']").waitFor();
        ines.keyboard().press("Alt+c");
        ShopClient.signedIn(app.url(), "ines").post("/api/drawers/QW-3/scraps", "{\"count\":1,\"reason\":\"rust\"}");
        ines.getByLabel("How many Story washer QW-3").fill("5");
        ines.keyboard().press("Control+Enter");
        assertThat(ines.getByRole(AriaRole.ALERT).first()).containsText("moved while you counted: 5 were there, now it is 4");
    }

    @Test
    void aPartIsMovedToAnotherDrawerWithAReason(RunningApp.App app, People people) {
        part(app, "QW-4", "X4", 2);
        Page ines = people.signedIn(app.url(), "ines");
        ines.navigate("/drawers?part=QW-4");
        ines.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Sheet")).click();
        ines.getByLabel("Drawer", new Page.GetByLabelOptions().setExact(true)).fill("X9");
        ines.getByLabel("Pack of").fill("none");
        ines.getByLabel("Reason").fill("too full there");
        button(ines, "Save the part").click();
        assertThat(ines.getByRole(AriaRole.ALERT).first()).containsText("a whole number from 1 to 9999 is wanted");
        ines.getByLabel("Pack of").fill("10");
        button(ines, "Save the part").click();
        assertThat(ines.getByLabel("Changes")).containsText("place: X4 → X9");
        ines.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("In and out")).click();
        ines.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Throw away")).click();
        ines.getByLabel("How many").fill("3");
        ines.getByLabel("Note").fill("rust");
        ines.keyboard().press("Enter");
        assertThat(ines.getByText(Pattern.compile("2 of QW-4 are free"))).isVisible();
        ines.keyboard().press("Escape");
        ines.getByLabel("Filter the drawers").fill("X9");
        assertThat(ines.locator("[data-part='QW-4']")).containsText("X9");
    }

    @Test
    void aListSaysWhatItWouldChangeFirst(RunningApp.App app, People people) {
        part(app, "QW-5", "X5", 2);
        Page ines = people.signedIn(app.url(), "ines");
        ines.navigate("/drawers?find=QW-");
        button(ines, "Lists").click();
        String list = "number,name,used as,place,thickness,plus-minus,inner,outer,on hand,minimum\nQW-5,Story washer QW-5,other,X5,,,,,8,1\n";
        ines.getByLabel("Bring in a list of parts")
                .setInputFiles(new FilePayload("spring.csv", "text/csv", list.getBytes(StandardCharsets.UTF_8)));
        assertThat(ines.getByText("1 of 1 parts would change. Nothing is saved yet.")).isVisible();
        ines.getByLabel("Reason").fill("spring count");
        button(ines, "Bring it in").click();
        assertThat(ines.locator("[data-part='QW-5']")).containsText("8");
    }

    @Test
    void theLinesOfABillAreLaidOnTheTray(RunningApp.App app, People people) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        long job = orla.book("Laid out");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        ShopClient.signedIn(app.url(), "ines").post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        orla.bill(job, "VM4-S");
        Page ines = people.signedIn(app.url(), "ines");
        ines.navigate("/jobs/%d/bill".formatted(job));
        ines.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("on the tray"))).click();
        assertThat(ines.locator("tr[data-source=KIT_BOX]")).containsText("on the tray");
        assertThat(ines.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("on the tray")))).isHidden();
    }

    @Test
    void aPieceIsFoundByTheNumberOnItsPlateAndASuppliersTimeIsKept(RunningApp.App app, People people) {
        part(app, "QW-9", "X9", 1);
        Page ines = people.signedIn(app.url(), "ines");
        ines.navigate("/drawers?part=QW-9");
        ines.getByLabel("How many").fill("2");
        ines.getByLabel("Serial numbers").fill("QX-100, QX-101");
        ines.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take in")).click();
        assertThat(ines.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Ledger"))).containsText("QX-101");
        ines.navigate("/drawers?find=qx-101");
        assertThat(ines.getByLabel("Number qx-101")).containsText("Story washer QW-9");
        ines.navigate("/orders");
        button(ines, "change Quellmark Cycle Parts").click();
        ines.getByLabel("Comes in, working days").fill("6");
        ines.getByLabel("Note").fill("closed in August");
        ines.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save")).click();
        assertThat(ines.locator("[data-supplier='Quellmark Cycle Parts']")).containsText("6 working days");
        assertThat(ines.locator("[data-supplier='Quellmark Cycle Parts']")).containsText("closed in August");
        ines.keyboard().press("t");
        assertThat(ines.getByLabel("Scan")).hasValue("");
    }
}
