package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The head of a paper, and what a reader's machine is told of it. */
class LetterheadTest {

    private static byte[] paper(Letterhead head) {
        return Paper.pdf(Paper.sheet(head, "Quote 1, job 12", "Job 12, \"one\" \\ two", "",
                "<h1>Quote 1</h1><table><tr><td>A</td><td>B</td></tr></table>"
                        + "<p style=\"page-break-before: always\">second page</p>"));
    }

    private static String text(PDDocument document, int page) throws IOException {
        PDFTextStripper stripper = new PDFTextStripper();
        stripper.setStartPage(page);
        stripper.setEndPage(page);
        return stripper.getText(document);
    }

    @Test
    void theHeadStandsOnTheFirstPageAndTheFootOnEach() throws IOException {
        try (PDDocument document = Loader.loadPDF(paper(GivenShop.OWN))) {
            assertThat(text(document, 1)).contains("Quay & <Sons>", "Shed 4 · Long Wharf · ext. 10", "Tax number T-4711", "1 of 2",
                    "Job 12,");
            assertThat(text(document, 2)).contains("2 of 2").doesNotContain("Shed 4", "made up");
        }
    }

    /** On every page, so that one that was torn off still says so. */
    @Test
    void aDemosPaperSaysSoOnEveryPage() throws IOException {
        try (PDDocument document = Loader.loadPDF(paper(GivenShop.DEMO))) {
            assertThat(text(document, 1)).contains(Letterhead.DEMO).doesNotContain("Tax number");
            assertThat(text(document, 2)).contains(Letterhead.DEMO);
        }
    }

    @Test
    void aShopWithoutANameHasNoHead() throws IOException {
        Letterhead nobody = new Letterhead("", List.of("Shed 4"), "", "", "", "EUR", Optional.empty(), false);
        try (PDDocument document = Loader.loadPDF(paper(nobody))) {
            assertThat(text(document, 1)).doesNotContain("Shed 4").contains("Quote 1");
        }
    }

    /** Read aloud: a title, a language, and every piece in a structure. */
    @Test
    void aPaperCanBeReadAloud() throws IOException {
        try (PDDocument document = Loader.loadPDF(paper(GivenShop.OWN))) {
            assertThat(document.getDocumentInformation().getTitle()).isEqualTo("Quote 1, job 12");
            assertThat(document.getDocumentCatalog().getLanguage()).startsWith("en");
            assertThat(document.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            assertThat(document.getDocumentCatalog().getStructureTreeRoot().getKids()).isNotEmpty();
        }
    }

    /** No sign is larger than its room, whatever its shape, and none is drawn out of shape. */
    @ParameterizedTest
    @CsvSource({"600, 200", "200, 600", "64, 64", "600, 10", "10, 600"})
    void aSignKeepsToItsRoom(int width, int height) throws IOException {
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "jpg", jpeg);
        Letterhead head = new Letterhead("Quay", List.of(), "", "", "", "EUR",
                Optional.of(new Letterhead.Sign(jpeg.toByteArray(), width, height)), false);
        String html = head.html();
        int[] mm = java.util.Arrays.stream(html.replaceAll("(?s).*width: (\\d+)mm; height: (\\d+)mm.*", "$1 $2").split(" "))
                .mapToInt(Integer::parseInt).toArray();
        assertThat(mm[0]).isBetween(1, 45);
        assertThat(mm[1]).isBetween(1, 14);
        assertThat(mm[0] == 45 || mm[1] == 14).as("as large as its room").isTrue();
        try (PDDocument document = Loader.loadPDF(paper(head))) {
            PDPage first = document.getPage(0);
            assertThat(first.getResources().getXObjectNames()).as("the picture is in it").isNotEmpty();
        }
    }
}
