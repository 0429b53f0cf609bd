package hingeyard.core.quantity;

import java.math.RoundingMode;

/**
 * The torque a fastener wants, both ends included.
 *
 * @param least    the least torque that holds
 * @param greatest the greatest torque allowed; not below {@code least}
 */
public record TorqueRange(Torque least, Torque greatest) {

    public TorqueRange {
        if (least.compareTo(greatest) > 0) {
            throw new IllegalArgumentException("torque range " + least + " to " + greatest + ": least is above greatest");
        }
    }

    public static TorqueRange ofNewtonMetres(String least, String greatest) {
        return new TorqueRange(Torque.ofNewtonMetres(least), Torque.ofNewtonMetres(greatest));
    }

    /** For example {@code 35–40}. */
    public String newtonMetres() {
        return span(least.amount().toPlainString(), greatest.amount().toPlainString());
    }

    /** For example {@code 26–30}: whole foot-pounds from 10 up, one place below. */
    public String footPounds() {
        int places = greatest.inFootPounds().intValue() >= 10 ? 0 : 1;
        return span(least.inFootPounds().setScale(places, RoundingMode.HALF_UP).toPlainString(),
                greatest.inFootPounds().setScale(places, RoundingMode.HALF_UP).toPlainString());
    }

    private static String span(String from, String to) {
        return from.equals(to) ? from : from + "–" + to;
    }

    @Override
    public String toString() {
        return newtonMetres() + " N·m";
    }
}
