package hingeyard.core.stack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.core.Seeds;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class StackSolverTest {

    static IntStream seeds() {
        return Seeds.first(300);
    }

    /** Against listing everything: the same minimal sets, whatever the drawer holds and in whatever order it is read. */
    @ParameterizedTest
    @MethodSource("seeds")
    void findsExactlyTheMinimalSetsThatBruteForceFinds(int seed) {
        Random random = new Random(seed);
        StackProblem problem = anyProblem(random);
        List<StackSet> sets = StackSolver.solve(problem).sets();
        Set<String> found = new HashSet<>();
        sets.forEach(s -> assertThat(found.add(named(s))).as("twice: %s", named(s)).isTrue());
        assertThat(found).isEqualTo(BruteForce.minimalSets(problem));

        List<StackPiece> shuffled = new ArrayList<>(problem.pieces());
        Collections.shuffle(shuffled, random);
        StackProblem reordered = new StackProblem(problem.sides(), shuffled, problem.limits(), problem.preferred(), problem.mostPerSide());
        assertThat(StackSolver.solve(reordered)).isEqualTo(StackSolver.solve(problem));
    }

    /** The quick way answers with the head of the whole list: all of its best that are as few, in the same order. */
    @ParameterizedTest
    @MethodSource("seeds")
    void theBestAreTheHeadOfTheWholeList(int seed) {
        StackProblem problem = anyProblem(new Random(seed));
        StackAnswer whole = StackSolver.solve(problem);
        StackAnswer best = StackSolver.best(problem);
        assertThat(best.toMake()).isEqualTo(whole.toMake());
        List<StackSet> asFew = whole.sets().stream()
                .filter(s -> s.worstCase() == whole.sets().get(0).worstCase() && s.pieceCount() == whole.sets().get(0).pieceCount())
                .toList();
        assertThat(best.count()).isEqualTo(asFew.size());
        assertThat(best.sets()).isEqualTo(asFew.stream().limit(12).toList());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatItTellsToMakeMakesASet(int seed) {
        StackProblem problem = anyProblem(new Random(seed));
        StackAnswer answer = StackSolver.solve(problem);
        if (answer.toMake().isEmpty()) {
            return;
        }
        assertThat(answer.sets()).isEmpty();
        List<StackPiece> more = new ArrayList<>(problem.pieces());
        for (StackAnswer.Missing missing : answer.toMake()) {
            assertThat(missing.window().contains(missing.thickness())).isTrue();
            more.add(new StackPiece("made-" + missing.side(), "made", "",
                    new PieceSize(missing.thickness(), Length.ZERO, Length.ofMillimetres(34), Length.ofMillimetres(42)), 1, false));
        }
        StackProblem mended = new StackProblem(problem.sides(), more, problem.limits(), problem.preferred(), problem.mostPerSide());
        assertThat(StackSolver.solve(mended).sets()).isNotEmpty();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void ranksWorstCaseThenFewerThenTheKitsOwn(int seed) {
        List<StackSet> sets = StackSolver.solve(anyProblem(new Random(seed))).sets();
        for (int i = 1; i < sets.size(); i++) {
            StackSet better = sets.get(i - 1);
            StackSet worse = sets.get(i);
            assertThat(better.worstCase() || !worse.worstCase()).isTrue();
            if (better.worstCase() == worse.worstCase()) {
                assertThat(better.pieceCount()).isLessThanOrEqualTo(worse.pieceCount());
                if (better.pieceCount() == worse.pieceCount()) {
                    assertThat(better.drawerPieceCount()).isLessThanOrEqualTo(worse.drawerPieceCount());
                }
            }
        }
    }

    @Test
    void aPieceSharedByBothSidesIsNotUsedTwice() {
        StackProblem problem = problem(List.of(piece("A", "3", 1, false)), 3_000, 3_000, 6_000, 6_000);
        StackAnswer answer = StackSolver.solve(problem);
        assertThat(answer.sets()).isEmpty();
        assertThat(answer.toMake()).singleElement().satisfies(m -> assertThat(m.thickness()).isEqualTo(Length.ofMillimetres(3)));
        assertThat(answer.bought())
                .hasValueSatisfying(set -> assertThat(set.pieceCount()).as("the one there and the one to buy").isEqualTo(2));
    }

    /** A well filled drawer: twelve kinds, six of each, up to six on a side. */
    private static StackProblem wellFilled(String driveLeast, String driveMost, String sumLeast, String sumMost) {
        String[] thickness = {"0.5", "0.8", "1", "1.5", "2", "2.5", "3", "4", "4.5", "6", "8", "10"};
        List<StackPiece> pieces = new ArrayList<>();
        for (String t : thickness) {
            pieces.add(piece("S" + t, t, 6, false));
        }
        return new StackProblem(List.of("drive", "other"), pieces, List.of(
                StackLimit.nominal("drive", List.of(1, 0), new Band(Length.ofMillimetres(driveLeast), Length.ofMillimetres(driveMost))),
                StackLimit.toleranced("thread", List.of(1, 1), new Band(Length.ofMillimetres(sumLeast), Length.ofMillimetres(sumMost)),
                        Length.ofMillimetres("0.1"))),
                List.of(Length.ofMillimetres(driveLeast), Length.ZERO), 6);
    }

    @Test
    void onePieceIsEnoughWhereOneIsThickEnough() {
        StackAnswer answer = StackSolver.best(wellFilled("2.5", "30", "6.2", "9.4"));
        assertThat(answer.best()).hasValueSatisfying(set -> {
            assertThat(named(set)).isEqualTo("[{S8=1}, {}]");
            assertThat(set.worstCase()).isTrue();
            assertThat(set.spareWorst()).isEqualTo(Length.ofMillimetres("1.25"));
        });
        assertThat(answer.count()).as("8.0 alone keeps thread and clearance").isEqualTo(1);
    }

    /**
     * 51.2 to 51.9 with 0.1 of uncertainty: five of 10.0 and one of 1.5 make 51.5; their tolerances, 6 × 0.05, and the uncertainty leave
     * nothing over.
     */
    @Test
    void asManyAsItTakesAndNoMore() {
        StackProblem problem = wellFilled("23.5", "60", "51.1", "51.9");
        StackAnswer answer = StackSolver.best(problem);
        assertThat(answer.best()).hasValueSatisfying(set -> {
            assertThat(set.pieceCount()).isEqualTo(6);
            assertThat(set.worstCase()).isTrue();
            assertThat(set.spareWorst()).isEqualTo(Length.ZERO);
            assertThat(set.sums().get(0).plus(set.sums().get(1))).isEqualTo(Length.ofMillimetres("51.5"));
        });
    }

    @Test
    void whatIsThinnerThanAnyPieceIsToBeMade() {
        StackAnswer answer = StackSolver.best(wellFilled("0.2", "0.4", "0.2", "0.4"));
        assertThat(answer.sets()).isEmpty();
        assertThat(answer.toMake()).singleElement()
                .satisfies(m -> assertThat(m.window()).isEqualTo(new Band(Length.ofMillimetres("0.2"), Length.ofMillimetres("0.4"))));
    }

    @Test
    void saysWhenNoThicknessWouldDo() {
        StackProblem problem = problem(List.of(piece("A", "3", 4, false)), 5_000, 6_000, 0, 4_000);
        assertThat(StackSolver.solve(problem).possible()).isFalse();
    }

    @Test
    void refusesABadProblemByName() {
        assertThatThrownBy(() -> problem(List.of(piece("A", "3", 1, false), piece("A", "2", 1, false)), 0, 1, 0, 1))
                .hasMessageContaining("'A' stands twice");
        assertThatThrownBy(() -> new StackProblem(List.of(), List.of(), List.of(), List.of(), 2))
                .hasMessageContaining("one or two are allowed");
        assertThatThrownBy(() -> StackLimit.nominal("x", List.of(2), Band.exactly(Length.ZERO))).hasMessageContaining("-1, 0 or 1");
    }

    static StackProblem anyProblem(Random random) {
        List<StackPiece> pieces = new ArrayList<>();
        int kinds = random.nextInt(5);
        for (int i = 0; i < kinds; i++) {
            String thickness = String.valueOf((random.nextInt(12) + 1) * 0.5);
            pieces.add(piece("P" + i, thickness, random.nextInt(4), random.nextBoolean()));
        }
        long first = random.nextInt(8) * 500L;
        long sum = random.nextInt(24) * 500L;
        return problem(pieces, first, first + random.nextInt(10) * 500L, sum, sum + random.nextInt(6) * 250L);
    }

    private static StackProblem problem(List<StackPiece> pieces, long firstLeast, long firstMost, long sumLeast, long sumMost) {
        return new StackProblem(List.of("in", "out"), pieces, List.of(
                new StackLimit("first", List.of(1, 0), new Band(Length.ofMicrometres(firstLeast), Length.ofMicrometres(firstMost)),
                        Length.ZERO,
                        sumLeast % 1000 == 0),
                StackLimit.toleranced("sum", List.of(1, 1), new Band(Length.ofMicrometres(sumLeast), Length.ofMicrometres(sumMost)),
                        Length.ofMicrometres(100))),
                List.of(Length.ofMicrometres(firstLeast), Length.ZERO), 3);
    }

    private static StackPiece piece(String id, String thickness, int available, boolean fromKit) {
        return new StackPiece(id, "spacer " + thickness, "C12", PieceSize.of(thickness, "0.05", "34", "42"), available, fromKit);
    }

    static String named(StackSet set) {
        return set.sides().stream().map(uses -> {
            TreeMap<String, Integer> counts = new TreeMap<>();
            uses.forEach(u -> counts.put(u.piece().id(), u.count()));
            return counts.toString();
        }).toList().toString();
    }
}
