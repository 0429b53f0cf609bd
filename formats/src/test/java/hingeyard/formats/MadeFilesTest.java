package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hingeyard.core.bench.ArmBend;
import hingeyard.core.made.MadePart;
import hingeyard.core.made.MadePart.Block;
import hingeyard.core.made.MadePart.CableSeparator;
import hingeyard.core.made.MadePart.HalfShim;
import hingeyard.core.made.MadePart.Sleeve;
import hingeyard.core.made.MadePart.SpacerRing;
import hingeyard.core.made.Mesh;
import hingeyard.core.made.Template;
import hingeyard.core.made.TemplateKind;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** Files of made parts and templates, read back by others and measured. */
class MadeFilesTest {

    private static final float DPI = 400;

    static Stream<MadePart> parts() {
        return Stream.of(new SpacerRing(12.2, 24, 1.35), new Sleeve(22.2, 25.4, 24, 2), new HalfShim(28.6, 31.8, 30),
                new Block(34, 40, 9, 14, 45), new CableSeparator(3, 5, 40));
    }

    static Stream<Template> templates() {
        return Stream.of(Template.bendStrip(new ArmBend.Input(10, 100, 4, 24, 0, List.of()), 18), Template.hubHoles(6, 44, 5, 20),
                Template.leadStrip(List.of(120.0, 640.0, 900.0)), Template.batteryCard(365, 90), Template.batteryCard(580, 290),
                TemplateKind.BAG_PLATE.of(List.of(120.0, 60.0, 90.0, 5.0, 14.0)),
                TemplateKind.PLATE_SLOTS.of(List.of(300.0, 90.0, 38.0, 2.0, 6.0)),
                TemplateKind.BRAKE_BRACKET.of(List.of(12.0, 90.0, 20.0, 74.0, 6.0)),
                TemplateKind.RAIL_HOLES.of(List.of(40.0, 64.0, 3.0, 5.2)));
    }

