package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bill.Bill;
import hingeyard.core.bill.BillLine;
import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.bill.Charges;
import hingeyard.core.bill.Signature;
import hingeyard.core.order.SupplierAnswer;
import hingeyard.core.rules.ShopRules;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OfficePapersTest {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 24);
    private static final Bill BILL = new Bill("K",
            List.of(new BillLine(Source.KIT_BOX, "BOX", "Kit <1>, box", 1, "The chosen kit", "", "kit-box", "", 119000, Optional.empty(),
                    Optional.empty()),
                    new BillLine(Source.FROM_DRAWER, "W", "=SUM(A1)", 2, "why & how", "stack", "left", "C1", 240, Optional.empty(),
                            Optional.empty()),
                    new BillLine(Source.TO_ORDER, "", "Bushing", 1, "to be made", "stack", "right", ""),
                    new BillLine(Source.CONSENTED, "", "Gears", 1, "The largest is lost.", "cogs", "", ""),
                    new BillLine(Source.HANDED_BACK, "", "Cranks", 1, "bagged", "", "", "")));

    private static BillFile file(Optional<LocalDate> validUntil, List<String> changes) {
        return new BillFile(408, validUntil.isPresent() ? "Quote 2" : "Bill of materials, revision B", "Birk", "Velmora",
                List.of("Quay tourer"), BikeGeometry.draw(BikeKind.DIAMOND, FrameSurvey.empty()).bare(),
                "#2b5d8a", DAY, "Orla M.", validUntil.isPresent() ? "" : "Birk", Optional.empty(), validUntil,
                validUntil.map(v -> "Most likely ready on Tuesday. We can promise Thursday.").orElse(""), changes, BILL,
                Charges.of(BILL, 90, ShopRules.standard()));
    }

    private static String text(byte[] pdf) throws IOException {
        try (var document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    /** 1190 + 2 × 2.40 parts, 90 minutes at 60 an hour, a fifth of tax, three tenths of deposit. */
    @Test
    void aQuoteSaysWhatItCostsUntilWhenAndWhatIsAgreedOneByOne() throws IOException {
        assertThat(text(BillPdf.write(GivenShop.OWN, file(Optional.of(DAY.plusDays(14)), List.of())))).contains("Quote 2",
                "this quote stands until 7 April 2026", "We can promise Thursday.", "Kit <1>, box", "1194.80", "90.00", "256.96", "1541.76",
                "462.53",
                "Without a price yet, on top: Bushing", "each is agreed by itself", "I agree", "Day, customer's signature",
                "Parts handed back", "Lithium batteries", "24 March 2026 · Job 408", "each, CHF", "CHF 1541.76",
                "Labour, 90 min at 60 CHF an hour",
                "Terms", "Parts stay ours until then.").as("why the shop needs a part is the shop's to know").doesNotContain("why & how");
    }

    @Test
    void aBillSaysWhoAgreedAndWhatChanged() throws IOException {
        assertThat(text(BillPdf.write(GivenShop.OWN, file(Optional.empty(), List.of("2 × W instead of 1 × V")))))
                .contains("revision B", "agreed by Birk", "Other than in the revision before", "2 × W instead of 1 × V")
                .doesNotContain("I agree", "signature");
    }

    @Test
    void aCellThatASpreadsheetWouldTakeForAFormulaIsPlain() {
        assertThat(BillCsv.write(file(Optional.empty(), List.of())).lines())
                .contains("2,from-drawer,W,'=SUM(A1),2,2.40,4.80,C1,stack,why & how", "3,to-order,,Bushing,1,,,,stack,to be made");
    }

    @Test
    void labelsAreOneAPage() throws IOException {
        byte[] pdf = LabelPdf
                .write(GivenShop.OWN,
                        List.of(new LabelPdf.Label("412", List.of("Kit's box", ""), "x"), new LabelPdf.Label("413", List.of(), "y")));
        try (var document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(2);
            assertThat(document.getPage(0).getMediaBox().getWidth() / 72 * 25.4).isCloseTo(62, org.assertj.core.data.Offset.offset(0.1));
        }
        assertThatThrownBy(() -> LabelPdf.write(GivenShop.OWN, List.of())).hasMessageContaining("no labels");
    }

    @Test
    void anAnswerReadsBackAsItWasWritten() throws IOException {
        SupplierAnswer answer = new SupplierAnswer(12, "Orrinby", DAY,
                List.of(new SupplierAnswer.Line("A",
                        List.of(new SupplierAnswer.Promise(2, DAY), new SupplierAnswer.Promise(3, DAY.plusDays(7))), "", "late"),
                        new SupplierAnswer.Line("B", List.of(), "B-NEW", "")));
        assertThat(OrderJson.readAnswer(OrderJson.write(answer))).isEqualTo(answer);
        assertThat(OrderJson.answerSchema()).as("the published schema is the one that is held against")
                .isEqualTo(Files.readString(Path.of("..", "docs", "formats", "order-answer.schema.json")));
    }

    private static final String GOOD = """
            {"format": "hinge-yard-order-answer", "version": 1, "order": 12, "supplier": "O", "on": "2026-03-24",
             "lines": [{"part": "A", "promises": [{"count": 2, "on": "2026-03-24"}]}]}""";

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', value = {"\"count\": 2 | \"count\": 0 | line 2",
        "\"on\": \"2026-03-24\"}] | \"on\": \"24 March\"}] | a day such as", "\"order\": 12 | \"order\": \"x\" | line 1",
        "\"lines\" | \"rows\" | lines", "{\"part\": \"A\" | {\"part\": \"A\", \"colour\": 1 | colour",
        "\"lines\": [ | \"lines\": [{\"part\": \"A\", \"promises\": []}, | a second time", "{\"format\" | {{ | line 1"})
    void aWrongAnswerIsRefusedWithItsPlace(String what, String by, String said) {
        assertThat(OrderJson.readAnswer(GOOD).order()).isEqualTo(12);
        assertThatThrownBy(() -> OrderJson.readAnswer(GOOD.replace(what, by))).isInstanceOf(UnreadableSheetException.class)
                .hasMessageContaining(said);
    }

    /** The name as it was drawn, with whose it is, on a bill that somebody signed on the tablet; a quote has room for one. */
    @Test
    void aBillShowsTheNameThatWasDrawn() throws IOException {
        BillFile bill = file(Optional.empty(), List.of());
        Signature name = Signature.read("10,20 110,40 200,60;300,0 300,200");
        BillFile signed = new BillFile(bill.job(), bill.title(), bill.customer(), bill.kitName(), bill.bikeLines(), bill.drawing(),
                bill.paint(),
                bill.on(), bill.by(), "Edda Holm, 28 Nov 2026, signed on the tablet", Optional.of(name), bill.validUntil(), "",
                bill.changes(),
                bill.bill(), bill.charges());
        BillFile unsigned = new BillFile(signed.job(), signed.title(), signed.customer(), signed.kitName(), signed.bikeLines(),
                signed.drawing(), signed.paint(), signed.on(), signed.by(), signed.agreedBy(), Optional.empty(), signed.validUntil(), "",
                signed.changes(), signed.bill(), signed.charges());
        // Two strokes of some 60 dots each, and the words below them.
        assertThat(ink(BillPdf.write(GivenShop.OWN, signed)) - ink(BillPdf.write(GivenShop.OWN, unsigned))).isBetween(150L, 1500L);
        assertThat(text(BillPdf.write(GivenShop.OWN, signed)).split("signed on the tablet", -1)).as("beside the head, and below the name")
                .hasSize(3);
        assertThat(BillJson.write(signed)).contains("\"signature\"", name.text());
        assertThat(BillJson.write(bill)).doesNotContain("signature");
    }

    /** Dots of ink on all pages. */
    private static long ink(byte[] pdf) throws IOException {
        long dark = 0;
        try (var document = Loader.loadPDF(pdf)) {
            PDFRenderer renderer = new PDFRenderer(document);
            for (int page = 0; page < document.getNumberOfPages(); page++) {
                BufferedImage picture = renderer.renderImage(page);
                for (int x = 0; x < picture.getWidth(); x++) {
                    for (int y = 0; y < picture.getHeight(); y++) {
                        dark += (picture.getRGB(x, y) & 0xff) < 100 ? 1 : 0;
                    }
                }
            }
        }
        return dark;
    }
}
