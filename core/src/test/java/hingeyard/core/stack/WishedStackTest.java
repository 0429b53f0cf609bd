package hingeyard.core.stack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.Seeds;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Wishes, pairs and what to buy, against trying every count of every piece on either side. */
class WishedStackTest {

    private static final long STEP = 250;

    static IntStream seeds() {
        return Seeds.first(600);
    }

    /** What a set is worth: each wish's cost in turn, then how the problem ranks what is left. */
    private record Tried(int[][] counts, List<Long> key) {
    }

    /** The same costs, the same worst case, the same count of everything that counts: the best set is as good as any there is. */
    @ParameterizedTest
    @MethodSource("seeds")
    void theBestIsAsGoodAsAnyThereIs(int seed) {
        StackProblem problem = anyProblem(new Random(seed));
        Optional<List<Long>> best = everySet(problem).stream().map(Tried::key).min(WishedStackTest::compare);
        StackAnswer answer = StackSolver.best(problem);
        assertThat(answer.best().isPresent()).isEqualTo(best.isPresent());
        answer.best().ifPresent(set -> {
            assertThat(key(problem, counts(problem, set))).isEqualTo(best.get());
            assertThat(answer.costs()).isEqualTo(best.get().subList(0, problem.wishes().size()));
        });
    }

    /** Listing everything begins with the same set. */
    @ParameterizedTest
    @MethodSource("seeds")
    void listingEverythingKeepsTheSameWishes(int seed) {
        StackProblem problem = anyProblem(new Random(seed));
        if (!problem.paired()) {
            assertThat(StackSolver.solve(problem).best()).isEqualTo(StackSolver.best(problem).best());
        }
    }

    /**
     * Against every thickness of one extra piece, in steps as fine as anything in the problem: no set with an extra piece serves the wishes
     * better, and none as well with a thinner one.
     */
    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsBoughtIsTheLeastThatServesTheWishes(int seed) {
        StackProblem problem = anyProblem(new Random(seed));
        if (!everySet(problem).isEmpty()) {
            return;
        }
        StackAnswer answer = StackSolver.best(problem);
        if (answer.toMake().size() != 1) {
            return;
        }
        StackAnswer.Missing missing = answer.toMake().get(0);
        assertThat(missing.window().contains(missing.thickness())).isTrue();
        StackSet set = answer.bought().orElseThrow();
        assertThat(holds(problem, set)).as("what is bought keeps every limit: %s", set).isTrue();
        List<Long> bestCosts = null;
        long thinnest = Long.MAX_VALUE;
        for (int side = 0; side < 2; side++) {
            for (long extra = 500; extra <= 14_000; extra += STEP) {
                for (Tried tried : everySet(with(problem, side, extra))) {
                    List<Long> costs = tried.key().subList(0, problem.wishes().size());
                    int order = bestCosts == null ? -1 : compare(costs, bestCosts);
                    thinnest = order < 0 ? extra : order == 0 ? Math.min(thinnest, extra) : thinnest;
                    bestCosts = order < 0 ? costs : bestCosts;
                }
            }
        }
        if (bestCosts != null) {
            assertThat(compare(answer.costs(), bestCosts)).as("costs %s against %s", answer.costs(), bestCosts).isLessThanOrEqualTo(0);
            if (compare(answer.costs(), bestCosts) == 0) {
                assertThat(missing.window().least().micrometres()).isLessThanOrEqualTo(thinnest);
            }
        }
    }

