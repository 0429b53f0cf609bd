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
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Quote, approval, revision; orders and deliveries; a box opened on a tablet. */
@ExtendWith({RunningApp.class, Browsers.class})
class OfficeTest {

    private static void press(Page page, String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true)).first().click();
    }

    private static long surveyed(ShopClient orla, String bike) {
        long job = orla.book(bike);
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        orla.post("/api/drawers/VM4-S/receipts", "{\"count\":1,\"note\":\"\"}");
        return job;
    }

    @Test
    void aQuoteIsWrittenApprovedAndRevisedWhenTheSurveyChanges(RunningApp.App app, People people) {
        ShopClient client = ShopClient.signedIn(app.url(), "orla");
        long job = surveyed(client, "Quoted in the browser");
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/jobs/%d/hinge/VM4-S".formatted(job));
        press(orla, "Write a quote");
        assertThat(orla.getByText("Quoted, not approved yet")).isVisible();
        assertThat(orla.getByText("Would be held")).isVisible();
        press(orla, "Approved");
        assertThat(orla.getByLabel("Who agreed")).hasValue("Edda Holm");
        orla.getByText("in a message").click();
        press(orla, "Make it the bill");
        assertThat(orla.getByText("Bill of materials, revision A")).isVisible();
        assertThat(orla.getByText("Approved: revision A")).isVisible();
        client.survey(job, "bracket.shell-width=73");
        assertThat(orla.getByLabel("Revision B, proposed")).isVisible();
        press(orla, "Make revision B");
        orla.getByLabel("Why").fill("shell measured again");
        orla.getByRole(AriaRole.DIALOG).getByRole(AriaRole.CHECKBOX).all().forEach(box -> box.check());
        orla.getByRole(AriaRole.DIALOG).getByText("by phone").click();
        orla.getByRole(AriaRole.DIALOG).getByText("Make revision B").last().click();
        assertThat(orla.getByText("Bill of materials, revision B")).isVisible();
        assertThat(orla.getByLabel("Revision C, proposed")).hasCount(0);
        orla.getByText("▸ Revisions").click();
        assertThat(orla.getByText("Until: Revision B: shell measured again")).isVisible();
        client.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"seen\"}");
    }

    /** Another part on the bill, one more and none: by the manager, at the line, each a revision with its reason. */
    @Test
    void theManagerChangesTheBillAtItsLines(RunningApp.App app, People people) {
        ShopClient client = ShopClient.signedIn(app.url(), "orla");
        ShopClient.signedIn(app.url(), "ines").put("/api/parts/EVEN-1",
                "{\"cells\":{\"name\":\"Evening bell\",\"used as\":\"other\",\"place\":\"Z-8\"},\"reason\":\"for a test\"}");
        client.post("/api/drawers/EVEN-1/receipts", "{\"count\":5,\"note\":\"\"}");
        long job = surveyed(client, "Changed by hand");
        org.assertj.core.api.Assertions.assertThat(client.bill(job, "VM4-S").status()).isEqualTo(200);
        Page orla = people.signedIn(app.url(), "orla");
        orla.navigate("/jobs/%d/bill".formatted(job));
        press(orla, "Add a part");
        Locator dialog = orla.getByRole(AriaRole.DIALOG);
        assertThat(dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add it"))).isDisabled();
        dialog.getByLabel("Which part").fill("evening bell");
        dialog.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("Evening bell")).click();
        dialog.getByLabel("How many").fill("2");
        dialog.getByLabel("Goes on with").selectOption("bars");
        dialog.getByLabel("Why").fill("wished for");
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Add it")).click();
        assertThat(People.told(orla)).hasText("Revision B is made; parts and steps follow it.");
        assertThat(orla.getByText("Bill of materials, revision B")).isVisible();
        Locator bell = orla.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("Evening bell"));
        assertThat(bell).containsText("wished for (Orla M.)");
        press(orla, "Change Evening bell");
        dialog.getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("Leave it out")).click();
        dialog.getByLabel("Why").fill("changed his mind");
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Leave it out")).click();
        assertThat(orla.getByText("Bill of materials, revision C")).isVisible();
        assertThat(orla.locator("tr[data-source=NOT_TAKEN]")).containsText("changed his mind (Orla M.)");
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/jobs/%d/bill".formatted(job));
        assertThat(tova.getByText("Bill of materials, revision C")).isVisible();
        assertThat(tova.getByText("Add a part")).hasCount(0);
        client.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"seen\"}");
    }

    @Test
    void anOrderGoesOutIsAnsweredAndScannedIn(RunningApp.App app, People people) {
        ShopClient client = ShopClient.signedIn(app.url(), "ines");
        client.put("/api/parts/SCN-1",
                "{\"cells\":{\"name\":\"Story bolt\",\"used as\":\"other\",\"place\":\"X7\",\"minimum\":\"2\",\"pack\":\"2\",\"supplier\":\"Story Works\",\"lead days\":\"3\"},\"reason\":\"story\"}");
        Page ines = people.signedIn(app.url(), "ines");
        ines.keyboard().press("o");
        assertThat(ines.getByText("minimum 2, 0 free, packs of 2")).isVisible();
        ines.getByLabel("How many Story bolt").fill("4");
        ines.getByLabel("Story Works").getByText("Send the order").click();
        assertThat(ines.locator("[data-part='SCN-1']")).containsText("sent, not answered");
        ines.locator("article", new Page.LocatorOptions().setHasText("Story Works")).getByText("▸ what happened").click();
        ines.locator("article", new Page.LocatorOptions().setHasText("Story Works")).locator("input[type=file]")
                .setInputFiles(new FilePayload("answer.json", "application/json",
                        "{\"format\":\"hinge-yard-order-answer\"}".getBytes(StandardCharsets.UTF_8)));
        assertThat(ines.getByRole(AriaRole.ALERT).first()).containsText("required");
        ines.locator("article", new Page.LocatorOptions().setHasText("Story Works")).getByText("only half").click();
        assertThat(ines.locator("[data-part='SCN-1']")).containsText("confirmed in part");
        ines.locator("article", new Page.LocatorOptions().setHasText("Story Works")).getByText("cancel 2 here").click();
        ines.keyboard().press("t");
        ines.getByRole(AriaRole.DIALOG).getByText("Story Works").first().click();
        ines.getByLabel("Scan").fill("SCN-1");
        ines.getByLabel("Scan").press("Enter");
        ines.getByLabel("Scan").fill("http://shop/drawers?part=SCN-1");
        ines.getByLabel("Scan").press("Enter");
        assertThat(ines.getByText("Story bolt: 2 of 2")).isVisible();
        ines.getByLabel("Scan").fill("ODD-9");
        ines.getByLabel("Scan").press("Enter");
        assertThat(ines.getByText("ODD-9 was not ordered: it is claimed as wrong")).isVisible();
        ines.getByRole(AriaRole.DIALOG).getByText("Take in", new com.microsoft.playwright.Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(People.told(ines)).hasText("2 pieces are in their drawers.");
        assertThat(ines.getByText("1 × ODD-9 wrong").first()).isVisible();
        org.assertj.core.api.Assertions.assertThat(client.free("SCN-1")).isEqualTo(2);
    }

    @Test
    void aBoxIsTickedOnATabletAndWhatIsMissingStopsItsStep(RunningApp.App app, People people) {
        ShopClient client = ShopClient.signedIn(app.url(), "orla");
        long job = surveyed(client, "Box on the tablet");
        client.bill(job, "VM4-S");
        Page tova = people.stranger(app.url(), 1024, 768);
        People.signIn(tova, "tova");
        tova.navigate("/jobs/%d/kit-check".formatted(job));
        tova.getByLabel("Tooth plate: not right").click();
        tova.getByText("Claim 1").click();
        assertThat(tova.getByText("the step that mounts it waits")).isVisible();
        for (com.microsoft.playwright.Locator all : tova.getByLabel("all there", new Page.GetByLabelOptions().setExact(false)).all()) {
            all.click();
            assertThat(all).hasAttribute("aria-pressed", "true");
        }
        for (String what : new String[]{"Motor", "Battery", "Display", "Key"}) {
            tova.getByLabel(what + " number").fill(what + "-" + job);
            tova.getByLabel(what + " number").press("Enter");
            assertThat(tova.getByLabel(what + ": write again")).isVisible();
        }
        assertThat(tova.getByText("the manager reads it")).isVisible();
        tova.getByLabel("Volts at the plug").fill("12");
        press(tova, "It ran");
        assertThat(tova.getByText("outside what this battery can have", new Page.GetByTextOptions().setExact(false))).isVisible();
        tova.getByLabel("Volts at the plug").fill("39,4");
        press(tova, "It ran");
        assertThat(tova.getByText("and it ran")).isVisible();
        press(tova, "Close the check");
        assertThat(tova.getByText("The box is checked and the kit has run")).isVisible();
        press(tova, "Open the steps");
        assertThat(tova.locator("[data-step='bench-power']")).isVisible();
        client.delete("/api/jobs/%d/bill".formatted(job), "{\"reason\":\"seen\"}");
    }
}
