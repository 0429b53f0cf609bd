package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.Reading;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.FrameDrive;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;

/** Do the motor's pins meet the frame's bores? */
final class MotorPinsCheck extends MeasuredCheck {

    /** Bores this far from the pins still take them: bushes have that much play. */
    private static final Length SPACING_PLAY = Length.ofMicrometres(300);
    /** Paint on both walls of a bore; more is another pin's bore. */
    private static final Length TIGHT = Length.ofMicrometres(200);

    MotorPinsCheck() {
        super("motor-pins", "Motor pins", BracketMeasures.PIN_SPACING, BracketMeasures.PIN_BORE);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().frameMade().isPresent();
    }

    @Override
    public boolean approvable() {
        return true;
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        FrameDrive drive = c.kit().drive().frameMade().orElseThrow();
        finding.kit(Leaf.of(Sentence.of("pins %s apart", drive.pinSpacing()), Sentence.of("Ø %s", drive.pinDiameter()))).figure(Figure.published("Pins apart", drive.pinSpacing(), c.kit().code()))
                .figure(Figure.published("Pins' diameter", drive.pinDiameter(), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        FrameDrive drive = c.kit().drive().frameMade().orElseThrow();
        Reading.OfLength spacing = bike(c, finding, BracketMeasures.PIN_SPACING);
        Reading.OfLength bore = reading(c, BracketMeasures.PIN_BORE);
        Length off = spacing.value().minus(drive.pinSpacing());
        Length play = bore.value().minus(drive.pinDiameter());
        finding.figure(measured(bore)).figure(Figure.computed("Bores off the pins by", off, "bores' spacing − pins'")).margin(Margin.spare(off));
        Clearance pattern = Clearance.within(off, spacing.plusMinus(), SPACING_PLAY);
        if (pattern.answer() == Clearance.Answer.SHORT) {
            return finding.neverOverridden().remedy(Remedy.otherKit(Sentence.of("The motor this frame was made for: its pins must be %s apart.", spacing.value())))
                    .is(Verdict.NO_FIT, Sentence.of("The frame's bores are %s apart, the motor's pins %s: this frame was made for another motor.", spacing.value(), drive.pinSpacing()));
        }
        if (pattern.answer() == Clearance.Answer.UNSURE) {
            return unsure(finding, pattern, BracketMeasures.PIN_SPACING);
        }
        Clearance pins = new Clearance(play, bore.plusMinus(), Length.ZERO);
        if (pins.answer() == Clearance.Answer.SHORT) {
            return tight(c, finding, play);
        }
        if (pins.answer() == Clearance.Answer.UNSURE) {
            return unsure(finding, pins, BracketMeasures.PIN_BORE);
        }
        return finding.is(Verdict.FITS, Sentence.of("Pins and bores are both %s apart within %s; the pins go in by hand.", drive.pinSpacing(), SPACING_PLAY));
    }

    private Finding tight(FitCase c, Finding.Builder finding, Length play) {
        boolean allowed = c.bike().approvals().contains(id());
        if (play.abs().isMoreThan(TIGHT) || !allowed) {
            return finding.margin(Margin.spare(play)).remedy(Remedy.otherKit("The frame maker's written word that the bores may be reamed, attached to the job."))
                    .is(Verdict.NO_FIT, Sentence.of("The pin bores are %s too tight; they are reamed only where the frame maker allows it in writing.", play.abs()));
        }
        return finding.margin(Margin.spare(play)).remedy(Remedy.work("machining", 25, Sentence.of("Ream the pin bores by %s, as the frame maker allows.", play.abs())))
                .is(Verdict.FITS_WITH, Sentence.of("The pin bores are %s tight; the frame maker allows reaming.", play.abs()));
    }
}
