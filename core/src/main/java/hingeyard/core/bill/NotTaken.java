package hingeyard.core.bill;

import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Ruling;
import hingeyard.core.explain.Sentence;

/**
 * A remedy that the manager ticks off the bill: the customer brings the part, or the work is done already. It stands on the bill with its
 * reason.
 *
 * @param checkId whose finding asked for it
 * @param remedy  its place among that finding's remedies, from 0
 * @param reason  why, as it prints
 * @param by      who said so
 */
public record NotTaken(String checkId, int remedy, String reason, String by) {

    /** Whether the remedy may be ticked off. */
    public static Ruling over(Finding finding, Remedy remedy) {
        if (remedy.part().isEmpty() && remedy.work().isEmpty()) {
            return Ruling.no("'%s' is neither a part nor work: it is not ticked off.".formatted(remedy.text()));
        }
        return finding.overridable() ? Ruling.yes()
                : Ruling.no("What '%s' asks for is never left out: %s".formatted(finding.title(), finding.sentence()));
    }

    boolean means(Finding finding, int at) {
        return checkId.equals(finding.checkId()) && remedy == at;
    }

    /** @throws IllegalArgumentException when the finding has no such remedy, or it may not be ticked off */
    BillLine line(Finding finding) {
        if (remedy < 0 || remedy >= finding.remedies().size()) {
            throw new IllegalArgumentException(
                    "remedy %d of '%s': it has %d, counted from 0".formatted(remedy, checkId, finding.remedies().size()));
        }
        Remedy left = finding.remedies().get(remedy);
        Ruling ruling = over(finding, left);
        if (!ruling.allowed()) {
            throw new IllegalArgumentException(ruling.reason());
        }
        String why = Sentence.of("%s (%s)", reason, by).toString();
        return left.part().map(p -> new BillLine(BillLine.Source.NOT_TAKEN, "", p.name(), p.count(), why, checkId, p.role(), ""))
                .orElseGet(() -> new BillLine(BillLine.Source.NOT_TAKEN, "", left.text(), 1, why, checkId, "", ""));
    }
}
