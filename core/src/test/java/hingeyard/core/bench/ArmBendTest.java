package hingeyard.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hingeyard.core.bench.ArmBend.Advice;
import hingeyard.core.bench.ArmBend.Answer;
import hingeyard.core.bench.ArmBend.Input;
import hingeyard.core.bench.ArmBend.Washer;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The bend of a torque arm, beside a strip that is drawn and followed. */
class ArmBendTest {

    private static Input input(double step, double tie, double spare, Washer... washers) {
        return new Input(step, tie, 4, 24, spare, List.of(washers));
    }

    /** step, tie → angle; washer radius 12 + 4 leaves tie − 16. */
    @ParameterizedTest
    @CsvSource({"10, 100, 6.79, BEND", "20, 120, 10.89, BEND", "0, 100, 0, STRAIGHT", "0.2, 100, 0, STRAIGHT", "40, 100, 25.46, ADJUSTABLE",
        "5, 40, 11.77, BEND", "15, 40, 32.01, ADJUSTABLE"})
    void theAngleFollowsTheStep(double step, double tie, double angle, Advice advice) {
        Answer told = ArmBend.of(input(step, tie, 0));
        assertThat(told.angle()).isCloseTo(angle, within(0.01));
        assertThat(told.advice()).isEqualTo(advice);
        assertThat(told.line()).isEqualTo(16);
        assertThat(told.vice()).isLessThan(told.line()).isGreaterThanOrEqualTo(12);
    }

    /** Laid out with compass and ruler: flat to the line, then on at the angle until the strip is at its end, it lies at the tie. */
    @Test
    void aStripDrawnByTheAnswerReachesTheTie() {
        Random random = new Random(5);
        for (int i = 0; i < 2_000; i++) {
            Input in = new Input(random.nextDouble() * 40, 60 + random.nextDouble() * 200, 2 + random.nextDouble() * 6,
                    14 + random.nextDouble() * 16, random.nextDouble() * 8,
                    List.of(new Washer(1 + random.nextInt(3), random.nextInt(4)), new Washer(0.5, random.nextInt(3))));
            Answer told = ArmBend.of(in);
            double x = 0;
            double y = told.packed();
            double step = 0.01;
            for (double along = 0; along < told.length(); along += step) {
                double turned = along < told.line() ? 0 : Math.toRadians(told.angle());
                x += step * Math.cos(turned);
                y += step * Math.sin(turned);
            }
            assertThat(x).as("%s", in).isCloseTo(in.tie(), within(0.05));
            assertThat(y).as("%s", in).isCloseTo(in.step(), within(0.25));
        }
    }

    /** Every pack is tried: none takes away more of the step, and none as much with fewer pieces. */
    @Test
    void noOtherPackTakesAwayMore() {
        Random random = new Random(11);
        for (int i = 0; i < 400; i++) {
            List<Washer> kinds = new ArrayList<>();
            for (int k = 0; k < 1 + random.nextInt(4); k++) {
                kinds.add(new Washer((1 + random.nextInt(30)) / 10.0, random.nextInt(4)));
            }
            Input in = input(random.nextInt(120) / 10.0, 120, random.nextInt(90) / 10.0, kinds.toArray(Washer[]::new));
            Answer told = ArmBend.of(in);
            double best = 0;
            int fewest = 0;
            int[] use = new int[kinds.size()];
            while (true) {
                double sum = 0;
                int pieces = 0;
                for (int k = 0; k < use.length; k++) {
                    sum += use[k] * kinds.get(k).thickness();
                    pieces += use[k];
                }
                if (sum <= Math.min(in.step(), in.spare()) + 1e-9 && (sum > best + 1e-9 || sum > best - 1e-9 && pieces < fewest)) {
                    best = sum;
                    fewest = pieces;
                }
                int k = 0;
                while (k < use.length && use[k] == kinds.get(k).count()) {
                    use[k++] = 0;
                }
                if (k == use.length) {
                    break;
                }
                use[k]++;
            }
            assertThat(told.packed()).as("%s", in).isCloseTo(best, within(1e-6));
            assertThat(told.pack().stream().mapToInt(Washer::count).sum()).as("%s", in).isEqualTo(fewest);
        }
    }

    @Test
    void whatToDoIsSaid() {
        assertThat(ArmBend.of(input(10, 100, 3, new Washer(1.5, 4))).sentence())
                .isEqualTo(
                        "Put 2 washers of 1.5 mm under the arm. Bend it by 5° at 16 mm from the axle's middle; 7 mm of step is left to follow.");
        assertThat(ArmBend.of(input(2, 100, 5, new Washer(2, 1))).sentence())
                .isEqualTo("Put a washer of 2 mm under the arm. The arm goes on straight.");
        assertThat(ArmBend.of(input(40, 100, 0)).sentence())
                .isEqualTo("It would take a bend of 25°, and more than 20° weakens the arm: fit one with a joint.");
        assertThat(ArmBend.of(new Input(3, 40, 8, 24, 0, List.of())).sentence())
                .isEqualTo("Only 20 mm is left beyond the bend of an arm of 8 mm: fit one with a joint.");
        assertThatThrownBy(() -> input(-1, 100, 0)).hasMessage("step: -1 mm, allowed: 0 to 40 mm");
        assertThatThrownBy(() -> input(1, 10, 0)).hasMessageContaining("tie: 10 mm");
        assertThatThrownBy(() -> new Washer(0, 1)).hasMessageContaining("thickness");
    }
}
