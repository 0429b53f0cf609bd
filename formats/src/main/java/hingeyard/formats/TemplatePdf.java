package hingeyard.formats;

import hingeyard.core.made.Template;
import hingeyard.core.made.Template.Circle;
import hingeyard.core.made.Template.Kind;
import hingeyard.core.made.Template.Line;
import hingeyard.core.made.Template.Words;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Objects;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.util.Matrix;

/**
 * A template as PDF at its true size, on as many sheets of A4 as it takes. Each sheet has its own line of 100 mm; neighbours overlap by 10
 * mm
 * and are laid over one another by the crosses at the seam.
 */
public final class TemplatePdf {

    private static final float POINTS_A_MM = 72 / 25.4f;
    private static final double EDGE = 12;
    private static final double FOOT = 34;
    private static final double OVERLAP = 10;
    /** A quarter of a circle as a curve: its handles. */
    private static final double QUARTER = 0.5522847498;

    private final Template template;
    private final boolean across;
    private final double roomX;
    private final double roomY;
    private final int columns;
    private final int rows;

    private TemplatePdf(Template template) {
        this.template = template;
        this.across = template.width() > template.height();
        this.roomX = (across ? 297 : 210) - 2 * EDGE;
        this.roomY = (across ? 210 : 297) - EDGE - FOOT - 8;
        this.columns = sheets(template.width(), roomX);
        this.rows = sheets(template.height(), roomY);
    }

    private static int sheets(double length, double room) {
        return length <= room ? 1 : (int) Math.ceil((length - OVERLAP) / (room - OVERLAP));
    }

    public static byte[] write(Template template) {
        return write(template.title(), List.of(template));
    }

    /** Several after one another. @param title of the file @param templates at least one */
    public static byte[] write(String title, List<Template> templates) {
        try (PDDocument document = new PDDocument(); ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PDFont font = font(document, "archivo-regular.ttf");
            PDFont bold = font(document, "archivo-bold.ttf");
            document.getDocumentInformation().setTitle(title);
            for (Template template : templates) {
                new TemplatePdf(template).drawn(document, font, bold);
            }
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void drawn(PDDocument document, PDFont font, PDFont bold) throws IOException {
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                sheet(document, font, bold, column, row);
            }
        }
    }

    private static PDFont font(PDDocument document, String file) throws IOException {
        try (InputStream in = Objects.requireNonNull(TemplatePdf.class.getResourceAsStream("/hingeyard/formats/fonts/" + file), file)) {
            return PDType0Font.load(document, in);
        }
    }

    private void sheet(PDDocument document, PDFont font, PDFont bold, int column, int row) throws IOException {
        PDPage page = new PDPage(across ? new PDRectangle(PDRectangle.A4.getHeight(), PDRectangle.A4.getWidth()) : PDRectangle.A4);
        document.addPage(page);
        try (PDPageContentStream out = new PDPageContentStream(document, page)) {
            out.transform(Matrix.getScaleInstance(POINTS_A_MM, POINTS_A_MM));
            foot(out, font, bold, column, row);
            out.saveGraphicsState();
            out.addRect((float) EDGE - 1, (float) FOOT - 8, (float) roomX + 2, (float) roomY + 16);
            out.clip();
            out.transform(
                    Matrix.getTranslateInstance((float) (EDGE - column * (roomX - OVERLAP)), (float) (FOOT - row * (roomY - OVERLAP))));
            for (Template.Mark mark : template.marks()) {
                mark(out, font, mark);
            }
            seams(out);
            out.restoreGraphicsState();
        }
    }

    private void foot(PDPageContentStream out, PDFont font, PDFont bold, int column, int row) throws IOException {
        String sheet = columns * rows == 1 ? "" : ", sheet %d of %d".formatted(row * columns + column + 1, columns * rows);
        say(out, bold, 4.2, EDGE, 21, template.title() + sheet);
        double y = 16.5;
        for (String words : template.words()) {
            say(out, font, 2.9, EDGE, y, words);
            y -= 4;
        }
        stroke(out, Kind.CUT);
        out.moveTo((float) EDGE, 5);
        out.lineTo((float) EDGE + 100, 5);
        out.stroke();
        say(out, font, 2.9, EDGE + 102, 4.2, TemplateSvg.MEASURE);
    }

    /** Crosses where two sheets are laid over one another. */
    private void seams(PDPageContentStream out) throws IOException {
        stroke(out, Kind.CENTRE);
        for (int column = 1; column < columns; column++) {
            cross(out, column * (roomX - OVERLAP) + OVERLAP / 2, template.height() / 2);
        }
        for (int row = 1; row < rows; row++) {
            cross(out, template.width() / 2, row * (roomY - OVERLAP) + OVERLAP / 2);
        }
    }

    private static void cross(PDPageContentStream out, double x, double y) throws IOException {
        out.moveTo((float) x - 4, (float) y);
        out.lineTo((float) x + 4, (float) y);
        out.moveTo((float) x, (float) y - 4);
        out.lineTo((float) x, (float) y + 4);
        out.stroke();
    }

    private static void mark(PDPageContentStream out, PDFont font, Template.Mark mark) throws IOException {
        if (mark instanceof Line l) {
            stroke(out, l.kind());
            out.moveTo((float) l.x1(), (float) l.y1());
            out.lineTo((float) l.x2(), (float) l.y2());
            out.stroke();
        } else if (mark instanceof Circle c) {
            stroke(out, c.kind());
            circle(out, c.x(), c.y(), c.radius());
        } else if (mark instanceof Words w) {
            say(out, font, 3, w.x(), w.y(), w.text());
        }
    }

    private static void circle(PDPageContentStream out, double x, double y, double r) throws IOException {
        float k = (float) (QUARTER * r);
        float left = (float) (x - r);
        float right = (float) (x + r);
        float top = (float) (y + r);
        float bottom = (float) (y - r);
        float cx = (float) x;
        float cy = (float) y;
        out.moveTo(right, cy);
        out.curveTo(right, cy + k, cx + k, top, cx, top);
        out.curveTo(cx - k, top, left, cy + k, left, cy);
        out.curveTo(left, cy - k, cx - k, bottom, cx, bottom);
        out.curveTo(cx + k, bottom, right, cy - k, right, cy);
        out.stroke();
    }

    private static void say(PDPageContentStream out, PDFont font, double size, double x, double y, String words) throws IOException {
        out.beginText();
        out.setNonStrokingColor(0.08f, 0.13f, 0.11f);
        out.setFont(font, (float) size);
        out.newLineAtOffset((float) x, (float) y);
        out.showText(words);
        out.endText();
    }

    private static void stroke(PDPageContentStream out, Kind kind) throws IOException {
        boolean fold = kind == Kind.FOLD;
        out.setStrokingColor(fold ? 0.66f : 0.08f, fold ? 0.2f : 0.13f, fold ? 0.08f : 0.11f);
        out.setLineWidth(switch (kind) {
            case CUT -> 0.25f;
            case FOLD -> 0.35f;
            case CENTRE, MARK -> 0.15f;
        });
        out.setLineDashPattern(switch (kind) {
            case FOLD -> new float[]{3, 1.5f};
            case CENTRE -> new float[]{4, 1, 1, 1};
            case CUT, MARK -> new float[0];
        }, 0);
    }
}
