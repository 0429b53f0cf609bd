package hingeyard.core.quantity;

/** Writes a whole number of small units as a decimal of a larger one. */
final class Decimal {

    private Decimal() {
    }

    /**
     * @param amount in units of a power of ten below the one said
     * @param places how many places that power is: 3 for thousandths
     * @param least  places said even when they are noughts
     * @return without superfluous noughts: {@code 12.5}, {@code 0.05}, {@code -3}
     */
    static String text(long amount, int places, int least) {
        long unit = 1;
        for (int i = 0; i < places; i++) {
            unit *= 10;
        }
        long whole = Math.abs(amount) / unit;
        long rest = Math.abs(amount) % unit;
        int said = places;
        while (said > least && rest % 10 == 0) {
            rest /= 10;
            said--;
        }
        StringBuilder text = new StringBuilder(16);
        if (amount < 0) {
            text.append('-');
        }
        text.append(whole);
        if (said > 0) {
            text.append('.');
            // Noughts between the point and the first other digit.
            for (long step = 10, digits = 1; digits < said; digits++, step *= 10) {
                if (rest < step) {
                    text.append('0');
                }
            }
            text.append(rest);
        }
        return text.toString();
    }
}
