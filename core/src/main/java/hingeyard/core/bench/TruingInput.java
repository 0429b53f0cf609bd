package hingeyard.core.bench;

import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * A rotor on stand-offs and what the dial gauge read round it. The gauge stands on the outer side of the rotor; its reading grows where the
 * rotor comes towards it.
 *
 * @param bolts      how many stand-offs, evenly round from bolt 1 at 0°; 3 to 6
 * @param boltCircle diameter of the circle the bolts stand on, mm, 20 to 200
 * @param readAt     diameter at which the gauge touches, mm, more than the bolt circle and at most 260
 * @param readings   3 to 72, each angle once
 */
public record TruingInput(int bolts, double boltCircle, double readAt, List<Reading> readings) {

    /**
     * @param angle from bolt 1, counted as the bolts are, in degrees, 0 to less than 360
     * @param mm    what the gauge says, -10 to 10; where its zero is does not matter
     */
    public record Reading(double angle, double mm) {

        public Reading {
            if (!(angle >= 0 && angle < 360)) {
                throw new IllegalArgumentException("angle: %s°, 0 to less than 360 is needed".formatted(angle));
            }
            if (!(mm >= -10 && mm <= 10)) {
                throw new IllegalArgumentException("reading at %s°: %s mm, -10 to 10 is needed".formatted(angle, mm));
            }
        }
    }

    public TruingInput {
        readings = List.copyOf(readings);
        if (bolts < 3 || bolts > 6) {
            throw new IllegalArgumentException("bolts: %d, 3 to 6 are needed".formatted(bolts));
        }
        if (!(boltCircle >= 20 && boltCircle <= 200)) {
            throw new IllegalArgumentException("boltCircle: %s mm, 20 to 200 is needed".formatted(boltCircle));
        }
        if (!(readAt > boltCircle && readAt <= 260)) {
            throw new IllegalArgumentException("readAt: %s mm, more than the bolt circle and at most 260 is needed".formatted(readAt));
        }
        if (readings.size() < 3 || readings.size() > 72) {
            throw new IllegalArgumentException("readings: %d, 3 to 72 are needed".formatted(readings.size()));
        }
        Set<Double> met = new HashSet<>();
        readings.stream().filter(r -> !met.add(r.angle())).findFirst().ifPresent(r -> {
            throw new IllegalArgumentException("readings: %s° twice, each angle once is needed".formatted(r.angle()));
        });
    }

    /** Where bolt {@code number} stands, from 1; degrees. */
    public double angleOf(int number) {
        return 360.0 / bolts * (number - 1);
    }
}
