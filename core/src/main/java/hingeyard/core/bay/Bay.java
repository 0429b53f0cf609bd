package hingeyard.core.bay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Finds a battery's place in the triangle. The entry of this package; see the package's specification. */
public final class Bay {

    private Bay() {
    }

    /** The place with the lowest centre of mass; deterministic. */
    public static BayAnswer place(BayProblem problem) {
        List<Slide> slides = problem.carriers().stream().map(carrier -> new Slide(problem, carrier)).filter(slide -> slide.longest() >= 0)
                .toList();
        Optional<BayPlace> place = best(slides, true);
        if (place.isPresent()) {
            return new BayAnswer(place, Optional.empty(), Optional.empty(), 0);
        }
        double covered = slides.stream().mapToDouble(Slide::tooHigh).min().orElse(0);
        Optional<BayPlace> nearest = slides.stream().filter(slide -> slide.tooHigh() <= 0).map(slide -> slide.at(slide.widest(), List.of()))
                .max(Comparator.comparing(BayPlace::clearance));
        return new BayAnswer(place, nearest, problem.pack().room().wanted() ? best(slides, false) : Optional.empty(), Math.max(0, covered));
    }

    private static Optional<BayPlace> best(List<Slide> slides, boolean reached) {
        List<BayPlace> found = new ArrayList<>();
        for (Slide slide : slides) {
            Intervals free = slide.free(reached);
            slide.onBosses(free).or(() -> free.lowest().map(s -> slide.at(s, List.of()))).ifPresent(found::add);
        }
        return best(found);
    }

    /** Two screws hold it before one does; then the lower centre of mass. */
    private static Optional<BayPlace> best(List<BayPlace> found) {
        return found.stream().min(Comparator.comparing((BayPlace p) -> p.bosses().size() < 2).thenComparing(p -> p.massCentre().y()));
    }
}
