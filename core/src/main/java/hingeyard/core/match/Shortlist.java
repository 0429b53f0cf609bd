package hingeyard.core.match;

import hingeyard.core.bench.RideAnswer;
import hingeyard.core.booking.JobKind;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.booking.NeedWish;
import hingeyard.core.booking.RiderNeed;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitAssessor;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitReport;
import hingeyard.core.fit.Known;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.Drawers;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/** One bike against every kit. The entry of this package. */
public final class Shortlist {

    /** How many of the nearest misses are told. */
    private static final int NEAREST = 3;
    private static final Comparator<ShortlistRow> PLAIN = Comparator.comparingInt((ShortlistRow r) -> r.candidate().readyInDays())
            .thenComparingLong(r -> r.candidate().priceMinor())
            .thenComparing(r -> r.kit().fullName()).thenComparing(r -> r.kit().code());

    /** Less than this is the same. */
    private static final double ALIKE = 1e-9;

    private final FitAssessor assessor;

    public Shortlist(FitAssessor assessor) {
        this.assessor = assessor;
    }

    /**
     * What is looked for.
     *
     * @param bike with its rider's need
     * @param kind the job that was asked for
     */
    public record Wanted(FitCase.Bike bike, JobKind kind) {
    }

    /**
     * What goes on stands first, then what is still to be measured; of these what misses least of the need, and so on as the rider asked.
     */
    public List<ShortlistRow> of(Wanted wanted, List<Candidate> candidates, Drawers drawers, ShopRules rules, Costing costing) {
        return of(wanted, candidates, drawers, rules, costing, Optional.empty()).rows();
    }

    /**
     * The same where an earlier shortlist of this bike is known: a kit whose checks asked only for parts that lie there as they did is not
     * assessed again.
     *
     * @param before an earlier answer by the same costing; of no use when bike, job or rules are others now
     */
    public Answer of(Wanted wanted, List<Candidate> candidates, Drawers drawers, ShopRules rules, Costing costing,
            Optional<Answer> before) {
        Optional<Answer> same = before.filter(b -> b.wanted.equals(wanted) && b.rules.equals(rules));
        Map<String, Judged> earlier = same.map(Answer::judged).orElse(Map.of());
        Set<String> moved = same.map(b -> drawers.otherThan(b.drawers)).orElse(Set.of());
        Known known = new Known();
        Map<Set<String>, Set<String>> alike = new ConcurrentHashMap<>();
        List<Judged> judged = candidates.parallelStream().map(c -> {
            Judged was = earlier.get(c.kit().code());
            boolean stands = was != null && was.row.kit().equals(c.kit()) && was.row.candidate().priceMinor() == c.priceMinor()
                    && Collections.disjoint(was.uses, moved);
            return stands ? was.with(c)
                    : judged(new FitCase(wanted.bike(), c.kit(), drawers, rules, known), c, wanted.kind(), costing, alike);
        }).toList();
        List<ShortlistRow> rows = new ArrayList<>(judged.stream().map(Judged::row).toList());
        rows.sort(order(wanted.bike().need(), rules));
        return new Answer(folded(rows), wanted, drawers, rules,
                judged.stream().collect(Collectors.toMap(j -> j.row.kit().code(), j -> j, (a, b) -> a)));
    }

    /** Where nothing goes on: what lies nearest, and what would turn each. Empty where something does. */
    public List<FitReport> nearest(Answer answer) {
        if (answer.rows.stream().anyMatch(r -> r.brief().goesOn())) {
            return List.of();
        }
        Set<String> boxes = new HashSet<>();
        return answer.rows.stream().filter(r -> boxes.add(r.kit().boxNumber())).limit(NEAREST)
                .map(r -> assessor.assess(new FitCase(answer.wanted.bike(), r.kit(), answer.drawers, answer.rules))).toList();
    }

    /**
     * What goes on, what is to be measured, what does not; by how much of the need is missed, how near it is and how many consents it wants
     * (a part more or less is no reason to wait for another kit); then by how much is lacking
     * of the climb and of the distance with its reserve, by weight for who carries, by the whole sum for who counts; what meets all that,
     * by day and price.
     */
    private static Comparator<ShortlistRow> order(RiderNeed need, ShopRules rules) {
        Comparator<ShortlistRow> order = Comparator.comparingInt(Shortlist::group).thenComparingInt(ShortlistRow::missed)
                .thenComparingInt(r -> r.brief().never()).thenComparingInt(r -> r.brief().forbids())
                .thenComparingInt(r -> r.brief().toMeasure()).thenComparingInt(r -> r.brief().consents());
        if (need.amount(NeedAmount.STEEPEST).isPresent()) {
            double asked = need.amount(NeedAmount.STEEPEST).orElseThrow() / 10.0;
            order = order.thenComparingDouble(r -> Math.max(0, asked - r.ride().map(RideAnswer::climb).orElse(0.0)));
        }
        if (need.amount(NeedAmount.DISTANCE).isPresent()) {
            double spare = need.amount(NeedAmount.DISTANCE).orElseThrow() / 1000.0 * rules.value(NumberRule.RANGE_RESERVE).doubleValue()
                    / 100;
            order = order.thenComparingDouble(r -> Math.max(0, spare - r.reserve().orElse(0.0)));
        }
        if (need.wishes().contains(NeedWish.MUST_CARRY)) {
            order = order.thenComparingLong(r -> r.kit().addedMass().grams());
        }
        if (need.amount(NeedAmount.BUDGET).isPresent()) {
            order = order.thenComparingLong(r -> r.total().orElse(Long.MAX_VALUE));
        }
        return order.thenComparing(PLAIN);
    }

