package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.Reading;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.LimitKind;
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
        finding.kit(Leaf.of(Sentence.of("pins %s apart", drive.pinSpacing()), Sentence.of("Ø %s", drive.pinDiameter())))
                .figure(Figure.published("Pins apart", drive.pinSpacing(), c.kit().code()))
                .figure(Figure.published("Pins' diameter", drive.pinDiameter(), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        FrameDrive drive = c.kit().drive().frameMade().orElseThrow();
        Reading.OfLength spacing = bike(c, finding, BracketMeasures.PIN_SPACING);
        Reading.OfLength bore = reading(c, BracketMeasures.PIN_BORE);
        Length off = spacing.value().minus(drive.pinSpacing());
        Length play = bore.value().minus(drive.pinDiameter());
        finding.figure(measured(bore)).figure(Figure.computed("Bores off the pins by", off, "bores' spacing − pins'"))
                .margin(Margin.spare(off));
        Clearance pattern = Clearance.within(off, Doubt.of(spacing), SPACING_PLAY).as(LimitKind.MAKERS);
        if (pattern.answer() == Clearance.Answer.SHORT) {
            return finding.neverOverridden()
                    .remedy(Remedy
                            .otherKit(Sentence.of("Choose the motor this frame was made for; its pins must be %s apart.", spacing.value())))
                    .is(Verdict.NO_FIT,
                            Sentence.of("The frame's bores are %s apart, the motor's pins %s: this frame was made for another motor.",
                                    spacing.value(), drive.pinSpacing()));
        }
        if (pattern.answer() == Clearance.Answer.UNSURE) {
            return unsure(finding, pattern);
        }
        Clearance pins = new Clearance(play, Doubt.of(bore), Length.ZERO, LimitKind.MAKERS);
        if (pins.answer() == Clearance.Answer.SHORT) {
            return tight(c, finding, play);
        }
        if (pins.answer() == Clearance.Answer.UNSURE) {
            return unsure(finding, pins);
        }
        return finding.is(Verdict.FITS,
                passing(pins, Sentence.of("Pins and bores are both %s apart; the pins go in by hand.", drive.pinSpacing())));
    }

    private Finding tight(FitCase c, Finding.Builder finding, Length play) {
        boolean allowed = c.bike().approvals().contains(id());
        if (play.abs().isMoreThan(TIGHT) || !allowed) {
            return finding.margin(Margin.spare(play))
                    .remedy(Remedy.otherKit("Attach the frame maker's written approval to ream the bores."))
                    .is(Verdict.NO_FIT,
                            Sentence.of("The pin bores are %s too tight. They may be reamed only with the frame maker's written approval.",
                                    play.abs().told()));
        }
        return finding.margin(Margin.spare(play))
                .remedy(Remedy.work("machining", 25,
                        Sentence.of("Ream the pin bores by %s, as the frame maker allows.", play.abs().told())))
                .is(Verdict.FITS_WITH, Sentence.of("The pin bores are %s too tight; the frame maker allows reaming.", play.abs().told()));
    }
}
