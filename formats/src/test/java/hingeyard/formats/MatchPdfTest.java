package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.fit.FitAssessor;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitReport;
import hingeyard.core.fit.checks.FitCheckCatalogue;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.Drawers;
import java.time.LocalDate;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MatchPdfTest {

    @ParameterizedTest
    @ValueSource(strings = {"mid", "front", "rear-cassette", "roller", "arm"})
    void everyCheckFigureAndSourceIsOnThePaper(String family) throws Exception {
        var survey = Given.survey(GivenKits.BIKE);
        FitReport report = new FitAssessor(FitCheckCatalogue.all())
                .assess(new FitCase(survey, GivenKits.kit(family), Drawers.empty(), ShopRules.standard()));
        byte[] pdf = MatchPdf.write(GivenShop.OWN, new MatchPdf.Head(412, "Żofia & <Sons>", List.of("Quay tourer 56", ""),
                BikeGeometry.draw(BikeKind.DIAMOND, survey).bare(), "#2f6f5b", LocalDate.of(2026, 3, 24),
                List.of("Lug under the shell: plate turned"), "Screening only."), report);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            assertThat(text).contains("Żofia & <Sons>", "Screening only.", "Lug under the shell", "24 March 2026", report.headline());
            for (Finding f : report.findings()) {
                assertThat(text).contains(f.title(), f.sentence().replaceAll("\\s+", " "));
                for (Figure figure : f.figures()) {
                    assertThat(text).as(f.checkId()).contains(figure.label(), figure.amount().text());
                }
            }
        }
    }
}
