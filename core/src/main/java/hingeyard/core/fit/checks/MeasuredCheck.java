package hingeyard.core.fit.checks;

import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitCheck;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A check that rests on measures: what is missing is named before anything is judged, and where a better tool could turn the answer it is
 * asked for first.
 */
abstract class MeasuredCheck implements FitCheck {

    private final String id;
    private final String title;
    private final List<Measure> needs;

    MeasuredCheck(String id, String title, Measure... needs) {
        this.id = id;
        this.title = title;
        this.needs = List.of(needs);
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public List<Measure> needs() {
        return needs;
    }

    @Override
    public final Finding assess(FitCase c) {
        Optional<String> unsaid = unsaid(c);
        if (unsaid.isPresent()) {
            return unsaid(c, finding().kit(Leaf.of("not on its sheet")), unsaid.get());
        }
        Finding.Builder finding = finding().described(f -> describe(c, f));
        List<Measure> needed = needed(c);
        List<Measure> missing = null;
        for (Measure measure : needed) {
            if (!c.survey().has(measure)) {
                missing = missing == null ? new ArrayList<>() : missing;
                missing.add(measure);
            }
        }
        return missing == null ? judge(c, finding) : missing(c, finding, missing);
    }

    /** The measures this case needs: all of them, unless a check can do with fewer. */
    List<Measure> needed(FitCase c) {
        return needs;
    }

    /** What the kit needs and publishes; said even while nothing is measured, and only when somebody looks. */
    abstract void describe(FitCase c, Finding.Builder finding);

    /** The answer; every needed measure is there. */
    abstract Finding judge(FitCase c, Finding.Builder finding);

    private Finding missing(FitCase c, Finding.Builder finding, List<Measure> missing) {
        List<Measure> never = missing.stream().filter(m -> !m.concerns(c.bike().kind())).toList();
        if (!never.isEmpty()) {
            return finding.margin(Margin.said("not on this bike")).remedy(Remedy.otherKit("Choose a kit made for this kind of bike."))
                    .is(Verdict.NO_FIT,
                            Sentence.of("This kind of bike (%s) has no %s, and this kit needs it.", c.bike().kind().label(), named(never)));
        }
        String what = named(missing);
        return finding.margin(Margin.said(Sentence.of("%s to measure", missing.size())))
                .remedy(Remedy.measure(Sentence.of("Measure: %s.", what), missing.stream().map(Measure::key).toArray(String[]::new)))
                .is(Verdict.MEASURE, Sentence.of("%s: still to be measured: %s.", title, what));
    }

    private static String named(List<Measure> measures) {
        return measures.stream().map(m -> m.title().toLowerCase(Locale.ROOT)).collect(Collectors.joining(", "));
    }

    /** The value of a measure that is there. */
    static Length value(FitCase c, LengthMeasure measure) {
        return reading(c, measure).value();
    }

    static Reading.OfLength reading(FitCase c, LengthMeasure measure) {
        return c.survey().length(measure).orElseThrow(() -> new IllegalStateException(measure.key() + " was not asked for"));
    }

    /** The bike's leaf and figure from a reading. */
    static Reading.OfLength bike(FitCase c, Finding.Builder finding, LengthMeasure measure) {
        Reading.OfLength reading = reading(c, measure);
        finding.bike(leaf(reading)).figure(measured(reading));
        return reading;
    }

    static Leaf leaf(Reading.OfLength reading) {
        return Leaf.of(Sentence.later(reading::text), Sentence.later(reading::quality));
    }

    static Figure measured(Reading.OfLength reading) {
        return Figure.measured(reading.measure().title(), reading.value(), reading.measure().key());
    }

    /** A limit that a better tool could turn. */
    static Finding unsure(Finding.Builder finding, Clearance clearance) {
        List<Measure> finer = clearance.doubt().finer();
        return finer(finding.margin(clearance.margin().flipping(true)), finer,
                Sentence.of("It comes to %s where %s is needed, and the measures behind it are only known to ± %s.", clearance.gap().told(),
                        clearance.wanted(), clearance.doubt().coarse()));
    }

    /** What was measured too coarsely to decide, each with the tool that would. */
    static Finding finer(Finding.Builder finding, List<Measure> finer, Sentence sentence) {
        String how = finer.stream().map(m -> m.title() + ": " + Doubt.toolFor(m)).collect(Collectors.joining("; "));
        return finding
                .remedy(Remedy.measure(Sentence.of("Measure again. %s.", how), finer.stream().map(Measure::key).toArray(String[]::new)))
                .is(Verdict.MEASURE, sentence);
    }

    /** A sentence about a gap that passes, with what decides where it lies on its limit. */
    static Sentence passing(Clearance clearance, Sentence sentence) {
        return clearance.onLimit() ? Sentence.of("%s That is on the limit: the dry fit decides.", sentence) : sentence;
    }

    /** A sentence about a gap that does not pass, saying so where only its guard keeps it from passing. */
    static Sentence failing(Clearance clearance, Sentence sentence) {
        return clearance.guarded() ? Sentence.of("%s It lies within ± %s of the limit, and a safety limit is not met there.", sentence,
                clearance.doubt().whole()) : sentence;
    }

    /** A property that the kit's sheet leaves out: nothing is judged without it. */
    static Finding unsaid(FitCase c, Finding.Builder finding, String property) {
        return finding.margin(Margin.said("sheet?"))
                .remedy(Remedy.sheet(Sentence.of("Ask the maker and add to the kit's sheet: %s.", property)))
                .is(Verdict.MEASURE,
                        Sentence.of("The sheet of %s does not say: %s. Nothing is promised without it.", c.kit().fullName(), property));
    }

    /** What the kit's sheet leaves out and this check cannot do without; empty when it says all. */
    Optional<String> unsaid(FitCase c) {
        return Optional.empty();
    }
}
