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
        StringBuilder digits = new StringBuilder(16).append(Math.abs(amount));
        while (digits.length() <= places) {
            digits.insert(0, '0');
        }
        int point = digits.length() - places;
        int end = digits.length();
        while (end > point + least && digits.charAt(end - 1) == '0') {
            end--;
        }
        digits.setLength(end);
        if (end > point) {
            digits.insert(point, '.');
        }
        return amount < 0 ? digits.insert(0, '-').toString() : digits.toString();
    }
}
