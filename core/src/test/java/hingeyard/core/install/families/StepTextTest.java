package hingeyard.core.install.families;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.bill.BillAssembler;
import hingeyard.core.bill.BillLine;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.Fastening;
import hingeyard.core.install.FigureWanted;
import hingeyard.core.install.Milestone;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepPlanner;
import hingeyard.core.kit.KitItem;
import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What every plan must say so that nobody is hurt and nothing is forgotten. */
class StepTextTest {

    static Stream<FitReport> matches() {
        String bracket = "bracket.standard=%s;bracket.shell-width=73";
        return Stream.of(
                Given.report(Given.survey(bracket.formatted("iso")), Given.bracketKit("76", "96", "3", 13, "60", "3.0x2"), Given.drawers("C4:4:3")),
                Given.report(Given.survey(bracket.formatted("press-41")), Given.bracketKit("70", "92", "0", 10, "60"), Given.drawers()),
                Given.report(Given.survey(Given.FORK), Given.frontHubKit("98"), Given.drawers()));
    }

    private static List<Step> plan(FitReport match) {
        return new StepPlanner(StepFamilyCatalogue.all()).plan(match).steps();
    }

    @ParameterizedTest
    @MethodSource("matches")
    void powerComesOnlyOnTheBenchAndAtTheEnd(FitReport match) {
        List<Step> steps = plan(match);
        List<String> powered = steps.stream().filter(Step::batteryIn).map(Step::key).toList();
        assertThat(powered).containsExactly("bench-power", "first-power", "functions", "ride");
        assertThat(steps.stream().filter(Step::batteryIn).filter(s -> !s.key().equals("ride"))).allSatisfy(s -> assertThat(s.cautions()).isNotEmpty());
    }

    @ParameterizedTest
    @MethodSource("matches")
    void theLastStepIsASecondPersonsSignOff(FitReport match) {
        List<Step> steps = plan(match);
        Step last = steps.get(steps.size() - 1);
        assertThat(last.key()).isEqualTo("sign-off");
        assertThat(last.hold()).isPresent();
        assertThat(steps.stream().filter(s -> s.hold().isPresent())).hasSizeGreaterThanOrEqualTo(2);
    }

    @ParameterizedTest
    @MethodSource("matches")
    void everyPartOfTheBillIsMountedByExactlyOneStep(FitReport match) {
        List<String> mounted = plan(match).stream().flatMap(s -> s.mounts().stream()).toList();
        BillAssembler.assemble(match, List.of(), List.of()).lines().stream().filter(l -> !l.role().isEmpty() && l.source() != BillLine.Source.BACK_IN_DRAWER)
                .map(BillLine::role).distinct().forEach(role -> assertThat(mounted).as(role).containsOnlyOnce(role));
        match.kit().contents().stream().filter(i -> i.piece().isEmpty()).map(KitItem::role)
                .forEach(role -> assertThat(mounted).as(role).contains(role));
    }

    @ParameterizedTest
    @MethodSource("matches")
    void torquesAreSaneAndSayWhoseFigureTheyAre(FitReport match) {
        assertThat(plan(match)).flatExtracting(Step::fastenings).isNotEmpty().allSatisfy((Fastening f) -> {
            assertThat(f.torque().least().millinewtonMetres()).isBetween(1_000L, 120_000L);
            assertThat(f.torque().greatest().millinewtonMetres()).isLessThanOrEqualTo(120_000L);
            assertThat(f.source()).isIn("kit's sheet", "shop's table");
            assertThat(f.locker()).isNotBlank();
        });
    }

    @ParameterizedTest
    @MethodSource("matches")
    void everyMilestoneThatIsNeededIsReachedAndNoKeyStandsTwice(FitReport match) {
        List<Step> steps = plan(match);
        Set<Milestone> reached = new HashSet<>();
        steps.forEach(s -> reached.addAll(s.reaches()));
        assertThat(steps).flatExtracting(Step::needs).allMatch(reached::contains);
        assertThat(steps).extracting(Step::key).doesNotHaveDuplicates().allMatch(k -> k.matches("[a-z]+(-[a-z]+)*"));
        assertThat(steps).allSatisfy(s -> assertThat(s.figures()).extracting(FigureWanted::key).doesNotHaveDuplicates());
    }

    @Test
    void windowsFollowTheKit() {
        Step bench = plan(matches().findFirst().orElseThrow()).stream().filter(s -> s.key().equals("bench-power")).findFirst().orElseThrow();
        FigureWanted volts = bench.figures().get(0);
        assertThat(volts.window()).isEqualTo("39–54.6 V");
        assertThat(volts.passes(new BigDecimal("54.6"))).isTrue();
        assertThat(volts.passes(new BigDecimal("54.7"))).isFalse();
        assertThat(FigureWanted.of("pulses", "Pulses", "", "10", "10", "count").window()).isEqualTo("10");
    }

    @Test
    void leftHandThreadsAreNamedInTheTextToo() {
        List<Step> steps = plan(matches().findFirst().orElseThrow());
        assertThat(steps.stream().filter(s -> s.key().equals("pedals-cranks-off")).findFirst().orElseThrow().text()).contains("left-handed", "clockwise");
        assertThat(steps.stream().filter(s -> s.key().equals("bracket-out")).findFirst().orElseThrow().text()).contains("left-handed");
        assertThat(steps).flatExtracting(Step::fastenings).filteredOn(Fastening::leftHand).extracting(Fastening::what).containsExactly("left pedal");
    }
}
