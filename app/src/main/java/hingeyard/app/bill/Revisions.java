package hingeyard.app.bill;

import hingeyard.app.bill.BillMaker.Made;
import hingeyard.app.bill.BillMaker.Matched;
import hingeyard.app.bill.BillMaker.Said;
import hingeyard.app.bill.Bills.Agreed;
import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.install.StepPlans;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Holds.Want;
import hingeyard.app.stock.Holds;
import hingeyard.core.bill.Bill;
import hingeyard.core.bill.BillDifference.Change;
import hingeyard.core.bill.BillDifference;
import hingeyard.core.bill.BillLine.Source;
import hingeyard.core.bill.BillLine;
import hingeyard.core.bill.ByHand;
import hingeyard.core.bill.NotTaken;
import hingeyard.core.bill.StandIn;
import hingeyard.core.explain.Ruling;
import hingeyard.core.floor.Place;
import hingeyard.core.install.StepRules;
import hingeyard.core.install.StepRun;
import hingeyard.core.kit.KitItem;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.stock.DrawerPart;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * What became other since a bill was agreed on: survey, kit or drawers changed, so the next revision is proposed and the agreed one stays
 * as it is.
 */
@Service
class Revisions {

    /**
     * @param made       the bill as it would be now; empty when the match does not go on any more
     * @param difference what is other in it
     * @param impossible why there can be no such bill; empty when there can
     */
    record Proposal(Optional<Made> made, BillDifference difference, String impossible) {
    }

    private final Bills bills;
    private final BillMaker maker;
    private final Jobs jobs;
    private final Holds holds;
    private final StepPlans plans;
    private final LiveEvents live;
    private final JsonMapper json;

    Revisions(Bills bills, BillMaker maker, Jobs jobs, Holds holds, StepPlans plans, LiveEvents live, JsonMapper json) {
        this.bills = bills;
        this.maker = maker;
        this.jobs = jobs;
        this.holds = holds;
        this.plans = plans;
        this.live = live;
        this.json = json;
    }

    /** Empty while nothing is other, and once the work is finished. */
    @Transactional(readOnly = true)
    Optional<Proposal> proposal(JobCard job, BillRow bill, List<StepRun> runs) {
        if (job.calledOff().isPresent() || job.place() == Place.GONE || job.place() == Place.RAIL || StepRules.allFinished(runs)) {
            return Optional.empty();
        }
        Matched matched = maker.matched(job.number(), bill.kitCode);
        if (!matched.report().goesOn()) {
            return Optional.of(new Proposal(Optional.empty(), new BillDifference(List.of()), matched.report().headline()));
        }
        Made made;
        try {
            made = maker.made(job.number(), matched, said(bill));
        } catch (Refused cannot) {
            return Optional.of(new Proposal(Optional.empty(), new BillDifference(List.of()), cannot.getMessage()));
        }
        BillDifference difference = BillDifference.between(bill.bill(), made.bill());
        return difference.changes().isEmpty() ? Optional.empty() : Optional.of(new Proposal(Optional.of(made), difference, ""));
    }

    private Said said(BillRow bill) {
        return new Said(Arrays.asList(json.readValue(bill.notTaken, NotTaken[].class)),
                Arrays.asList(json.readValue(bill.standIns, StandIn[].class)),
                Arrays.asList(json.readValue(bill.byHand, ByHand[].class)));
    }

    /**
     * Makes the next revision of a job's bill: parts and steps follow, what is mounted and unchanged stays.
     *
     * @param agreed its consents are those that were not given yet; what is ticked off stays ticked off
     */
    @Transactional
    void approve(long number, Agreed agreed, String reason, String by) {
        jobs.holdGoingOn(number);
        BillRow before = bills.inForceOrRefuse(number);
        Said said = said(before);
        revise(before, maker.made(number, before.kitCode, said), said, agreed, reason, by);
    }

