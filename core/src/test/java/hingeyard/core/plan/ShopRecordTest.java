package hingeyard.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ShopRecordTest {

    @Test
    void aShopThatHasJustOpenedGoesByTheTradesGuess() {
        assertThat(ShopRecord.NONE.spread()).isEqualTo(Spread.USUAL);
        assertThat(ShopRecord.NONE.sentence()).contains("the trade's guess");
    }

    /** Of 2,000 runs whose spread is known, the guess of thirty hardly weighs. */
    @Test
    void whatIsDoneOftenIsLearned() {
        SplittableRandom chance = new SplittableRandom(4);
        List<Double> shares = IntStream.range(0, 2_000).mapToObj(i -> Math.exp(0.4 * (IntStream.range(0, 12)
                .mapToDouble(k -> chance.nextDouble()).sum() - 6))).toList();
        Spread spread = new ShopRecord(shares, 200, 400, Collections.nCopies(40, 9)).spread();
        assertThat(spread.minutes()).isCloseTo(0.4, within(0.015));
        assertThat(spread.stuck()).isCloseTo(0.1, within(0.005));
        assertThat(spread.lateParts()).isCloseTo(0.1, within(0.01));
        assertThat(spread.lateDays()).isBetween(10, 17);
    }

    /** One run twice as long as expected: (30 × 0.25² + ln² 2) / 31, and its root. */
    @Test
    void oneRunWeighsAsOne() {
        Spread spread = new ShopRecord(List.of(2.0), 0, 0, List.of()).spread();
        assertThat(spread.minutes()).isCloseTo(Math.sqrt((30 * 0.0625 + Math.log(2) * Math.log(2)) / 31), within(1e-12));
        assertThat(spread.stuck()).isCloseTo(30 * 0.05 / 31, within(1e-12));
        assertThat(new ShopRecord(List.of(2.0), 0, 1, List.of()).sentence()).contains("1 run of work and 1 delivery of this shop")
                .contains("still counts more");
    }

    @Test
    void whatWasForgottenToBeTickedTeachesNothing() {
        assertThat(new ShopRecord(List.of(40.0, 0.01), 0, 0, List.of()).spread()).isEqualTo(Spread.USUAL);
        assertThatThrownBy(() -> new ShopRecord(List.of(), 0, 0, List.of(3))).hasMessageContaining("1 late of 0 parts");
    }
}
