package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.Shape.Ink;
import hingeyard.core.explain.Finding;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.SheetFigure;
import hingeyard.core.stock.Drawers;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every figure of every family's sheet, one after the other: beyond what it may be it is refused, and at its ends the kit is matched, drawn
 * and explained like any other, or refused for a reason of its own.
 */
class SheetFiguresTest {

    private static final Pattern FIGURE = Pattern.compile("\"-?[0-9.]+ (mm|V|A|kg|N·m)\"|(?<=\":)-?[0-9.]+(?=[,}])");
    private static final Map<String, SheetFigure> BY_UNIT = Map.of("mm", SheetFigure.LENGTH, "V", SheetFigure.VOLTAGE, "A",
            SheetFigure.CURRENT, "kg", SheetFigure.MASS, "N·m", SheetFigure.TORQUE);
    private static final FrameSurvey BIKE = Given.survey(GivenKits.BIKE);
    private static final Drawers DRAWERS = GivenKits.drawers("S1 bracket-spacer 3 t=1 i=34 o=42;W1 axle-washer 4 t=1 i=12.2 o=22");

    static Stream<String> families() {
        return GivenKits.families().stream();
    }

    private static String with(String sheet, MatchResult figure, String value) {
        String unit = figure.group(1);
        return sheet.substring(0, figure.start()) + (unit == null ? value : "\"" + value + " " + unit + "\"")
                + sheet.substring(figure.end());
    }

    private static Optional<Kit> read(String sheet) {
        try {
            return Optional.of(KitSheetJson.readOne(sheet));
        } catch (UnreadableSheetException refused) {
            assertThat(refused.getMessage()).isNotBlank();
            return Optional.empty();
        }
    }

    @ParameterizedTest
    @MethodSource("families")
    void beyondWhatItMayBeItIsRefused(String family) {
        String sheet = SheetJson.write(GivenKits.kit(family));
        List<MatchResult> figures = FIGURE.matcher(sheet).results().toList();
        assertThat(figures).as(sheet).hasSizeGreaterThan(20);
        for (MatchResult figure : figures) {
            String beyond = figure.group(1) == null ? "10000001"
                    : BY_UNIT.get(figure.group(1)).greatest().add(new BigDecimal("0.001")).toPlainString();
            assertThatThrownBy(() -> KitSheetJson.readOne(with(sheet, figure, beyond)))
                    .as("%s for %s at %d", beyond, figure.group(), figure.start())
                    .isInstanceOf(UnreadableSheetException.class);
        }
    }

    @ParameterizedTest
    @MethodSource("families")
    void whatMayBeSavedBreaksNoAnswer(String family) {
        String sheet = SheetJson.write(GivenKits.kit(family));
        List<String> matched = new ArrayList<>();
        List<String> broken = new ArrayList<>();
        FIGURE.matcher(sheet).results().forEach(figure -> {
            List<String> ends = figure.group(1) == null ? List.of("0", "1", "12", "1000", "10000000")
                    : List.of(BY_UNIT.get(figure.group(1)).least().toPlainString(), "0", "0.001", "1",
                            BY_UNIT.get(figure.group(1)).greatest().toPlainString());
            for (String end : ends) {
                read(with(sheet, figure, end)).ifPresent(kit -> {
                    matched.add(end);
                    String named = sheet.substring(Math.max(0, figure.start() - 30), figure.end());
                    try {
                        answers(kit);
                    } catch (RuntimeException | AssertionError e) {
                        broken.add("%s as %s: %s".formatted(named, end, e));
                    }
                });
            }
        });
        assertThat(broken).isEmpty();
        assertThat(matched).as("some of it may be").hasSizeGreaterThan(20);
    }

    private static void answers(Kit kit) {
        for (Finding finding : Given.report(BIKE, kit, DRAWERS).findings()) {
            assertThat(finding.sentence()).isNotBlank().doesNotContain("null", "NaN", "Infinity");
            assertThat(finding.margin().text()).isNotBlank().doesNotContain("NaN", "Infinity");
            finding.exhibit().ifPresent(e -> assertThat(e).isNotNull());
        }
        assertThat(BikeGeometry.draw(BikeKind.DIAMOND, BIKE, Optional.of(kit.drive().outline(kit.battery())), Ink.PLANNED, Ink.FITTED)
                .shapes())
                .allSatisfy(s -> assertThat(s.points()).allSatisfy(p -> assertThat(p.x() + p.y()).isFinite()));
    }
}
