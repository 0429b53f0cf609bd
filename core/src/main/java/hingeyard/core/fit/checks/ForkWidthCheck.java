package hingeyard.core.fit.checks;

import hingeyard.core.bike.FrontMeasures;
import hingeyard.core.bike.Material;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitCheck;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Length;
import hingeyard.core.stack.StackAnswer;
import hingeyard.core.stack.StackSet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Does the motor stand between the fork's dropouts, and with which washers? */
final class ForkWidthCheck implements FitCheck {

    @Override
    public String id() {
        return "fork-width";
    }

    @Override
    public String title() {
        return "Fork width";
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().frontHub().isPresent();
    }

    @Override
    public List<Measure> needs() {
        return List.of(FrontMeasures.OVER_LOCKNUT, FrontMeasures.FORK_MATERIAL);
    }

    @Override
    public Finding assess(FitCase c) {
        Length shoulders = c.kit().drive().frontHub().orElseThrow().shoulderWidth();
        Finding.Builder finding = finding().kit(Leaf.of(shoulders.text(), "between the axle's shoulders"))
                .figure(Figure.published("Shoulder to shoulder", shoulders, c.kit().code()));
        Optional<Reading.OfLength> width = c.survey().length(FrontMeasures.OVER_LOCKNUT);
        Optional<Material> material = c.survey().choice(FrontMeasures.FORK_MATERIAL);
        width.ifPresent(w -> finding.bike(Leaf.of(w.value().text(), w.quality()))
                .figure(Figure.measured("Over-locknut distance", w.value(), FrontMeasures.OVER_LOCKNUT.key())));
        if (width.isEmpty() || material.isEmpty()) {
            return missing(finding, width.isEmpty(), material.isEmpty());
        }
        return measured(finding, new HubWidthStack(c, material.get()), width.get(), material.get());
    }

    private static Finding missing(Finding.Builder finding, boolean width, boolean material) {
        List<String> keys = new ArrayList<>();
        if (width) {
            keys.add(FrontMeasures.OVER_LOCKNUT.key());
        }
        if (material) {
            keys.add(FrontMeasures.FORK_MATERIAL.key());
        }
        String what = width && material ? "width and material" : width ? "width" : "material";
        return finding.margin(Margin.said(width ? "width?" : "material?"))
                .remedy(Remedy.measure("Measure the fork's " + what + ".", keys.toArray(String[]::new)))
                .is(Verdict.MEASURE, "The fork's %s not known yet; how far it may be eased apart depends on both."
                        .formatted(what + (width && material ? " are" : " is")));
    }

    private static Finding measured(Finding.Builder finding, HubWidthStack stack, Reading.OfLength width, Material material) {
        Length difference = stack.shoulders().minus(width.value());
        finding.figure(Figure.computed("Motor wider than the fork by", difference, "shoulders − over-locknut distance"));
        stack.figures().forEach(finding::figure);
        if (!stack.somethingFits(width.value())) {
            Length over = difference.minus(stack.spread());
            boolean flips = !over.isMoreThan(width.plusMinus());
            finding.margin(Margin.said(over.text() + " too wide").flipping(flips));
            return flips ? finding.remedy(Remedy.measure("Measure the fork's width to ± %s or finer.".formatted(over), FrontMeasures.OVER_LOCKNUT.key()))
                    .is(Verdict.MEASURE, "The motor is %s wider than the fork, right at what %s allows, and the fork was measured to ± %s only."
                            .formatted(difference, material.label(), width.plusMinus()))
                    : finding.neverOverridden().remedy(Remedy.otherKit("A motor for a fork of " + width.value() + ". Bending a narrow fork wide is no remedy."))
                    .is(Verdict.NO_FIT, "The motor is %s wider than the fork; %s may be eased apart by %s at the most."
                            .formatted(difference, material.label(), stack.spread()));
        }
        StackAnswer answer = stack.solve(width.value(), width.plusMinus());
        if (!answer.possible()) {
            return finding.margin(Margin.said(difference.abs().text() + " too narrow")).remedy(Remedy.otherKit("A wider motor, for a fork of " + width.value() + "."))
                    .is(Verdict.NO_FIT, "The motor is %s narrower than the fork: so many washers leave the axle nuts no thread, or the rim off the middle."
                            .formatted(difference.abs()));
        }
        return answer.best().map(best -> filled(finding, stack, width, best)).orElseGet(() -> toMake(finding, width, answer));
    }

    private static Finding filled(Finding.Builder finding, HubWidthStack stack, Reading.OfLength width, StackSet best) {
        boolean finerWouldTell = !best.worstCase()
                && stack.solve(width.value(), Length.ZERO).best().map(StackSet::worstCase).orElse(false);
        Length assembly = stack.shoulders().plus(best.sums().get(0)).plus(best.sums().get(1));
        Length spread = assembly.minus(width.value());
        finding.margin(Margin.said(best.pieceCount() == 0 ? spread.signedText() : "washers " + StackWords.sums(best)).flipping(finerWouldTell))
                .figure(Figure.computed("Spare at the tightest limit, nominal", best.spare(), "stack"))
                .figure(Figure.computed("Spare in the worst case of tolerances", best.spareWorst(), "stack"))
                .exhibit(stack.section(best));
        if (finerWouldTell) {
            return finding.remedy(Remedy.measure("Measure the fork's width to ± %s or finer.".formatted(best.spare()), FrontMeasures.OVER_LOCKNUT.key()))
                    .is(Verdict.MEASURE, "The width comes out within %s of a limit, and the fork is only known to ± %s."
                            .formatted(best.spare(), width.plusMinus()));
        }
        finding.remedies(StackWords.parts(best, HubWidthStack.ROLES));
        if (spread.isMoreThan(stack.easeUnder())) {
            finding.remedy(Remedy.work("wheels", 10, "Ease the dropouts apart by " + spread + ", no further."));
        }
        boolean plain = best.pieceCount() == 0 && !spread.isMoreThan(stack.easeUnder());
        return finding.is(plain ? Verdict.FITS : Verdict.FITS_WITH, plain
                ? "The motor's %s stand in the fork's %s as they are.".formatted(stack.shoulders(), width.value())
                : "Between the fork's %s the motor comes to %s%s.".formatted(width.value(), assembly, best.pieceCount() == 0 ? ""
                        : " with " + StackWords.spoken(best, HubWidthStack.SIDES)));
    }

    private static Finding toMake(Finding.Builder finding, Reading.OfLength width, StackAnswer answer) {
        List<Remedy> remedies = StackWords.missing(answer, HubWidthStack.ROLES, "axle washer");
        return finding.margin(Margin.said("none free")).remedies(remedies)
                .is(Verdict.FITS_WITH, "The fork of %s asks for a washer that no drawer has free.".formatted(width.value()));
    }
}
