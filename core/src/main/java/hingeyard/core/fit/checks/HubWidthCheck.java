package hingeyard.core.fit.checks;

import hingeyard.core.bike.Material;
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

/** Does the motor stand between the dropouts, and with which washers? */
final class HubWidthCheck extends HubCheck {

    HubWidthCheck(WheelEnd end) {
        super(end, holderId(end, "width"), holderTitle(end, "width"), end.overLocknut(), end.material());
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        Length shoulders = hub(c).axle().shoulderWidth();
        finding.kit(Leaf.of(shoulders, "between the axle's shoulders")).figure(Figure.published("Shoulder to shoulder", shoulders, c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Material material = c.survey().choice(end().material()).orElseThrow();
        return measured(c, finding, new HubWidthStack(c, material), bike(c, finding, end().overLocknut()), material);
    }

    private Finding measured(FitCase c, Finding.Builder finding, HubWidthStack stack, Reading.OfLength width, Material material) {
        Length difference = stack.shoulders().minus(width.value());
        finding.figure(Figure.computed("Motor wider than the " + end().holder() + " by", difference, "shoulders − over-locknut distance"));
        stack.figures().forEach(finding::figure);
        if (!stack.somethingFits(width.value())) {
            Length over = difference.minus(stack.spread());
            boolean flips = !over.isMoreThan(width.plusMinus());
            finding.margin(Margin.said(Sentence.of("%s too wide", over)).flipping(flips));
            return flips ? finding.remedy(Remedy.measure(Sentence.of("Measure the width to ± %s or finer.", over), end().overLocknut().key()))
                    .is(Verdict.MEASURE, Sentence.of("The motor is %s wider than the %s, right at what %s allows, and it was measured to ± %s only.", difference, end().holder(), material.label(), width.plusMinus()))
                    : finding.neverOverridden().remedy(Remedy.otherKit(Sentence.of("A motor for a width of %s. Bending a narrow %s wide is no remedy.", width.value(), end().holder())))
                    .is(Verdict.NO_FIT, Sentence.of("The motor is %s wider than the %s; %s may be eased apart by %s at the most.", difference, end().holder(), material.label(), stack.spread()));
        }
        StackAnswer answer = HubPlan.of(c, end()).washers().orElseThrow();
        if (!answer.possible()) {
            return finding.margin(Margin.said(Sentence.of("%s too narrow", difference.abs()))).remedy(Remedy.otherKit(Sentence.of("A wider motor, for a width of %s.", width.value())))
                    .is(Verdict.NO_FIT, Sentence.of("The motor is %s narrower than the %s: so many washers leave the axle nuts no thread, or the rim off the middle.%s", difference.abs(), end().holder(), stack.relaxed(width)));
        }
        return answer.best().map(best -> filled(finding, stack, width, best, answer)).orElseGet(() -> toMake(finding, stack, width, answer));
    }

    private Finding filled(Finding.Builder finding, HubWidthStack stack, Reading.OfLength width, StackSet best, StackAnswer answer) {
        boolean finerWouldTell = !best.worstCase()
                && stack.solve(width.value(), Length.ZERO).best().map(StackSet::worstCase).orElse(false);
        Length assembly = stack.shoulders().plus(best.sums().get(0)).plus(best.sums().get(1));
        Length spread = assembly.minus(width.value());
        finding.margin((best.pieceCount() == 0 ? Margin.spare(spread) : Margin.said(Sentence.of("washers %s", StackWords.sums(best)))).flipping(finerWouldTell))
                .figure(Figure.computed("Spare at the tightest limit, nominal", best.spare(), "stack"))
                .figure(Figure.computed("Spare in the worst case of tolerances", best.spareWorst(), "stack"))
                .exhibit(() -> stack.section(width, best, answer));
        if (finerWouldTell) {
            return finding.remedy(Remedy.measure(Sentence.of("Measure the width to ± %s or finer.", best.spare()), end().overLocknut().key()))
                    .is(Verdict.MEASURE, Sentence.of("The width comes out within %s of a limit, and it is only known to ± %s.", best.spare(), width.plusMinus()));
        }
        finding.remedies(StackWords.parts(best, HubWidthStack.ROLES));
        if (spread.isMoreThan(stack.easeUnder())) {
            finding.remedy(Remedy.work("wheels", 10, Sentence.of("Ease the dropouts apart by %s, no further.", spread)));
        }
        boolean plain = best.pieceCount() == 0 && !spread.isMoreThan(stack.easeUnder());
        return finding.is(plain ? Verdict.FITS : Verdict.FITS_WITH, plain
                ? Sentence.of("The motor's %s stand in the %s's %s as they are.", stack.shoulders(), end().holder(), width.value())
                : Sentence.of("Between the %s's %s the motor comes to %s%s.", end().holder(), width.value(), assembly, best.pieceCount() == 0 ? ""
                        : Sentence.of(" with %s", StackWords.spoken(best, HubWidthStack.SIDES))));
    }

    private Finding toMake(Finding.Builder finding, HubWidthStack stack, Reading.OfLength width, StackAnswer answer) {
        List<Remedy> remedies = StackWords.missing(answer, HubWidthStack.ROLES, "axle washer");
        return finding.margin(Margin.said("none free")).remedies(remedies)
                .is(Verdict.FITS_WITH, Sentence.of("The %s of %s asks for a washer that no drawer has free.%s", end().holder(), width.value(), stack.relaxed(width)));
    }
}
