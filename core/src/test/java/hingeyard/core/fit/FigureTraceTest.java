package hingeyard.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.core.booking.LegalClass;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Origin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Remedy.Kind;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.checks.FitCheckCatalogue;
import hingeyard.core.kit.Kit;
import hingeyard.core.rules.Rule;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.Drawers;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * A number on a screen can be traced: every figure of every finding of every family names a measure, a sheet, a rule or how it was worked
 * out.
 */
class FigureTraceTest {

    private static final FitAssessor ASSESSOR = new FitAssessor(FitCheckCatalogue.all());
    private static final Drawers DRAWERS = GivenKits.drawers(
            "S1 bracket-spacer 3 t=1 i=34 o=42;S2 bracket-spacer 2 t=2.5 i=34 o=42;W1 axle-washer 4 t=1 i=12.2 o=22;AD plug-adapter 2 plug=blade>bullet@30");
    private static final List<String> BIKES = List.of("", "bracket.shell-width=83", "front.fork-material=aluminium",
            "rear.over-locknut=142", "bars.straight-length=150", "triangle.down-tube=520",
            "bracket.height=210", "rear.recess-diameter=22;rear.recess-depth=1.5", "bike.permitted-mass=100");

    static Stream<String> families() {
        return GivenKits.families().stream();
    }

    private static List<Finding> findings(String family) {
        Kit kit = GivenKits.kit(family);
        RiderNeed need = new RiderNeed(Map.of(NeedAmount.DISTANCE, 20_000L, NeedAmount.RIDER, 82_000L, NeedAmount.CARGO, 9_000L), Set.of(),
                LegalClass.CLASS_A);
        List<Finding> all = new ArrayList<>();
        for (String bike : BIKES) {
            FitCase.Bike measured = new FitCase.Bike(BikeKind.DIAMOND, Given.survey(GivenKits.bike(bike)), need, Set.of());
            all.addAll(ASSESSOR.assess(new FitCase(measured, kit, DRAWERS, ShopRules.standard())).findings());
        }
        return all;
    }

    @ParameterizedTest
    @MethodSource("families")
    void everyFigureNamesWhereItCameFrom(String family) {
        for (Finding finding : findings(family)) {
            for (Figure figure : finding.figures()) {
                String what = finding.checkId() + ": " + figure.label();
                assertThat(figure.source()).as(what).isNotBlank();
                assertThat(figure.label()).as(what).isNotBlank();
                assertThat(figure.amount().text()).as(what).isNotBlank();
                if (figure.origin() == Origin.MEASURED) {
                    assertThat(MeasureCatalogue.find(figure.source())).as(what + " from " + figure.source()).isPresent();
                }
                if (figure.origin() == Origin.SHOP_RULE) {
                    assertThat(Rule.all()).as(what + " from " + figure.source())
                            .anyMatch(r -> r.key().equals(figure.source()) || r.key().startsWith(figure.source() + "."));
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("families")
    void everyNoAndEveryPartSaysWhatToDo(String family) {
        for (Finding finding : findings(family)) {
            assertThat(finding.sentence()).as(finding.checkId()).endsWith(".").doesNotContain("%s", "null", "Optional");
            assertThat(finding.margin().text()).as(finding.checkId()).isNotBlank();
            if (finding.verdict() == Verdict.NO_FIT) {
                assertThat(finding.remedies()).as(finding.checkId()).isNotEmpty();
            }
            for (Remedy remedy : finding.remedies()) {
                assertThat(remedy.text()).as(finding.checkId()).isNotBlank();
                assertThat(remedy.part().isPresent()).as(remedy.text())
                        .isEqualTo(Set.of(Kind.PART, Kind.BUY, Kind.MAKE).contains(remedy.kind()));
                assertThat(remedy.work().isPresent()).as(remedy.text()).isEqualTo(remedy.kind() == Kind.WORK);
                assertThat(remedy.measures().isEmpty()).as(remedy.text()).isEqualTo(remedy.kind() != Kind.MEASURE);
                remedy.measures().forEach(m -> assertThat(MeasureCatalogue.find(m)).as(m).isPresent());
            }
        }
    }

    /**
     * What a check measures is what it asks for: a figure that was measured stands among its needs, or it could be judged without being
     * asked for.
     */
    @ParameterizedTest
    @MethodSource("families")
    void whatIsMeasuredIsAskedFor(String family) {
        Map<String, Set<String>> needs = new java.util.HashMap<>();
        FitCheckCatalogue.all().forEach(c -> c.needs().forEach(m -> needs.computeIfAbsent(c.id(), k -> new HashSet<>()).add(m.key())));
        for (Finding finding : findings(family)) {
            finding.figures().stream().filter(f -> f.origin() == Origin.MEASURED)
                    .filter(f -> !needs.getOrDefault(finding.checkId(), Set.of()).contains(f.source()))
                    .forEach(f -> assertThat(FitCheckCatalogue.all().stream().flatMap(c -> c.needs().stream()).map(m -> m.key()))
                            .as(finding.checkId() + " rests on " + f.source()).contains(f.source()));
        }
    }

    @Test
    void withNothingMeasuredNothingIsGuessed() {
        for (String family : GivenKits.families()) {
            FitCase.Bike unknown = new FitCase.Bike(BikeKind.DIAMOND, Given.survey(""), RiderNeed.none(), Set.of());
            for (Finding finding : ASSESSOR.assess(new FitCase(unknown, GivenKits.kit(family), DRAWERS, ShopRules.standard())).findings()) {
                assertThat(finding.figures()).as(finding.checkId()).noneMatch(f -> f.origin() == Origin.MEASURED);
                boolean needsSomething = FitCheckCatalogue.all().stream().filter(c -> c.id().equals(finding.checkId()))
                        .anyMatch(c -> !c.needs().isEmpty());
                if (needsSomething && finding.verdict() == Verdict.MEASURE) {
                    assertThat(finding.remedies()).as(finding.checkId()).anyMatch(r -> r.kind() == Kind.MEASURE && !r.measures().isEmpty());
                }
            }
        }
    }
}
