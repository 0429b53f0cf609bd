package hingeyard.core.plan;

import java.util.List;

/**
 * How far things turned out otherwise than planned in this shop so far.
 *
 * @param shares   of each run of work that is done: minutes it took over minutes that were expected, more than 0
 * @param stuck    of these runs, those during which the job stood still overnight, 0 or more
 * @param parts    lines of orders that came, 0 or more
 * @param lateDays of those that came later than the supplier had confirmed: by how many working days, 1 or more
 */
public record ShopRecord(List<Double> shares, int stuck, int parts, List<Integer> lateDays) {

    /** Of a shop that has just opened. */
    public static final ShopRecord NONE = new ShopRecord(List.of(), 0, 0, List.of());
    /** The trade's guess counts as much as so many of the shop's own; more weight than that it loses with every one that is done. */
    private static final int GUESS = 30;
    /** A share outside of these says that somebody forgot to tick, not how long it took. */
    private static final double LEAST = 0.2;
    private static final double MOST = 5;

    public ShopRecord {
        shares = List.copyOf(shares);
        lateDays = List.copyOf(lateDays);
        if (stuck < 0 || parts < lateDays.size()) {
            throw new IllegalArgumentException(
                    "record: %d stuck and %d late of %d parts cannot be".formatted(stuck, lateDays.size(), parts));
        }
    }

    private List<Double> counted() {
        return shares.stream().filter(s -> s >= LEAST && s <= MOST).toList();
    }

    /**
     * The shop's own spread: each figure is the mean of the trade's guess, counted {@value #GUESS} times, and of what was seen here. The
     * spread of minutes is taken about what was expected, so that a shop that is always slower than its book is told as that.
     */
    public Spread spread() {
        List<Double> counted = counted();
        double squares = counted.stream().mapToDouble(s -> Math.log(s) * Math.log(s)).sum();
        Spread guess = Spread.USUAL;
        double minutes = Math.sqrt((GUESS * guess.minutes() * guess.minutes() + squares) / (GUESS + counted.size()));
        double share = (GUESS * guess.stuck() + Math.min(stuck, counted.size())) / (GUESS + counted.size());
        double late = (GUESS * guess.lateParts() + lateDays.size()) / (GUESS + parts);
        // Of one to so many days, each as likely as any other, the mean lies in the middle.
        double days = (GUESS * (guess.lateDays() + 1) / 2.0 + lateDays.stream().mapToInt(Integer::intValue).sum())
                / (GUESS + lateDays.size());
        return new Spread(Math.min(1, minutes), share, late, Math.max(1, (int) Math.round(2 * days - 1)));
    }

    /** What it rests on, in a sentence. */
    public String sentence() {
        int runs = counted().size();
        if (runs == 0 && parts == 0) {
            return "How far things turn out otherwise is the trade's guess: nothing is done here yet to learn it from.";
        }
        String weight = runs < GUESS ? "the trade's guess still counts more" : "the trade's guess counts less than that";
        return "How far things turn out otherwise was learned from %d run%s of work and %d deliver%s of this shop; %s.".formatted(runs,
                runs == 1 ? "" : "s", parts, parts == 1 ? "y" : "ies", weight);
    }
}