    /** Whatever is bought, alone or on both sides, makes a set. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsBoughtMakesASet(int seed) {
        StackProblem problem = anyProblem(new Random(seed));
        StackAnswer answer = StackSolver.best(problem);
        answer.bought().ifPresent(set -> {
            assertThat(holds(problem, set)).isTrue();
            assertThat(set.sides().stream().flatMap(List::stream).filter(u -> u.piece().toBuy()).count()).isEqualTo(answer.toMake().size());
            set.sides().forEach(
                    side -> assertThat(side.stream().mapToInt(StackSet.Use::count).sum()).isLessThanOrEqualTo(problem.mostPerSide()));
        });
    }

    /**
     * A box with a pair of 1.0, a gap of 2.0 that one of them nearly fills: both go on, one a side, and the drawer's 2.0 stays where it is.
     */
    @Test
    void thePairOfTheBoxGoesOnInPairs() {
        StackProblem problem = new StackProblem(List.of("left", "right"), List.of(piece("box", "1", 2, true), piece("W2", "2", 4, false)),
                List.of(StackLimit.toleranced("width", List.of(1, 1), band(1000, 2500), Length.ZERO)), List.of(),
                List.of(mm(1000), mm(1000)), 4, true, blank());
        assertThat(StackSolverTest.named(StackSolver.best(problem).best().orElseThrow())).isEqualTo("[{box=1}, {box=1}]");
    }

    /**
     * Nothing in the drawer where 2 to 16 would do: 2 is bought, not 9. On the side that keeps the cogs, though the other would do as well.
     */
    @Test
    void theLeastIsBoughtOnTheSideThatIsWished() {
        StackWish gears = StackWish.most("gears", List.of(1, 0), List.of(band(-1000, 500), band(-4000, 100)));
        StackProblem problem = new StackProblem(List.of("drive", "other"), List.of(),
                List.of(StackLimit.nominal("drive", List.of(1, 0), band(0, 30_000)),
                        StackLimit.nominal("thread", List.of(1, 1), band(2000, 16_000))),
                List.of(gears), List.of(mm(0), mm(0)), 4, false, blank());
        StackAnswer answer = StackSolver.best(problem);
        assertThat(answer.toMake()).singleElement().satisfies(m -> {
            assertThat(m.side()).isEqualTo(1);
            assertThat(m.thickness()).isEqualTo(mm(2000));
            assertThat(m.window()).isEqualTo(band(2000, 16_000));
        });
        assertThat(answer.inPlace().orElseThrow().sums()).containsExactly(mm(0), mm(2000));
        assertThat(answer.costs()).containsExactly(0L);
    }

    /** 5.0 to 5.2 wanted, a 3 and a 1.5 there: only the half that is missing is bought. */
    @Test
    void whatIsThereIsFilledUp() {
        StackProblem problem = new StackProblem(List.of("stack"), List.of(piece("S3", "3", 1, false), piece("S15", "1.5", 1, false)),
                List.of(StackLimit.nominal("wanted", List.of(1), band(5000, 5200))), List.of(mm(5000)),
                4, blank());
        StackAnswer answer = StackSolver.best(problem);
        assertThat(answer.toMake()).singleElement().satisfies(m -> assertThat(m.thickness()).isEqualTo(mm(500)));
        assertThat(answer.inPlace().orElseThrow().pieceCount()).isEqualTo(3);
    }

    @Test
    void aWishSaysWhatItCostsAndWhatItLetsIn() {
        StackWish cogs = StackWish.most("gears", List.of(1), List.of(band(0, 10), band(5, 15), band(30, 40)));
        assertThat(IntStream.of(-1, 0, 5, 10, 11, 15, 16, 30, 40, 41).mapToObj(x -> cogs.cost(x))).containsExactly(3L, 2L, 1L, 1L, 2L, 2L,
                3L, 2L, 2L, 3L);
        assertThat(cogs.within(1)).containsExactly(band(5, 10));
        assertThat(cogs.within(2)).containsExactly(band(0, 15), band(30, 40));
        assertThat(cogs.within(3)).singleElement().satisfies(all -> assertThat(all.contains(mm(9_000_000))).isTrue());
        StackWish rim = StackWish.near("rim", List.of(1), band(-5, 5));
        assertThat(IntStream.of(-7, -5, 0, 5, 9).mapToObj(x -> rim.cost(x))).containsExactly(2L, 0L, 0L, 0L, 4L);
        assertThat(rim.within(4)).containsExactly(band(-9, 9));
        assertThatThrownBy(() -> StackWish.most("empty", List.of(1), List.of())).hasMessageContaining("'empty'")
                .hasMessageContaining("at least one");
        assertThatThrownBy(() -> new StackWish("two", List.of(1), List.of(band(0, 1), band(2, 3)), StackWish.Cost.DISTANCE))
                .hasMessageContaining("against one");
        assertThatThrownBy(() -> StackWish.near("sign", List.of(2), band(0, 1))).hasMessageContaining("-1, 0 or 1");
    }

