package hingeyard.core.install;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;

/**
 * The order of steps with the fewest turns. Orders are built from the front, all of one length at a time; of those that have done the same
 * steps and left bike
 * and hands alike only the cheapest is followed (dynamic programming over the steps that are done). What has cost too much already, with
 * what must still come
 * added, is left; where too many remain the cheapest are followed, and the cheapest of the others is what no order can undercut. Ties fall
 * to the order told.
 */
final class StepOrder {

    /** A quick look that finds a good order, against which the thorough one is cut. */
    private static final int QUICK = 48;
    private static final int THOROUGH = 2_000;
    private static final int ANY = Posture.ANY.ordinal();
    /** Where postures and wheels stand in the last word of what is wanted; parts stand before them. */
    private static final int POSTURES = 40;
    private static final int WHEELS = 50;

    private final List<Step> steps;
    /** The steps each one waits for, by number. */
    private final Bits[] waitsFor;
    private final Bits[] tools;
    private final int toolCount;
    /** Part of the installation, from 1; 0 for none. */
    private final int[] part;
    private final int[] posture;
    /** What each step wants: its tools, and in the last word its part, its posture and its wheels. */
    private final long[][] wants;

    private StepOrder(List<Step> steps) {
        this.steps = steps;
        int n = steps.size();
        Map<String, Integer> numbers = new HashMap<>();
        steps.forEach(s -> s.tools().forEach(t -> numbers.putIfAbsent(t, numbers.size())));
        toolCount = numbers.size();
        waitsFor = new Bits[n];
        tools = new Bits[n];
        part = new int[n];
        posture = new int[n];
        wants = new long[n][];
        for (int i = 0; i < n; i++) {
            Step step = steps.get(i);
            waitsFor[i] = Bits.none(n);
            for (int j = 0; j < n; j++) {
                if (i != j && step.waitsFor(steps.get(j))) {
                    waitsFor[i].set(j);
                }
            }
            tools[i] = Bits.none(toolCount);
            for (String tool : step.tools()) {
                tools[i].set(numbers.get(tool));
            }
            part[i] = step.phase().map(phase -> phase.ordinal() + 1).orElse(0);
            posture[i] = step.posture().ordinal();
            wants[i] = Arrays.copyOf(tools[i].words(), tools[i].words().length + 1);
            wants[i][tools[i].words().length] = 1L << part[i] | 1L << POSTURES + posture[i]
                    | step.wheels().stream().mapToLong(w -> 1L << WHEELS + w.ordinal()).reduce(0, (a, b) -> a | b);
        }
    }

    /** @param asTold in an order that keeps every hard rule */
    static StepPlan of(List<Step> asTold) {
        if (asTold.isEmpty()) {
            Turns none = new Turns(0, 0, 0, 0);
            return new StepPlan(asTold, none, none, true, none);
        }
        StepOrder order = new StepOrder(asTold);
        Way told = order.told();
        Way quick = order.search(QUICK, told).way();
        Found found = order.search(THOROUGH, quick.turns().compareTo(told.turns()) < 0 ? quick : told);
        return new StepPlan(order.along(found.way()), found.way().turns(), told.turns(), found.bound().compareTo(found.way().turns()) >= 0,
                found.bound());
    }

    /**
     * What is alike for everything that may still come.
     *
     * @param done    the steps done
     * @param last    the last of them, whose tools are in hand; -1 before the first
     * @param posture how the bike stands; that of {@link Posture#ANY} before it is put anywhere
     */
    private record Place(Bits done, int last, int posture, boolean frontOut, boolean rearOut) {
    }

    /**
     * An order's beginning.
     *
     * @param least      what every order that begins like this costs at the least; its own cost until that is worked out
     * @param inversions how many steps were passed over that are told earlier
     */
    private record Way(Place at, Way before, Turns turns, Turns least, int inversions) {

        boolean betterThan(Way other) {
            int by = turns.compareTo(other.turns);
            return by < 0 || by == 0 && inversions < other.inversions;
        }
    }

    private record Found(Way way, Turns bound) {
    }

    private Way start() {
        Turns none = new Turns(0, 0, 0, 0);
        return new Way(new Place(Bits.none(steps.size()), -1, Posture.ANY.ordinal(), false, false), null, none, none, 0);
    }

    private Way told() {
        Way way = start();
        for (int i = 0; i < steps.size(); i++) {
            way = next(way, i);
        }
        return way;
    }

    private List<Step> along(Way end) {
        LinkedList<Step> order = new LinkedList<>();
        for (Way way = end; way.at.last >= 0; way = way.before) {
            order.addFirst(steps.get(way.at.last));
        }
        return order;
    }

