package hingeyard.core.stack;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Sums counted in bits against every multiset written out. */
class ReachableSumsTest {

    @Test
    void knowsEverySumAndNoOther() {
        Random random = new Random(41);
        for (int i = 0; i < 200; i++) {
            StackProblem problem = problem(random);
            ReachableSums sums = ReachableSums.of(problem).orElseThrow();
            for (int pieces = 0; pieces <= problem.mostPerSide(); pieces++) {
                List<Long> reached = new ArrayList<>();
                for (long sum = sums.next(pieces, 0); sum >= 0; sum = sums.next(pieces, sum + 1)) {
                    reached.add(sum);
                }
                assertThat(reached).as("%d pieces of %s", pieces, problem.pieces())
                        .isEqualTo(SideCombination.of(problem, pieces).stream().map(SideCombination::sum).distinct().toList());
            }
        }
    }

    @Test
    void aWindowLeavesOutWhatLiesOutsideAndNothingElse() {
        Random random = new Random(43);
        for (int i = 0; i < 200; i++) {
            StackProblem problem = problem(random);
            long from = random.nextInt(20_000);
            long to = from + random.nextInt(8_000);
            for (int pieces = 0; pieces <= problem.mostPerSide(); pieces++) {
                assertThat(new SideSearch(problem, from, to).of(pieces).stream().map(SideCombination::sum).toList())
                        .isEqualTo(SideCombination.of(problem, pieces).stream().map(SideCombination::sum).filter(s -> s >= from && s <= to)
                                .toList());
            }
        }
    }

    @Test
    void givesUpWhereThicknessesShareNoUnit() {
        assertThat(ReachableSums.of(problem(List.of(piece(0, Length.ofMicrometres(900_001), 2), piece(1, Length.ofMicrometres(1), 2)))))
                .isEmpty();
        assertThat(ReachableSums.of(problem(List.of()))).hasValueSatisfying(s -> {
            assertThat(s.next(0, 0)).isZero();
            assertThat(s.next(1, 0)).isEqualTo(-1);
            assertThat(s.next(0, 1)).isEqualTo(-1);
        });
    }

    private static StackProblem problem(Random random) {
        List<StackPiece> pieces = new ArrayList<>();
        int kinds = random.nextInt(6);
        long unit = List.of(1L, 50L, 100L, 500L).get(random.nextInt(4));
        for (int i = 0; i < kinds; i++) {
            pieces.add(piece(i, Length.ofMicrometres((1 + random.nextInt(12)) * unit), random.nextInt(7)));
        }
        return problem(pieces);
    }

    private static StackProblem problem(List<StackPiece> pieces) {
        return new StackProblem(List.of("in"), pieces,
                List.of(StackLimit.nominal("any", List.of(1), new Band(Length.ZERO, StackLimit.UNBOUNDED))), List.of(Length.ZERO), 6);
    }

    private static StackPiece piece(int i, Length thickness, int available) {
        return new StackPiece("P" + i, "spacer", "C1",
                new PieceSize(thickness, Length.ZERO, Length.ofMillimetres(34), Length.ofMillimetres(42)), available, false);
    }
}
