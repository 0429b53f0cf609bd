package hingeyard.core.fit.checks;

import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.LimitKind;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.RotorGearDrive;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackSet;
import java.util.List;

/**
 * Which equal shims under both studs bring the gear's backlash into the maker's window? Measured when the drive hangs dry; before that it
 * is said what will be
 * wanted. Raising both studs by s opens the mesh by k·s, with k = 2·tan α for a pressure angle α.
 */
final class RotorGearMeshCheck extends MeasuredCheck {

    private static final String USE = "gear-shim";

    RotorGearMeshCheck() {
        super("rotor-gear-mesh", "Gear mesh", RearMeasures.GEAR_BACKLASH);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().rotorGear().isPresent();
    }

    /** Nothing can be measured before the drive hangs: no match waits for it. */
    @Override
    public List<Measure> needs() {
        return List.of();
    }

    @Override
    List<Measure> needed(FitCase c) {
        return List.of();
    }

    private static Band window(FitCase c) {
        RotorGearDrive drive = c.kit().drive().rotorGear().orElseThrow();
        return new Band(drive.backlashLeast(), drive.backlashMost());
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(window(c).toString(), "backlash"))
                .figure(Figure.published("Backlash, least", window(c).least(), c.kit().code()))
                .figure(Figure.published("Backlash, most", window(c).greatest(), c.kit().code()))
                .figure(c.rules().figure(NumberRule.MESH_OPENING));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        return c.survey().length(RearMeasures.GEAR_BACKLASH).map(r -> measured(c, finding, r))
                .orElseGet(() -> finding.bike(Leaf.of("", "when the drive hangs dry")).margin(Margin.said("set at mounting"))
                        .remedy(Remedy.work("wheels", 10,
                                "Measure the backlash with the drive hung dry, enter it, and fit the shims named then, the same under both studs."))
                        .is(Verdict.FITS_WITH, Sentence.of(
                                "Once the drive hangs, the mesh is set with equal shims under both studs, until the backlash is inside %s.",
                                window(c))));
    }

    private static Finding measured(FitCase c, Finding.Builder finding, Reading.OfLength backlash) {
        bike(c, finding, RearMeasures.GEAR_BACKLASH);
        Band window = window(c);
        Length value = backlash.value();
        Clearance inside = new Clearance(value.minus(window.least()).min(window.greatest().minus(value)), Doubt.of(backlash), Length.ZERO,
                LimitKind.MAKERS);
        if (inside.answer() == Clearance.Answer.UNSURE) {
            return unsure(finding, inside);
        }
        if (inside.answer() == Clearance.Answer.ENOUGH) {
            return finding.margin(inside.margin()).is(Verdict.FITS,
                    passing(inside, Sentence.of("The backlash of %s is inside %s: leave the shims as they are.", value, window)));
        }
        double opening = c.rules().number(NumberRule.MESH_OPENING);
        Length least = shims(window.least().minus(value), opening, true);
        Length most = shims(window.greatest().minus(value), opening, false);
        finding.figure(Figure.computed("Shims under each stud, at least", least, "(wanted − measured) / k"))
                .figure(Figure.computed("Shims under each stud, at most", most, "(wanted − measured) / k"))
                .remedy(Remedy.work("wheels", 10,
                        "After changing shims set the preload of both levers again, in the small steps the kit names; then measure once more."));
        return value.isMoreThan(window.greatest()) ? takeOut(finding, value, window, most.abs(), least.abs())
                : putIn(c, finding, value, new Band(least, most));
    }

    /** Rounded into the window: up at its lower end, down at its upper. */
    private static Length shims(Length opening, double k, boolean up) {
        double micrometres = opening.micrometres() / k;
        return Length.ofMicrometres((long) (up ? Math.ceil(micrometres) : Math.floor(micrometres)));
    }

    private static Finding takeOut(Finding.Builder finding, Length value, Band window, Length least, Length most) {
        return finding.margin(Margin.said(Sentence.of("%s too loose", value.minus(window.greatest()))))
                .remedy(Remedy.work("wheels", 10,
                        Sentence.of("Take %s of shims from under each stud, the same from both.", new Band(least, most))))
                .is(Verdict.FITS_WITH,
                        Sentence.of("The backlash of %s is more than %s and the gear would skip: take %s of shims from under each stud.",
                                value, window.greatest(), new Band(least, most)));
    }

    private static Finding putIn(FitCase c, Finding.Builder finding, Length value, Band wanted) {
        Length tight = window(c).least().minus(value);
        StackAnswer answer = OneSided.solve(c, USE, 2, wanted, wanted.middle(), StackWords.mostPerSide(c));
        finding.margin(Margin.said(Sentence.of("%s too tight", tight)));
        StackSet set = answer.inPlace().orElseThrow();
        Length sum = set.sums().get(0);
        return finding.remedies(OneSided.parts(c, set, USE, 2))
                .exhibit(() -> OneSided.section(USE, "Shims under each stud, both alike", "brake mount", "stud's collar", answer, wanted))
                .is(Verdict.FITS_WITH,
                        Sentence.of("The backlash of %s is %s too little: put %s of shims under each stud to bring it inside %s.%s", value,
                                tight, sum, window(c), answer.best().isPresent() ? "" : " The drawers do not hold two equal sets."));
    }
}
