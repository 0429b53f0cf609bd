package hingeyard.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.GivenKits;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class DrawersTest {

    private static final Drawers DRAWERS = GivenKits
            .drawers("W3 axle-washer 4 t=3;W1 axle-washer 0 t=1;W2 axle-washer 2 t=2;S1 bracket-spacer 1 t=2.5");

    @Test
    void findsTheFirstByNumberThatSuitsAndOfWhichEnoughAreFree() {
        assertThat(DRAWERS.find("axle-washer", 1, p -> true)).map(DrawerPart::number).contains("W2");
        assertThat(DRAWERS.find("axle-washer", 3, p -> true)).map(DrawerPart::number).contains("W3");
        assertThat(DRAWERS.find("axle-washer", 5, p -> true)).isEmpty();
        assertThat(DRAWERS.find("axle-washer", 1, p -> p.size().orElseThrow().thickness().isMoreThan(hingeyard.core.Given.mm("2.5"))))
                .map(DrawerPart::number).contains("W3");
        assertThat(DRAWERS.find("no-such-use", 1, p -> true)).isEmpty();
    }

    @Test
    void listsAUseWithWhatIsUsedUp() {
        assertThat(DRAWERS.usedAs("axle-washer")).extracting(DrawerPart::number).containsExactly("W1", "W2", "W3");
        assertThat(DRAWERS.usedAs("no-such-use")).isEmpty();
        assertThat(Drawers.empty().parts()).isEmpty();
    }

    @Test
    void theOrderTheyAreReadInChangesNothing() {
        List<DrawerPart> shuffled = new ArrayList<>(DRAWERS.parts());
        Collections.shuffle(shuffled, new Random(4));
        assertThat(new Drawers(shuffled).parts()).isEqualTo(DRAWERS.parts());
    }

    @Test
    void anotherCountLeavesTheRestOfAPartAsItIs() {
        DrawerPart part = DRAWERS.parts().get(0);
        assertThat(part.withFree(9).free()).isEqualTo(9);
        assertThat(part.withFree(9).withFree(part.free())).isEqualTo(part);
    }

    /** Against drawers made anew from the changed parts, on any selection of numbers. */
    @Test
    void moreOfSomeIsAsIfTheyHadBeenReadSo() {
        Random random = new Random(9);
        for (int round = 0; round < 200; round++) {
            Map<String, Integer> more = new HashMap<>();
            for (String number : List.of("S1", "W1", "W2", "W3", "X9")) {
                if (random.nextBoolean()) {
                    more.put(number, 1 + random.nextInt(4));
                }
            }
            Drawers changed = DRAWERS.withMore(more);
            Drawers anew = new Drawers(DRAWERS.parts().stream().map(p -> p.withFree(p.free() + more.getOrDefault(p.number(), 0))).toList());
            assertThat(changed.parts()).isEqualTo(anew.parts());
            assertThat(changed.usedAs("axle-washer")).isEqualTo(anew.usedAs("axle-washer"));
            assertThat(changed.usedAs("bracket-spacer")).isEqualTo(anew.usedAs("bracket-spacer"));
        }
        assertThat(DRAWERS.find("axle-washer", 1, p -> p.number().equals("W1"))).as("the first ones are as they were").isEmpty();
    }
}