    private static int group(ShortlistRow row) {
        return row.brief().goesOn() ? 0 : row.brief().verdict() == Verdict.MEASURE ? 1 : 2;
    }

    /** Rows in their order, with what the next shortlist of the same bike may go by. */
    public record Answer(List<ShortlistRow> rows, Wanted wanted, Drawers drawers, ShopRules rules, Map<String, Judged> judged) {
    }

    /**
     * A row as it stands alone.
     *
     * @param uses of the parts its checks asked for
     */
    public record Judged(ShortlistRow row, Set<String> uses) {

        private Judged with(Candidate candidate) {
            return new Judged(row.of(candidate), uses);
        }
    }

    /** @param alike sets that were met already: thousands of kits ask for the same few */
    private Judged judged(FitCase fitCase, Candidate candidate, JobKind kind, Costing costing, Map<Set<String>, Set<String>> alike) {
        ShortlistRow row = row(kind, candidate, assessor.assess(fitCase), costing);
        Set<String> uses = fitCase.uses();
        return new Judged(row, alike.computeIfAbsent(uses, u -> u));
    }

    private static ShortlistRow row(JobKind kind, Candidate candidate, FitReport report, Costing costing) {
        RiderNeed need = report.bike().need();
        Optional<RideAnswer> ride = Ride.of(report.bike(), candidate.kit());
        Optional<Double> reserve = ride
                .flatMap(r -> need.amount(NeedAmount.DISTANCE).map(d -> Math.min(r.thumbRange(), r.physicsRange()) - d / 1000.0));
        OptionalInt minutes = report.goesOn() ? OptionalInt.of(costing.minutes(report)) : OptionalInt.empty();
        OptionalLong total = report.goesOn() && need.amount(NeedAmount.BUDGET).isPresent() ? OptionalLong.of(costing.total(report))
                : OptionalLong.empty();
        return new ShortlistRow(Brief.of(report), candidate, minutes, ride, reserve, total, NeedCheck.of(report, kind, ride, total), "");
    }

    /** A row's figures, each the greater the better, so that thousands of rows are compared without asking them again. */
    private record Worth(ShortlistRow row, double[] figures) {

        static Worth of(ShortlistRow r) {
            return new Worth(r,
                    new double[]{-r.missed(), -r.brief().verdict().ordinal(), -r.candidate().readyInDays(), -r.candidate().priceMinor(),
                        -r.minutes().orElse(0), ride(r, RideAnswer::thumbRange),
                        ride(r, RideAnswer::physicsRange), ride(r, RideAnswer::topSpeed), ride(r, RideAnswer::climb),
                        -r.kit().addedMass().grams()});
        }

        private static double ride(ShortlistRow row, ToDoubleFunction<RideAnswer> what) {
            return row.ride().map(what::applyAsDouble).orElse(0.0);
        }

        /** At least as good in everything that is compared, and better in something. */
        boolean dominates(Worth other) {
            boolean better = false;
            for (int i = 0; i < figures.length; i++) {
                double by = figures[i] - other.figures[i];
                if (by < -ALIKE) {
                    return false;
                }
                better |= by > ALIKE;
            }
            return better;
        }
    }

    /** Only rows that go on, of the same family, fold under one another: a hub and a mid-drive are a matter of taste. */
    private static List<ShortlistRow> folded(List<ShortlistRow> rows) {
        Map<String, List<Worth>> families = new HashMap<>();
        rows.stream().filter(r -> r.brief().goesOn())
                .forEach(r -> families.computeIfAbsent(r.kit().drive().family(), f -> new ArrayList<>()).add(Worth.of(r)));
        return rows.parallelStream().map(row -> row.brief().goesOn() ? under(row, families.get(row.kit().drive().family())) : row).toList();
    }

    private static ShortlistRow under(ShortlistRow row, List<Worth> family) {
        Worth own = Worth.of(row);
        for (Worth other : family) {
            if (other.row() != row && other.dominates(own)) {
                return row.under(other.row().kit().code());
            }
        }
        return row;
    }
}
