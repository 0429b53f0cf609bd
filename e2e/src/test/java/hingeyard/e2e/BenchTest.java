package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import hingeyard.app.RunningApp;
import hingeyard.e2e.Browsers.People;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The bench: a rotor is trued from the readings round it, a wrench set, a wheel rolled. */
@ExtendWith({RunningApp.class, Browsers.class})
class BenchTest {

    @Test
    void aRotorIsTruedInTwoRounds(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.keyboard().press("c");
        assertThat(tova.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("A rotor on stand-offs, made to run true")))
                .isVisible();
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("3").setExact(true)).click();
        String[] readings = {"0.6", "0,3", "-0.3", "−0.6", "-0.3", "0.3"};
        for (int i = 0; i < readings.length; i++) {
            assertThat(tova.getByText(i == 0 ? "Type the readings round the rotor" : i + " of 6 readings.")).isVisible();
            tova.getByLabel("Reading at %d°, mm".formatted(i * 60)).fill(readings[i]);
        }
        assertThat(tova.getByText("Shorten stand-off 1 by 0.26 mm.")).isVisible();
        assertThat(tova.getByText("of it tilt, highest at 0°")).isVisible();
        tova.getByLabel("Gauge at, mm across").fill("40");
        assertThat(tova.getByRole(AriaRole.ALERT).first()).containsText("more than the bolts' circle of 44 mm");
        tova.getByLabel("Gauge at, mm across").fill("150");
        // The next round: what is left is within what is allowed.
        tova.getByText("Clear the readings for the next round").click();
        for (int i = 0; i < readings.length; i++) {
            tova.getByLabel("Reading at %d°, mm".formatted(i * 60)).fill(i % 2 == 0 ? "0.08" : "-0.05");
        }
        assertThat(tova.getByText("It runs true: 0.13 mm, and 0.30 mm is allowed.")).isVisible();
    }

    @Test
    void aWrenchIsSetAndAWheelRolled(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/bench?tool=wrench");
        tova.getByLabel("Wrench", new Page.GetByLabelOptions().setExact(false)).first().fill("300");
        tova.getByLabel("Extension").fill("100");
        assertThat(tova.getByText("Set the wrench to 30.0 N·m.")).isVisible();
        tova.getByLabel("Extension").fill("2000");
        assertThat(tova.getByRole(AriaRole.ALERT).first()).containsText("0 to 1000 mm");
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Chalk on the floor"))).click();
        tova.getByLabel("Rolled along the floor").fill("6630");
        tova.getByLabel("Set in the display").fill("2250");
        assertThat(tova.getByText("2210 mm a turn, as rolled.")).isVisible();
        assertThat(tova.getByText(Pattern.compile("tells 1.8 % more than the true speed"))).isVisible();
    }
}
