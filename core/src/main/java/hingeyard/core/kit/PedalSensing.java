package hingeyard.core.kit;

import hingeyard.core.quantity.Length;

/**
 * How the motor learns that the rider pedals.
 *
 * @param kind how
 * @param room what it takes on the spindle: ring and its gap; 0 where it takes none
 */
public record PedalSensing(Kind kind, Length room) {

    /** How pedalling is felt. */
    public enum Kind implements Labelled {
        BUILT_IN("built into the motor"),
        SPLIT_RING("split magnet ring on the spindle"),
        SOLID_RING("solid magnet ring behind the cup"),
        TAPPED_BRACKET("sensor on a bracket tapped into the shell"),
        WIRELESS("wireless, on the crank"),
        BOOM_MOUNT("sensor mounted on the boom"),
        NONE("none");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    public static PedalSensing none() {
        return new PedalSensing(Kind.NONE, Length.ZERO);
    }
}
