package hingeyard.core.install;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.BitSet;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Held against the library's own sets, across the edges of a word. */
class BitsTest {

    static IntStream sizes() {
        return IntStream.of(1, 2, 63, 64, 65, 127, 128, 129, 200);
    }

    private static Bits of(BitSet set, int size) {
        Bits bits = Bits.none(size);
        set.stream().forEach(bits::set);
        return bits;
    }

    private static BitSet random(Random random, int size) {
        BitSet set = new BitSet(size);
        IntStream.range(0, size).filter(i -> random.nextInt(3) == 0).forEach(set::set);
        return set;
    }

    @ParameterizedTest
    @MethodSource("sizes")
    void countsAndComparesAsAnySetDoes(int size) {
        Random random = new Random(size);
        for (int round = 0; round < 50; round++) {
            BitSet one = random(random, size);
            BitSet other = random(random, size);
            Bits a = of(one, size);
            Bits b = of(other, size);
            BitSet beyond = (BitSet) one.clone();
            beyond.andNot(other);
            assertThat(a.beyond(b)).isEqualTo(beyond.cardinality());
            assertThat(b.contains(a)).isEqualTo(beyond.isEmpty());
            assertThat(a.equals(b)).isEqualTo(one.equals(other));
            assertThat(a).isEqualTo(of(one, size)).hasSameHashCodeAs(of(one, size));
            int at = random.nextInt(size);
            assertThat(a.has(at)).isEqualTo(one.get(at));
            assertThat(a.others(size)).isEqualTo(IntStream.range(0, size).filter(i -> !one.get(i)).toArray());
            assertThat(a.below(at)).isEqualTo(one.get(0, at).cardinality());
        }
    }

    @ParameterizedTest
    @MethodSource("sizes")
    void oneMoreLeavesTheFirstAsItWas(int size) {
        Bits none = Bits.none(size);
        Bits last = none.with(size - 1);
        assertThat(last.has(size - 1)).isTrue();
        assertThat(none.has(size - 1)).isFalse();
        assertThat(last.below(size - 1)).isZero();
        assertThat(last).isNotEqualTo(none);
    }
}
