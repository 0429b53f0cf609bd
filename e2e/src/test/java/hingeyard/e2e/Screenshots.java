package hingeyard.e2e;

import com.microsoft.playwright.Page;
import hingeyard.app.HingeYard;
import hingeyard.app.RunningApp;
import hingeyard.app.TestDatabase;
import hingeyard.e2e.Browsers.People;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** Takes the pictures in docs/screenshots; run by {@code ./yard shots}, not by the tests. */
@EnabledIfSystemProperty(named = "shots", matches = "true")
@ExtendWith({RunningApp.class, Browsers.class})
class Screenshots {

    private static final Path FOLDER = Path.of("..", "docs", "screenshots");

    @Test
    void ofEveryView(RunningApp.App app, People people) {
        Page orla = people.signedIn(app.url(), "orla");
        take(orla, "yard");
        orla.navigate("/ahead?job=435");
        orla.getByText("before all others").waitFor();
        take(orla, "ahead");
        view(orla, "/book", "[data-day]", "booking");
        view(orla, "/jobs/417/arrival", "[data-point]", "arrival");
        view(orla, "/jobs/410/sheet", "[data-measure]", "bike-sheet");
        view(orla, "/jobs/408/hinge", "tr[data-kit]", "shortlist");
        view(orla, "/jobs/409/hinge/VM4-L", "[data-check]", "hinge-trade-off");
        view(orla, "/kits?sheet=KF2", "details", "kit-sheet");
        view(orla, "/rules", "[data-rule]", "rules");
        view(orla, "/jobs/412/bill", "[data-source]", "bill");
        view(orla, "/drawers", "[data-part]", "drawers");
        Page ines = people.signedIn(app.url(), "ines");
        view(ines, "/orders", "[data-part]", "orders");
        Page rian = people.signedIn(app.url(), "rian");
        view(rian, "/stand/404", "[data-step]", "stand");
        view(orla, "/stuck", "[data-stop]", "stuck");
        view(orla, "/jobs/403/settings", "tbody", "settings");
        view(orla, "/jobs/402/money", "[data-payment]", "money");
        view(rian, "/bench?tool=batteries", "svg[role=img]", "bench");
        view(orla, "/shop", "section tbody", "people-and-stands");
    }

    /** The one view that a shop has only once. */
    @Test
    void ofAShopThatIsNotOpenYet(People people) {
        try (TestDatabase database = new TestDatabase();
                ConfigurableApplicationContext app = new SpringApplicationBuilder(HingeYard.class).profiles("shop")
                        .run(database.arguments("--server.port=0", "--yard.opening.code=K7PQ-R4XM-29AB"))) {
            Page page = people.stranger("http://127.0.0.1:" + app.getEnvironment().getProperty("local.server.port"));
            page.getByLabel("Name of the shop").fill("Long Wharf Cycles");
            page.getByLabel("Address").fill("Shed 2\nLong Wharf");
            page.getByLabel("Telephone").fill("ext. 9");
            page.getByLabel("Code").fill("K7PQ-R4XM-29AB");
            take(page, "opening");
        }
    }

    private static void view(Page page, String path, String ready, String name) {
        page.navigate(path);
        page.locator(ready).first().waitFor();
        take(page, name);
    }

    private static void take(Page page, String name) {
        page.evaluate("() => document.fonts.ready");
        page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
