package hingeyard.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * Every paper of every job of the demo, as it comes out of the printer: nothing runs over an edge, no drawing is cut by the end of a page,
 * no page of a line or two, and each says what it is and in which language.
 */
@ExtendWith(RunningApp.class)
class PapersTest {

    private static final List<String> PAPERS = List.of("papers/job-sheet.pdf", "papers/settings.pdf", "papers/guide.pdf",
            "papers/handed-back.pdf", "papers/next-check.pdf", "bill/bill.pdf", "tag.pdf", "call-off/last-bill.pdf");
    /** Points; a hair's breadth of a glyph or a line over its box is nothing that is seen. */
    private static final float HAIR = 2;
    private static final int FEWEST_LINES = 4;

    @Test
    void everyPaperIsWhole(RunningApp.App app) throws IOException {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        Map<String, List<String>> wrong = new TreeMap<>();
        int papers = 0;
        List<Long> jobs = new ArrayList<>();
        orla.get("/api/yard").body().path("bikes").forEach(b -> jobs.add(b.path("job").path("number").asLong()));
        for (long job : jobs) {
            List<String> paths = new ArrayList<>(PAPERS);
            orla.get("/api/jobs/%d/bill".formatted(job)).body().path("quotes")
                    .forEach(q -> paths.add("quotes/%d/quote.pdf".formatted(q.path("ordinal").asInt())));
            String kit = orla.get("/api/jobs/%d/bill".formatted(job)).body().path("bill").path("kitCode").asString("");
            if (!kit.isEmpty()) {
                paths.add("match/%s/match.pdf".formatted(kit));
            }
            for (String path : paths) {
                HttpResponse<byte[]> answer = orla.bytes("/api/jobs/%d/%s".formatted(job, path));
                if (answer.statusCode() == 200) {
                    papers++;
                    faults(answer.body(), path.equals("tag.pdf")).forEach(
                            f -> wrong.computeIfAbsent(
                                    path.replaceAll("\\d+|/[A-Z0-9-]+/", "…") + ": " + f.replaceAll("\"[^\"]*\"|\\d+", "…"),
                                    k -> new ArrayList<>()).add("%d: %s".formatted(job, f)));
                }
            }
        }
        String today = orla.get("/api/yard").body().path("today").asString();
        for (JsonNode paper : orla.get("/api/money/papers?from=2020-01-01&to=%s".formatted(today)).body()) {
            String number = paper.path("number").asString();
            papers++;
            faults(orla.bytes("/api/money/papers/%s/pdf".formatted(number)).body(), false)
                    .forEach(f -> wrong.computeIfAbsent(paper.path("kind").asString(), k -> new ArrayList<>()).add(number + ": " + f));
        }
        System.out.printf("papers looked at: %d of %d jobs%n", papers, jobs.size());
        assertThat(papers).isGreaterThan(120);
        assertThat(wrong).isEmpty();
    }

    /** A test that cannot fail would find nothing: the day's sheet of a demo is one of these, too. */
    @Test
    void theMorningsSheetAndTheLabelsAreWhole(RunningApp.App app) throws IOException {
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        HttpResponse<byte[]> morning = orla.bytes("/api/plan/morning.pdf");
        assertThat(morning.statusCode()).isEqualTo(200);
        assertThat(faults(morning.body(), false)).isEmpty();
    }

