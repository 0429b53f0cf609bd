package hingeyard.core.plan;

/**
 * How far things turn out otherwise than planned in this shop.
 *
 * @param minutes   spread of what a leg takes: the standard deviation of its logarithm, 0 to 1
 * @param stuck     the share of legs after which a job stands still for a day, 0 to 1
 * @param lateParts the share of parts that come later than they were confirmed for, 0 to 1
 * @param lateDays  how many days at the most such a part is late, 1 or more
 */
public record Spread(double minutes, double stuck, double lateParts, int lateDays) {

    /** A guess of the trade; {@link ShopRecord} puts a shop's own in its place. */
    public static final Spread USUAL = new Spread(0.25, 0.05, 0.2, 4);

    public Spread {
        if (minutes < 0 || minutes > 1 || stuck < 0 || stuck > 1 || lateParts < 0 || lateParts > 1 || lateDays < 1) {
            throw new IllegalArgumentException("spread: %s, %s, %s of 0 to 1 and %s days of 1 or more are needed".formatted(minutes, stuck,
                    lateParts, lateDays));
        }
    }
}
