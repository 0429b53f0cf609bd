package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.FrameSurvey;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class TagPdfTest {

    private static final String LINK = "http://127.0.0.1:8140/jobs/412/sheet";

    @ParameterizedTest
    @EnumSource(BikeKind.class)
    void isOneA6PageWithItsNumberAndACodeThatOpensTheJob(BikeKind kind) throws Exception {
        byte[] pdf = TagPdf.write(GivenShop.OWN,
                new TagPdf.Tag(412, "Łukasz Дмитрий & <Sons>", "ext. 7", "Quay \u0007tourer 56", kind.label(),
                        "QT56-3107", LocalDate.of(2026, 3, 24),
                        "mid-drive kit", List.of("hills both ways", "", "38 km a day"), "#2f6f5b",
                        BikeGeometry.draw(kind, FrameSurvey.empty()).bare(), LINK));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(document.getPage(0).getMediaBox().getWidth()).isBetween(419f, 420f);
            assertThat(new PDFTextStripper().getText(document)).contains("412", "Łukasz Дмитрий & <Sons>", "frame QT56-3107",
                    "Tue 24 March", "hills both ways");
            var picture = new PDFRenderer(document).renderImageWithDPI(0, 200);
            assertThat(
                    new QRCodeReader().decode(new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(picture)))).getText())
                    .isEqualTo(LINK);
        }
        keep(kind, pdf);
    }

    private static void keep(BikeKind kind, byte[] pdf) throws IOException {
        Files.createDirectories(Path.of("target", "papers"));
        Files.write(Path.of("target", "papers", "tag-" + kind.name().toLowerCase() + ".pdf"), pdf);
    }
}
