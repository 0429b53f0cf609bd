package hingeyard.core.stack;

import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.LongSummaryStatistics;
import java.util.Objects;
import java.util.Optional;

/**
 * When the drawer holds no set: the least to buy or make that makes one together with what is there. One piece on one side, else one on
 * each. Wishes are served
 * first, as by a set from the drawers; then the thinnest piece wins, and beside it the fewest of those that are there. A problem that wants
 * pairs takes one on
 * each side where that serves the wishes as well.
 */
final class MissingPieces {

    /** Thinner ones are neither sold nor turned, unless nothing thicker would do. */
    private static final long THINNEST = 500;
    private static final long TENTH = 100;

    /**
     * @param served the limits it keeps @param side of the new piece @param own of what is there, on its side @param other on the other
     *               side, null for one side
     */
    private record Extra(StackProblem served, int side, LongWindow thickness, SideCombination own, SideCombination other) {

        long tolerance() {
            return own.tolerance() + (other == null ? 0 : other.tolerance());
        }

        int pieces() {
            return own.pieces() + (other == null ? 0 : other.pieces());
        }

        boolean isBetterThan(Extra rest) {
            if (rest == null || thickness.from() != rest.thickness.from()) {
                return rest == null || thickness.from() < rest.thickness.from();
            }
            return pieces() != rest.pieces() ? pieces() < rest.pieces() : deviation() < rest.deviation();
        }

        /** How far from the preferred sums with the thinnest that would do. */
        private long deviation() {
            long mine = own.sum() + thickness.from();
            long its = other == null ? 0 : Math.abs(other.sum() - served.preferred().get(1 - side).micrometres());
            return its + Math.abs(mine - served.preferred().get(side).micrometres());
        }
    }

    private final StackProblem problem;
    private final boolean single;
    private final List<Ways> there;
    private final long thinnest;

    /** The ways of coming to one sum with what is there, fewest pieces first. */
    private record Ways(long sum, List<SideCombination> of) {
    }

    private MissingPieces(StackProblem problem, long thinnest) {
        this.problem = problem;
        this.single = problem.sides().size() == 1;
        this.there = ways(problem);
        this.thinnest = thinnest;
    }

    /** What a side can come to, thinnest first: thousands of multisets come to a few hundred sums. */
    private static List<Ways> ways(StackProblem problem) {
        List<Ways> ways = new ArrayList<>();
        for (SideCombination one : SideCombination.all(problem, mostOfASide(problem))) {
            if (ways.isEmpty() || ways.get(ways.size() - 1).sum != one.sum()) {
                ways.add(new Ways(one.sum(), new ArrayList<>()));
            }
            ways.get(ways.size() - 1).of.add(one);
        }
        return ways;
    }

    /** What is thicker keeps the limits on neither side, whatever stands on the other. */
    private static long mostOfASide(StackProblem problem) {
        long most = 0;
        for (int side = 0; side < problem.sides().size(); side++) {
            long ofSide = StackLimit.UNBOUNDED.micrometres();
            for (StackLimit limit : problem.limits()) {
                if (limit.signs().get(side) == 1 && limit.signs().stream().allMatch(s -> s >= 0)) {
                    ofSide = Math.min(ofSide, limit.allowed().greatest().micrometres());
                }
            }
            most = Math.max(most, ofSide);
        }
        return most;
    }

    static StackAnswer of(StackProblem problem) {
        if (problem.mostPerSide() == 0) {
            return StackAnswer.none();
        }
        StackAnswer usual = new MissingPieces(problem, THINNEST).find();
        return usual.possible() ? usual : new MissingPieces(problem, 1).find();
    }

    private StackAnswer find() {
        List<StackProblem> alone = Wishes.served(problem, p -> oneMayDo(p, 0) || oneMayDo(p, 1));
        List<StackProblem> both = single ? List.of() : Wishes.served(problem, p -> first(p).isPresent());
        StackAnswer one = alone.isEmpty() ? StackAnswer.none() : onePiece(alone);
        StackAnswer two = both.isEmpty() ? StackAnswer.none() : onEachSide(both.get(0));
        if (!one.possible() || !two.possible()) {
            return one.possible() ? one : two;
        }
        int order = compare(two.costs(), one.costs());
        return order < 0 || order == 0 && problem.paired() ? two : one;
    }

