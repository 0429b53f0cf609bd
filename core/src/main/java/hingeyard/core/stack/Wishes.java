package hingeyard.core.stack;

import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** Turns a problem's wishes into limits: each as well served as can be without serving an earlier one worse. */
final class Wishes {

    private Wishes() {
    }

    /**
     * The problem with each wish as a limit, at the best that pieces at hand allow; several where the best can be had in several intervals;
     * none when no set
     * keeps the limits at all.
     */
    static List<StackProblem> served(StackProblem problem) {
        return served(problem, FewestPieces::any);
    }

    /** @param possible whether limits can be kept; whoever asks knows with which pieces */
    static List<StackProblem> served(StackProblem problem, Predicate<StackProblem> possible) {
        List<StackProblem> whole = wholly(problem).stream().filter(possible).toList();
        if (!whole.isEmpty() || problem.wishes().isEmpty()) {
            return whole;
        }
        StackProblem bare = problem.with(List.of());
        if (!possible.test(bare)) {
            return List.of();
        }
        List<StackProblem> served = List.of(bare);
        for (StackWish wish : problem.wishes()) {
            served = best(served, wish, possible);
        }
        return served;
    }

    /** The usual case, everything served: one problem for each choice of intervals. */
    private static List<StackProblem> wholly(StackProblem problem) {
        List<List<StackLimit>> choices = List.of(List.of());
        for (StackWish wish : problem.wishes()) {
            List<List<StackLimit>> more = new ArrayList<>();
            for (List<StackLimit> choice : choices) {
                for (Band band : wish.within(0)) {
                    List<StackLimit> with = new ArrayList<>(choice);
                    with.add(StackLimit.nominal(wish.name(), wish.signs(), band));
                    more.add(with);
                }
            }
            choices = more;
        }
        return choices.stream().map(problem::with).toList();
    }

    private static List<StackProblem> best(List<StackProblem> problems, StackWish wish, Predicate<StackProblem> possible) {
        long none = -1;
        long some = wish.worst();
        // What a level lets in grows with the level.
        while (some - none > 1) {
            long middle = (none + some) / 2;
            boolean any = at(problems, wish, middle).stream().anyMatch(possible);
            none = any ? none : middle;
            some = any ? middle : some;
        }
        return at(problems, wish, some).stream().filter(possible).toList();
    }

    private static List<StackProblem> at(List<StackProblem> problems, StackWish wish, long level) {
        List<StackProblem> all = new ArrayList<>();
        for (StackProblem problem : problems) {
            for (Band band : wish.within(level)) {
                all.add(problem.with(List.of(StackLimit.nominal(wish.name(), wish.signs(), band))));
            }
        }
        return all;
    }

    /** What each wish of a problem is short of at these sums. */
    static List<Long> costs(StackProblem problem, long[] sums) {
        List<Long> costs = new ArrayList<>(problem.wishes().size());
        for (StackWish wish : problem.wishes()) {
            long sum = 0;
            for (int i = 0; i < sums.length; i++) {
                sum += wish.signs().get(i) * sums[i];
            }
            costs.add(wish.cost(sum));
        }
        return costs;
    }

    static List<Long> costs(StackProblem problem, List<Length> sums) {
        return costs(problem, sums.stream().mapToLong(Length::micrometres).toArray());
    }
}
