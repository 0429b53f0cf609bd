package hingeyard.core.fit;

import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Ruling;
import hingeyard.core.explain.Verdict;

/**
 * A manager's word over a check that says no.
 *
 * @param checkId which check
 * @param reason  why, as it prints on the papers
 * @param by      who
 */
public record ManagersWord(String checkId, String reason, String by) {

    /** Whether a manager may say one over this finding. */
    public static Ruling over(Finding finding) {
        if (finding.verdict() != Verdict.NO_FIT) {
            return Ruling.no("'%s' does not say no: there is nothing to override.".formatted(finding.title()));
        }
        return finding.overridable() ? Ruling.yes()
                : Ruling.no("'%s' is never overridden: %s".formatted(finding.title(), finding.sentence()));
    }
}
