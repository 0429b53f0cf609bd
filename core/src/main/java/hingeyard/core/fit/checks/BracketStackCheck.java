package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
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
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackSet;
import java.util.List;
import java.util.Optional;

/** Which spacers does the shell's width ask for, and is there thread left for the lock nut? */
final class BracketStackCheck implements FitCheck {

    /** More sets than this nobody wants counted. */
    private static final int MANY = 20;

    @Override
    public String id() {
        return "bracket-stack";
    }

    @Override
    public String title() {
        return "Shell width";
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().bracket().isPresent();
    }

    @Override
    public List<Measure> needs() {
        return List.of(BracketMeasures.SHELL_WIDTH);
    }

    @Override
    public Finding assess(FitCase c) {
        BracketStack stack = BracketPlan.of(c).stack();
        Finding.Builder finding = finding()
                .kit(Leaf.of(Sentence.of("takes %s–%s", stack.narrowestShell().amount().toPlainString(), stack.widestShell()), "with spacers"));
        stack.figures().forEach(finding::figure);
        Optional<Reading.OfLength> width = c.survey().length(BracketMeasures.SHELL_WIDTH);
        if (width.isEmpty()) {
            return finding.margin(Margin.said("width?"))
                    .remedy(Remedy.measure("Measure the shell's width with the caliper.", BracketMeasures.SHELL_WIDTH.key()))
                    .is(Verdict.MEASURE, Sentence.of("The shell's width is not measured yet; this axle takes %s to %s with spacers.", stack.narrowestShell(), stack.widestShell()));
        }
        Reading.OfLength shell = width.get();
        finding.bike(Leaf.of(shell.value(), shell.quality()))
                .figure(Figure.measured("Shell width", shell.value(), BracketMeasures.SHELL_WIDTH.key()))
                .figure(Figure.measured("Uncertainty of the width", shell.plusMinus(), BracketMeasures.SHELL_WIDTH.key()));
        StackAnswer answer = BracketPlan.of(c).answer().orElseThrow();
        if (!answer.possible()) {
            return impossible(finding, stack, shell);
        }
        return answer.best().map(best -> filled(finding, stack, shell, best, answer))
                .orElseGet(() -> toMake(finding, stack, shell, answer));
    }

    private static Finding impossible(Finding.Builder finding, BracketStack stack, Reading.OfLength shell) {
        Length over = shell.value().minus(stack.widestShell());
        finding.margin(Margin.said(Sentence.of("%s too wide", over)).flipping(!over.isMoreThan(shell.plusMinus())));
        if (!over.isMoreThan(shell.plusMinus())) {
            return finding.remedy(measureFiner(over))
                    .is(Verdict.MEASURE, Sentence.of("At %s the shell is %s wider than the axle takes, but it was measured to ± %s only.", shell.value(), over, shell.plusMinus()));
        }
        return finding.remedy(Remedy.otherKit(Sentence.of("A kit with an axle tube at least %s longer.", over)))
                .is(Verdict.NO_FIT, Sentence.of("The shell of %s is %s wider than this axle takes: the lock nut would have too little thread.", shell.value(), over));
    }

    private static Remedy measureFiner(Length precision) {
        return Remedy.measure(Sentence.of("Measure the shell's width to ± %s or finer.", precision.abs()),
                BracketMeasures.SHELL_WIDTH.key());
    }

    private static Finding filled(Finding.Builder finding, BracketStack stack, Reading.OfLength shell, StackSet best, StackAnswer answer) {
        int others = answer.count() - 1;
        boolean finerWouldTell = !best.worstCase()
                && stack.solve(shell.value(), Length.ZERO).best().map(StackSet::worstCase).orElse(false);
        finding.margin(Margin.said(StackWords.sums(best)).flipping(finerWouldTell)).exhibit(() -> stack.section(shell, best, answer))
                .figure(Figure.computed("Spare at the tightest limit, nominal", best.spare(), "stack"))
                .figure(Figure.computed("Spare in the worst case of tolerances", best.spareWorst(), "stack"))
                .figure(Figure.computed("Spare, root sum square", best.spareRss(), "stack"));
        if (finerWouldTell) {
            return finding.remedy(measureFiner(best.spare()))
                    .is(Verdict.MEASURE, Sentence.of("The spacers come out within %s of a limit, and the width is only known to ± %s.", best.spare(), shell.plusMinus()));
        }
        if (best.pieceCount() == 0) {
            return finding.is(Verdict.FITS, Sentence.of("The shell of %s takes this axle without a spacer, %s inside the tightest limit.", shell.value(), best.spare()));
        }
        CharSequence more = others == 0 ? "" : others > MANY ? " Many other sets of as few pieces would do." : Sentence.of(" %d other %s of as few pieces would do.", others, others == 1 ? "set" : "sets");
        CharSequence tolerance = best.worstCase() ? Sentence.of("also with every tolerance at its worst (%s to spare)", best.spareWorst())
                : "at nominal thickness only: try it by hand before the nut is tightened";
        return finding.remedies(StackWords.parts(best, BracketStack.ROLES))
                .is(Verdict.FITS_WITH, Sentence.of("The shell of %s takes %s: thread and clearance are kept %s.%s", shell.value(), StackWords.spoken(best, BracketStack.SIDES), tolerance, more));
    }

    private static Finding toMake(Finding.Builder finding, BracketStack stack, Reading.OfLength shell, StackAnswer answer) {
        List<Remedy> remedies = StackWords.missing(answer, BracketStack.ROLES, "bracket spacer, bore 34, outer Ø 42");
        return finding.margin(Margin.said("none free")).remedies(remedies)
                .is(Verdict.FITS_WITH, Sentence.of("The shell of %s asks for a spacer that no drawer has free. %s%s", shell.value(), remedies.get(remedies.size() - 1).text(), stack.relaxed(shell)));
    }
}
