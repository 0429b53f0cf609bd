package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hingeyard.app.ShopClient.Answer;
import hingeyard.app.demo.DemoPicture;
import hingeyard.core.Given;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.Point;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Pictures: only pictures come in, nothing of the camera's marks is kept, and a side photo of known geometry measures true. */
@ExtendWith(RunningApp.class)
public class PhotoTest {

    public static byte[] picture(int width, int height, String format) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        image.createGraphics().fillRect(0, 0, width, height / 2);
        image.setRGB(width - 1, height - 1, Color.RED.getRGB());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    /** A JPEG with an EXIF block that says it lies on its side and where it was taken. */
    private static byte[] withExif(byte[] jpeg) {
        byte[] exif = new byte[]{
            'E', 'x', 'i', 'f', 0, 0, 'M', 'M', 0, 42, 0, 0, 0, 8, 0, 2,
            0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0,
            (byte) 0x88, 0x25, 0, 4, 0, 0, 0, 1, 0, 0, 0, 38, 0, 0, 0, 0,
            0, 1, 0, 1, 0, 2, 0, 0, 0, 2, 'N', 0, 0, 0, 0, 0, 0, 0};
        byte[] secret = "GPS-SECRET-PLACE".getBytes(StandardCharsets.US_ASCII);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, 2);
        int length = exif.length + secret.length + 2;
        out.writeBytes(new byte[]{(byte) 0xFF, (byte) 0xE1, (byte) (length >> 8), (byte) length});
        out.writeBytes(exif);
        out.writeBytes(secret);
        out.write(jpeg, 2, jpeg.length - 2);
        return out.toByteArray();
    }

    @Test
    void isScaledTurnedUprightAndLosesWhereItWasTaken(RunningApp.App app) throws IOException {
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        Answer added = tova.photo(410, "bike", "phone.jpg", withExif(picture(2400, 1200, "jpg")));
        assertThat(added.status()).as(added.toString()).isEqualTo(201);
        assertThat(added.body().path("width").asInt()).as("turned by its orientation").isEqualTo(800);
        assertThat(added.body().path("height").asInt()).isEqualTo(1600);
        long id = added.body().path("id").asLong();
        byte[] kept = tova.bytes("/api/photos/%d/picture".formatted(id)).body();
        assertThat(new String(kept, StandardCharsets.ISO_8859_1)).doesNotContain("SECRET", "Exif");
        BufferedImage small = ImageIO.read(new ByteArrayInputStream(tova.bytes("/api/photos/%d/small".formatted(id)).body()));
        assertThat(small.getHeight()).isEqualTo(320);
        assertThat(ShopClient.stranger(app.url()).bytes("/api/photos/%d/picture".formatted(id)).statusCode()).isEqualTo(401);
        strikeOut(tova, id, "for the test");
    }

    private static Answer strikeOut(ShopClient who, long id, String reason) {
        return who.post("/api/photos/%d/strike-out".formatted(id), "{\"reason\":\"%s\"}".formatted(reason));
    }

    private static JsonNode seen(ShopClient who, long job, long id) {
        return who.get("/api/jobs/" + job).body().path("photos").valueStream().filter(p -> p.path("id").asLong() == id).findFirst()
                .orElseThrow();
    }

    /** Evidence: it is never deleted, by no road, and says who struck it out and why. */
    @Test
    void isStruckOutWithAReasonAndStaysToBeSeen(RunningApp.App app) throws IOException {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        long job = orla.book("Seen by all");
        long id = orla.photo(job, "side", "side.png", picture(400, 300, "png")).body().path("id").asLong();
        assertThat(orla.delete("/api/photos/" + id, "{}").status()).as("no such road").isEqualTo(405);
        assertThat(strikeOut(orla, id, " ").body().path("faults").findValuesAsString("field")).containsExactly("reason");
        assertThat(strikeOut(ShopClient.signedIn(app.url(), "ines"), id, "x").status()).isEqualTo(403);
        assertThat(seen(orla, job, id).path("struck").isMissingNode() || seen(orla, job, id).path("struck").isNull()).isTrue();
        assertThat(strikeOut(orla, id, "another bike").body().path("struck").path("by").asString()).isEqualTo("Orla M.");
        assertThat(seen(orla, job, id).path("struck").path("reason").asString()).isEqualTo("another bike");
        assertThat(orla.bytes("/api/photos/%d/picture".formatted(id)).statusCode()).isEqualTo(200);
        assertThat(orla.post("/api/photos/%d/measure".formatted(id), "{\"marks\":null,\"apply\":false,\"chosen\":[]}").status())
                .as("nothing is measured from it").isIn(404, 422);
        assertThat(strikeOut(orla, id, "again").status()).as("once is enough").isEqualTo(404);
    }

    @Test
    void aMakersApprovalIsTheManagersToAdd(RunningApp.App app) throws IOException {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        long job = orla.book("Letter of the maker");
        byte[] letter = picture(400, 300, "png");
        assertThat(ShopClient.signedIn(app.url(), "tova").photo(job, "approval.fork-material", "letter.png", letter).detail())
                .contains("the manager reads it and adds it");
        Map<String, String> said = Map.of("paper", "Letter 12", "dated", "2026-01-15", "limit", "up to 250 W");
        for (String field : said.keySet()) {
            for (String bad : field.equals("dated") ? List.of("", "2999-01-01", "1812-01-01") : List.of("", " ", "x".repeat(200))) {
                Map<String, String> lacking = new HashMap<>(said);
                lacking.put(field, bad);
                Answer refused = orla.photo(job, "approval.fork-material", "letter.png", letter, lacking);
                assertThat(refused.status()).as(field + " '" + bad + "'").isEqualTo(422);
                assertThat(refused.body().path("faults").findValuesAsString("field")).containsExactly(field);
            }
        }
        Answer filed = orla.photo(job, "approval.fork-material", "letter.png", letter, said);
        assertThat(filed.status()).isEqualTo(201);
        assertThat(filed.body().path("caption").asString()).isEqualTo("Letter 12 of 2026-01-15: up to 250 W");
    }

    @ParameterizedTest
    @ValueSource(strings = {"text", "gif", "broken", "tiny", "bomb", "empty"})
    void whatIsNoPictureIsRefused(String what, RunningApp.App app) throws IOException {
        byte[] jpeg = picture(300, 200, "jpg");
        byte[] bytes = switch (what) {
            case "text" -> "<html>not a picture</html>".getBytes(StandardCharsets.UTF_8);
            case "gif" -> picture(300, 200, "gif");
            case "broken" -> Arrays.copyOf(jpeg, 40);
            case "tiny" -> picture(20, 20, "png");
            case "bomb" -> pngThatClaims(40_000, 40_000);
            default -> new byte[0];
        };
        Answer answer = ShopClient.signedIn(app.url(), "tova").photo(410, "bike", what + ".jpg", bytes);
        assertThat(answer.status()).as(answer.toString()).isEqualTo(422);
        assertThat(answer.body().path("faults").get(0).path("field").asString()).isEqualTo("file");
        assertThat(answer.detail()).contains("Nothing was saved");
    }

    @Test
    void whatIsTooLargeIsRefusedInWords(RunningApp.App app) {
        Answer answer = ShopClient.signedIn(app.url(), "tova").photo(410, "bike", "huge.jpg", new byte[21 * 1024 * 1024]);
        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.detail()).contains("at most 20 MB", "Nothing was saved");
    }

    private static byte[] pngThatClaims(int width, int height) throws IOException {
        byte[] png = picture(64, 64, "png");
        for (int i = 0; i < 4; i++) {
            png[16 + i] = (byte) (width >> 24 - 8 * i);
            png[20 + i] = (byte) (height >> 24 - 8 * i);
        }
        java.util.zip.CRC32 crc = new java.util.zip.CRC32();
        crc.update(png, 12, 17);
        for (int i = 0; i < 4; i++) {
            png[29 + i] = (byte) (crc.getValue() >> 24 - 8 * i);
        }
        return png;
    }

    @Test
    void onlyKnownSubjectsAreTaken(RunningApp.App app) throws IOException {
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        assertThat(tova.photo(410, "condition.nonsense", "a.jpg", picture(300, 200, "jpg")).detail()).contains("subject");
        assertThat(tova.photo(410, "condition.tyres", "a.jpg", picture(300, 200, "jpg")).status()).isEqualTo(201);
        assertThat(ShopClient.signedIn(app.url(), "ines").photo(410, "bike", "a.jpg", picture(300, 200, "jpg")).status()).isEqualTo(403);
    }

    private static final FrameSurvey TOURER = Given
            .survey("rear.bead-seat=622;rear.tyre-width=40;rear.chainstay=445;bracket.height=285;front.bead-seat=622;front.tyre-width=40;"
                    + "front.wheelbase=1062;triangle.head-bottom-forward=439;triangle.head-bottom-up=448;triangle.head-top-forward=390;triangle.head-top-up=590;"
                    + "triangle.seat-cluster-behind=152;triangle.seat-cluster-up=497");

    private static String spot(DemoPicture picture, double x, double y) {
        Point p = picture.pixel(new Point(x, y));
        return String.format(Locale.ROOT, "{\"x\":%.1f,\"y\":%.1f}", p.x(), p.y());
    }

    private static String ring(DemoPicture picture, Point axle) {
        return IntStream.range(0, 5).mapToObj(i -> axle.plus(Point.direction(90 + i * 72).times(317))).map(p -> spot(picture, p.x(), p.y()))
                .collect(Collectors.joining(",", "[", "]"));
    }

    private static String marks(DemoPicture picture) {
        Point rear = new Point(-Math.sqrt(445 * 445 - 66 * 66), 66);
        Point front = rear.plus(new Point(1062, 0));
        return "{\"rearAxle\":%s,\"frontAxle\":%s,\"bracket\":%s,\"headBottom\":%s,\"headTop\":%s,\"seatCluster\":%s,\"rearRim\":%s,\"frontRim\":%s}"
                .formatted(
                        spot(picture, rear.x(), rear.y()), spot(picture, front.x(), front.y()), spot(picture, 0, 0),
                        spot(picture, 439, 448), spot(picture, 390, 590),
                        spot(picture, -152, 497), ring(picture, rear), ring(picture, front));
    }

    @Test
    void aSidePhotoMeasuresTheTriangleAndNeverReplacesACaliper(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        ShopClient tova = ShopClient.signedIn(app.url(), "tova");
        long job = orla.book("Photographed");
        for (String bead : new String[]{"rear.bead-seat", "front.bead-seat"}) {
            tova.measure(job, bead, "622", "LOOK", 0);
        }
        tova.measure(job, "rear.tyre-width", "40", "LOOK", 0);
        tova.measure(job, "front.tyre-width", "40", "LOOK", 0);
        tova.measure(job, "rear.chainstay", "447", "TAPE", 0);
        DemoPicture picture = new DemoPicture(BikeKind.DIAMOND, TOURER, 9);
        long photo = tova.photo(job, "side", "side.png", picture.bytes("png", "#2b5d8a")).body().path("id").asLong();

        Answer looked = tova.post("/api/photos/%d/measure".formatted(photo),
                "{\"marks\":%s,\"apply\":false,\"chosen\":[]}".formatted(marks(picture)));
        assertThat(looked.status()).as(looked.toString()).isEqualTo(200);
        assertThat(looked.body().path("entered").asInt()).isZero();
        assertThat(mm(looked, "triangle.down-tube")).isCloseTo(627, within(6.3));
        assertThat(mm(looked, "triangle.head-top-up")).isCloseTo(590, within(7.1));
        assertThat(mm(looked, "triangle.seat-tube")).isCloseTo(520, within(5.2));
        assertThat(mm(looked, "front.wheelbase")).isCloseTo(1062, within(10.6));
        assertThat(line(looked, "rear.chainstay").path("outcome").asString()).isEqualTo("KEPT_BACK");

        Answer entered = tova.post("/api/photos/%d/measure".formatted(photo),
                "{\"marks\":%s,\"apply\":true,\"chosen\":[]}".formatted(marks(picture)));
        assertThat(entered.body().path("entered").asInt()).isEqualTo(11);
        JsonNode sheet = tova.get("/api/jobs/" + job).body();
        assertThat(taken(sheet, "rear.chainstay").path("quality").asString()).isEqualTo("± 1 mm, tape");
        assertThat(taken(sheet, "triangle.down-tube").path("quality").asString()).contains("from photo");
        assertThat(tova.get("/api/photos/" + photo).body().path("marks").path("rearRim").size()).as("the marks are kept").isEqualTo(5);

        tova.post("/api/photos/%d/measure".formatted(photo),
                "{\"marks\":%s,\"apply\":true,\"chosen\":[\"rear.chainstay\"]}".formatted(marks(picture)));
        assertThat(taken(tova.get("/api/jobs/" + job).body(), "rear.chainstay").path("quality").asString()).as("chosen by somebody")
                .contains("from photo");
    }

    @Test
    void marksWithoutAnyKnownLengthAreRefused(RunningApp.App app) {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        long job = orla.book("Unknown size");
        DemoPicture picture = new DemoPicture(BikeKind.DIAMOND, TOURER, 0);
        long photo = orla.photo(job, "side", "side.png", picture.bytes("png", "#2b5d8a")).body().path("id").asLong();
        Answer refused = orla.post("/api/photos/%d/measure".formatted(photo),
                "{\"marks\":%s,\"apply\":true,\"chosen\":[]}".formatted(marks(picture)));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.detail()).contains("One length must be known", "Nothing was saved");
    }

    private static JsonNode line(Answer plan, String measure) {
        for (JsonNode l : plan.body().path("lines")) {
            if (l.path("measure").asString().equals(measure)) {
                return l;
            }
        }
        throw new AssertionError(measure);
    }

    private static double mm(Answer plan, String measure) {
        return line(plan, measure).path("value").asLong() / 1000.0;
    }

    static JsonNode taken(JsonNode sheet, String measure) {
        for (JsonNode f : sheet.path("fields")) {
            if (f.path("key").asString().equals(measure)) {
                return f.path("taken");
            }
        }
        throw new AssertionError(measure);
    }
}