    private static int compare(List<Long> some, List<Long> others) {
        for (int i = 0; i < some.size(); i++) {
            int order = Long.compare(some.get(i), others.get(i));
            if (order != 0) {
                return order;
            }
        }
        return 0;
    }

    /** Whether a piece of some thickness on that side would do, with something or nothing of what is there on the other. */
    private boolean oneMayDo(StackProblem served, int side) {
        if (single) {
            return side == 0 && reaches(LongWindow.ofSide(served, 0, new long[1]));
        }
        for (Ways other : there) {
            if (reaches(LongWindow.ofSide(served, side, sums(side, other.sum)))) {
                return true;
            }
        }
        return false;
    }

    private static LongWindow sum(StackProblem served, int side, SideCombination other) {
        return LongWindow.ofSide(served, side, other == null ? new long[1] : sums(side, other.sum()));
    }

    private boolean reaches(LongWindow sum) {
        return !sum.isEmpty() && sum.to() >= thinnest;
    }

    private static long[] sums(int side, long other) {
        return side == 0 ? new long[]{0, other} : new long[]{other, 0};
    }

    private StackAnswer onePiece(List<StackProblem> served) {
        Extra best = null;
        for (StackProblem p : served) {
            for (int side = 0; side < p.sides().size(); side++) {
                if (single) {
                    best = filled(p, side, null, best);
                } else {
                    for (Ways other : there) {
                        best = filled(p, side, other, best);
                    }
                }
            }
        }
        return best == null ? StackAnswer.none() : answer(best);
    }

    /** Fills the side up with what is there, as far as leaves room for the new piece: the more stands there, the thinner it is. */
    private Extra filled(StackProblem served, int side, Ways other, Extra best) {
        LongWindow sum = LongWindow.ofSide(served, side, other == null ? new long[1] : sums(side, other.sum));
        if (!reaches(sum)) {
            return best;
        }
        Extra found = best;
        for (int i = lastAtMost(sum.to() - thinnest); i >= 0; i--) {
            Ways own = there.get(i);
            LongWindow thickness = new LongWindow(Math.max(thinnest, sum.from() - own.sum), sum.to() - own.sum);
            if (found != null && thickness.from() > found.thickness.from()) {
                break;
            }
            Extra extra = lightest(served, side, thickness, own, other);
            found = extra != null && extra.isBetterThan(found) ? extra : found;
        }
        return found;
    }

    /** Of all ways of coming to these sums the one with the fewest pieces, out of what lies in the drawer; null when there is none. */
    private Extra lightest(StackProblem served, int side, LongWindow thickness, Ways own, Ways other) {
        Extra found = null;
        for (SideCombination mine : own.of) {
            if (mine.pieces() >= problem.mostPerSide() || found != null && mine.pieces() >= found.pieces()) {
                break;
            }
            if (other == null) {
                return new Extra(served, side, thickness, mine, null);
            }
            for (SideCombination its : other.of) {
                if (found != null && mine.pieces() + its.pieces() >= found.pieces()) {
                    break;
                }
                found = SideCombination.overdrawn(problem, mine, its) ? found : new Extra(served, side, thickness, mine, its);
            }
        }
        return found;
    }

    private int lastAtMost(long sum) {
        int low = 0;
        int high = there.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (there.get(middle).sum <= sum) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low - 1;
    }

    private StackAnswer answer(Extra extra) {
        long preferred = problem.preferred().get(extra.side()).micrometres() - extra.own().sum();
        Length thickness = Length.ofMicrometres(handy(surest(extra), preferred));
        List<StackPiece> piece = List.of(problem.blank().of(thickness));
        List<List<StackPiece>> bought = single ? List.of(piece) : extra.side() == 0 ? List.of(piece, List.of()) : List.of(List.of(), piece);
        List<SideCombination> beside = single ? List.of(extra.own())
                : extra.side() == 0 ? List.of(extra.own(), extra.other()) : List.of(extra.other(), extra.own());
        return answer(beside, bought, List.of(missing(extra.side(), thickness, extra.thickness())));
    }

    /** Inside in the worst case where there is room for it. */
    private LongWindow surest(Extra extra) {
        List<StackLimit> narrower = extra.served().limits().stream().map(l -> l.toleranced() ? narrowed(l, extra.tolerance()) : l).toList();
        if (narrower.stream().anyMatch(Objects::isNull)) {
            return extra.thickness();
        }
        LongWindow sum = sum(problem.keeping(narrower), extra.side(), extra.other());
        LongWindow sure = new LongWindow(Math.max(thinnest, sum.from() - extra.own().sum()), sum.to() - extra.own().sum());
        return sure.isEmpty() ? extra.thickness() : sure;
    }

