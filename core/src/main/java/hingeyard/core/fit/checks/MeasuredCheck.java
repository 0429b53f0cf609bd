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
import java.util.stream.Collectors;

/** A check that rests on measures: what is missing is named before anything is judged, and a limit inside the uncertainty is never judged. */
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
            return finding.margin(Margin.said("not on this bike")).remedy(Remedy.otherKit("A kit that is made for this kind of bike."))
                    .is(Verdict.NO_FIT, Sentence.of("A bike of this kind (%s) has no %s, and this kit needs it.", c.bike().kind().label(), named(never)));
        }
        String what = named(missing);
        return finding.margin(Margin.said(Sentence.of("%s to measure", missing.size())))
                .remedy(Remedy.measure(Sentence.of("Take: %s.", what), missing.stream().map(Measure::key).toArray(String[]::new)))
                .is(Verdict.MEASURE, Sentence.of("%s cannot be told yet; not taken: %s.", title, what));
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
        finding.bike(Leaf.of(reading.value(), reading.quality())).figure(measured(reading));
        return reading;
    }

    static Figure measured(Reading.OfLength reading) {
        return Figure.measured(reading.measure().title(), reading.value(), reading.measure().key());
    }

    /** A limit that lies inside the uncertainty of what was measured. */
    static Finding unsure(Finding.Builder finding, Clearance clearance, Measure... finer) {
        Length to = clearance.spare().abs();
        String how = to.equals(Length.ZERO) ? "finer, or try it dry" : "to ± " + to + " or finer";
        return finding.margin(clearance.margin().flipping(true))
                .remedy(Remedy.measure(Sentence.of("Measure again %s.", how), List.of(finer).stream().map(Measure::key).toArray(String[]::new)))
                .is(Verdict.MEASURE, Sentence.of("It comes to %s where %s are wanted, and the measures behind it are known to ± %s only.", clearance.gap(), clearance.wanted(), clearance.plusMinus()));
    }
}
