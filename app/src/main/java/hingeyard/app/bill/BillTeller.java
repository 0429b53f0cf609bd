package hingeyard.app.bill;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.JobNotices;
import hingeyard.app.booking.Jobs;
import hingeyard.app.claim.Claims;
import hingeyard.app.install.MadeHere;
import hingeyard.app.install.Steps;
import hingeyard.app.kit.Kits;
import hingeyard.app.order.Proposals;
import hingeyard.app.order.Proposals.PartDate;
import hingeyard.app.stock.Holds;
import hingeyard.app.stock.Stock;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bill.Bill;
import hingeyard.core.bill.BillDifference;
import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.bill.ByHand;
import hingeyard.core.bill.Charges;
import hingeyard.core.bill.HeldUp;
import hingeyard.core.order.EarliestDates.Ground;
import hingeyard.core.floor.Place;
import hingeyard.core.install.StepRun;
import hingeyard.core.install.StepState;
import hingeyard.core.quantity.Scale;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Tells a job's bill as its view shows it: lines with their dates, what would be other now, what came before. */
@Component
class BillTeller {

    /** @param order the order it comes with; empty when it has still to be ordered */
    record Due(LocalDate on, Ground ground, String order) {
    }

    record StandInChoice(String number, String name, String when, int free) {
    }

    /**
     * @param ordinal    its place on the bill, from 0
     * @param sum        as said; empty where nothing is charged or no price is known
     * @param unnumbered whether it is to be bought and nobody said yet which part it is
     * @param made       how it is made here; empty where it is not
     * @param madeBy     who said that it lies there; empty until then
     * @param changes    what may be done with it by hand
     * @param agreed     who consented to it, when and how; empty where nobody had to
     */
    record Line(int ordinal, Source source, String partNumber, String name, int count, String reason, String checkId, String place,
            String sum, Optional<Instant> usedAt, boolean onTray, Optional<Due> due,
            List<StandInChoice> standIns, boolean unnumbered, List<ByHand.Kind> changes, String agreed, Optional<MadeHere> made,
            Optional<String> madeBy) {
    }

    /** A step that mounts parts: what is added goes on with one of these. */
    record MountingStep(String key, String title) {
    }

    /** Money as it is said. */
    record ChargesView(String parts, int minutes, String anHour, String labour, String taxPercent, String tax, String total,
            String depositPercent, String deposit, List<String> unpriced) {

        static ChargesView of(Charges c) {
            return new ChargesView(Scale.money(c.partsMinor()), c.minutes(), c.anHour().toPlainString(), Scale.money(c.labourMinor()),
                    c.taxPercent().toPlainString(), Scale.money(c.taxMinor()),
                    Scale.money(c.totalMinor()), c.depositPercent().toPlainString(), Scale.money(c.depositMinor()), c.unpriced());
        }
    }

    record ChangeView(BillDifference.Kind kind, String text, String reason, String checkId) {
    }

    /**
     * What would be other if the bill were made now.
     *
     * @param stamp      what an approval names, so that nobody approves what was not looked at
     * @param impossible why there can be no such bill; empty when there can
     * @param total      what it would cost, as said
     */
    record ProposalView(String revision, List<ChangeView> changes, String stamp, String impossible, String total) {
    }

    /** @param reason why it was made; empty for the first one */
    record RevisionView(String revision, String kitName, String madeBy, Instant madeAt, String agreed, String reason, String withdrawn,
            boolean inForce, List<ChangeView> changes) {
    }

    /**
     * @param signature the name of whoever agreed as they drew it, an SVG path on a field of 600 by 200
     * @param claims    what suppliers owe that keeps a step waiting
     * @param readyOn   the day the last part is there, by the latest line; empty when nothing is waited for or no day is known
     */
    record BillView(String revision, String kitCode, String kitName, String madeBy, Instant madeAt, String agreed,
            Optional<String> signature, String reason,
            List<Line> lines, Optional<ChargesView> charges, int stepsPlanned, boolean begun,
            Optional<LocalDate> readyOn, String heldUpBy, List<String> claims, Optional<ProposalView> proposal,
            List<MountingStep> mounting) {
    }

