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
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;

/** One bike against every kit. The entry of this package. */
public final class Shortlist {

    private static final Comparator<ShortlistRow> ORDER = Comparator.comparing((ShortlistRow r) -> r.brief().verdict())
            .thenComparingInt(r -> r.candidate().readyInDays()).thenComparingLong(r -> r.candidate().priceMinor()).thenComparing(r -> r.kit().fullName())
            .thenComparing(r -> r.kit().code());

    private final FitAssessor assessor;
    private final ToIntFunction<FitReport> minutes;

    /** @param minutes labour of a match that goes on */
    public Shortlist(FitAssessor assessor, ToIntFunction<FitReport> minutes) {
        this.assessor = assessor;
        this.minutes = minutes;
    }

    /** Best verdict first, then sooner, then cheaper; each with what its checks say in short. */
    public List<ShortlistRow> of(FitCase.Bike bike, List<Candidate> candidates, Drawers drawers, ShopRules rules) {
        Known known = new Known();
        List<ShortlistRow> rows = new ArrayList<>(candidates.parallelStream().map(c -> row(bike, c, assessor.assess(new FitCase(bike, c.kit(), drawers, rules, known)))).toList());
        rows.sort(ORDER);
        return folded(rows);
    }

    private ShortlistRow row(FitCase.Bike bike, Candidate candidate, FitReport report) {
        Optional<RideAnswer> ride = Ride.of(bike, candidate.kit());
        Optional<Double> reserve = ride.flatMap(r -> bike.need().amount(NeedAmount.DISTANCE).map(d -> Math.min(r.thumbRange(), r.physicsRange()) - d / 1000.0));
        return new ShortlistRow(Brief.of(report), candidate, report.goesOn() ? OptionalInt.of(minutes.applyAsInt(report)) : OptionalInt.empty(), ride, reserve, "");
    }

    /** Only rows that go on, of the same family, fold under one another: a hub and a mid-drive are a matter of taste. */
    private static List<ShortlistRow> folded(List<ShortlistRow> rows) {
        Map<String, List<ShortlistRow>> families = new HashMap<>();
        rows.stream().filter(r -> r.brief().goesOn()).forEach(r -> families.computeIfAbsent(r.kit().drive().family(), f -> new ArrayList<>()).add(r));
        return rows.stream().map(r -> families.getOrDefault(r.kit().drive().family(), List.of()).stream().filter(o -> dominates(o, r)).findFirst()
                .map(o -> r.under(o.kit().code())).orElse(r)).toList();
    }

    /** At least as good in everything that is compared, and better in something. */
    static boolean dominates(ShortlistRow a, ShortlistRow b) {
        if (a == b || !b.brief().goesOn()) {
            return false;
        }
        int verdict = b.brief().verdict().compareTo(a.brief().verdict());
        double[] better = {verdict, b.candidate().readyInDays() - a.candidate().readyInDays(), b.candidate().priceMinor() - a.candidate().priceMinor(),
            b.minutes().orElse(0) - a.minutes().orElse(0), ride(a, RideAnswer::thumbRange) - ride(b, RideAnswer::thumbRange),
            ride(a, RideAnswer::physicsRange) - ride(b, RideAnswer::physicsRange), ride(a, RideAnswer::topSpeed) - ride(b, RideAnswer::topSpeed),
            ride(a, RideAnswer::climb) - ride(b, RideAnswer::climb), b.candidate().kit().addedMass().grams() - a.candidate().kit().addedMass().grams()};
        boolean some = false;
        for (double d : better) {
            if (d < -1e-9) {
                return false;
            }
            some |= d > 1e-9;
        }
        return some;
    }

    private static double ride(ShortlistRow row, ToDoubleFunction<RideAnswer> what) {
        return row.ride().map(what::applyAsDouble).orElse(0.0);
    }
}
