package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.ShellStandard;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitCheck;
import hingeyard.core.kit.BracketDrive;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import java.util.List;
import java.util.Optional;

/** Does the motor's axle tube pass the shell, and does it sit there without rattling? */
final class ShellStandardCheck implements FitCheck {

    /** More room than this round the tube and it must be sleeved to sit centred. */
    private static final Length SLEEVE_FROM = Length.ofMillimetres("1.5");

    @Override
    public String id() {
        return "shell-standard";
    }

    @Override
    public String title() {
        return "Shell standard";
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().bracket().isPresent();
    }

    @Override
    public List<Measure> needs() {
        return List.of(BracketMeasures.STANDARD);
    }

    @Override
    public Finding assess(FitCase c) {
        BracketDrive drive = c.kit().drive().bracket().orElseThrow();
        Length tube = drive.axleTubeDiameter();
        Finding.Builder finding = finding().kit(Leaf.of(Sentence.of("axle tube Ø %s", tube)))
                .figure(Figure.published("Axle tube diameter", tube, c.kit().code()))
                .figure(c.rules().figure("Clearance wanted", LengthRule.AXLE_TUBE_CLEARANCE));
        Optional<ShellStandard> standard = c.survey().choice(BracketMeasures.STANDARD);
        if (standard.isEmpty()) {
            return finding.margin(Margin.said("standard?"))
                    .remedy(Remedy.measure("Find out the shell standard.", BracketMeasures.STANDARD.key()))
                    .is(Verdict.MEASURE, "Which standard the bottom bracket shell has is not known yet.");
        }
        finding.bike(Leaf.of(standard.get().label()));
        if (standard.get().minorDiameter().isEmpty()) {
            return finding.margin(Margin.said("no shell"))
                    .remedy(Remedy.otherKit("A hub kit needs no bracket shell."))
                    .is(Verdict.NO_FIT, "The frame has no bottom bracket shell, and this motor hangs in one.");
        }
        return passes(c, tube, standard.get(), finding);
    }

    private static Finding passes(FitCase c, Length tube, ShellStandard standard, Finding.Builder finding) {
        Length inside = standard.minorDiameter().orElseThrow();
        Length wanted = c.rules().value(LengthRule.AXLE_TUBE_CLEARANCE);
        Length clearance = inside.minus(tube);
        finding.margin(Margin.of(clearance, wanted))
                .figure(Figure.limit("Narrowest diameter inside", inside, "shell standard"))
                .figure(Figure.computed("Clearance round the tube", clearance, "narrowest diameter − tube"));
        if (clearance.isLessThan(wanted)) {
            return finding.remedy(Remedy.otherKit("A kit with a thinner axle tube."))
                    .is(Verdict.NO_FIT, Sentence.of("The axle tube of %s does not pass the shell, which is %s inside; at least %s of clearance is wanted.", tube, inside, wanted));
        }
        if (clearance.isMoreThan(SLEEVE_FROM)) {
            return finding.remedy(sleeve(c, standard)).remedy(Remedy.work("machining", 35, "Press the sleeve and check that it is concentric."))
                    .is(Verdict.FITS_WITH, Sentence.of("The bore of %s is %s wider than the axle tube: it takes a sleeve adapter.", inside, clearance));
        }
        return finding.is(Verdict.FITS, Sentence.of("The axle tube of %s passes the shell, %s inside, with %s of clearance; %s is wanted.", tube, inside, clearance, wanted));
    }

    private static Remedy sleeve(FitCase c, ShellStandard standard) {
        String use = "sleeve-" + standard.code();
        return c.drawers().usedAs(use).stream().filter(p -> p.free() > 0).findFirst()
                .map(p -> Remedy.part(new Remedy.PartNeed(p.number(), p.name(), 1, Remedy.Supply.DRAWER, p.place(), "sleeve"),
                        "1 × " + p.name() + " from drawer " + p.place()))
                .orElseGet(() -> Remedy.part(new Remedy.PartNeed("", "Sleeve adapter for " + standard.label(), 1, Remedy.Supply.BUY, "", "sleeve"),
                        "Buy a sleeve adapter for " + standard.label() + ": none is free."));
    }
}
