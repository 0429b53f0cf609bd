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
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Which spacers does the shell's width ask for, and is there thread left for the lock nut? */
final class BracketStackCheck extends MeasuredCheck {

    BracketStackCheck() {
        super("bracket-stack", "Shell width",
                Stream.of(Stream.of(BracketMeasures.SHELL_WIDTH), Stays.RIGHT.stream(), Stays.LEFT.stream(), Cogs.NEEDED.stream())
                        .flatMap(s -> s)
                        .toArray(Measure[]::new));
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().bracket().isPresent();
    }

    @Override
    List<Measure> needed(FitCase c) {
        return BracketPlan.needed(c);
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        BracketStack stack = BracketPlan.of(c).stack();
        finding.kit(Leaf.of(Sentence.of("takes %s", new Band(stack.narrowestShell(), stack.widestShell())), "with spacers"));
        stack.figures().forEach(finding::figure);
        c.survey().length(BracketMeasures.SHELL_WIDTH).ifPresent(shell -> finding.bike(leaf(shell)).figure(measured(shell)));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        BracketPlan plan = BracketPlan.of(c);
        Reading.OfLength shell = reading(c, BracketMeasures.SHELL_WIDTH);
        StackAnswer answer = plan.answer().orElseThrow();
        if (!answer.possible()) {
            return impossible(finding, plan.stack(), shell);
        }
        StackSet set = answer.inPlace().orElseThrow();
        finding.margin(Margin.said(StackWords.sums(set, BracketStack.SIDES)).flipping(!set.worstCase()))
                .exhibit(() -> plan.stack().section(shell, set, answer))
                .figure(Figure.measured("Uncertainty of the width", shell.plusMinus(), BracketMeasures.SHELL_WIDTH.key()))
                .figure(Figure.computed("To spare at the tightest limit, nominal", set.spare(), "stack"))
                .figure(Figure.computed("To spare in the worst case of tolerances", set.spareWorst(), "stack"))
                .figure(Figure.computed("To spare, root sum square", set.spareRss(), "stack"));
        Optional<Finding> finer = Coarse.first(c, finding, needed(c),
                k -> BracketPlan.of(k).answer().flatMap(StackAnswer::inPlace).map(StackSet::sides));
        return finer.orElseGet(() -> answer.best().isPresent() ? filled(c, finding, shell, set) : bought(c, finding, shell, set, answer));
    }

    private static Finding impossible(Finding.Builder finding, BracketStack stack, Reading.OfLength shell) {
        Clearance over = Clearance.atMost(shell, stack.widestShell());
        finding.margin(
                Margin.said(Sentence.of("%s too wide", over.gap().negated().told())).flipping(over.answer() == Clearance.Answer.UNSURE));
        if (over.answer() == Clearance.Answer.UNSURE) {
            return finer(finding, over.doubt().finer(),
                    Sentence.of("At %s the shell is too wide by %s for this axle, but it is only known to ± %s.", shell.value(),
                            over.gap().negated().told(), shell.plusMinus()));
        }
        Length more = over.gap().negated().max(Length.ofMicrometres(100));
        return finding.remedy(Remedy.otherKit(Sentence.of("Choose a kit with an axle tube at least %s longer.", more)))
                .is(Verdict.NO_FIT,
                        Sentence.of("The shell is %s wide and this axle takes up to %s there: the lock nut would have too little thread.",
                                shell.value(), stack.widestShell()));
    }

    private static Finding filled(FitCase c, Finding.Builder finding, Reading.OfLength shell, StackSet set) {
        if (set.pieceCount() == 0) {
            return finding.is(Verdict.FITS,
                    Sentence.of("The shell of %s takes this axle without a spacer, with %s to spare.", shell.value(), set.spare().told()));
        }
        return finding.remedies(StackWords.parts(c, BracketStack.USE, set, BracketStack.ROLES))
                .is(Verdict.FITS_WITH,
                        set.worstCase()
                                ? Sentence.of("The shell of %s takes %s; the lock nut keeps its thread whatever the tolerances do.",
                                        shell.value(), StackWords.spoken(set, BracketStack.SIDES))
                                : Sentence.of("The shell of %s takes %s, inside at nominal thickness only: measure the assembled stack.",
                                        shell.value(), StackWords.spoken(set, BracketStack.SIDES)));
    }

    private static Finding bought(FitCase c, Finding.Builder finding, Reading.OfLength shell, StackSet set, StackAnswer answer) {
        return finding.remedies(StackWords.parts(c, BracketStack.USE, set, BracketStack.ROLES))
                .is(Verdict.FITS_WITH, Sentence.of("For the shell of %s the drawers are short of %s.", shell.value(),
                        StackWords.toBuy(answer, BracketStack.SIDES, "a bracket spacer")));
    }
}