    private static StackLimit narrowed(StackLimit limit, long tolerance) {
        Length by = limit.uncertainty().plus(Length.ofMicrometres(tolerance)).plus(StackBlank.PLUS_MINUS);
        Length least = limit.allowed().least().plus(by);
        Length greatest = limit.allowed().greatest().minus(by);
        return least.isMoreThan(greatest) ? null
                : new StackLimit(limit.name(), limit.signs(), new Band(least, greatest), limit.uncertainty(), true);
    }

    /** One new piece on each side and nothing of what is there, as near to the preferred sums as the limits leave. */
    private StackAnswer onEachSide(StackProblem served) {
        long first = first(served).orElseThrow();
        LongWindow second = LongWindow.ofSide(served, 1, new long[]{first, 0});
        LongWindow more = new LongWindow(Math.max(thinnest, second.from()), second.to());
        if (more.isEmpty()) {
            return StackAnswer.none();
        }
        Length a = Length.ofMicrometres(first);
        Length b = Length.ofMicrometres(handy(more, problem.preferred().get(1).micrometres()));
        SideCombination nothing = there.get(0).of.get(0);
        return answer(List.of(nothing, nothing), List.of(List.of(problem.blank().of(a)), List.of(problem.blank().of(b))),
                List.of(missing(0, a, new LongWindow(first, first)), missing(1, b, more)));
    }

    /**
     * The first side's thickness where a piece on each side would do: what the limits leave is convex, so every value between two that do
     * does.
     */
    private Optional<Long> first(StackProblem served) {
        LongSummaryStatistics doing = corners(served).stream().mapToLong(Long::longValue)
                .filter(f -> f >= thinnest && reaches(LongWindow.ofSide(served, 1, new long[]{f, 0}))).summaryStatistics();
        if (doing.getCount() == 0) {
            return Optional.empty();
        }
        return Optional.of(handy(new LongWindow(doing.getMin(), doing.getMax()), problem.preferred().get(0).micrometres()));
    }

    /** First-side sums of all corners of what two limits, or a limit and a thinnest piece, leave. */
    private List<Long> corners(StackProblem served) {
        List<long[]> lines = new ArrayList<>(List.of(new long[]{1, 0, thinnest}, new long[]{0, 1, thinnest}));
        for (StackLimit limit : served.limits()) {
            for (Length end : List.of(limit.allowed().least(), limit.allowed().greatest())) {
                lines.add(new long[]{limit.signs().get(0), limit.signs().get(1), end.micrometres()});
            }
        }
        List<Long> corners = new ArrayList<>();
        for (long[] a : lines) {
            for (long[] b : lines) {
                long determinant = a[0] * b[1] - a[1] * b[0];
                if (determinant != 0) {
                    long numerator = a[2] * b[1] - a[1] * b[2];
                    corners.add(Math.floorDiv(numerator, determinant));
                    corners.add(-Math.floorDiv(-numerator, determinant));
                }
            }
        }
        return corners;
    }

    private StackAnswer answer(List<SideCombination> beside, List<List<StackPiece>> bought, List<StackAnswer.Missing> missing) {
        StackSet set = new Candidate(problem, beside.toArray(SideCombination[]::new)).with(bought);
        return new StackAnswer(List.of(), 0, Optional.of(set), missing, Wishes.costs(problem, set.sums()));
    }

    private static StackAnswer.Missing missing(int side, Length thickness, LongWindow window) {
        return new StackAnswer.Missing(side, thickness, new Band(Length.ofMicrometres(window.from()), Length.ofMicrometres(window.to())));
    }

    /** The preferred thickness, or what of the window is nearest to it, moved to a half or a tenth of a millimetre that is still inside. */
    private static long handy(LongWindow window, long preferred) {
        long wanted = Math.max(window.from(), Math.min(window.to(), preferred));
        for (long step : new long[]{THINNEST, TENTH}) {
            long below = wanted / step * step;
            long nearest = wanted - below <= below + step - wanted ? below : below + step;
            for (long rounded : new long[]{nearest, below, below + step}) {
                if (rounded > 0 && rounded >= window.from() && rounded <= window.to()) {
                    return rounded;
                }
            }
        }
        return wanted;
    }
}