    private static List<String> faults(byte[] pdf, boolean tag) throws IOException {
        List<String> faults = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            if (String.valueOf(document.getDocumentInformation().getTitle()).length() < 5) {
                faults.add("no title");
            }
            if (document.getDocumentCatalog().getLanguage() == null) {
                faults.add("no language");
            }
            int page = 0;
            for (PDPage p : document.getPages()) {
                page++;
                text(document, p, page, faults, tag);
                new Drawn(p, page, faults, tag).processPage(p);
            }
        }
        return faults;
    }

    private static void text(PDDocument document, PDPage p, int page, List<String> faults, boolean tag) throws IOException {
        PDRectangle box = p.getMediaBox();
        List<Integer> lines = new ArrayList<>();
        PDFTextStripper stripper = new PDFTextStripper() {

            @Override
            protected void writeString(String text, List<TextPosition> at) {
                TextPosition first = at.get(0);
                TextPosition last = at.get(at.size() - 1);
                lines.add(Math.round(first.getYDirAdj()));
                if (first.getXDirAdj() < -HAIR || last.getXDirAdj() + last.getWidthDirAdj() > box.getWidth() - (tag ? 0 : 31) + HAIR) {
                    faults.add("page %d, over the edge: \"%s\"".formatted(page, text));
                }
                if (first.getYDirAdj() > box.getHeight() || first.getYDirAdj() < 0) {
                    faults.add("page %d, off the page: \"%s\"".formatted(page, text));
                }
            }
        };
        stripper.setStartPage(page);
        stripper.setEndPage(page);
        stripper.getText(document);
        long rows = lines.stream().distinct().count();
        if (page > 1 && rows < FEWEST_LINES) {
            faults.add("page %d of %d has %d lines".formatted(page, document.getNumberOfPages(), rows));
        }
    }

    /** Looks where lines and areas go: what goes beyond the paper's own field was cut there. */
    private static final class Drawn extends PDFGraphicsStreamEngine {

        private final Rectangle2D field;
        private final int page;
        private final List<String> faults;
        private Rectangle2D path;
        private Point2D at = new Point2D.Float();
        private List<Rectangle2D> clips = List.of();
        private final Deque<List<Rectangle2D>> saved = new ArrayDeque<>();

        private Drawn(PDPage page, int number, List<String> faults, boolean tag) {
            super(page);
            PDRectangle box = page.getMediaBox();
            float bottom = box.getHeight() > box.getWidth() ? 45 : 34;
            this.field = tag ? new Rectangle2D.Float(-HAIR, -HAIR, box.getWidth() + 2 * HAIR, box.getHeight() + 2 * HAIR)
                    : new Rectangle2D.Float(31 - HAIR, bottom - HAIR, box.getWidth() - 62 + 2 * HAIR,
                            box.getHeight() - 31 - bottom + 2 * HAIR);
            this.page = number;
            this.faults = faults;
        }

        private void add(double x, double y) {
            at = new Point2D.Double(x, y);
            if (path == null) {
                path = new Rectangle2D.Double(x, y, 0, 0);
            } else {
                path.add(x, y);
            }
        }

        private void drawn() {
            Rectangle2D seen = path;
            for (Rectangle2D clip : clips) {
                seen = seen == null || pages(clip) ? seen : intersection(seen, clip);
            }
            if (seen != null) {
                Rectangle2D ink = new Rectangle2D.Double(seen.getMinX(), seen.getMinY(), Math.max(0.01, seen.getWidth()),
                        Math.max(0.01, seen.getHeight()));
                // What lies beyond as a whole is a border that moved to the next page with its box.
                if (field.intersects(ink) && !field.contains(ink)) {
                    faults.add("page %d, a drawing is cut".formatted(page));
                }
            }
            path = null;
        }

        /** Whether a clip is the page's own: it cuts what should not have been there. */
        private boolean pages(Rectangle2D clip) {
            return clip.getWidth() > 0.9 * field.getWidth() && clip.getHeight() > 0.5 * field.getHeight();
        }

        private static Rectangle2D intersection(Rectangle2D one, Rectangle2D other) {
            double left = Math.max(one.getMinX(), other.getMinX());
            double low = Math.max(one.getMinY(), other.getMinY());
            double right = Math.min(one.getMaxX(), other.getMaxX());
            double high = Math.min(one.getMaxY(), other.getMaxY());
            return right < left || high < low ? null : new Rectangle2D.Double(left, low, right - left, high - low);
        }

        @Override
        public void saveGraphicsState() {
            super.saveGraphicsState();
            saved.push(clips);
        }

        @Override
        public void restoreGraphicsState() {
            super.restoreGraphicsState();
            clips = saved.pop();
        }

        @Override
        public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {
            add(p0.getX(), p0.getY());
            add(p2.getX(), p2.getY());
        }

        @Override
        public void drawImage(PDImage image) {
            // A picture is placed as a whole.
        }

        @Override
        public void clip(int rule) {
            if (path != null) {
                clips = Stream.concat(clips.stream(), Stream.of(path)).toList();
            }
        }

        @Override
        public void moveTo(float x, float y) {
            add(x, y);
        }

        @Override
        public void lineTo(float x, float y) {
            add(x, y);
        }

        @Override
        public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
            add(x3, y3);
        }

        @Override
        public Point2D getCurrentPoint() {
            return at;
        }

        @Override
        public void closePath() {
            // Where it began is in it already.
        }

        @Override
        public void endPath() {
            path = null;
        }

        @Override
        public void strokePath() {
            drawn();
        }

        @Override
        public void fillPath(int rule) {
            drawn();
        }

        @Override
        public void fillAndStrokePath(int rule) {
            drawn();
        }

        @Override
        public void shadingFill(COSName shading) {
            // None is used.
        }
    }
}
