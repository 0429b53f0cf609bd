package hingeyard.core.fit.checks;

import hingeyard.core.bike.FrontMeasures;
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
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.NoDrive.Steerer;
import hingeyard.core.kit.NoDrive;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackSection;
import hingeyard.core.stack.StackSet;
import java.util.List;
import java.util.Optional;

/**
 * Is the fork's steerer as long as head tube, headset, spacers and stem together, less what it must end below the stem's top? What is over
 * is filled with
 * spacers from the drawer, or cut off; what is missing cannot be added.
 */
final class SteererCheck extends MeasuredCheck {

    private static final String USE = "steerer-spacer";
    /** How much wider than the steerer a spacer's bore may be: with more it stands out under the stem on one side. */
    private static final Length BORE_ROOM = Length.ofMillimetres("0.5");

    /** Twice the wall of head tube and stem, as drawn. */
    private static final Length WALLS = Length.ofMillimetres(10);

    SteererCheck() {
        super("steerer", "Steerer's length", FrontMeasures.HEAD_TUBE);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().none().flatMap(NoDrive::steerer).isPresent();
    }

    private static Steerer steerer(FitCase c) {
        return c.kit().drive().none().flatMap(NoDrive::steerer).orElseThrow();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Steerer steerer = steerer(c);
        finding.kit(
                Leaf.of(Sentence.of("steerer %s", steerer.length()), Sentence.of("headset %s, stem %s", steerer.headset(), steerer.stem())))
                .figure(Figure.published("Steerer", steerer.length(), c.kit().code()))
                .figure(Figure.published("Headset, both cups", steerer.headset(), c.kit().code()))
                .figure(Figure.published("Stem's clamp", steerer.stem(), c.kit().code()))
                .figure(c.rules().figure("Ends below the stem", LengthRule.STEERER_BELOW))
                .figure(c.rules().figure("Off by, at most", LengthRule.STEERER_PLAY))
                .figure(c.rules().figure("Spacers, at most", LengthRule.STEERER_SPACERS));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Reading.OfLength head = bike(c, finding, FrontMeasures.HEAD_TUBE);
        Steerer steerer = steerer(c);
        Length over = steerer.length().plus(c.rules().value(LengthRule.STEERER_BELOW)).minus(head.value()).minus(steerer.headset())
                .minus(steerer.stem());
        Length play = c.rules().value(LengthRule.STEERER_PLAY);
        finding.margin(Margin.spare(over)).figure(Figure.computed("To be filled", over, "steerer + below − head tube − headset − stem"));
        // Too short, the upper bolt clamps nothing: guarded. Too long, the cap only fails to press.
        Clearance ends = Clearance.within(over, Doubt.of(head), play).as(over.isNegative() ? LimitKind.SAFETY : LimitKind.SCREENING);
        if (ends.answer() == Clearance.Answer.UNSURE) {
            return unsure(finding, ends);
        }
        if (ends.answer() == Clearance.Answer.ENOUGH) {
            return finding.is(Verdict.FITS, Sentence.of("With headset and stem the steerer ends %s below the top of the stem.",
                    c.rules().value(LengthRule.STEERER_BELOW).minus(over)));
        }
        if (over.isNegative()) {
            return finding.neverOverridden()
                    .remedy(Remedy.otherKit(Sentence.of("Choose a fork with a steerer at least %s longer.", over.abs())))
                    .is(Verdict.NO_FIT, failing(ends,
                            Sentence.of("The steerer is %s too short: the stem would not be clamped over its whole height.", over.abs())));
        }
        return filled(c, finding, head.value(), over);
    }

    private static Finding filled(FitCase c, Finding.Builder finding, Length head, Length over) {
        Steerer steerer = steerer(c);
        Length play = c.rules().value(LengthRule.STEERER_PLAY);
        Length most = c.rules().value(LengthRule.STEERER_SPACERS);
        if (over.isMoreThan(most.plus(play))) {
            return finding
                    .remedy(Remedy.work("machining", 15,
                            Sentence.of("Cut the steerer to %s in a guide and round the edges; only where the fork maker allows it.",
                                    steerer.length().minus(over))))
                    .is(Verdict.FITS_WITH, Sentence
                            .of("The steerer stands %s too high. Spacers of more than %s would lever on it: cut it instead.", over, most));
        }
        Band bore = new Band(steerer.diameter(), steerer.diameter().plus(BORE_ROOM));
        Band allowed = Band.around(over, play);
        StackAnswer answer = OneSided.solve(c, USE, 1, allowed, over, StackWords.mostPerSide(c), size -> bore.contains(size.inner()));
        StackSet set = answer.inPlace().orElseThrow();
        Length sum = set.sums().get(0);
        return finding.remedies(OneSided.parts(c, set, USE, 1)).exhibit(() -> section(steerer, head, allowed, answer))
                .is(Verdict.FITS_WITH, Sentence.of("The steerer stands %s too high: put spacers of %s under the stem.%s", over, sum,
                        answer.best().isPresent() ? ""
                                : " The drawers are short of one. Cutting the steerer is the other way, where its maker allows it."));
    }

    /** From below: the headset's two cups are drawn as one, at the head tube's foot. */
    private static StackSection section(Steerer steerer, Length head, Band allowed, StackAnswer answer) {
        Length foot = steerer.headset().plus(head);
        StackSketch sketch = new StackSketch("Steerer, from below", answer, answer.inPlace().orElseThrow(), List.of(), Length.ZERO)
                .layer(Sentence.of("headset's cups %s", steerer.headset()), StackSection.Role.PLATE, steerer.headset(),
                        steerer.diameter().plus(WALLS))
                .layer(Sentence.of("head tube %s", head), StackSection.Role.FRAME, head, steerer.diameter().plus(WALLS)).pieces(0)
                .ends(allowed.plus(Band.exactly(foot)), Length.ZERO);
        return sketch.layer(Sentence.of("stem %s", steerer.stem()), StackSection.Role.BODY, steerer.stem(), steerer.diameter().plus(WALLS))
                .mark("steerer ends", steerer.length())
                .on(steerer.diameter(), new Band(Length.ZERO, steerer.length()), steerer.length());
    }
}
