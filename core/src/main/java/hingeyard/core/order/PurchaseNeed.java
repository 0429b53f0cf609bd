package hingeyard.core.order;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * How many of one part to order: what jobs wait for and what the shop wants lying there, less what is free and what is on its way, in whole
 * packs.
 *
 * @param part    the part's number
 * @param waiting pieces that jobs wait for
 * @param jobs    which jobs
 * @param free    on hand and promised to nobody
 * @param onOrder open pieces of orders that are out
 * @param minimum how many the shop wants lying there free
 * @param pack    how many come together, at least 1
 */
public record PurchaseNeed(String part, int waiting, List<Long> jobs, int free, int onOrder, int minimum, int pack) {

    public PurchaseNeed {
        jobs = jobs.stream().distinct().sorted().toList();
        if (pack < 1 || waiting < 0 || free < 0 || onOrder < 0 || minimum < 0) {
            throw new IllegalArgumentException(
                    "%s: pack %d must be at least 1; waiting %d, free %d, on order %d, minimum %d must be 0 or more".formatted(part, pack,
                            waiting, free, onOrder, minimum));
        }
    }

    /** Pieces short, before packs. */
    public int missing() {
        return Math.max(0, waiting + minimum - free - onOrder);
    }

    /** Pieces to order: those missing, to the next whole pack; 0 when nothing is. */
    public int toOrder() {
        return -Math.floorDiv(-missing(), pack) * pack;
    }

    /** Why, in a sentence. */
    public String reason() {
        List<String> said = new ArrayList<>();
        if (waiting > 0) {
            said.add("%d wanted by %s %s".formatted(waiting, jobs.size() == 1 ? "job" : "jobs",
                    jobs.stream().map(String::valueOf).collect(Collectors.joining(", "))));
        }
        if (minimum > 0) {
            said.add("minimum " + minimum);
        }
        said.add(free + " free");
        if (onOrder > 0) {
            said.add(onOrder + " on order");
        }
        if (pack > 1) {
            said.add("packs of " + pack);
        }
        return String.join(", ", said);
    }
}
