package hingeyard.core.fit.checks;

import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
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
import java.util.List;

/**
 * Which equal shims under both studs bring the gear's backlash into the maker's window? Measured when the drive hangs dry; before that it is said what will be
 * wanted. Raising both studs by s opens the mesh by k·s, with k = 2·tan α for a pressure angle α.
 */
final class RotorGearMeshCheck extends MeasuredCheck {

    private static final String USE = "gear-shim";
    private static final int MOST = 4;

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
        finding.kit(Leaf.of(window(c).toString(), "backlash")).figure(Figure.published("Backlash, least", window(c).least(), c.kit().code()))
                .figure(Figure.published("Backlash, most", window(c).greatest(), c.kit().code())).figure(c.rules().figure(NumberRule.MESH_OPENING));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        return c.survey().length(RearMeasures.GEAR_BACKLASH).map(r -> measured(c, finding, r))
                .orElseGet(() -> finding.bike(Leaf.of("", "when the drive hangs dry")).margin(Margin.said("set at mounting"))
                        .remedy(Remedy.work("wheels", 10, "Measure the backlash with the drive hung dry, enter it, and take the shims named then; both studs alike."))
                        .is(Verdict.FITS_WITH, Sentence.of("The mesh is set by equal shims under both studs once the drive hangs: backlash of %s is wanted.", window(c))));
    }

    private static Finding measured(FitCase c, Finding.Builder finding, Reading.OfLength backlash) {
        bike(c, finding, RearMeasures.GEAR_BACKLASH);
        Band window = window(c);
        Length value = backlash.value();
        if (window.encloses(Band.around(value, backlash.plusMinus()))) {
            return finding.margin(Margin.spare(value.minus(window.least()).min(window.greatest().minus(value)))).is(Verdict.FITS, Sentence.of("Backlash of %s lies inside %s: the shims stay as they are.", value, window));
        }
        if (window.contains(value)) {
            Length finer = value.minus(window.least()).min(window.greatest().minus(value));
            return unsure(finding, new Clearance(finer, backlash.plusMinus(), Length.ZERO), RearMeasures.GEAR_BACKLASH);
        }
        double opening = c.rules().number(NumberRule.MESH_OPENING);
        Length least = shims(window.least().minus(value), opening, true);
        Length most = shims(window.greatest().minus(value), opening, false);
        finding.figure(Figure.computed("Shims under each stud, at least", least, "(wanted − measured) / k")).figure(Figure.computed("Shims under each stud, at most", most, "(wanted − measured) / k"))
                .remedy(Remedy.work("wheels", 10, "Set both levers' preload again after the shims, in the small steps the kit names; then measure once more."));
        return value.isMoreThan(window.greatest()) ? takeOut(finding, value, window, most.abs(), least.abs()) : putIn(c, finding, value, new Band(least, most));
    }

    /** Rounded into the window: up at its lower end, down at its upper. */
    private static Length shims(Length opening, double k, boolean up) {
        double micrometres = opening.micrometres() / k;
        return Length.ofMicrometres((long) (up ? Math.ceil(micrometres) : Math.floor(micrometres)));
    }

    private static Finding takeOut(Finding.Builder finding, Length value, Band window, Length least, Length most) {
        return finding.margin(Margin.said(Sentence.of("%s too loose", value.minus(window.greatest()))))
                .remedy(Remedy.work("wheels", 10, Sentence.of("Take %s to %s of shims from under each stud, the same from both.", least, most)))
                .is(Verdict.FITS_WITH, Sentence.of("Backlash of %s is more than %s: the gear would skip. %s to %s of shims come out from under each stud.", value, window.greatest(), least, most));
    }

    private static Finding putIn(FitCase c, Finding.Builder finding, Length value, Band wanted) {
        Length tight = window(c).least().minus(value);
        StackAnswer answer = OneSided.solve(c, USE, 2, wanted, wanted.middle(), MOST);
        finding.margin(Margin.said(Sentence.of("%s too tight", tight)));
        if (answer.best().isEmpty()) {
            return finding.remedy(Needs.buy(Sentence.of("Gear shim, %s", wanted), 2, USE))
                    .is(Verdict.FITS_WITH, Sentence.of("Backlash of %s is %s too little: shims of %s under each stud are wanted, and no drawer has two equal sets.", value, tight, wanted));
        }
        Length sum = answer.best().get().sums().get(0);
        return finding.remedies(OneSided.parts(answer.best().get(), USE, 2))
                .exhibit(() -> OneSided.section(USE, "Shims under each stud, both alike", "brake mount", "stud's collar", answer, wanted))
                .is(Verdict.FITS_WITH, Sentence.of("Backlash of %s is %s too little: %s of shims under each stud open the mesh into %s.", value, tight, sum, window(c)));
    }
}
