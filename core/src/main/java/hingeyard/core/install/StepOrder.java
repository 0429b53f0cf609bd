package hingeyard.core.install;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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

    private final List<Step> steps;
    private final BitSet[] waitsFor;
    private final BitSet[] tools;

    private StepOrder(List<Step> steps) {
        this.steps = steps;
        int n = steps.size();
        waitsFor = new BitSet[n];
        tools = new BitSet[n];
        Map<String, Integer> numbers = new HashMap<>();
        for (int i = 0; i < n; i++) {
            waitsFor[i] = new BitSet(n);
            tools[i] = new BitSet();
            for (int j = 0; j < n; j++) {
                waitsFor[i].set(j, i != j && steps.get(i).waitsFor(steps.get(j)));
            }
            for (String tool : steps.get(i).tools()) {
                tools[i].set(numbers.computeIfAbsent(tool, t -> numbers.size()));
            }
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

    /**
     * What is alike for everything that may still come.
     *
     * @param done    the steps done
     * @param last    the last of them, whose tools are in hand
     * @param posture how the bike stands; null before it is put anywhere
     */
    private record Place(BitSet done, int last, Posture posture, boolean frontOut, boolean rearOut) {
    }

    /** @param inversions how many steps were passed over that are told earlier */
    private record Way(Place at, Way before, Turns turns, int inversions) {

        boolean betterThan(Way other) {
            int by = turns.compareTo(other.turns);
            return by < 0 || by == 0 && inversions < other.inversions;
        }
    }

    private record Found(Way way, Turns bound) {
    }

    private Way start() {
        return new Way(new Place(new BitSet(), -1, null, false, false), null, new Turns(0, 0, 0, 0), 0);
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
                    if (!way.at.done.get(i) && ready(way.at.done, i)) {
                        keep(longer, next(way, i), known);
                    }
                }
            }
            ways = new ArrayList<>(longer.values());
            if (ways.size() > width) {
                Map<Way, Turns> atLeast = new HashMap<>();
                ways.forEach(w -> atLeast.put(w, atLeast(w)));
                ways.sort(Comparator.comparing((Way w) -> atLeast.get(w)).thenComparingInt(Way::inversions));
                Turns cut = atLeast.get(ways.get(width));
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
        if ((other == null || way.betterThan(other)) && atLeast(way).compareTo(known.turns) <= 0) {
            longer.put(way.at, way);
        }
    }

    private boolean ready(BitSet done, int step) {
        for (int i = waitsFor[step].nextSetBit(0); i >= 0; i = waitsFor[step].nextSetBit(i + 1)) {
            if (!done.get(i)) {
                return false;
            }
        }
        return true;
    }

    private Way next(Way way, int index) {
        Place from = way.at;
        Step step = steps.get(index);
        BitSet done = (BitSet) from.done.clone();
        done.set(index);
        boolean turned = step.posture() != Posture.ANY && from.posture != null && from.posture != step.posture();
        boolean frontOut = step.wheels().contains(WheelPlace.FRONT_OUT) || from.frontOut && !step.wheels().contains(WheelPlace.FRONT_IN);
        boolean rearOut = step.wheels().contains(WheelPlace.REAR_OUT) || from.rearOut && !step.wheels().contains(WheelPlace.REAR_IN);
        int wheels = (frontOut == from.frontOut ? 0 : 1) + (rearOut == from.rearOut ? 0 : 1);
        Turns turns = new Turns(way.turns.postures() + (turned ? 1 : 0), way.turns.wheels() + wheels, way.turns.parts() + (from.last >= 0 && !steps.get(from.last).phase().equals(step.phase()) ? 1 : 0),
                way.turns.tools() + pickedUp(from.last, tools[index]));
        Posture posture = step.posture() == Posture.ANY ? from.posture : step.posture();
        return new Way(new Place(done, index, posture, frontOut, rearOut), way, turns, way.inversions + passedOver(from.done, index));
    }

    private static int passedOver(BitSet done, int index) {
        int passed = index;
        for (int i = done.nextSetBit(0); i >= 0 && i < index; i = done.nextSetBit(i + 1)) {
            passed--;
        }
        return passed;
    }

    private int pickedUp(int last, BitSet wanted) {
        if (last < 0) {
            return wanted.cardinality();
        }
        BitSet missing = (BitSet) wanted.clone();
        missing.andNot(tools[last]);
        return missing.cardinality();
    }

    /** What an order that begins like this costs at the least: each posture, wheel's place, part and tool that is still wanted and not at hand comes once. */
    private Turns atLeast(Way way) {
        BitSet wanted = new BitSet();
        boolean[] postures = new boolean[Posture.values().length];
        boolean front = false;
        boolean rear = false;
        Set<Optional<Phase>> parts = new HashSet<>();
        for (int i = way.at.done.nextClearBit(0); i < steps.size(); i = way.at.done.nextClearBit(i + 1)) {
            Step step = steps.get(i);
            wanted.or(tools[i]);
            parts.add(step.phase());
            postures[step.posture().ordinal()] = true;
            front |= step.wheels().contains(way.at.frontOut ? WheelPlace.FRONT_IN : WheelPlace.FRONT_OUT);
            rear |= step.wheels().contains(way.at.rearOut ? WheelPlace.REAR_IN : WheelPlace.REAR_OUT);
        }
        postures[Posture.ANY.ordinal()] = false;
        if (way.at.posture != null) {
            postures[way.at.posture.ordinal()] = false;
        }
        int turned = 0;
        for (boolean one : postures) {
            turned += one ? 1 : 0;
        }
        // Before the bike is put anywhere, the first posture costs nothing.
        turned = way.at.posture == null ? Math.max(0, turned - 1) : turned;
        int others = parts.size() - (way.at.last < 0 || parts.contains(steps.get(way.at.last).phase()) ? 1 : 0);
        return new Turns(way.turns.postures() + turned, way.turns.wheels() + (front ? 1 : 0) + (rear ? 1 : 0), way.turns.parts() + Math.max(0, others), way.turns.tools() + pickedUp(way.at.last, wanted));
    }
}
