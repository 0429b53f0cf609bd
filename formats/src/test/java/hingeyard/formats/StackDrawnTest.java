package hingeyard.formats;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Cases;
import hingeyard.core.GivenBike;
import hingeyard.core.GivenKits;
import hingeyard.core.explain.Finding;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepPlanner;
import hingeyard.core.install.Work;
import hingeyard.core.quantity.Length;
import hingeyard.core.stack.StackSection;
import hingeyard.core.stack.StackSection.Layer;
import hingeyard.core.stack.StackSection.Role;
import hingeyard.core.stack.StackSection.Span;
import hingeyard.core.stack.StackSection.SpanKind;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Every kind of stack is drawn to scale in the match, on the step that mounts it and on the printed sheets. */
class StackDrawnTest {

    private static final String PAINT = "#2f6f5b";

    static Stream<Arguments> stacks() {
        return Cases.of("/hingeyard/formats/stacks.txt");
    }

    private static FitReport report(String kit, String bike, String drawers) {
        return GivenBike.of(bike).report(GivenKits.kit(kit), GivenKits.drawers(drawers));
    }

    private static StackSection section(FitReport report, String check) {
        Finding finding = report.findings().stream().filter(f -> f.checkId().equals(check)).findFirst().orElseThrow();
        return (StackSection) finding.exhibit().orElseThrow(() -> new AssertionError(finding.sentence()));
    }

    @ParameterizedTest(name = "{0} {3}")
    @MethodSource("stacks")
    void layersLieOnOneAnotherAndEndWhereTheyMay(String kit, String bike, String drawers, String check, String pieces, String step) {
        StackSection section = section(report(kit, bike, drawers), check);
        List<Layer> layers = section.layers();
        assertThat(layers.stream().filter(l -> l.role() == Role.SPACER).map(l -> l.thickness().text() + " " + l.place()).toList())
                .containsExactly(pieces.split(", "));
        for (int i = 1; i < layers.size(); i++) {
            assertThat(layers.get(i).from()).as(layers.get(i).name())
                    .isEqualTo(layers.get(i - 1).from().plus(layers.get(i - 1).thickness()));
        }
        Span wanted = span(section, SpanKind.WANTED);
        Span worst = span(section, SpanKind.WORST_CASE);
        Length end = worst.from().plus(worst.to()).half();
        assertThat(end).isBetween(wanted.from(), wanted.to());
        assertThat(layers).as("something stands where they end")
                .anyMatch(l -> l.from().equals(end) || l.from().plus(l.thickness()).equals(end));
        assertThat(section.note()).contains("piece");
    }

    private static Span span(StackSection section, SpanKind kind) {
        return section.spans().stream().filter(s -> s.kind() == kind).findFirst().orElseThrow();
    }

    @ParameterizedTest(name = "{0} {3}")
    @MethodSource("stacks")
    void theStepThatMountsItShowsItAndSoDoThePapers(String kit, String bike, String drawers, String check, String pieces, String key) {
        FitReport report = report(kit, bike, drawers);
        StackSection section = section(report, check);
        List<Step> shown = new StepPlanner(StepLibraryFiles.shipped().library()).plan(Work.of(report)).steps().stream()
                .filter(s -> s.exhibitOf().filter(check::equals).isPresent() && s.shows(section)).toList();
        assertThat(shown).extracting(Step::key).contains(key);
        String paper = ExhibitPaper.html(section, PAINT);
        assertThat(paper).contains(Paper.escaped(section.title()), "<svg", "may end here");
        section.layers().stream().filter(l -> l.role() != Role.APART).forEach(l -> assertThat(paper).contains(Paper.escaped(l.name())));
    }
}
