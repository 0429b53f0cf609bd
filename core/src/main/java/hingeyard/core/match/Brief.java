package hingeyard.core.match;

import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitReport;
import java.util.ArrayList;
import java.util.List;

/**
 * What a shortlist keeps of a report: thousands of whole ones would fill the memory with figures that nobody has opened yet.
 *
 * @param forbids   how many checks say no
 * @param never     how many of them nobody may override
 * @param toMeasure how many measures are missing
 * @param consents  how many trade-offs the customer would consent to
 * @param strip     every check that concerned the kit, in the catalogue's order
 */
public record Brief(Verdict verdict, boolean goesOn, String headline, int forbids, int never, int toMeasure, int consents,
        List<Knuckle> strip) {

    /** One check's verdict. */
    public record Knuckle(String checkId, String title, Verdict verdict) {
    }

    public Brief {
        strip = List.copyOf(strip);
    }

    static Brief of(FitReport report) {
        List<Knuckle> strip = new ArrayList<>(report.findings().size());
        int forbids = 0;
        int never = 0;
        int consents = 0;
        for (Finding f : report.findings()) {
            strip.add(new Knuckle(f.checkId(), f.title(), f.verdict()));
            boolean no = f.verdict() == Verdict.NO_FIT;
            forbids += no ? 1 : 0;
            consents += f.verdict() == Verdict.TRADE_OFF ? 1 : 0;
            never += no && !f.overridable() ? 1 : 0;
        }
        return new Brief(report.verdict(), report.goesOn(), report.headline(), forbids, never, report.toMeasure().size(), consents, strip);
    }
}
