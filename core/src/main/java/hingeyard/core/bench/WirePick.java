package hingeyard.core.bench;

import hingeyard.core.kit.Wire;
import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Length;

/**
 * Which wire: the thinnest that carries the current and loses no more than two in a hundred of the voltage, there and back (2·l·I·r,
 * copper at 20 °C).
 *
 * @param amps   drawn for long, A, 0.1 to 60
 * @param metres one way, m, 0.05 to 10
 * @param volts  nominal, V, 5 to 90
 */
public record WirePick(double amps, double metres, double volts) {

    private static final double MOST_LOST = 0.02;
    private static final int THICKEST = 8;

    public WirePick {
        Given.within("amps", amps, 0.1, 60, "A");
        Given.within("metres", metres, 0.05, 10, "m");
        Given.within("volts", volts, 5, 90, "V");
    }

    private Length length() {
        return Length.ofMicrometres(Math.round(metres * 1_000_000));
    }

    private Current current() {
        return new Current(Math.round(amps * 1000));
    }

    /** AWG, 8 to 22. */
    public int gauge() {
        return new Wire(THICKEST, length()).gaugeFor(current(), volts * MOST_LOST);
    }

    /** V lost there and back in that wire. */
    public double drop() {
        return new Wire(gauge(), length()).dropAt(current());
    }

    /** What that wire carries, A. */
    public double carries() {
        return new Wire(gauge(), length()).carries().inAmperes();
    }

    /** Whether even the thickest that is sold here is too thin. */
    public boolean tooMuch() {
        return drop() > volts * MOST_LOST || carries() < amps;
    }
}
