package hingeyard.core.install;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The order of steps with the fewest turns. Orders are built from the front, all of one length at a time; of those that have done the same steps and left bike
 * and hands alike only the cheapest is followed (dynamic programming over the steps that are done). What has cost too much already, with what must still come
 * added, is left; where too many remain the cheapest are followed, and the cheapest of the others is what no order can undercut. Ties fall to the order told.
 */
final class StepOrder {

    /** A quick look that finds a good order, against which the thorough one is cut. */
    private static final int QUICK = 48;
    private static final int THOROUGH = 2_000;
    private static final int ANY = Posture.ANY.ordinal();

    private final List<Step> steps;
    /** The steps each one waits for, by number. */
    private final Bits[] waitsFor;
    private final Bits[] tools;
    private final int toolCount;
    /** Part of the installation, from 1; 0 for none. */
    private final int[] part;
    private final int[] posture;

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
        return new StepPlan(order.along(found.way()), found.way().turns(), told.turns(), found.bound().compareTo(found.way().turns()) >= 0, found.bound());
    }

    /** A set of small numbers. Hundreds of thousands of them are made for one list, so it is as small as it can be. */
    private record Bits(long[] words) {

        static Bits none(int size) {
            return new Bits(new long[(size + 63) / 64]);
        }

        void set(int i) {
            words[i >> 6] |= 1L << i;
        }

        boolean has(int i) {
            return (words[i >> 6] & 1L << i) != 0;
        }

        Bits with(int i) {
            Bits more = new Bits(words.clone());
            more.set(i);
            return more;
        }

        boolean contains(Bits others) {
            for (int w = 0; w < words.length; w++) {
                if ((others.words[w] & ~words[w]) != 0) {
                    return false;
                }
            }
            return true;
        }

        /** How many of them are not in the others. */
        int beyond(Bits others) {
            int count = 0;
            for (int w = 0; w < words.length; w++) {
                count += Long.bitCount(words[w] & ~others.words[w]);
            }
            return count;
        }

        /** How many of them are less than a number. */
        int below(int i) {
            int count = 0;
            for (int w = 0; w < i >> 6; w++) {
                count += Long.bitCount(words[w]);
            }
            return (i & 63) == 0 ? count : count + Long.bitCount(words[i >> 6] & (1L << i) - 1);
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Bits bits && Arrays.equals(words, bits.words);
        }

        @Override
        public int hashCode() {
            return Arrays.hashCode(words);
        }
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
     * @param least      what every order that begins like this costs at the least
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
            for (Way way : ways) {
                for (int i = 0; i < steps.size(); i++) {
                    if (!way.at.done.has(i) && way.at.done.contains(waitsFor[i])) {
                        keep(longer, next(way, i), known);
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

    private void keep(Map<Place, Way> longer, Way way, Way known) {
        Way other = longer.get(way.at);
        if ((other == null || way.betterThan(other)) && way.least.compareTo(known.turns) <= 0) {
            longer.put(way.at, way);
        }
    }

    private Way next(Way way, int index) {
        Place from = way.at;
        Step step = steps.get(index);
        boolean turned = posture[index] != ANY && from.posture != ANY && from.posture != posture[index];
        boolean frontOut = step.wheels().contains(WheelPlace.FRONT_OUT) || from.frontOut && !step.wheels().contains(WheelPlace.FRONT_IN);
        boolean rearOut = step.wheels().contains(WheelPlace.REAR_OUT) || from.rearOut && !step.wheels().contains(WheelPlace.REAR_IN);
        int wheels = (frontOut == from.frontOut ? 0 : 1) + (rearOut == from.rearOut ? 0 : 1);
        Turns turns = new Turns(way.turns.postures() + (turned ? 1 : 0), way.turns.wheels() + wheels, way.turns.parts() + (from.last >= 0 && part[from.last] != part[index] ? 1 : 0),
                way.turns.tools() + tools[index].beyond(inHand(from.last)));
        Place at = new Place(from.done.with(index), index, posture[index] == ANY ? from.posture : posture[index], frontOut, rearOut);
        return new Way(at, way, turns, atLeast(at, turns), way.inversions + index - from.done.below(index));
    }

    private Bits inHand(int last) {
        return last < 0 ? Bits.none(toolCount) : tools[last];
    }

    /** What an order that begins like this costs at the least: each posture, wheel's place, part and tool that is still wanted and not at hand comes once. */
    private Turns atLeast(Place at, Turns turns) {
        Bits wanted = Bits.none(toolCount);
        int postures = 0;
        long parts = 0;
        boolean front = false;
        boolean rear = false;
        for (int i = 0; i < part.length; i++) {
            if (!at.done.has(i)) {
                for (int w = 0; w < wanted.words.length; w++) {
                    wanted.words[w] |= tools[i].words[w];
                }
                parts |= 1L << part[i];
                postures |= 1 << posture[i];
                Set<WheelPlace> wheels = steps.get(i).wheels();
                front |= wheels.contains(at.frontOut ? WheelPlace.FRONT_IN : WheelPlace.FRONT_OUT);
                rear |= wheels.contains(at.rearOut ? WheelPlace.REAR_IN : WheelPlace.REAR_OUT);
            }
        }
        int turned = Integer.bitCount(postures & ~(1 << ANY) & ~(1 << at.posture));
        // Before the bike is put anywhere, the first posture costs nothing.
        turned = at.posture == ANY ? Math.max(0, turned - 1) : turned;
        int others = Long.bitCount(parts) - (at.last < 0 || (parts & 1L << part[at.last]) != 0 ? 1 : 0);
        return new Turns(turns.postures() + turned, turns.wheels() + (front ? 1 : 0) + (rear ? 1 : 0), turns.parts() + Math.max(0, others), turns.tools() + wanted.beyond(inHand(at.last)));
    }
}
