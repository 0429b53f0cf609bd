package hingeyard.core.stack;

import hingeyard.core.Kept;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Which of equal sets is taken, and how thick what is bought is told to be. That no set is better is proven elsewhere. */
class KeptStacksTest {

    @Test
    void theSameOfEqualSetsIsTakenAsEver() throws IOException {
        List<String> lines = new ArrayList<>();
        for (int seed = 0; seed < 160; seed++) {
            lines.add(seed + " " + told(StackSolver.best(WishedStackTest.anyProblem(new Random(seed)))));
            lines.add(seed + "s " + told(StackSolver.best(StackSolverTest.anyProblem(new Random(seed)))));
        }
        Kept.assertAsKept("stack/answers.txt", lines);
    }

    private static String told(StackAnswer answer) {
        return "%d %s; buy %s; costs %s".formatted(answer.count(), answer.inPlace().map(KeptStacksTest::told).orElse("none"),
                answer.toMake(), answer.costs());
    }

    private static String told(StackSet set) {
        return set.sides().stream()
                .map(side -> side.stream().map(u -> u.count() + "×" + (u.piece().toBuy() ? u.piece().name() : u.piece().id()))
                        .collect(Collectors.joining("+", "[", "]")))
                .collect(Collectors.joining())
                + " worst " + set.worstCase() + " spare " + set.spare() + "/" + set.spareWorst() + " kit "
                + (set.pieceCount() - set.drawerPieceCount());
    }
}