    record QuoteView(int ordinal, String kitCode, String kitName, String madeBy, Instant madeAt, LocalDate validUntil, boolean lapsed,
            String ready,
            String total, Optional<String> revision, Optional<String> withdrawn,
            List<ChangeView> consents, List<Line> lines, ChargesView charges) {
    }

    record BillAnswer(JobCard job, Optional<BillView> bill, List<RevisionView> revisions, List<QuoteView> quotes,
            List<JobNotices.Notice> notices) {
    }

    private final Bills bills;
    private final Revisions revisions;
    private final Quotes quotes;
    private final Jobs jobs;
    private final JobNotices notices;
    private final Kits kits;
    private final Steps steps;
    private final Claims claims;
    private final Holds holds;
    private final Stock stock;
    private final Proposals proposals;
    private final ShopClock clock;
    private final JsonMapper json;

    BillTeller(Bills bills, Revisions revisions, Quotes quotes, Jobs jobs, JobNotices notices, Kits kits, Steps steps, Claims claims,
            Holds holds, Stock stock, Proposals proposals, ShopClock clock, JsonMapper json) {
        this.bills = bills;
        this.revisions = revisions;
        this.quotes = quotes;
        this.jobs = jobs;
        this.notices = notices;
        this.kits = kits;
        this.steps = steps;
        this.claims = claims;
        this.holds = holds;
        this.stock = stock;
        this.proposals = proposals;
        this.clock = clock;
        this.json = json;
    }

    @Transactional(readOnly = true)
    public BillAnswer answer(long number) {
        return answer(number, true);
    }

    /** The bill that was just made or revised: nothing can be other yet, so the match is not made once more to find that out. */
    @Transactional(readOnly = true)
    public BillAnswer fresh(long number) {
        return answer(number, false);
    }

    private BillAnswer answer(long number, boolean compared) {
        JobCard job = jobs.card(number);
        List<BillRow> all = bills.all(number);
        Map<Integer, BillDifference> history = revisions.history(all);
        return new BillAnswer(job, all.stream().filter(b -> b.withdrawnReason == null).findFirst().map(b -> view(job, b, compared)),
                all.stream().map(b -> revision(b, history)).toList(),
                quotes.all(number).stream().map(this::quote).toList(), notices.unseen(number));
    }

    private BillView view(JobCard job, BillRow row, boolean compared) {
        List<StepRun> runs = steps.runs(row.jobId);
        boolean finished = job.place() == Place.RAIL || job.place() == Place.GONE;
        List<List<ByHand.Kind>> kinds = finished ? Collections.nCopies(row.lines.size(), List.of()) : revisions.kinds(row);
        Set<String> tray = holds.onTray(job.number());
        Map<String, PartDate> dates = proposals.dates(job.number()).stream()
                .collect(Collectors.toMap(d -> d.part() + " " + d.role(), d -> d, BillTeller::later));
        Map<String, List<Stock.Alternative>> standIns = stock
                .alternatives(row.lines.stream().filter(l -> l.source == Source.TO_ORDER && !l.partNumber.isEmpty()).map(l -> l.partNumber)
                        .collect(Collectors.toSet()))
                .stream().collect(Collectors.groupingBy(Stock.Alternative::part));
        List<Line> lines = row.lines.stream().map(l -> new Line(l.ordinal, l.source, l.partNumber, l.name, l.count, l.reason, l.checkId,
                l.place, l.priceMinor == 0 ? "" : Scale.money(l.priceMinor * l.count),
                Optional.ofNullable(l.usedAt), tray.contains(l.partNumber + " " + l.role), due(dates, l),
                l.source != Source.TO_ORDER ? List.of() : standIns.getOrDefault(l.partNumber, List.of()).stream()
                        .filter(a -> a.does(l.count)).map(a -> new StandInChoice(a.number(), a.name(), a.when(), a.free())).toList(),
                l.source == Source.TO_ORDER && l.partNumber.isEmpty(), kinds.get(l.ordinal), l.agreedText(),
                l.howMade().map(m -> MadeHere.of(l.ordinal, l.name, m, l.source == Source.MADE)), Optional.ofNullable(l.madeBy))).toList();
        HeldUp heldUp = HeldUp.by(lines.stream().map(l -> new HeldUp.Line(l.name(), l.due().map(Due::on), l.unnumbered())).toList());
        return new BillView(BillRow.letter(row.revision), row.kitCode, kits.kit(row.kitCode).fullName(), row.madeBy, row.madeAt,
                row.agreedText(), row.drawn(), row.reason, lines,
                Optional.ofNullable(row.charges).map(c -> ChargesView.of(json.readValue(c, Charges.class))), runs.size(),
                runs.stream().anyMatch(r -> r.state() != StepState.OPEN),
                heldUp.readyOn(), heldUp.part(),
                claims.blocking(List.of(job.number())).getOrDefault(job.number(), List.of()).stream().map(c -> c.raised().text()).toList(),
                (compared ? revisions.proposal(job, row, runs) : Optional.<Revisions.Proposal>empty())
                        .map(p -> new ProposalView(BillRow.letter(row.revision + 1), changes(p.difference()),
                                p.made().map(BillMaker.Made::stamp).orElse(""), p.impossible(),
                                p.made().map(m -> Scale.money(m.charges().totalMinor())).orElse(""))),
                finished ? List.of() : runs.stream().map(StepRun::step).filter(s -> !s.mounts().isEmpty())
                        .map(s -> new MountingStep(s.key(), s.title())).toList());
    }

