package hingeyard.core.stack;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A limit on the difference of two sides, as the dish of a hub wheel is: sums do not grow with each piece, brute force still agrees. */
class DifferenceLimitTest {

    static IntStream seeds() {
        return IntStream.range(1000, 1200);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void findsExactlyTheMinimalSetsThatBruteForceFinds(int seed) {
        Random random = new Random(seed);
        List<StackPiece> pieces = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(3); i++) {
            pieces.add(new StackPiece("W" + i, "washer", "B4",
                    PieceSize.of(String.valueOf((random.nextInt(6) + 1) * 0.5), "0.05", "12.2", "24"),
                    random.nextInt(5), random.nextBoolean()));
        }
        long width = random.nextInt(12) * 500L;
        long dish = random.nextInt(5) * 500L;
        StackProblem problem = new StackProblem(List.of("left", "right"), pieces, List.of(
                StackLimit.toleranced("width", List.of(1, 1), band(width, width + random.nextInt(4) * 500L), Length.ofMicrometres(100)),
                StackLimit.toleranced("dish", List.of(1, -1), band(-dish, dish), Length.ZERO)), List.of(Length.ZERO, Length.ZERO), 3);
        List<StackSet> sets = StackSolver.solve(problem).sets();
        Set<String> found = new HashSet<>();
        sets.forEach(s -> found.add(StackSolverTest.named(s)));
        assertThat(StackSolver.best(problem).best()).isEqualTo(sets.stream().findFirst());
        assertThat(found).hasSameSizeAs(sets).isEqualTo(BruteForce.minimalSets(problem));
    }

    /** Left and right are only names: a limit that treats them alike finds the mirrored sets too. */
    @ParameterizedTest
    @MethodSource("seeds")
    void leftAndRightAreMirrorImages(int seed) {
        Random random = new Random(seed);
        List<StackPiece> pieces = List.of(
                new StackPiece("W1", "washer", "B4", PieceSize.of("1", "0.05", "12.2", "24"), 1 + random.nextInt(4), true),
                new StackPiece("W2", "washer", "B5", PieceSize.of("1.5", "0.05", "12.2", "24"), random.nextInt(4), false));
        StackProblem problem = new StackProblem(List.of("left", "right"), pieces, List.of(
                StackLimit.toleranced("width", List.of(1, 1), band(1500, 4000), Length.ofMicrometres(100)),
                StackLimit.toleranced("dish", List.of(1, -1), band(-1000, 1000), Length.ZERO)), List.of(Length.ZERO, Length.ZERO), 3);
        Set<List<Length>> sums = new HashSet<>();
        StackSolver.solve(problem).sets().forEach(s -> sums.add(s.sums()));
        assertThat(sums).allSatisfy(s -> assertThat(sums).contains(List.of(s.get(1), s.get(0))));
    }

    private static Band band(long least, long greatest) {
        return new Band(Length.ofMicrometres(least), Length.ofMicrometres(greatest));
    }
}
