package hingeyard.core.fit.checks;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.Seeds;
import hingeyard.core.bars.BarDrawing;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.checks.BarLayout.Item;
import hingeyard.core.fit.checks.BarLayout.Layout;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import hingeyard.core.rules.ShopRules;
import hingeyard.core.stock.Drawers;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class BarLayoutTest {

    private static Optional<Layout> solve(String bike, String kit) {
        return BarLayout
                .solve(new FitCase(Given.survey(GivenKits.bike(bike)), GivenKits.kit("mid " + kit), Drawers.empty(), ShopRules.standard()));
    }

    private static Length sum(List<Item> items) {
        return items.stream().map(Item::width).reduce(Length.ZERO, Length::plus);
    }

    static IntStream seeds() {
        return Seeds.first(200);
    }

    /**
     * Whatever the widths: in legal order, inside the bar, levers in reach, nothing lost; and where nothing is found, no assignment would
     * do.
     */
    @ParameterizedTest
    @MethodSource("seeds")
    void keepsOrderRoomAndReachOrThereIsNone(int seed) {
        Random random = new Random(seed);
        int straight = 120 + random.nextInt(120);
        int grip = 85 + random.nextInt(60);
        int shifter = 15 + random.nextInt(25);
        int bell = 8 + random.nextInt(15);
        int remote = 15 + random.nextInt(30);
        boolean throttle = random.nextBoolean();
        String bike = "bars.straight-length=%d;bars.grip-length=%d;bars.shifter-width=%d;bars.bell-width=%d".formatted(straight, grip,
                shifter, bell);
        Optional<Layout> found = solve(bike, "remote=" + remote + (throttle ? ";throttle=yes" : ""));
        found.ifPresent(l -> {
            for (List<Item> half : List.of(l.left(), l.right())) {
                assertThat(half).extracting(Item::rank).isSorted();
                assertThat(half).extracting(Item::name).startsWith("grip").contains("lever");
                // A bar is measured by tape: what is over by its millimetre is on the limit, and tried before anything is cut.
                assertThat(sum(half).isMoreThan(Length.ofMillimetres(straight + 1))).isFalse();
            }
            assertThat(l.spare()).isEqualTo(Length.ofMillimetres(straight).minus(sum(l.left()).max(sum(l.right()))));
            assertThat(l.leverAt().isMoreThan(Length.ofMillimetres(160))).isFalse();
            assertThat(l.left().size() + l.right().size()).isEqualTo(6 + (throttle ? 1 : 0) + (l.bellMoved() ? 0 : 1) - 0);
        });
        if (found.isEmpty()) {
            // Each half needs its grip and lever; the right one its shifter too. The least that must lie beside them is the remote, on the
            // roomier half.
            int left = straight - grip - 18;
            int right = left - shifter;
            boolean some = left >= 0 && right >= 0 && Math.max(left, right) >= remote + (throttle ? 0 : 0) && !throttle && grip <= 160;
            assertThat(some).as("seed %d: left %d, right %d, remote %d", seed, left, right, remote).isFalse();
        }
    }

    @Test
    void theBellMovesOnlyWhenItMust() {
        assertThat(solve("", "").orElseThrow().bellMoved()).isFalse();
        Layout tight = solve("bars.straight-length=190;bars.bell-width=40", "").orElseThrow();
        assertThat(tight.bellMoved()).isTrue();
        assertThat(tight.right()).extracting(Item::name).doesNotContain("bell");
    }

    @Test
    void aBarThatIsTooShortHasNoOrderAtAll() {
        assertThat(solve("bars.straight-length=120", "")).isEmpty();
    }

    /** What is drawn is what was solved: side by side from the end inwards, nothing lost, the kit's own told apart. */
    @ParameterizedTest
    @CsvSource({"'', remote=22", "bars.straight-length=190;bars.bell-width=40, remote=22", "bars.shifter-width=0, remote=30;throttle=yes"})
    void theDrawingIsTheLayout(String bike, String kit) {
        FitCase fitCase = new FitCase(Given.survey(GivenKits.bike(bike)), GivenKits.kit("mid " + kit), Drawers.empty(),
                ShopRules.standard());
        Layout solved = BarLayout.solve(fitCase).orElseThrow();
        BarDrawing drawing = (BarDrawing) new BarsCheck().assess(fitCase).exhibit().orElseThrow();
        assertThat(drawing.left()).as("left").containsExactlyElementsOf(placed(solved.left()));
        assertThat(drawing.right()).as("right").containsExactlyElementsOf(placed(solved.right()));
        assertThat(drawing.leverReach()).isEqualTo(ShopRules.standard().value(LengthRule.LEVER_REACH));
        assertThat(drawing.note().contains("bell goes to the stem")).isEqualTo(solved.bellMoved());
        List<String> brought = Stream.concat(drawing.left().stream(), drawing.right().stream()).filter(BarDrawing.Piece::ofKit)
                .map(BarDrawing.Piece::name).toList();
        assertThat(brought).doesNotContain("grip", "shifter", "bell").isNotEmpty();
    }

    private static List<BarDrawing.Piece> placed(List<Item> items) {
        List<BarDrawing.Piece> pieces = new ArrayList<>();
        for (Item item : items) {
            Length before = sum(items.subList(0, items.indexOf(item)));
            if (item.width().isMoreThan(Length.ZERO)) {
                pieces.add(new BarDrawing.Piece(item.name(), before, item.width(), item.kit()));
            }
        }
        return pieces;
    }
}
