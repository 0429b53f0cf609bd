package hingeyard.core.fit.checks;

import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Measure;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.Lead;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Is every lead of the loom long enough for its way on this bike, with slack for steering, linkage and fold? */
final class LeadsCheck extends MeasuredCheck {

    LeadsCheck() {
        super("leads", "Leads", LeadRuns.all());
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().motorised() || !kit.equipment().leads().isEmpty();
    }

    @Override
    Optional<String> unsaid(FitCase c) {
        return c.kit().equipment().leads().isEmpty() ? Optional.of("its leads, with their runs and lengths") : Optional.empty();
    }

    /** Only the ways this kit's leads take. */
    @Override
    List<Measure> needed(FitCase c) {
        List<Measure> needed = new ArrayList<>();
        for (Lead lead : c.kit().equipment().leads()) {
            for (LengthMeasure measure : LeadRuns.measures(lead.run(), c.bike().kind())) {
                if (!needed.contains(measure)) {
                    needed.add(measure);
                }
            }
        }
        return needed;
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        List<Lead> leads = c.kit().equipment().leads();
        finding.kit(Leaf.of(leads.size() + (leads.size() == 1 ? " lead" : " leads")));
        leads.forEach(l -> finding.figure(Figure.published(l.name() + ", as supplied", l.length(), c.kit().code())));
        finding.figure(c.rules().figure("Stow when longer by", LengthRule.LEAD_LONG));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        List<Sentence> shortOnes = new ArrayList<>();
        List<String> longOnes = new ArrayList<>();
        Length least = null;
        for (Lead lead : c.kit().equipment().leads()) {
            Clearance spare = LeadRuns.supplied(c, lead);
            finding.figure(Figure.computed(lead.name() + ", to spare", spare.gap(), lead.run().label() + " with slack"));
            least = least == null ? spare.gap() : least.min(spare.gap());
            if (spare.spare().isLessThan(spare.doubt().whole())) {
                shortOnes.add(Sentence.of("%s (%s)", lead.name(), Sentence.later(spare.gap()::signedText)));
                finding.remedy(extension(c, lead, spare));
            } else if (spare.gap().isMoreThan(c.rules().value(LengthRule.LEAD_LONG))) {
                longOnes.add(lead.name());
            }
        }
        finding.bike(
                Leaf.of(Sentence.of(c.kit().equipment().leads().size() == 1 ? "%s way" : "%s ways", c.kit().equipment().leads().size()),
                        "by string"))
                .margin(Margin.said(Sentence.of("%s at the tightest", Sentence.later(least::signedText))));
        if (!longOnes.isEmpty()) {
            finding.remedy(Remedy.work("electrics", 5, Sentence.of(
                    "Stow the %s in flat loops where nothing moves; never coil a lead round a tube.", String.join(" and the ", longOnes))));
        }
        if (!shortOnes.isEmpty()) {
            return finding.is(Verdict.FITS_WITH, Sentence.of("Too short, or not certain to reach: %s. Add an extension with the same plug.",
                    Sentence.later(u -> shortOnes.stream().map(o -> o.in(u)).collect(Collectors.joining(", ")))));
        }
        return longOnes.isEmpty() ? finding.is(Verdict.FITS, "Every lead reaches, with slack for everything that moves.")
                : finding.is(Verdict.FITS_WITH, Sentence.of("Every lead reaches. The %s %s long: stow what is left over.",
                        String.join(" and the ", longOnes), longOnes.size() == 1 ? "is" : "are"));
    }

    private static Remedy extension(FitCase c, Lead lead, Clearance spare) {
        Length more = spare.gap().negated().plus(spare.doubt().whole());
        return Needs.drawerOrBuy(c, "lead-extension", 1, p -> p.facts().length().filter(l -> !l.isLessThan(more)).isPresent()
                && p.facts().adapter().filter(a -> a.one().mates(lead.plug()) || a.other().mates(lead.plug())).isPresent(),
                "lead-extension",
                Sentence.of("Extension for the %s, at least %s, %s", lead.name(), more, lead.plug().text()));
    }
}