    private static boolean holds(StackProblem problem, StackSet set) {
        long[] sums = set.sums().stream().mapToLong(Length::micrometres).toArray();
        return problem.limits().stream().allMatch(l -> l.spare(l.signedSum(sums)) >= 0);
    }

    private static StackProblem with(StackProblem problem, int side, long extra) {
        List<StackPiece> pieces = new ArrayList<>(problem.pieces());
        pieces.add(new StackPiece("zz-" + side, "extra", "",
                new PieceSize(Length.ofMicrometres(extra), Length.ZERO, mm(10_000), mm(20_000)), 1, false));
        return new StackProblem(problem.sides(), pieces, problem.limits(), problem.wishes(), problem.preferred(), problem.mostPerSide(),
                problem.paired(), problem.blank());
    }

    private static List<Tried> everySet(StackProblem problem) {
        List<Tried> found = new ArrayList<>();
        each(problem, 0, new int[2][problem.pieces().size()], found);
        return found;
    }

    private static void each(StackProblem problem, int slot, int[][] counts, List<Tried> found) {
        int kinds = problem.pieces().size();
        if (slot == 2 * kinds) {
            List<Long> key = key(problem, counts);
            if (key != null) {
                found.add(new Tried(new int[][]{counts[0].clone(), counts[1].clone()}, key));
            }
            return;
        }
        int side = slot / kinds;
        int kind = slot % kinds;
        for (int n = 0; n <= problem.pieces().get(kind).available(); n++) {
            counts[side][kind] = n;
            each(problem, slot + 1, counts, found);
        }
        counts[side][kind] = 0;
    }

    /** Null when a limit, a count or what is available is not kept. */
    private static List<Long> key(StackProblem problem, int[][] counts) {
        long[] sums = new long[2];
        long[] slack = new long[2];
        long pieces = 0;
        long drawer = 0;
        long unpaired = 0;
        for (int kind = 0; kind < problem.pieces().size(); kind++) {
            StackPiece piece = problem.pieces().get(kind);
            if (counts[0][kind] + counts[1][kind] > piece.available()) {
                return null;
            }
            pieces += counts[0][kind] + counts[1][kind];
            drawer += piece.fromKit() ? 0 : counts[0][kind] + counts[1][kind];
            unpaired += piece.fromKit() ? Math.abs(counts[0][kind] - counts[1][kind]) : 0;
            for (int side = 0; side < 2; side++) {
                sums[side] += counts[side][kind] * piece.size().thickness().micrometres();
                slack[side] += counts[side][kind] * piece.size().plusMinus().micrometres();
            }
        }
        for (int[] side : counts) {
            if (IntStream.of(side).sum() > problem.mostPerSide()) {
                return null;
            }
        }
        long worst = 0;
        for (StackLimit limit : problem.limits()) {
            long sum = limit.signs().get(0) * sums[0] + limit.signs().get(1) * sums[1];
            long off = limit.uncertainty().micrometres() + Math.abs(limit.signs().get(0)) * slack[0]
                    + Math.abs(limit.signs().get(1)) * slack[1];
            if (sum < limit.allowed().least().micrometres() || sum > limit.allowed().greatest().micrometres()) {
                return null;
            }
            worst |= limit.toleranced()
                    && (sum - off < limit.allowed().least().micrometres() || sum + off > limit.allowed().greatest().micrometres()) ? 1 : 0;
        }
        List<Long> key = new ArrayList<>();
        for (StackWish wish : problem.wishes()) {
            long sum = wish.signs().get(0) * sums[0] + wish.signs().get(1) * sums[1];
            key.add(cost(wish, sum));
        }
        long deviation = Math.abs(sums[0] - problem.preferred().get(0).micrometres())
                + Math.abs(sums[1] - problem.preferred().get(1).micrometres());
        key.addAll(problem.paired() ? List.of(worst, unpaired, drawer, pieces, deviation) : List.of(worst, pieces, drawer, deviation));
        return key;
    }

