package hingeyard.core.stack;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.kit.PieceSize;
import hingeyard.core.quantity.Band;
import hingeyard.core.quantity.Length;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The pieces of the solver, each alone. Lengths in micrometres. */
class LimitsTest {

    private static StackLimit limit(int a, int b, long least, long greatest, long uncertainty, boolean toleranced) {
        return new StackLimit("limit", List.of(a, b), new Band(Length.ofMicrometres(least), Length.ofMicrometres(greatest)),
                Length.ofMicrometres(uncertainty), toleranced);
    }

    @ParameterizedTest
    @CsvSource({"5000,0,IN_THE_WORST_CASE", "4900,0,NOT", "5000,1,NOMINALLY", "6000,0,IN_THE_WORST_CASE", "6001,0,NOT",
        "5500,500,IN_THE_WORST_CASE",
        "5500,501,NOMINALLY"})
    void endsCountAsInsideAndTolerancesDecideTheWorstCase(long sum, long tolerance, CompiledLimits.Kept kept) {
        CompiledLimits limits = new CompiledLimits(List.of(limit(1, 1, 5000, 6000, 0, true)));
        assertThat(limits.keep(new long[]{sum, 0}, new long[]{tolerance, 0})).isEqualTo(kept);
    }

    @Test
    void uncertaintyOfTheFixedPartsCountsLikeATolerance() {
        CompiledLimits limits = new CompiledLimits(List.of(limit(1, 0, 5000, 6000, 100, true)));
        assertThat(limits.keep(new long[]{5099, 0}, new long[2])).isEqualTo(CompiledLimits.Kept.NOMINALLY);
        assertThat(limits.keep(new long[]{5100, 0}, new long[2])).isEqualTo(CompiledLimits.Kept.IN_THE_WORST_CASE);
    }

    @Test
    void aNominalLimitIsNotChargedWithTolerances() {
        CompiledLimits limits = new CompiledLimits(List.of(limit(1, 0, 2000, 9000, 0, false)));
        assertThat(limits.keep(new long[]{2000, 0}, new long[]{50, 0})).isEqualTo(CompiledLimits.Kept.IN_THE_WORST_CASE);
        assertThat(limits.keep(new long[]{1999, 0}, new long[]{50, 0})).isEqualTo(CompiledLimits.Kept.NOT);
    }

    @Test
    void aSideThatALimitDoesNotLookAtAddsNoTolerance() {
        CompiledLimits limits = new CompiledLimits(List.of(limit(1, 0, 2000, 2000, 0, true)));
        assertThat(limits.keep(new long[]{2000, 7000}, new long[]{0, 500})).isEqualTo(CompiledLimits.Kept.IN_THE_WORST_CASE);
    }

    @Test
    void sumsGrowWithEachPieceUnlessALimitTakesADifference() {
        assertThat(new CompiledLimits(List.of(limit(1, 1, 0, 1, 0, true), limit(1, 0, 0, 1, 0, true))).growing()).isTrue();
        assertThat(new CompiledLimits(List.of(limit(1, 1, 0, 1, 0, true), limit(1, -1, 0, 1, 0, true))).growing()).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"0,1000,3000", "2000,0,1000", "3000,0,0", "4000,1,0"})
    void whatIsLeftForTheOtherSide(long first, long from, long to) {
        StackProblem problem = new StackProblem(List.of("in", "out"), List.of(),
                List.of(limit(1, 1, 1000, 3000, 0, true), limit(0, 1, 0, 9000, 0, false)),
                List.of(Length.ZERO, Length.ZERO), 3);
        LongWindow window = LongWindow.ofSide(problem, 1, new long[]{first, 0});
        if (from > to) {
            assertThat(window.isEmpty()).isTrue();
        } else {
            assertThat(window).isEqualTo(new LongWindow(from, to));
        }
    }

    @Test
    void aLimitOnTheFirstSideAloneClosesTheSecondWhenItIsBroken() {
        StackProblem problem = new StackProblem(List.of("in", "out"), List.of(), List.of(limit(1, 0, 2000, 3000, 0, false)),
                List.of(Length.ZERO, Length.ZERO), 3);
        assertThat(LongWindow.ofSide(problem, 1, new long[]{1000, 0}).isEmpty()).isTrue();
        assertThat(LongWindow.ofSide(problem, 1, new long[]{2500, 0}).from()).isZero();
    }

    @Test
    void everyMultisetIsListedOnceAndNeverMoreThanThereIs() {
        List<StackPiece> pieces = List.of(new StackPiece("A", "a", "C1", PieceSize.of("1", "0.05", "34", "42"), 2, false),
                new StackPiece("B", "b", "C2", PieceSize.of("2.5", "0.1", "34", "42"), 1, true),
                new StackPiece("C", "c", "C3", PieceSize.of("4", "0", "34", "42"), 0, false));
        List<SideCombination> all = SideCombination.all(new StackProblem(List.of("in"), pieces, List.of(), List.of(Length.ZERO), 2));
        // {}, a, aa, b, ab: worked out by hand
        assertThat(all).extracting(SideCombination::sum).containsExactly(0L, 1000L, 2000L, 2500L, 3500L);
        assertThat(all).extracting(SideCombination::tolerance).containsExactly(0L, 50L, 100L, 100L, 150L);
        assertThat(all).allSatisfy(c -> assertThat(c.pieces()).isLessThanOrEqualTo(2));
    }

    @Test
    void piecesGoOnThickestFirst() {
        List<StackPiece> pieces = List.of(new StackPiece("A", "a", "C1", PieceSize.of("1", "0.05", "34", "42"), 2, false),
                new StackPiece("B", "b", "C2", PieceSize.of("2.5", "0.1", "34", "42"), 1, true));
        StackProblem problem = new StackProblem(List.of("in"), pieces, List.of(), List.of(Length.ZERO), 3);
        SideCombination all = SideCombination.all(problem).stream().filter(c -> c.sum() == 4500).findFirst().orElseThrow();
        assertThat(all.uses(problem)).extracting(u -> u.piece().id() + u.count()).containsExactly("B1", "A2");
    }

    @Test
    void rootSumSquareIsNarrowerThanTheWorstCase() {
        List<StackPiece> pieces = List.of(new StackPiece("A", "a", "C1", PieceSize.of("3", "0.3", "34", "42"), 1, false),
                new StackPiece("B", "b", "C2", PieceSize.of("4", "0.4", "34", "42"), 1, false));
        StackSet set = StackSolver.solve(new StackProblem(List.of("in"), pieces, List.of(new StackLimit("window", List.of(1),
                new Band(Length.ofMillimetres("6.2"), Length.ofMillimetres("7.8")), Length.ZERO, true)), List.of(Length.ZERO), 3)).best()
                .orElseThrow();
        // spare 0.8; worst 0.8 − 0.7; root of 0.3² + 0.4² = 0.5
        assertThat(set.spare()).isEqualTo(Length.ofMillimetres("0.8"));
        assertThat(set.spareWorst()).isEqualTo(Length.ofMillimetres("0.1"));
        assertThat(set.spareRss()).isEqualTo(Length.ofMillimetres("0.3"));
    }
}
