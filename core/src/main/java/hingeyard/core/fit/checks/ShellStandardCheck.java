package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.ShellStandard;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import java.util.List;
import java.util.Optional;

/**
 * Does the motor's axle tube pass the shell, and does it sit there without rattling? What was measured inside counts before what the
 * standard says.
 */
final class ShellStandardCheck extends MeasuredCheck {

    /** More room than this round the tube and it must be sleeved to sit centred. */
    private static final Length SLEEVE_FROM = Length.ofMillimetres("1.5");
    /** A thread that is tighter than its standard by more than this was measured over its crests, or is of another standard. */
    private static final Length OTHER_STANDARD = Length.ofMillimetres(1);

    ShellStandardCheck() {
        super("shell-standard", "Shell standard", BracketMeasures.STANDARD, BracketMeasures.BORE);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().bracket().isPresent();
    }

    /** The standard tells the diameter; where somebody measured it, the measure does. */
    @Override
    List<Measure> needed(FitCase c) {
        return List.of(BracketMeasures.STANDARD);
    }

    private static Length tube(FitCase c) {
        return c.kit().drive().bracket().orElseThrow().axleTubeDiameter();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(Sentence.of("axle tube Ø %s", tube(c)))).figure(Figure.published("Axle tube diameter", tube(c), c.kit().code()))
                .figure(c.rules().figure("Clearance needed", LengthRule.AXLE_TUBE_CLEARANCE));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        ShellStandard standard = c.survey().choice(BracketMeasures.STANDARD).orElseThrow();
        Optional<Length> nominal = standard.minorDiameter();
        if (nominal.isEmpty()) {
            return finding.bike(Leaf.of(standard.label())).margin(Margin.said("no shell"))
                    .remedy(Remedy.otherKit("Choose a hub kit: it needs no bottom bracket shell."))
                    .is(Verdict.NO_FIT, "The frame has no bottom bracket shell, and this motor hangs in one.");
        }
        Optional<Reading.OfLength> bore = c.survey().length(BracketMeasures.BORE);
        if (bore.filter(b -> b.value().minus(nominal.get()).abs().isMoreThan(OTHER_STANDARD)).isPresent()) {
            return finding.bike(leaf(bore.get())).figure(measured(bore.get())).margin(Margin.said("do not agree"))
                    .remedy(Remedy.measure("Measure the bore again and check the standard.", BracketMeasures.STANDARD.key(),
                            BracketMeasures.BORE.key()))
                    .is(Verdict.MEASURE, Sentence.of("The bore measures %s, but a shell %s has %s: one of the two is wrong.",
                            bore.get().value(), standard.label(), nominal.get()));
        }
        Length inside = bore.map(Reading.OfLength::value).orElse(nominal.get());
        finding.bike(bore.map(b -> Leaf.of(Sentence.of("%s, bore %s", standard.label(), b.value()), Sentence.later(b::quality)))
                .orElseGet(() -> Leaf.of(standard.label())))
                .figure(bore.map(MeasuredCheck::measured)
                        .orElseGet(() -> Figure.limit("Narrowest diameter inside", inside, "shell standard")));
        return passes(c, finding, standard, new Clearance(inside.minus(tube(c)), bore.map(Doubt::of).orElse(Doubt.NONE),
                c.rules().value(LengthRule.AXLE_TUBE_CLEARANCE)), inside);
    }

    private static Finding passes(FitCase c, Finding.Builder finding, ShellStandard standard, Clearance clearance, Length inside) {
        Length tube = tube(c);
        finding.margin(clearance.margin())
                .figure(Figure.computed("Clearance round the tube", clearance.gap(), "narrowest diameter − tube"));
        if (clearance.answer() == Clearance.Answer.UNSURE) {
            return unsure(finding, clearance);
        }
        // A tube that is thicker than the bore by its measure does not go in, whatever the caliper may be off.
        if (clearance.answer() == Clearance.Answer.SHORT || clearance.gap().isNegative()) {
            return finding.remedy(Remedy.otherKit("Choose a kit with a thinner axle tube."))
                    .is(Verdict.NO_FIT,
                            Sentence.of("The axle tube of %s does not pass the shell, which is %s inside; %s of clearance is needed.", tube,
                                    inside, clearance.wanted()));
        }
        if (clearance.gap().isMoreThan(SLEEVE_FROM)) {
            return finding
                    .remedy(Needs.drawerOrBuy(c, "sleeve-" + standard.code(), 1, p -> true, "sleeve",
                            Sentence.of("Sleeve adapter for a shell %s", standard.label())))
                    .remedy(Remedy.work("machining", 35, "Press in the sleeve and check that it is concentric."))
                    .is(Verdict.FITS_WITH, Sentence.of("The bore of %s is %s wider than the axle tube: it needs a sleeve adapter.", inside,
                            clearance.gap().told()));
        }
        return finding.is(Verdict.FITS, passing(clearance,
                Sentence.of("The axle tube of %s passes the shell, %s inside, with %s of clearance.", tube, inside, clearance.gap())));
    }
}
