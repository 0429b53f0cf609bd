package hingeyard.core.fit.checks;

import hingeyard.core.bike.Material;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.WheelEnd;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.quantity.Length;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackSet;
import java.util.List;
import java.util.Optional;

/** Does the motor fit between the dropouts, with which washers, and where does its rim run? */
final class HubWidthCheck extends HubCheck {

    HubWidthCheck(WheelEnd end) {
        super(end, holderId(end, "width"), holderTitle(end, "width"), end.overLocknut(), end.material());
    }

    @Override
    List<Measure> needed(FitCase c) {
        return HubPlan.needed(c, end());
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Length shoulders = hub(c).axle().shoulderWidth();
        finding.kit(Leaf.of(shoulders, "between the axle's shoulders"))
                .figure(Figure.published("Shoulder to shoulder", shoulders, c.kit().code()));
        hub(c).axle().antiTurn().ifPresent(a -> finding.figure(Figure.published("Anti-turn washer inside, left", a.left(), c.kit().code()))
                .figure(Figure.published("Anti-turn washer inside, right", a.right(), c.kit().code())));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Material material = c.survey().choice(end().material()).orElseThrow();
        Reading.OfLength width = bike(c, finding, end().overLocknut());
        HubWidthStack stack = HubPlan.of(c, end()).stack();
        Length difference = stack.shoulders().minus(width.value());
        finding.figure(Figure.computed("Motor wider than the " + end().holder() + " by", difference, "shoulders − over-locknut distance"));
        stack.figures().forEach(finding::figure);
        Clearance widest = stack.widest(width);
        if (widest.answer() != Clearance.Answer.ENOUGH) {
            return tooWide(finding, widest, width, material, stack, difference);
        }
        StackAnswer answer = HubPlan.of(c, end()).washers().orElseThrow();
        if (!answer.possible()) {
            if (!difference.isNegative()) {
                return finding.margin(Margin.said("rim too far off"))
                        .remedy(Remedy.otherKit("Choose a motor whose rim lies nearer to the middle."))
                        .is(Verdict.NO_FIT,
                                Sentence.of("No washers bring the rim near enough to the middle for the wheel to be re-dished.%s",
                                        stack.relaxed(width)));
            }
            return finding.margin(Margin.said(Sentence.of("%s too narrow", difference.abs().told())))
                    .remedy(Remedy.otherKit(Sentence.of("Choose a wider motor, for a width of %s.", width.value())))
                    .is(Verdict.NO_FIT, Sentence.of(
                            "The motor is %s narrower than the %s. So many washers would leave the axle nuts no thread, or the rim too far off the middle.%s",
                            difference.abs().told(),
                            end().holder(), stack.relaxed(width)));
        }
        StackSet set = answer.inPlace().orElseThrow();
        finding.margin(Margin.said("washers?")).exhibit(() -> stack.section(width, set, answer))
                .figure(Figure.computed("To spare at the tightest limit, nominal", set.spare(), "stack"))
                .figure(Figure.computed("To spare in the worst case of tolerances", set.spareWorst(), "stack"));
        Optional<Finding> finer = Coarse.first(c, finding, HubPlan.needed(c, end()), k -> HubPlan.chosen(k, end()));
        return finer.orElseGet(() -> filled(c, finding, stack, width, set, answer));
    }

    private Finding tooWide(Finding.Builder finding, Clearance widest, Reading.OfLength width, Material material, HubWidthStack stack,
            Length difference) {
        finding.margin((widest.answer() == Clearance.Answer.UNSURE ? widest.margin()
                : widest.guarded() ? Margin.said("on the limit") : Margin.said(Sentence.of("%s too wide", widest.gap().negated().told())))
                .flipping(widest.answer() == Clearance.Answer.UNSURE || widest.guarded()));
        if (widest.answer() == Clearance.Answer.UNSURE) {
            return finer(finding, widest.doubt().finer(),
                    Sentence.of("The motor is %s wider than the %s, close to what %s allows, and the width is only known to ± %s.",
                            difference.told(), end().holder(),
                            material.label(), width.plusMinus()));
        }
        Sentence allowed = stack.spread().equals(Length.ZERO) ? Sentence.of("%s may not be spread at all", material.label())
                : Sentence.of("%s may be spread by %s at most", material.label(), stack.spread());
        return finding.neverOverridden()
                .remedy(Remedy
                        .otherKit(Sentence.of("Choose a motor for a width of %s. Never bend a %s wider.", width.value(), end().holder())))
                .is(Verdict.NO_FIT,
                        failing(widest, Sentence.of("The motor is %s wider than the %s; %s.", difference.told(), end().holder(), allowed)));
    }

    private Finding filled(FitCase c, Finding.Builder finding, HubWidthStack stack, Reading.OfLength width, StackSet set,
            StackAnswer answer) {
        Length assembly = stack.shoulders().plus(set.sums().get(0)).plus(set.sums().get(1));
        Length over = assembly.minus(width.value());
        boolean eased = over.isMoreThan(stack.easeUnder());
        finding.margin((set.pieceCount() == 0 ? Margin.spare(over)
                : Margin.said(Sentence.of("washers %s", StackWords.sums(set, HubWidthStack.SIDES)))).flipping(!set.worstCase()))
                .remedies(StackWords.parts(c, HubWidthStack.USE, set, HubWidthStack.ROLES));
        if (eased) {
            finding.remedy(Remedy.work("wheels", 10, Sentence.of("Spread the dropouts by %s, no further.", over.told())));
        }
        if (set.pieceCount() == 0 && !eased) {
            return finding.is(Verdict.FITS,
                    Sentence.of("The motor is %s wide and fits the %s's %s as it is.", stack.shoulders(), end().holder(), width.value()));
        }
        Sentence with = set.pieceCount() == 0 ? Sentence.plain("") : Sentence.of(" with %s", StackWords.spoken(set, HubWidthStack.SIDES));
        Sentence buy = answer.best().isPresent() ? Sentence.plain("")
                : Sentence.of(" The drawers are short of %s.", StackWords.toBuy(answer, HubWidthStack.SIDES, "an axle washer"));
        Sentence spread = eased ? Sentence.of(" The dropouts are spread by %s.", over.told()) : Sentence.plain("");
        return finding.is(Verdict.FITS_WITH, Sentence.of("Between the %s's %s the motor comes to %s%s.%s%s", end().holder(), width.value(),
                assembly.told(), with, spread, buy));
    }

}