    /** @param known an order that is to be undercut; it is the answer when nothing does */
    private Found search(int width, Way known) {
        List<Way> ways = List.of(start());
        Turns left = null;
        for (int length = 0; length < steps.size(); length++) {
            Map<Place, Way> longer = new LinkedHashMap<>();
            // Many have done the same and left bike or hands otherwise.
            Map<Bits, Rest> rests = new HashMap<>();
            for (Way way : ways) {
                Rest rest = rests.computeIfAbsent(way.at.done, this::rest);
                for (int k = 0; k < rest.open.length; k++) {
                    if (way.at.done.contains(waitsFor[rest.open[k]])) {
                        keep(longer, next(way, rest.open[k]), rest.without(k), known);
                    }
                }
            }
            ways = new ArrayList<>(longer.values());
            if (ways.size() > width) {
                ways.sort(Comparator.comparing(Way::least).thenComparingInt(Way::inversions));
                Turns cut = ways.get(width).least;
                left = left == null || cut.compareTo(left) < 0 ? cut : left;
                ways = ways.subList(0, width);
            }
        }
        Way best = known;
        for (Way way : ways) {
            best = way.betterThan(best) ? way : best;
        }
        return new Found(best, left == null || left.compareTo(best.turns) > 0 ? best.turns : left);
    }

    private void keep(Map<Place, Way> longer, Way way, long[] wanted, Way known) {
        Way other = longer.get(way.at);
        if (other == null || way.betterThan(other)) {
            Turns least = atLeast(way, wanted);
            if (least.compareTo(known.turns) <= 0) {
                longer.put(way.at, new Way(way.at, way.before, way.turns, least, way.inversions));
            }
        }
    }

    /**
     * The steps that are still to come.
     *
     * @param open   their numbers
     * @param before what those before each one want together
     * @param after  what those after each one want together
     */
    private record Rest(int[] open, long[][] before, long[][] after) {

        /** What all of them but one want together. */
        long[] without(int k) {
            long[] wanted = before[k].clone();
            for (int w = 0; w < wanted.length; w++) {
                wanted[w] |= after[k][w];
            }
            return wanted;
        }
    }

    private Rest rest(Bits done) {
        int[] open = done.others(part.length);
        long[][] before = new long[open.length][];
        long[][] after = new long[open.length][];
        for (int k = 0; k < open.length; k++) {
            before[k] = k == 0 ? new long[wants[0].length] : or(before[k - 1], wants[open[k - 1]]);
        }
        for (int k = open.length - 1; k >= 0; k--) {
            after[k] = k == open.length - 1 ? new long[wants[0].length] : or(after[k + 1], wants[open[k + 1]]);
        }
        return new Rest(open, before, after);
    }

    private static long[] or(long[] one, long[] other) {
        long[] both = one.clone();
        for (int w = 0; w < both.length; w++) {
            both[w] |= other[w];
        }
        return both;
    }

    private Way next(Way way, int index) {
        Place from = way.at;
        Step step = steps.get(index);
        boolean turned = posture[index] != ANY && from.posture != ANY && from.posture != posture[index];
        boolean frontOut = step.wheels().contains(WheelPlace.FRONT_OUT) || from.frontOut && !step.wheels().contains(WheelPlace.FRONT_IN);
        boolean rearOut = step.wheels().contains(WheelPlace.REAR_OUT) || from.rearOut && !step.wheels().contains(WheelPlace.REAR_IN);
        int wheels = (frontOut == from.frontOut ? 0 : 1) + (rearOut == from.rearOut ? 0 : 1);
        Turns turns = new Turns(way.turns.postures() + (turned ? 1 : 0), way.turns.wheels() + wheels,
                way.turns.parts() + (from.last >= 0 && part[from.last] != part[index] ? 1 : 0),
                way.turns.tools() + tools[index].beyond(inHand(from.last)));
        Place at = new Place(from.done.with(index), index, posture[index] == ANY ? from.posture : posture[index], frontOut, rearOut);
        return new Way(at, way, turns, turns, way.inversions + index - from.done.below(index));
    }

    private Bits inHand(int last) {
        return last < 0 ? Bits.none(toolCount) : tools[last];
    }

    /**
     * What an order that begins like this costs at the least: each posture, wheel's place, part and tool that is still wanted and not at
     * hand comes once.
     *
     * @param wanted what the steps that are still to come want together
     */
    private Turns atLeast(Way way, long[] wanted) {
        Place at = way.at;
        int words = wanted.length - 1;
        int missing = 0;
        for (int w = 0; w < words; w++) {
            missing += Long.bitCount(at.last < 0 ? wanted[w] : wanted[w] & ~tools[at.last].words()[w]);
        }
        long rest = wanted[words];
        int turned = Long.bitCount(rest >> POSTURES & (1L << WHEELS - POSTURES) - 1 & ~(1L << ANY) & ~(1L << at.posture));
        // Before the bike is put anywhere, the first posture costs nothing.
        turned = at.posture == ANY ? Math.max(0, turned - 1) : turned;
        int wheels = (wants(rest, at.frontOut ? WheelPlace.FRONT_IN : WheelPlace.FRONT_OUT) ? 1 : 0)
                + (wants(rest, at.rearOut ? WheelPlace.REAR_IN : WheelPlace.REAR_OUT) ? 1 : 0);
        int others = Long.bitCount(rest & (1L << POSTURES) - 1) - (at.last < 0 || (rest & 1L << part[at.last]) != 0 ? 1 : 0);
        return new Turns(way.turns.postures() + turned, way.turns.wheels() + wheels, way.turns.parts() + Math.max(0, others),
                way.turns.tools() + missing);
    }

    private static boolean wants(long rest, WheelPlace wheel) {
        return (rest & 1L << WHEELS + wheel.ordinal()) != 0;
    }
}
