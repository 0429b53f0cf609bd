package hingeyard.core.match;

import hingeyard.core.bench.RideAnswer;
import hingeyard.core.booking.NeedAmount;
import hingeyard.core.fit.FitAssessor;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitReport;
import hingeyard.core.fit.Known;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.Drawers;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;

/** One bike against every kit. The entry of this package. */
public final class Shortlist {

    private static final Comparator<ShortlistRow> ORDER = Comparator.comparing((ShortlistRow r) -> r.brief().verdict())
            .thenComparingInt(r -> r.candidate().readyInDays()).thenComparingLong(r -> r.candidate().priceMinor()).thenComparing(r -> r.kit().fullName())
            .thenComparing(r -> r.kit().code());

    /** Less than this is the same. */
    private static final double ALIKE = 1e-9;

    private final FitAssessor assessor;
    private final ToIntFunction<FitReport> minutes;

    /** @param minutes labour of a match that goes on */
    public Shortlist(FitAssessor assessor, ToIntFunction<FitReport> minutes) {
        this.assessor = assessor;
        this.minutes = minutes;
    }

    /** Best verdict first, then sooner, then cheaper; each with what its checks say in short. */
    public List<ShortlistRow> of(FitCase.Bike bike, List<Candidate> candidates, Drawers drawers, ShopRules rules) {
        return of(bike, candidates, drawers, rules, Optional.empty()).rows();
    }

    /**
     * The same where an earlier shortlist of this bike is known: a kit whose checks asked only for parts that lie there as they did is not assessed again.
     *
     * @param before an earlier answer; of no use when bike or rules are others now
     */
    public Answer of(FitCase.Bike bike, List<Candidate> candidates, Drawers drawers, ShopRules rules, Optional<Answer> before) {
        Optional<Answer> same = before.filter(b -> b.bike.equals(bike) && b.rules.equals(rules));
        Map<String, Judged> earlier = same.map(Answer::judged).orElse(Map.of());
        Set<String> moved = same.map(b -> drawers.otherThan(b.drawers)).orElse(Set.of());
        Known known = new Known();
        Map<Set<String>, Set<String>> alike = new ConcurrentHashMap<>();
        List<Judged> judged = candidates.parallelStream().map(c -> {
            Judged was = earlier.get(c.kit().code());
            boolean stands = was != null && was.row.kit().equals(c.kit()) && Collections.disjoint(was.uses, moved);
            return stands ? was.with(c) : judged(new FitCase(bike, c.kit(), drawers, rules, known), c, alike);
        }).toList();
        List<ShortlistRow> rows = new ArrayList<>(judged.stream().map(Judged::row).toList());
        rows.sort(ORDER);
        return new Answer(folded(rows), bike, drawers, rules, judged.stream().collect(Collectors.toMap(j -> j.row.kit().code(), j -> j, (a, b) -> a)));
    }

    /** Rows in their order, with what the next shortlist of the same bike may go by. */
    public record Answer(List<ShortlistRow> rows, FitCase.Bike bike, Drawers drawers, ShopRules rules, Map<String, Judged> judged) {
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
    private Judged judged(FitCase fitCase, Candidate candidate, Map<Set<String>, Set<String>> alike) {
        ShortlistRow row = row(fitCase.bike(), candidate, assessor.assess(fitCase));
        Set<String> uses = fitCase.uses();
        return new Judged(row, alike.computeIfAbsent(uses, u -> u));
    }

    private ShortlistRow row(FitCase.Bike bike, Candidate candidate, FitReport report) {
        Optional<RideAnswer> ride = Ride.of(bike, candidate.kit());
        Optional<Double> reserve = ride.flatMap(r -> bike.need().amount(NeedAmount.DISTANCE).map(d -> Math.min(r.thumbRange(), r.physicsRange()) - d / 1000.0));
        return new ShortlistRow(Brief.of(report), candidate, report.goesOn() ? OptionalInt.of(minutes.applyAsInt(report)) : OptionalInt.empty(), ride, reserve, "");
    }

    /** A row's figures, each the greater the better, so that thousands of rows are compared without asking them again. */
    private record Worth(ShortlistRow row, double[] figures) {

        static Worth of(ShortlistRow r) {
            return new Worth(r, new double[] {-r.brief().verdict().ordinal(), -r.candidate().readyInDays(), -r.candidate().priceMinor(), -r.minutes().orElse(0), ride(r, RideAnswer::thumbRange),
                ride(r, RideAnswer::physicsRange), ride(r, RideAnswer::topSpeed), ride(r, RideAnswer::climb), -r.kit().addedMass().grams()});
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
        rows.stream().filter(r -> r.brief().goesOn()).forEach(r -> families.computeIfAbsent(r.kit().drive().family(), f -> new ArrayList<>()).add(Worth.of(r)));
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
