package hingeyard.core.bay;

import hingeyard.core.bike.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Finds a battery's place in the triangle. The entry of this package; see the package's specification. */
public final class Bay {

    /** Sliding off may pass as near as this, mm: it is done by hand and with care. */
    private static final double PASSING = 1;

    private Bay() {
    }

    /** The place with the lowest centre of mass; deterministic. */
    public static BayAnswer place(BayProblem problem) {
        List<BayPlace> found = new ArrayList<>();
        List<BayPlace> nearest = new ArrayList<>();
        double covered = Double.POSITIVE_INFINITY;
        for (Carrier carrier : problem.carriers()) {
            double high = problem.pack().rail() + problem.pack().height() + problem.toMoving() - carrier.room();
            if (high > 0) {
                covered = Math.min(covered, high);
                continue;
            }
            Slide slide = new Slide(problem, carrier);
            if (slide.longest() < 0) {
                continue;
            }
            covered = 0;
            Intervals free = slide.free(problem.toTube(), PASSING);
            onBosses(problem, carrier, slide, free).or(() -> free.lowest().map(s -> slide.at(s, List.of()))).ifPresentOrElse(found::add,
                    () -> nearest.add(slide.at(slide.widest(), List.of())));
        }
        return new BayAnswer(best(found), found.isEmpty() ? nearest.stream().max(Comparator.comparing(BayPlace::clearance)) : Optional.empty(),
                covered == Double.POSITIVE_INFINITY ? 0 : covered);
    }

    /** Two screws hold it before one does; then the lower centre of mass. */
    private static Optional<BayPlace> best(List<BayPlace> found) {
        return found.stream().min(Comparator.comparing((BayPlace p) -> p.bosses().size() < 2).thenComparing(p -> p.massCentre().y()));
    }

    /** The lowest free place where two bosses lie in two slots. */
    private static Optional<BayPlace> onBosses(BayProblem problem, Carrier carrier, Slide slide, Intervals free) {
        List<Double> bosses = carrier.bosses();
        double half = problem.pack().slotLength() / 2;
        List<Double> slots = problem.pack().slots();
        BayPlace lowest = null;
        for (int a = 0; a < bosses.size(); a++) {
            for (int b = a + 1; b < bosses.size(); b++) {
                for (int i = 0; i < slots.size(); i++) {
                    for (int j = i + 1; j < slots.size(); j++) {
                        double from = Math.max(bosses.get(a) - slots.get(i), bosses.get(b) - slots.get(j)) - half;
                        double to = Math.min(bosses.get(a) - slots.get(i), bosses.get(b) - slots.get(j)) + half;
                        Optional<Double> place = free.within(from, to).lowest();
                        if (place.isPresent() && (lowest == null || place.get() < lowest.from())) {
                            lowest = slide.at(place.get(), List.of(bosses.get(a), bosses.get(b)));
                        }
                    }
                }
            }
        }
        return Optional.ofNullable(lowest);
    }

    /** A quadrilateral along a tube: from {@code s} over {@code length}, from {@code low} to {@code high} above its middle. */
    static List<Point> quad(Carrier carrier, double s, double length, double low, double high) {
        Point start = carrier.tube().from().plus(carrier.along().times(s));
        Point end = carrier.tube().from().plus(carrier.along().times(s + length));
        return List.of(start.plus(carrier.inward().times(low)), end.plus(carrier.inward().times(low)), end.plus(carrier.inward().times(high)), start.plus(carrier.inward().times(high)));
    }
}
