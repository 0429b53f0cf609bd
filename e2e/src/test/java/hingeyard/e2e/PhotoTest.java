package hingeyard.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.demo.DemoPicture;
import hingeyard.core.Given;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.Point;
import hingeyard.e2e.Browsers.People;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Measuring from a picture with the pointer: of known geometry, seen seven degrees off the axis. */
@ExtendWith({RunningApp.class, Browsers.class})
class PhotoTest {

    private static final String TOURER = "rear.bead-seat=622;rear.tyre-width=40;rear.chainstay=445;bracket.height=285;triangle.seat-tube=530;triangle.down-tube=640;"
            + "triangle.top-tube=570;front.wheelbase=1062;front.bead-seat=622;front.tyre-width=40";
    private static final double RIM = 317;

    /** The demo's side photo of a tourer, marked where its points are known to lie. */
    static void mark(Page page, long job) {
        page.navigate("/jobs/" + job + "/sheet");
        page.locator("[data-photo]").first().click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Measure from it")).click();
        set(page, Given.survey(TOURER), 7);
    }

    private static void set(Page page, FrameSurvey survey, double yaw) {
        DemoPicture picture = new DemoPicture(BikeKind.DIAMOND, survey, yaw);
        List<Point> points = hingeyard.core.bike.BikeGeometry.joints(BikeKind.DIAMOND, survey);
        Locator box = page.locator("[data-picture]");
        box.waitFor();
        for (Point point : points) {
            click(page, box, picture.pixel(point));
        }
        for (int wheel = 0; wheel < 2; wheel++) {
            for (int i = 0; i < 5; i++) {
                Locator handle = page.locator("[data-mark='%s.%d']".formatted(wheel == 0 ? "rearRim" : "frontRim", i));
                drag(page, box, handle, picture.pixel(points.get(wheel).plus(Point.direction(90 + 72 * i).times(RIM))));
            }
        }
    }

    private static void computed(Page page) {
        page.locator("[data-values='ready']").waitFor();
    }

    private static void click(Page page, Locator box, Point pixel) {
        BoundingBox b = box.boundingBox();
        page.mouse().click(b.x + pixel.x() * b.width / 1600, b.y + pixel.y() * b.width / 1600);
    }

    private static void drag(Page page, Locator box, Locator handle, Point pixel) {
        BoundingBox from = handle.boundingBox();
        BoundingBox b = box.boundingBox();
        page.mouse().move(from.x + from.width / 2, from.y + from.height / 2);
        page.mouse().down();
        page.mouse().move(b.x + pixel.x() * b.width / 1600, b.y + pixel.y() * b.width / 1600);
        page.mouse().up();
    }

    private static double mm(Page page, String measure) {
        return Double.parseDouble(page.locator("[data-value='" + measure + "'] b").textContent().replace(" mm", ""));
    }

    @Test
    void aPictureIsTakenInMarkedAndItsValuesEnterTheSurvey(RunningApp.App app, People people) {
        ShopClient api = ShopClient.signedIn(app.url(), "tova");
        long job = ShopClient.signedIn(app.url(), "orla").book("Pictured");
        for (String known : new String[]{"rear.bead-seat=622", "front.bead-seat=622", "rear.tyre-width=40", "front.tyre-width=40"}) {
            api.measure(job, known.split("=")[0], known.split("=")[1], "LOOK", 0);
        }
        api.measure(job, "triangle.seat-tube", "525", "TAPE", 0);
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/jobs/" + job + "/sheet");
        FrameSurvey survey = Given.survey(TOURER);
        tova.getByLabel("Add a photo: side photo to measure from")
                .setInputFiles(
                        new FilePayload("side.png", "image/png", new DemoPicture(BikeKind.DIAMOND, survey, 7).bytes("png", "#2b5d8a")));
        tova.locator("[data-photo]").first().click();
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Measure from it")).click();
        assertThat(tova.getByText("Click: Rear axle")).isVisible();
        set(tova, survey, 7);
        computed(tova);
        assertThat(tova.locator("[data-value='triangle.seat-tube']")).hasAttribute("data-outcome", "KEPT_BACK");
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Enter 11 values")).waitFor();
        assertThat(mm(tova, "triangle.down-tube")).isBetween(640 * 0.99, 640 * 1.01);
        assertThat(mm(tova, "front.wheelbase")).isBetween(1062 * 0.99, 1062 * 1.01);
        assertThat(mm(tova, "rear.chainstay")).isBetween(445 * 0.99, 445 * 1.01);
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Enter 11 values")).click();
        assertThat(tova.locator("[data-measure='triangle.down-tube']")).containsText("from photo");
        assertThat(tova.locator("[data-measure='triangle.seat-tube']")).containsText("525 mm");
    }

    /** A picture is evidence: it is struck out with a reason and stays in its place. */
    @Test
    void aPictureIsStruckOutWithAReasonAndStays(RunningApp.App app, People people) {
        ShopClient client = ShopClient.signedIn(app.url(), "orla");
        long job = client.book("Seen and struck");
        client.photo(job, "bike", "bike.png", png());
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/jobs/%d/arrival".formatted(job));
        tova.locator("[data-photo]").first().click();
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Strike it out")).click();
        tova.getByLabel("Why it counts for nothing").fill("another bike");
        tova.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Strike it out")).click();
        assertThat(tova.getByAltText("struck out: photo of the bike, by Orla M.")).isVisible();
        tova.locator("[data-photo]").first().click();
        assertThat(tova.getByRole(AriaRole.DIALOG)).containsText("Struck out by Tova");
        assertThat(tova.getByRole(AriaRole.DIALOG)).containsText("another bike");
        assertThat(tova.getByText("Measure from it")).hasCount(0);
    }

    private static byte[] png() {
        try {
            java.io.ByteArrayOutputStream out = new java.io.ByteArrayOutputStream();
            javax.imageio.ImageIO.write(new java.awt.image.BufferedImage(400, 300, java.awt.image.BufferedImage.TYPE_INT_RGB), "png", out);
            return out.toByteArray();
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @Test
    void whatIsNoPictureIsRefused(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        tova.navigate("/jobs/" + ShopClient.signedIn(app.url(), "orla").book("No picture") + "/sheet");
        tova.getByLabel("Add a photo: side photo to measure from")
                .setInputFiles(new FilePayload("bike.jpg", "image/jpeg", "nothing of the kind".getBytes()));
        assertThat(tova.locator("[data-toast=refused]")).containsText("a JPEG or PNG picture");
    }

    @Test
    void aMarkIsMovedByThePixelWithKeys(RunningApp.App app, People people) {
        Page tova = people.signedIn(app.url(), "tova");
        mark(tova, 408);
        Locator bracket = tova.locator("[data-mark='bracket']");
        bracket.focus();
        int before = Integer.parseInt(bracket.getAttribute("aria-valuenow"));
        tova.keyboard().press("ArrowRight");
        tova.keyboard().press("Shift+ArrowRight");
        assertThat(bracket).hasAttribute("aria-valuenow", String.valueOf(before + 11));
    }
}
