package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import hingeyard.app.RunningApp;
import hingeyard.app.Shopfloor;
import hingeyard.e2e.Browsers.People;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Optional;
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

    private static void read(Page tova, String... readings) {
        for (int i = 0; i < readings.length; i++) {
            tova.getByLabel("Reading at %d°, mm".formatted(i * 30)).fill(readings[i]);
        }
    }

    /** At the stand: the readings of a rotor, the cut it asks for, the second round, and the step that takes it over. */
    @Test
    void aRotorIsTruedFromItsStep(RunningApp.App app, People people) throws IOException {
        Shopfloor shop = new Shopfloor(app);
        long job = shop.billedLike("BRAKE_CONVERSION", "432", "DB2", Optional.of("brake-weld"));
        shop.everythingComes(job);
        shop.toTheStand(job);
        shop.workUpTo(job, "rotor-hung");
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/stand/" + job);
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start").setExact(true)).click();
        tova.locator("[data-figure='run-out-before']").click();
        tova.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Work it out at the bench")).click();
        assertThat(tova.getByText("back to the step")).isVisible();
        read(tova, "0.8", "0.7", "0.4", "0", "-0.4", "-0.7", "-0.8", "-0.7", "-0.4", "0", "0.4", "0.7");
        assertThat(tova.getByText(Pattern.compile("^Shorten stand-off 1 by 0\\.47 mm"))).isVisible();
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take it to the step")).click();
        // Back at the stand the figure stands there, and what to cut.
        assertThat(tova).hasURL(Pattern.compile("/stand/" + job));
        assertThat(tova.locator("[data-figure='run-out-before'] b")).hasText("1.6");
        assertThat(tova.getByText(Pattern.compile("^Bench, round 1: Shorten stand-off 1 by 0\\.47 mm"))).isVisible();
        assertThat(tova.getByText(Pattern.compile("^From the bench: Tova"))).isVisible();
        shop.tickRest(job, "rotor-hung", "{\"run-out-before\":1.6}");
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start").setExact(true)).click();
        tova.locator("[data-figure='run-out-after']").click();
        tova.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Work it out at the bench")).click();
        read(tova, "0.06", "0.02", "0", "-0.02", "-0.05", "-0.06", "-0.04", "0", "0.03", "0.02", "0.05", "0.07");
        assertThat(tova.getByText("It runs true: 0.13 mm, and 0.30 mm is allowed.")).isVisible();
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take it to the step")).click();
        assertThat(tova.locator("[data-figure='run-out-after'] b")).hasText("0.13");
        assertThat(tova.getByText(Pattern.compile("^Bench, round 2: It runs true"))).isVisible();
        // Undone and begun again, it wants to be read again.
        shop.tickRest(job, "rotor-trued", "{\"removed-most\":0.4,\"run-out-after\":0.13}");
        shop.again(job, "rotor-trued");
        tova.navigate("/stand/" + job);
        assertThat(tova.locator("[data-figure='run-out-after'] b")).hasText("–");
        assertThat(tova.getByText(Pattern.compile("^Bench, round 2: It runs true"))).isVisible();
        // Other stories want the stand.
        shop.leaveTheStand(job, "rotor-trued");
    }

    @Test
    void twoBatteriesAreDrawnOverTheRide(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/bench?tool=batteries");
        assertThat(tova.getByText("Both feed from minute 55. The controller stops in minute 275.")).isVisible();
        assertThat(tova.getByText("levels meet, 55 min")).isVisible();
        tova.getByLabel("Combiner carries").fill("4");
        assertThat(tova.getByText(Pattern.compile("The combiner carries 5\\.\\d A, and 4\\.0 A is what it is made for"))).isVisible();
        tova.getByLabel("The ride draws").fill("6000");
        assertThat(tova.getByRole(AriaRole.ALERT).first()).containsText("0 to 5000 W");
    }

    /** From a gap that no drawer fills to the file for the printer, and a sheet to its line. */
    @Test
    void aRingIsMadeAndASheetPrinted(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/bench?tool=stack");
        tova.getByPlaceholder("type to narrow").fill("axle washer 3.0");
        tova.getByText("Axle washer 3.0").first().click();
        assertThat(tova.getByText("One set fills it.")).isVisible();
        tova.getByLabel("Gap, at least").fill("3.3");
        tova.getByLabel(Pattern.compile("^at most")).fill("3.4");
        assertThat(tova.getByText(Pattern.compile("^No set of these drawers fills it: make a piece of "))).isVisible();
        tova.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Make a ring of"))).click();
        assertThat(tova.getByText(Pattern.compile("^Spacer ring 12\\.2 × 24 × "))).isVisible();
        Locator body = tova.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("^Spacer ring")));
        byte[] before = body.screenshot();
        body.press("ArrowRight");
        body.press("ArrowUp");
        org.assertj.core.api.Assertions.assertThat(body.screenshot()).as("it turned").isNotEqualTo(before);
        Download stl = tova.waitForDownload(
                () -> tova.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("STL, in mm")).click());
        org.assertj.core.api.Assertions.assertThat(stl.suggestedFilename()).isEqualTo("spacer-ring.stl");
        tova.getByLabel("Bore").fill("2");
        assertThat(tova.getByRole(AriaRole.ALERT).first()).containsText("3 to 80 mm");
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Scissors and card"))).click();
        assertThat(tova.getByText(Pattern.compile("^Torque arm, bend strip"))).isVisible();
        assertThat(tova.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("PDF, true size"))).hasAttribute("href",
                "/api/bench/templates/bend-strip/pdf?measures=10,100,4,24,18");
    }

    /** A block that no drawer holds: from the check over the bill to its file, and made; the bag's plate to its sheet. */
    @Test
    void aBlockIsMadeForAJob(RunningApp.App app, People people) throws IOException {
        long job = new Shopfloor(app).billedLike("MID_DRIVE", "426", "VM4-S", Optional.empty());
        Page ines = people.signedIn(app.url(), "ines");
        ines.navigate("/orders");
        assertThat(ines.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("To make here"))
                .getByText(Pattern.compile("Motor block.*1–2 mm")).first()).isVisible();
        ines.navigate("/jobs/%d/bill".formatted(job));
        Locator line = ines.locator("[data-source=TO_MAKE]");
        assertThat(line).containsText("1 high, under a tube of");
        Download stl = ines.waitForDownload(
                () -> line.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("STL")).click());
        org.assertj.core.api.Assertions.assertThat(stl.suggestedFilename()).isEqualTo("block.stl");
        line.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Made and measured"))).click();
        assertThat(ines.locator("[data-source=MADE]")).containsText(Pattern.compile("made, Ines"));
        ines.locator("[data-source=MADE]").getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("look at it")).click();
        assertThat(ines.getByText(Pattern.compile("^Block .* 1 high, under a tube of"))).isVisible();
        ines.navigate("/bench?tool=sheet&kind=bag-plate");
        assertThat(ines.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("PDF, true size"))).hasAttribute("href",
                "/api/bench/templates/bag-plate/pdf?measures=120,60,90,5,14");
        ines.getByLabel("Cable’s hole").fill("50");
        assertThat(ines.getByRole(AriaRole.ALERT).first()).containsText("4 to 30 mm");
    }

    /** A track of two kilometres, read back and kept on its job; a bad one is refused with its line. */
    @Test
    void aRideIsReadBackAndKept(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/bench?tool=ride&job=412");
        StringBuilder gpx = new StringBuilder("<gpx><trk><trkseg>\n");
        for (int s = 0; s <= 600; s += 10) {
            gpx.append("<trkpt lat=\"%s\" lon=\"8\"><ele>100</ele><time>%s</time></trkpt>\n".formatted(50 + s / 600.0 * 2_000 / 111_195.08,
                    Instant.parse("2026-05-04T14:00:00Z").plusSeconds(s)));
        }
        gpx.append("</trkseg></trk></gpx>");
        Locator chosen = tova.getByLabel("Ride, GPX");
        chosen.setInputFiles(new FilePayload("bad.gpx", "application/gpx+xml",
                gpx.toString().replace("lat=\"50.0\"", "lat=\"north\"").getBytes(StandardCharsets.UTF_8)));
        assertThat(tova.getByRole(AriaRole.ALERT).first()).containsText("line 2");
        chosen.setInputFiles(new FilePayload("ride.gpx", "application/gpx+xml", gpx.toString().getBytes(StandardCharsets.UTF_8)));
        assertThat(tova.getByText("2.0 km in 10 min moving, 0 m up.")).isVisible();
        tova.getByLabel("Display counted").fill("2.1");
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Read it")).click();
        assertThat(tova.getByText(Pattern.compile("The display counts 5\\.0 % more than was ridden"))).isVisible();
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep it on job 412")).click();
        assertThat(tova.locator("[data-kept]").first()).containsText("2.0 km in 10 min moving");
    }

    /** The range of a job is the shortlist's own. */
    @Test
    void theRangeOfAJobComesFilledIn(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/bench?tool=range&job=412");
        assertThat(tova.getByText("bike, kit, rider and load as the shortlist has them")).isVisible();
        assertThat(tova.getByText(Pattern.compile("km; about \\d+ km in frost\\. The ride of"))).isVisible();
        tova.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^The ride"))).fill("290");
        assertThat(tova.getByText(Pattern.compile("The ride of 290 km is more than the lower of both"))).isVisible();
    }
}
