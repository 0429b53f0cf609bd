package hingeyard.core.fit;

import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.kit.Kit;
import hingeyard.core.rules.ShopRules;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Every finding of one kit on one bike.
 *
 * @param bike     the bike
 * @param kit      the kit
 * @param rules    the shop's rules it was assessed by
 * @param findings in the catalogue's order, one for each check that concerns the kit
 */
public record FitReport(FitCase.Bike bike, Kit kit, ShopRules rules, List<Finding> findings) {

    public FitReport {
        findings = List.copyOf(findings);
    }

    /**
     * The report with a manager's word over checks that say no: each becomes a trade-off that the customer consents to and the papers
     * print. A verdict
     * that nobody may override stands, whatever is said.
     */
    public FitReport with(Collection<ManagersWord> words) {
        return words
                .isEmpty()
                        ? this
                        : new FitReport(
                                bike, kit, rules, findings.stream()
                                        .map(f -> words.stream().filter(w -> w.checkId().equals(f.checkId())).findFirst()
                                                .filter(w -> ManagersWord.over(f).allowed()).map(w -> overridden(f, w)).orElse(f))
                                        .toList());
    }

    private static Finding overridden(Finding f, ManagersWord word) {
        List<Remedy> remedies = new ArrayList<>(f.remedies().stream().filter(r -> r.kind() != Remedy.Kind.OTHER_KIT).toList());
        remedies.add(Remedy.consent(Sentence.of("Overridden by %s: %s", word.by(), word.reason())));
        return new Finding(f.checkId(), f.title(), Verdict.TRADE_OFF, f.told(), f.margin(),
                Sentence.of("%s Overridden by %s: %s", f.said(), word.by(), word.reason()), remedies,
                f.drawing(), true);
    }

    /** The worst of the findings. */
    public Verdict verdict() {
        Verdict worst = Verdict.FITS;
        for (Finding finding : findings) {
            worst = worst.worseOf(finding.verdict());
        }
        return worst;
    }

    /** Whether a bill can be made: nothing forbids it and nothing is left to measure. */
    public boolean goesOn() {
        return verdict().compareTo(Verdict.MEASURE) < 0;
    }

    /** Keys of the measures still to be taken, in the findings' order, each once. */
    public List<String> toMeasure() {
        Set<String> keys = new LinkedHashSet<>();
        for (Finding finding : findings) {
            for (Remedy remedy : finding.remedies()) {
                if (remedy.kind() == Remedy.Kind.MEASURE) {
                    keys.addAll(remedy.measures());
                }
            }
        }
        return List.copyOf(keys);
    }

    /** The remedies of one kind. */
    public Stream<Remedy> remedies(Remedy.Kind kind) {
        return findings.stream().flatMap(f -> f.remedies().stream()).filter(r -> r.kind() == kind);
    }

    /** The verdict in one sentence, for the head of the match. */
    public String headline() {
        return switch (verdict()) {
            case FITS -> kit.boxed() ? "Fits" : "Nothing to match";
            case FITS_WITH -> withParts();
            case TRADE_OFF -> "Fits with a compromise";
            case MEASURE ->
                toMeasure().isEmpty() ? "Complete the kit's sheet first" : "Measure " + counted(toMeasure().size(), "thing") + " first";
            case NO_FIT -> "Does not fit";
        };
    }

    private String withParts() {
        long parts = 0;
        for (Finding finding : findings) {
            for (Remedy remedy : finding.remedies()) {
                parts += remedy.part().isPresent() ? 1 : 0;
            }
        }
        return parts == 0 ? "Fits with some work" : "Fits with " + counted(parts, "part");
    }

    private static String counted(long n, String what) {
        return n == 1 ? "one " + what : n + " " + what + "s";
    }
}