    /** Another part goes on in place of one that is short: the next revision, with nothing else changed by hand. */
    @Transactional
    void standIn(long number, StandIn standIn) {
        jobs.holdGoingOn(number);
        BillRow before = bills.inForceOrRefuse(number);
        Said all = said(before).with(standIn);
        Made made = maker.made(number, before.kitCode, all);
        if (!made.bill().uses(standIn)) {
            throw Refused.conflict(
                    "The match does not ask for %s any more: without it other parts go on, as the proposal says. %s was not put in its place; nothing was changed."
                            .formatted(standIn.part(), standIn.other()));
        }
        revise(before, made, all, new Agreed(made.stamp(), Set.of(), List.of(), true, Optional.empty()),
                "%s stands in for %s, %s".formatted(standIn.other(), standIn.part(), standIn.when()), standIn.by());
    }

    /**
     * The manager changes the bill by hand: the next revision, with nothing else changed with it.
     *
     * @throws Refused when the match asks for something else by now, or what is wanted may not be
     */
    @Transactional
    void byHand(long number, ByHand change) {
        jobs.holdGoingOn(number);
        if (jobs.card(number).place() == Place.RAIL || jobs.card(number).place() == Place.GONE) {
            throw Refused.conflict("Job %d is finished: its bill stays as it is.".formatted(number));
        }
        BillRow before = bills.inForceOrRefuse(number);
        Said said = said(before);
        Made now = maker.made(number, before.kitCode, said);
        if (!BillDifference.between(before.bill(), now.bill()).changes().isEmpty()) {
            throw Refused.conflict(
                    "The match asks for something else by now: decide on that first, then change the bill by hand. Nothing was changed.");
        }
        ruled(change, now);
        Said all = said.with(change);
        Made made = maker.made(number, before.kitCode, all);
        revise(before, made, all, new Agreed(made.stamp(), Set.of(), List.of(), true, Optional.empty()), change.said(), change.by());
    }

    /** What may be done with each line of a bill by hand, in its order. */
    List<List<ByHand.Kind>> kinds(BillRow bill) {
        Bill lines = bill.bill();
        Function<BillLine, ByHand.Place> places = places(lines, maker.matched(bill.jobId, bill.kitCode));
        return lines.lines().stream().map(l -> ByHand.kinds(places.apply(l))).toList();
    }

    private static void ruled(ByHand change, Made now) {
        List<Ruling> rulings = new ArrayList<>();
        Function<BillLine, ByHand.Place> places = places(now.bill(), new Matched(now.report(), now.drawers()));
        Optional<DrawerPart> other = now.drawers().parts().stream().filter(p -> p.number().equals(change.part())).findFirst();
        if (change.kind() == ByHand.Kind.ADDED) {
            List<ByHand.Place> there = now.bill().lines().stream().filter(l -> l.role().equals(change.role())).map(places).toList();
            rulings.add(ByHand.mayAdd(other.orElseThrow(() -> Refused.input("part", change.part(), "the number of a part in the drawers")),
                    there, change.count()));
        } else {
            BillLine line = now.bill().lines().stream().filter(l -> l.role().equals(change.role()) && ByHand.what(l).equals(change.what()))
                    .findFirst().orElseThrow(() -> Refused.notFound("line", change.what()));
            ByHand.Place place = places.apply(line);
            rulings.add(ByHand.may(change.kind(), place));
            if (change.kind() == ByHand.Kind.OTHER_COUNT) {
                rulings.add(ByHand.mayCount(place, change.count()));
            }
            if (change.kind() == ByHand.Kind.OTHER_PART) {
                String use = now.drawers().parts().stream().filter(p -> p.number().equals(line.partNumber())).map(DrawerPart::use)
                        .findFirst().orElse(line.role());
                rulings.add(ByHand.mayTake(place,
                        other.orElseThrow(() -> Refused.input("part", change.part(), "the number of a part in the drawers")), use));
            }
        }
        rulings.stream().filter(r -> !r.allowed()).findFirst().ifPresent(r -> {
            throw Refused.conflict(r.reason() + " Nothing was changed.");
        });
    }