    private static PartDate later(PartDate a, PartDate b) {
        return a.date().on().isBefore(b.date().on()) ? b : a;
    }

    private static Optional<Due> due(Map<String, PartDate> dates, BillLineRow l) {
        return l.source != Source.TO_ORDER ? Optional.empty() : Optional.ofNullable(dates.get(l.partNumber + " " + l.role))
                .map(d -> new Due(d.date().on(), d.date().ground(), d.date().order()));
    }

    private RevisionView revision(BillRow b, Map<Integer, BillDifference> history) {
        return new RevisionView(BillRow.letter(b.revision), kits.kit(b.kitCode).fullName(), b.madeBy, b.madeAt, b.agreedText(), b.reason,
                b.withdrawnReason == null ? "" : b.withdrawnReason,
                b.withdrawnReason == null, history.containsKey(b.revision) ? changes(history.get(b.revision)) : List.of());
    }

    private QuoteView quote(QuoteRow q) {
        return new QuoteView(q.ordinal, q.kitCode, kits.kit(q.kitCode).fullName(), q.madeBy, q.madeAt, q.validUntil,
                q.validUntil.isBefore(clock.today()), q.ready, Scale.money(quotes.charges(q).totalMinor()),
                Optional.ofNullable(q.revision).map(BillRow::letter), Optional.ofNullable(q.withdrawnReason),
                quotes.bill(q).from(Source.CONSENTED)
                        .map(l -> new ChangeView(BillDifference.Kind.CONSENT, l.name(), l.reason(), l.checkId())).toList(),
                offered(quotes.bill(q)),
                ChargesView.of(quotes.charges(q)));
    }

    private static List<Line> offered(Bill bill) {
        List<Line> lines = new ArrayList<>();
        bill.lines()
                .forEach(l -> lines.add(new Line(lines.size(), l.source(), l.partNumber(), l.name(), l.count(), l.reason(), l.checkId(),
                        l.place(), l.priceMinor() == 0 ? "" : Scale.money(l.priceMinor() * l.count()),
                        Optional.empty(), false, Optional.empty(), List.of(), false, List.of(), "",
                        l.making().map(m -> MadeHere.of(lines.size(), l.name(), m, false)), Optional.empty())));
        return lines;
    }

    private static List<ChangeView> changes(BillDifference difference) {
        return difference.changes().stream().map(c -> new ChangeView(c.kind(), c.text(), c.reason(), c.checkId())).toList();
    }
}
