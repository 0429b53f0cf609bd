package hingeyard.core.fit.checks;

import hingeyard.core.kit.Adapter;
import hingeyard.core.kit.Plug;
import hingeyard.core.quantity.Current;
import hingeyard.core.stock.DrawerPart;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The fewest stock adapters from one plug to another; of equals the one whose weakest part carries most, then by part number. */
final class PlugPath {

    /** More adapters than this in a row nobody hangs under a tape. */
    private static final int MOST = 3;

    /**
     * @param adapters in order from the battery
     * @param weakest  what the weakest of them carries
     */
    record Path(List<DrawerPart> adapters, Current weakest) {
    }

    private PlugPath() {
    }

    /** @param carries adapters that carry less are not used */
    static Optional<Path> find(Plug from, Plug to, List<DrawerPart> stock, Current carries) {
        List<DrawerPart> usable = stock.stream()
                .filter(p -> p.free() > 0 && p.facts().adapter().filter(a -> !a.rating().isLessThan(carries)).isPresent()).toList();
        List<Step> frontier = List.of(new Step(from, List.of(), from.rating()));
        for (int depth = 1; depth <= MOST; depth++) {
            List<Step> next = new ArrayList<>();
            for (Step step : frontier) {
                for (DrawerPart part : usable) {
                    step.with(part).ifPresent(next::add);
                }
            }
            Optional<Path> arrived = next.stream().filter(s -> s.open.mates(to))
                    .max(Comparator.comparing((Step s) -> s.weakest.milliamperes()))
                    .map(s -> new Path(s.used, s.weakest));
            if (arrived.isPresent()) {
                return arrived;
            }
            frontier = next;
        }
        return Optional.empty();
    }

    private record Step(Plug open, List<DrawerPart> used, Current weakest) {

        Optional<Step> with(DrawerPart part) {
            Adapter adapter = part.facts().adapter().orElseThrow();
            Plug end = adapter.openEnd(open);
            long taken = used.stream().filter(u -> u == part).count();
            if (end == null || taken >= part.free()) {
                return Optional.empty();
            }
            List<DrawerPart> more = new ArrayList<>(used);
            more.add(part);
            return Optional.of(new Step(end, more, weakest.min(adapter.rating())));
        }
    }
}
