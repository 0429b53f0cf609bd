package hingeyard.core.fit.checks;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.CockpitMeasures;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.YesNo;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.CockpitItem;
import hingeyard.core.kit.CockpitKind;
import hingeyard.core.quantity.Length;
import hingeyard.core.rules.LengthRule;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What sits on each half of the bar, from its end inwards: grip, twist throttle, lever, shifter, thumb throttle or remote, bell. The kit's
 * things go on
 * whichever half has the room; solved over every assignment.
 */
final class BarLayout {

    /**
     * @param left,right what sits there, from the end inwards
     * @param leverAt    furthest lever clamp from its end
     * @param spare      what is left on the fuller half
     * @param bellMoved  whether the bell had to go to the stem
     */
    record Layout(List<Item> left, List<Item> right, Length leverAt, Length spare, boolean bellMoved) {
    }

    /**
     * @param rank the legal order from the end inwards
     * @param kit  whether it comes with the kit
     */
    record Item(String name, Length width, int rank, boolean kit) {
    }

    /** What a bar has room for, found once for all kits with the same controls. */
    private record Solved(Optional<Layout> layout) {
    }

    /**
     * @param bracket  whether the kit takes the front derailleur off
     * @param grip     length of the grips in place of the bike's; empty for its own
     * @param combined whether lever and shifter are one
     */
    private record Asked(List<CockpitItem> controls, boolean bracket, Optional<Length> grip, boolean combined) {
    }

    private BarLayout() {
    }

    /** The layout with the most room to spare that keeps the lever in reach; the bell moves only when it must. */
    static Optional<Layout> solve(FitCase c) {
        return solve(c, Optional.empty(), false);
    }

    /** @param grip length of other grips @param combined lever and shifter in one, as wide as the lever */
    static Optional<Layout> solve(FitCase c, Optional<Length> grip, boolean combined) {
        Asked asked = new Asked(c.kit().equipment().cockpit(), c.kit().drive().bracket().isPresent(), grip, combined);
        return c.shared(Solved.class, asked, k -> new Solved(best(k, asked, false).or(() -> best(k, asked, true)))).layout();
    }

    private static Optional<Layout> best(FitCase c, Asked asked, boolean bellMoved) {
        List<CockpitItem> kit = c.kit().equipment().cockpit().stream().filter(i -> !i.stem() && i.kind() != CockpitKind.LEVER).toList();
        Layout best = null;
        for (int sides = 0; sides < 1 << kit.size(); sides++) {
            Layout layout = layout(c, asked, kit, sides, bellMoved);
            if (layout != null && (best == null || layout.spare().isMoreThan(best.spare()))) {
                best = layout;
            }
        }
        return Optional.ofNullable(best);
    }

    private static Layout layout(FitCase c, Asked asked, List<CockpitItem> kit, int sides, boolean bellMoved) {
        List<Item> left = half(c, asked, false, bellMoved);
        List<Item> right = half(c, asked, true, bellMoved);
        for (int i = 0; i < kit.size(); i++) {
            (((sides >> i) & 1) == 0 ? left : right).add(
                    new Item(kit.get(i).kind().label(), kit.get(i).width(), kit.get(i).kind() == CockpitKind.TWIST_THROTTLE ? 1 : 4, true));
        }
        left.sort(Comparator.comparing(Item::rank));
        right.sort(Comparator.comparing(Item::rank));
        Reading.OfLength bar = c.survey().length(CockpitMeasures.STRAIGHT_LENGTH).orElseThrow();
        Length straight = bar.value();
        Length spare = straight.minus(sum(left, 9)).min(straight.minus(sum(right, 9)));
        Length lever = sum(left, 1).max(sum(right, 1));
        // By a tape a spare of nothing, less its millimetre, is on the limit.
        return spare.plus(Doubt.of(bar).best()).isNegative() || lever.isMoreThan(c.rules().value(LengthRule.LEVER_REACH)) ? null
                : new Layout(left, right, lever, spare, bellMoved);
    }

    private static List<Item> half(FitCase c, Asked asked, boolean right, boolean bellMoved) {
        Optional<CockpitItem> lever = c.kit().equipment().cockpit().stream().filter(i -> i.kind() == CockpitKind.LEVER).findFirst();
        List<Item> items = new ArrayList<>(List.of(
                new Item(asked.grip.isPresent() ? "shorter grip" : "grip",
                        asked.grip.orElseGet(() -> length(c, CockpitMeasures.GRIP_LENGTH)), 0, asked.grip.isPresent()),
                new Item(asked.combined && right ? "combined lever" : "lever",
                        lever.map(CockpitItem::width).orElseGet(() -> length(c, CockpitMeasures.LEVER_CLAMP_WIDTH)), 2,
                        lever.isPresent())));
        boolean front = c.survey().choice(BracketMeasures.FRONT_DERAILLEUR).filter(d -> d == YesNo.YES).isPresent()
                && c.kit().drive().bracket().isEmpty();
        if ((right || front) && !asked.combined) {
            items.add(new Item("shifter", length(c, CockpitMeasures.SHIFTER_WIDTH), 3, false));
        }
        if (right && !bellMoved) {
            items.add(new Item("bell", length(c, CockpitMeasures.BELL_WIDTH), 5, false));
        }
        return items;
    }

    private static Length length(FitCase c, LengthMeasure measure) {
        return c.survey().length(measure).orElseThrow().value();
    }

    private static Length sum(List<Item> items, int upTo) {
        Length sum = Length.ZERO;
        for (Item item : items) {
            sum = item.rank() <= upTo ? sum.plus(item.width()) : sum;
        }
        return sum;
    }
}