    /** By the definition, not by the code: intervals missed are counted, a distance is measured. */
    private static long cost(StackWish wish, long sum) {
        if (wish.cost() == StackWish.Cost.MISSED) {
            return wish.ideal().stream().filter(b -> !b.contains(Length.ofMicrometres(sum))).count();
        }
        Band band = wish.ideal().get(0);
        return sum < band.least().micrometres() ? band.least().micrometres() - sum
                : sum > band.greatest().micrometres() ? sum - band.greatest().micrometres() : 0;
    }

    private static int compare(List<Long> a, List<Long> b) {
        return IntStream.range(0, a.size()).mapToObj(i -> Long.compare(a.get(i), b.get(i))).filter(o -> o != 0).findFirst().orElse(0);
    }

    private static int[][] counts(StackProblem problem, StackSet set) {
        int[][] counts = new int[2][problem.pieces().size()];
        for (int side = 0; side < 2; side++) {
            for (StackSet.Use use : set.sides().get(side)) {
                counts[side][problem.pieces().indexOf(use.piece())] = use.count();
            }
        }
        return counts;
    }

    /** Couplings of all sorts: sums and differences as limits, cogs counted on one side, the rim by the difference, a plane by one side. */
    static StackProblem anyProblem(Random random) {
        List<StackPiece> pieces = new ArrayList<>();
        for (int i = 0; i < random.nextInt(4); i++) {
            pieces.add(piece("P" + i, String.valueOf((random.nextInt(10) + 1) * 0.5), 1 + random.nextInt(3), random.nextBoolean()));
        }
        pieces.sort(Comparator.comparing(StackPiece::id));
        long sum = random.nextInt(20) * 500L;
        List<StackLimit> limits = new ArrayList<>(List.of(StackLimit.toleranced("sum", List.of(1, 1),
                band(sum, sum + random.nextInt(8) * 250L), Length.ofMicrometres(random.nextInt(2) * 100L))));
        if (random.nextBoolean()) {
            long first = random.nextInt(6) * 500L;
            limits.add(StackLimit.nominal("first", List.of(1, 0), band(first, first + random.nextInt(12) * 500L)));
        }
        if (random.nextInt(3) == 0) {
            limits.add(StackLimit.nominal("apart", List.of(1, -1), band(-random.nextInt(8) * 500L, random.nextInt(8) * 500L)));
        }
        List<StackWish> wishes = new ArrayList<>();
        if (random.nextBoolean()) {
            List<Band> cogs = new ArrayList<>();
            long from = -random.nextInt(16) * 500L;
            long wide = random.nextInt(10) * 500L;
            for (int i = 0; i <= random.nextInt(6); i++) {
                cogs.add(band(from + i * 1500L, from + i * 1500L + wide));
            }
            wishes.add(StackWish.most("gears", List.of(random.nextBoolean() ? 1 : 0, 1), cogs));
        }
        if (random.nextBoolean()) {
            long middle = (random.nextInt(8) - 4) * 500L;
            wishes.add(StackWish.near("rim", List.of(1, -1), band(middle - random.nextInt(3) * 250L, middle + 250)));
        }
        if (random.nextBoolean()) {
            long plane = random.nextInt(8) * 500L;
            wishes.add(StackWish.near("plane", List.of(1, 0), band(plane, plane + 500)));
        }
        return new StackProblem(List.of("in", "out"), pieces, limits, wishes, List.of(mm(random.nextInt(4) * 500L), mm(0)),
                1 + random.nextInt(3), random.nextBoolean(), blank());
    }

    private static StackBlank blank() {
        return new StackBlank("spacer", mm(10_000), mm(20_000));
    }

    private static StackPiece piece(String id, String thickness, int available, boolean fromKit) {
        return new StackPiece(id, "spacer " + thickness, "C12", PieceSize.of(thickness, "0.05", "34", "42"), available, fromKit);
    }

    private static Band band(long least, long greatest) {
        return new Band(Length.ofMicrometres(least), Length.ofMicrometres(greatest));
    }

    private static Length mm(long micrometres) {
        return Length.ofMicrometres(micrometres);
    }
}
