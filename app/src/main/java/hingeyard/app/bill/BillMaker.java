package hingeyard.app.bill;

import hingeyard.app.arrival.Arrivals;
import hingeyard.app.booking.Jobs;
import hingeyard.app.install.JobWork;
import hingeyard.app.match.Drawn;
import hingeyard.app.match.Matches;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Stock.Shelved;
import hingeyard.app.stock.Stock;
import hingeyard.core.bill.Agreement;
import hingeyard.core.bill.Bill;
import hingeyard.core.bill.BillLine;
import hingeyard.core.bill.ByHand;
import hingeyard.core.bill.Charges;
import hingeyard.core.bill.JobBill;
import hingeyard.core.bill.NotTaken;
import hingeyard.core.bill.StandIn;
import hingeyard.core.condition.Found;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Ruling;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.StepPlanner;
import hingeyard.core.install.Work;
import hingeyard.core.stock.Drawers;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Makes a job's bill from its match as it is now, with what it costs; stores nothing. */
@Component
class BillMaker {

    /**
     * A bill as it would be made now, with the match it comes from.
     *
     * @param drawers that the match was assessed from
     * @param byHand  what was changed by hand and is on it still
     */
    record Made(FitReport report, Drawers drawers, Bill bill, Charges charges, List<ByHand> byHand) {

        String stamp() {
            return Matches.stamp(report);
        }

        /** The drawings of the match, by check: the steps show these. */
        Map<String, Drawn> drawings() {
            Map<String, Drawn> drawings = new LinkedHashMap<>();
            report.findings().forEach(f -> f.exhibit().ifPresent(e -> drawings.put(f.checkId(), Drawn.of(e))));
            return drawings;
        }
    }

    private final Jobs jobs;
    private final Matches matches;
    private final Arrivals arrivals;
    private final Stock stock;
    private final StepPlanner planner;
    private final JobWork work;

    BillMaker(Jobs jobs, Matches matches, Arrivals arrivals, Stock stock, StepPlanner planner, JobWork work) {
        this.jobs = jobs;
        this.matches = matches;
        this.arrivals = arrivals;
        this.stock = stock;
        this.planner = planner;
        this.work = work;
    }

    /** A match, and the drawers it was assessed from. */
    record Matched(FitReport report, Drawers drawers) {
    }

    /** What people said about a bill beside the match. */
    record Said(List<NotTaken> notTaken, List<StandIn> standIns, List<ByHand> byHand) {

        static Said nothingBut(List<NotTaken> notTaken) {
            return new Said(notTaken, List.of(), List.of());
        }

        Said with(StandIn standIn) {
            return new Said(notTaken, and(standIns, standIn), byHand);
        }

        Said with(ByHand change) {
            return new Said(notTaken, standIns, and(byHand, change));
        }

        private static <T> List<T> and(List<T> all, T one) {
            List<T> more = new ArrayList<>(all);
            more.add(one);
            return more;
        }
    }

    Matched matched(long number, String kitCode) {
        Drawers drawers = stock.drawersFor(number);
        return new Matched(matches.report(number, kitCode, drawers), drawers);
    }

    /** @throws Refused when the match does not go on, the survey contradicts itself, or what was ticked off is not there or must not be */
    Made made(long number, String kitCode, Said said) {
        matches.refuseContradictions(number);
        return made(number, matched(number, kitCode), said);
    }

    Made made(long number, Matched matched, Said said) {
        FitReport report = matched.report();
        Ruling takes = jobs.card(number).jobKind().mayTake(report.kit());
        if (!takes.allowed()) {
            throw Refused.conflict("kitCode", report.kit().code(), takes.reason() + " No bill was made.");
        }
        if (!report.goesOn()) {
            throw Refused.conflict("%s: %s. No bill was made.".formatted(report.kit().fullName(), report.headline()));
        }
        List<Found> condition = arrivals.of(List.of(number)).getOrDefault(number, List.of());
        JobBill job = new JobBill(report, condition, planner.steps(Work.of(report, work.of(number), condition)), matched.drawers());
        Bill bill;
        List<ByHand> byHand = new ArrayList<>();
        try {
            bill = job.lines(said.notTaken, said.standIns);
        } catch (IllegalArgumentException e) {
            throw Refused.conflict(e.getMessage() + " No bill was made.");
        }
        for (ByHand change : said.byHand) {
            if (change.applies(bill)) {
                byHand.add(change);
                bill = bill.by(List.of(change));
            }
        }
        Map<String, Shelved> shelved = stock
                .shelved(bill.lines().stream().map(BillLine::partNumber).filter(p -> !p.isEmpty()).collect(Collectors.toSet()));
        bill = bill.priced(part -> shelved.getOrDefault(part, Shelved.NOWHERE).priceMinor())
                .priced(report.rules()).placed(part -> shelved.getOrDefault(part, Shelved.NOWHERE).place());
        return new Made(report, matched.drawers(), bill, job.charges(bill), byHand);
    }

    /** @throws Refused when the match is not the one that was looked at, or a trade-off wants consent still */
    /** @throws Refused where somebody is said to have consented and nobody says who, when and how */
    static void agreedTo(Made made, Set<String> consented, Optional<Agreement> agreement) {
        Ruling ruling = Agreement.needed(made.report().findings().stream()
                .filter(f -> f.verdict() == Verdict.TRADE_OFF && consented.contains(f.checkId())).map(Finding::title).toList(), agreement);
        if (!ruling.allowed()) {
            throw Refused.input("agreement", "nothing", ruling.reason());
        }
    }

    static void check(Made made, String stamp, Set<String> consented) {
        if (!made.stamp().equals(stamp)) {
            throw Refused.conflict(
                    "The match changed since you looked: a measure or a drawer is not what it was. Look again before the bill is made.");
        }
        List<String> open = made.report().findings().stream()
                .filter(f -> f.verdict() == Verdict.TRADE_OFF && !consented.contains(f.checkId())).map(Finding::title).toList();
        if (!open.isEmpty()) {
            throw Refused.conflict("Consent is missing for: " + String.join(", ", open) + ". No bill was made.");
        }
    }
}