    /** Lines with the finding that asked for each, and its size where it is a piece of a stack. */
    private static Function<BillLine, ByHand.Place> places(Bill bill, Matched matched) {
        Set<String> numbers = bill.lines().stream().map(BillLine::partNumber).collect(Collectors.toSet());
        Map<String, DrawerPart> parts = matched.drawers().parts().stream().filter(p -> numbers.contains(p.number()))
                .collect(Collectors.toMap(DrawerPart::number, Function.identity()));
        return line -> new ByHand.Place(line,
                matched.report().findings().stream().filter(f -> f.checkId().equals(line.checkId())).findFirst(),
                line.source() == Source.FROM_KIT
                        ? matched.report().kit().contents().stream().filter(i -> i.name().equals(line.name())).findFirst()
                                .flatMap(KitItem::piece).map(PieceSize::thickness)
                        : line.thick().or(() -> Optional.ofNullable(parts.get(line.partNumber())).flatMap(DrawerPart::size)
                                .map(PieceSize::thickness)));
    }

    private void revise(BillRow before, Made made, Said said, Agreed agreed, String why, String by) {
        long number = before.jobId;
        List<StandIn> kept = said.standIns().stream().filter(made.bill()::uses).toList();
        String reason = Stream.of(Stream.of(why),
                said.standIns().stream().filter(s -> !kept.contains(s) && !s.part().isEmpty())
                        .map(s -> "%s no longer stands in for %s, which is not asked for any more".formatted(s.other(), s.part())),
                said.byHand().stream().filter(h -> !made.byHand().contains(h))
                        .map(h -> "%s is not asked for any more: what was changed there by hand falls away".formatted(h.what())))
                .flatMap(r -> r).collect(Collectors.joining("; "));
        BillDifference difference = BillDifference.between(before.bill(), made.bill());
        if (difference.changes().isEmpty()) {
            throw Refused
                    .conflict("Nothing is other than in revision %s: no revision was made.".formatted(BillRow.letter(before.revision)));
        }
        Set<String> consented = new HashSet<>(agreed.consented());
        Set<String> wanted = difference.changes().stream().filter(c -> c.kind() == BillDifference.Kind.CONSENT).map(Change::checkId)
                .collect(Collectors.toSet());
        Map<String, BillLineRow> asked = before.lines.stream().filter(l -> l.source == Source.CONSENTED && !wanted.contains(l.checkId))
                .collect(Collectors.toMap(l -> l.checkId, Function.identity(), (a, b) -> a));
        BillMaker.agreedTo(made, consented, agreed.agreement());
        consented.addAll(asked.keySet());
        BillMaker.check(made, agreed.stamp(), consented);
        Set<Want> missing = holds.exchange(number, Bills.wants(made.bill()), Bills.mayWait(made.bill(), agreed.waits()), by);
        int revision = bills.save(number, made, missing,
                new Agreed(agreed.stamp(), consented, said.notTaken(), agreed.waits(), agreed.agreement()), kept, reason, before.lines,
                asked, by);
        before.withdrawnReason = "Revision %s: %s".formatted(BillRow.letter(revision), reason);
        before.replacedBy = revision;
        Set<String> roles = difference.changes().stream().map(Change::role).filter(r -> !r.isEmpty()).collect(Collectors.toSet());
        plans.replan(number, made.report(), roles, "Revision %s: %s".formatted(BillRow.letter(revision), reason), by);
        live.jobChanged(number);
    }

    /** What was changed from one revision to the next, by the later one. */
    Map<Integer, BillDifference> history(List<BillRow> all) {
        Map<Integer, BillRow> byRevision = all.stream().collect(Collectors.toMap(b -> b.revision, Function.identity()));
        return all.stream().filter(b -> b.replacedBy != null && byRevision.containsKey(b.replacedBy))
                .collect(Collectors.toMap(b -> b.replacedBy, b -> BillDifference.between(b.bill(), byRevision.get(b.replacedBy).bill())));
    }
}
