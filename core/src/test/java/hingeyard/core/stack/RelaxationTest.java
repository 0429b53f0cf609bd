package hingeyard.core.stack;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Seeds;
import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class RelaxationTest {

    static IntStream seeds() {
        return Seeds.first(150);
    }

    /** Pieces of 3 and 2.5; wanted 5.7 to 5.9 in all, of which 2 to 4 inside: 3 + 2.5 = 5.5 is 0.2 short, 3 + 3 = 6 is 0.1 over. */
    @Test
    void saysTheLeastThatWouldDo() {
        StackProblem problem = new StackProblem(List.of("in", "out"), List.of(piece("A", "3", 2), piece("B", "2.5", 1)), List.of(
                StackLimit.nominal("room inside", List.of(1, 0), band("2", "4")),
                StackLimit.nominal("thread", List.of(1, 1), band("5.7", "5.9"))),
                List.of(Length.ZERO, Length.ZERO), 2);
        assertThat(Relaxation.of(problem)).singleElement().satisfies(r -> {
            assertThat(r.limit().name()).isEqualTo("thread");
            assertThat(r.by()).isEqualTo(Length.ofMillimetres("0.1"));
            assertThat(StackSolverTest.named(r.set())).isEqualTo("[{A=1}, {A=1}]");
        });
    }

    @Test
    void hasNothingToSayWhereASetIsThere() {
        assertThat(Relaxation.of(new StackProblem(List.of("in"), List.of(piece("A", "3", 1)),
                List.of(StackLimit.nominal("x", List.of(1), band("3", "3"))), List.of(Length.ZERO), 1))).isEmpty();
    }

    /** With the limit that much wider the slow way finds a set, with a micrometre less it finds none. */
    @ParameterizedTest
    @MethodSource("seeds")
    void aMicrometreLessWouldNotDo(int seed) {
        StackProblem problem = StackSolverTest.anyProblem(new Random(seed));
        for (Relaxation relaxation : Relaxation.of(problem)) {
            assertThat(BruteForce.minimalSets(problem)).isEmpty();
            assertThat(BruteForce.minimalSets(widened(problem, relaxation, 0))).contains(StackSolverTest.named(relaxation.set()));
            assertThat(BruteForce.minimalSets(widened(problem, relaxation, -1))).isEmpty();
        }
    }

    private static StackProblem widened(StackProblem problem, Relaxation relaxation, long more) {
        Length by = relaxation.by().plus(Length.ofMicrometres(more));
        List<StackLimit> limits = new ArrayList<>(problem.limits());
        limits.replaceAll(l -> l != relaxation.limit() ? l : new StackLimit(l.name(), l.signs(),
                new Band(l.allowed().least().minus(by), l.allowed().greatest().plus(by)), l.uncertainty(), l.toleranced()));
        return new StackProblem(problem.sides(), problem.pieces(), limits, problem.preferred(), problem.mostPerSide());
    }

    private static StackPiece piece(String id, String thickness, int available) {
        return new StackPiece(id, "spacer " + thickness, "C12", PieceSize.of(thickness, "0.05", "34", "42"), available, false);
    }

    private static Band band(String least, String greatest) {
        return new Band(Length.ofMillimetres(least), Length.ofMillimetres(greatest));
    }
}