    /** Read byte by byte, as any other program does: the body is the same, and every normal looks the way its corners turn. */
    @ParameterizedTest
    @MethodSource("parts")
    void anStlIsTheBody(MadePart part) {
        ByteBuffer in = ByteBuffer.wrap(MeshStl.write(part.mesh(), part.name())).order(ByteOrder.LITTLE_ENDIAN);
        byte[] head = new byte[80];
        in.get(head);
        assertThat(new String(head, java.nio.charset.StandardCharsets.US_ASCII)).startsWith("millimetres; ");
        int count = in.getInt();
        assertThat(in.remaining()).isEqualTo(count * 50);
        List<double[]> points = new ArrayList<>();
        List<int[]> triangles = new ArrayList<>();
        Map<String, Integer> known = new HashMap<>();
        for (int i = 0; i < count; i++) {
            double[][] read = new double[4][3];
            for (double[] v : read) {
                for (int k = 0; k < 3; k++) {
                    v[k] = in.getFloat();
                }
            }
            in.getShort();
            int[] t = new int[3];
            for (int k = 0; k < 3; k++) {
                double[] p = read[k + 1];
                t[k] = known.computeIfAbsent(p[0] + " " + p[1] + " " + p[2], key -> {
                    points.add(p);
                    return points.size() - 1;
                });
            }
            triangles.add(t);
            double[] u = minus(read[2], read[1]);
            double[] v = minus(read[3], read[1]);
            double[] n = {u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]};
            assertThat(n[0] * read[0][0] + n[1] * read[0][1] + n[2] * read[0][2]).as("triangle %d", i).isPositive();
        }
        Mesh back = new Mesh(points, triangles);
        assertThat(back.closed()).isTrue();
        assertThat(back.volume()).isCloseTo(part.mesh().volume(), within(part.mesh().volume() * 1e-4));
    }

    private static double[] minus(double[] a, double[] b) {
        return new double[]{a[0] - b[0], a[1] - b[1], a[2] - b[2]};
    }

    private static Document xml(byte[] bytes) throws Exception {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
        return factory.newDocumentBuilder().parse(new ByteArrayInputStream(bytes));
    }

    @ParameterizedTest
    @MethodSource("parts")
    void a3mfCarriesItsUnitAndTheBody(MadePart part) throws Exception {
        Map<String, byte[]> files = new HashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(Mesh3mf.write(part.mesh(), part.name())))) {
            for (ZipEntry e = zip.getNextEntry(); e != null; e = zip.getNextEntry()) {
                files.put(e.getName(), zip.readAllBytes());
            }
        }
        assertThat(files).containsOnlyKeys("[Content_Types].xml", "_rels/.rels", "3D/3dmodel.model");
        Document model = xml(files.get("3D/3dmodel.model"));
        assertThat(model.getDocumentElement().getAttribute("unit")).isEqualTo("millimeter");
        NodeList vertices = model.getElementsByTagName("vertex");
        NodeList faces = model.getElementsByTagName("triangle");
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i < vertices.getLength(); i++) {
            Element v = (Element) vertices.item(i);
            points.add(new double[]{Double.parseDouble(v.getAttribute("x")), Double.parseDouble(v.getAttribute("y")),
                Double.parseDouble(v.getAttribute("z"))});
        }
        List<int[]> triangles = new ArrayList<>();
        for (int i = 0; i < faces.getLength(); i++) {
            Element f = (Element) faces.item(i);
            triangles.add(new int[]{Integer.parseInt(f.getAttribute("v1")), Integer.parseInt(f.getAttribute("v2")),
                Integer.parseInt(f.getAttribute("v3"))});
        }
        Mesh back = new Mesh(points, triangles);
        assertThat(back.closed()).isTrue();
        assertThat(back.volume()).isCloseTo(part.mesh().volume(), within(part.mesh().volume() * 1e-4));
        assertThat(Mesh3mf.write(part.mesh(), part.name())).isEqualTo(Mesh3mf.write(part.mesh(), part.name()));
    }

    private static boolean dark(BufferedImage picture, int x, int y) {
        return (picture.getRGB(x, y) & 0xff) < 140;
    }

    /** The longest dark run of a row, in mm. */
    private static double run(BufferedImage picture, int y) {
        int longest = 0;
        int now = 0;
        for (int x = 0; x < picture.getWidth(); x++) {
            now = dark(picture, x, y) ? now + 1 : 0;
            longest = Math.max(longest, now);
        }
        return longest * 25.4 / DPI;
    }

    /** Printed and measured: the control line of every sheet is 100 mm to a tenth. */
    @ParameterizedTest
    @MethodSource("templates")
    void theControlLineMeasuresAHundredMillimetres(Template template) throws IOException {
        try (PDDocument document = Loader.loadPDF(TemplatePdf.write(template))) {
            PDFRenderer renderer = new PDFRenderer(document);
            for (int sheet = 0; sheet < document.getNumberOfPages(); sheet++) {
                BufferedImage picture = renderer.renderImageWithDPI(sheet, DPI);
                int row = picture.getHeight() - (int) Math.round(5 * DPI / 25.4);
                double line = Math.max(run(picture, row), Math.max(run(picture, row - 1), run(picture, row + 1)));
                assertThat(line).as("%s, sheet %d", template.title(), sheet + 1).isCloseTo(100, within(0.1));
            }
        }
    }

    /** The card's own outline, on one sheet: as long as the battery. */
    @Test
    void aCardIsAsLongAsItsBattery() throws IOException {
        try (PDDocument document = Loader.loadPDF(TemplatePdf.write(Template.batteryCard(240, 80)))) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            BufferedImage picture = new PDFRenderer(document).renderImageWithDPI(0, DPI);
            double longest = 0;
            for (int y = 0; y < picture.getHeight() - (int) (20 * DPI / 25.4); y++) {
                longest = Math.max(longest, run(picture, y));
            }
            assertThat(longest).isCloseTo(240, within(0.3));
        }
    }

    @Test
    void whatIsLargerThanASheetGoesOnSeveral() throws IOException {
        try (PDDocument document = Loader.loadPDF(TemplatePdf.write(Template.batteryCard(580, 290)))) {
            assertThat(document.getNumberOfPages()).isGreaterThan(3);
        }
        try (PDDocument document = Loader.loadPDF(TemplatePdf.write(Template.leadStrip(List.of(900.0))))) {
            assertThat(document.getNumberOfPages()).isEqualTo(4);
        }
    }

    @ParameterizedTest
    @MethodSource("templates")
    void anSvgIsAtItsTrueSize(Template template) throws Exception {
        Element svg = xml(TemplateSvg.write(template).getBytes(java.nio.charset.StandardCharsets.UTF_8)).getDocumentElement();
        String[] box = svg.getAttribute("viewBox").split(" ");
        assertThat(svg.getAttribute("width")).isEqualTo(box[2] + "mm");
        assertThat(svg.getAttribute("height")).isEqualTo(box[3] + "mm");
        NodeList lines = svg.getElementsByTagName("line");
        Element control = (Element) lines.item(lines.getLength() - 1);
        assertThat(control.getAttribute("id")).isEqualTo("control");
        assertThat(Double.parseDouble(control.getAttribute("x2")) - Double.parseDouble(control.getAttribute("x1"))).isEqualTo(100);
        assertThat(svg.getTextContent()).contains("Measure this line before you use the sheet: 100 mm.");
    }

    /** Six holes on their circle: neighbours stand as far apart as the circle's radius. */
    @Test
    void holesStandOnTheirCircle() {
        List<Template.Circle> holes = Template.hubHoles(6, 44, 5, 20).marks().stream().filter(Template.Circle.class::isInstance)
                .map(Template.Circle.class::cast).filter(c -> c.radius() == 2.5).toList();
        assertThat(holes).hasSize(6);
        for (int i = 0; i < 6; i++) {
            Template.Circle a = holes.get(i);
            Template.Circle b = holes.get((i + 1) % 6);
            assertThat(Math.hypot(a.x() - b.x(), a.y() - b.y())).isCloseTo(22, within(1e-9));
        }
    }
}
