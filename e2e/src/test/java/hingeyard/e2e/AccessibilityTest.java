package hingeyard.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import hingeyard.app.RunningApp;
import hingeyard.e2e.Browsers.People;
import java.io.IOException;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every view against the WCAG 2 A and AA rules, contrast among them. */
@ExtendWith({RunningApp.class, Browsers.class})
class AccessibilityTest {

    @ParameterizedTest
    @CsvSource({"/, [data-bike],", "/book, legend,", "/drawers, [data-part],", "/jobs/410/sheet, [data-measure],",
        "/jobs/417/arrival, [data-point],", "/photos/1, [data-picture],", "/jobs/413/booking, [data-day],",
        "/jobs/409/hinge/VM4-L, [data-check],", "/jobs/408/hinge, tr[data-kit],", "/kits?sheet=KF2, details,", "/kits?new, section button,",
        "/rules, [data-rule],",
        "/jobs/412/bill, [data-source],", "/jobs/408/bill, [data-source],", "/orders, [data-part],", "/jobs/412/kit-check, [data-item],",
        "/stand/404, [data-step],", "/stuck, [data-stop],", "/jobs/404/settings, tbody,", "/devices, form,", "/customers/1, section,",
        "/bikes/1, section,", "/sign-ins, section,", "/shop, section,", "/health, section,", "/tablets, section,", "/ahead, [data-way],",
        "/ahead?job=407, [data-way],",
        "/ahead?face=hands, [data-way],", "/ahead?face=table&job=407, tbody,", "/my-day, h1,", "/my-day, section, ines",
        "/stand/406, [data-step],", "/bench, h2,", "/bench?tool=wrench, h2,", "/bench?tool=roll-out, h2,", "/bench?tool=bend, h2,",
        "/bench?tool=batteries, h2,", "/bench?tool=gears, h2,",
        "/bench?tool=fastener, h2,", "/bench?tool=pressure, h2,", "/bench?tool=axle, h2,", "/bench?tool=wire, h2,",
        "/bench?tool=stack, h2,",
        "/bench?tool=made, h2,", "/bench?tool=sheet, h2,", "/bench?job=432, h2,", "/bench?tool=range&job=412, h2,",
        "/bench?tool=ride, h2,", "/jobs/402/money, [data-payment],", "/money, [data-open],"})
    void hasNoFault(String path, String ready, String who, RunningApp.App app, People people) throws IOException {
        Page page = people.signedIn(app.url(), who == null ? "orla" : who);
        page.navigate(path);
        page.locator(ready).first().waitFor();
        assertThat(Axe.faults(page)).isEmpty();
    }
}
