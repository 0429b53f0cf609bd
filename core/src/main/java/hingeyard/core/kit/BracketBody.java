package hingeyard.core.kit;

import hingeyard.core.quantity.Length;
import java.util.List;

/**
 * Where the outside of a bracket motor lies. Along the axle, positions count from its drive-side shoulder, + outwards to the right.
 *
 * @param faces       the gearbox's inner face at radii from the bracket centre
 * @param ring        the chainring
 * @param plateRadius how far the tooth plate reaches from the bracket centre
 * @param rightCrank  right crank's inner face
 * @param leftCrank   left crank's inner face, counted to the left
 * @param lowest      lowest point below the bracket centre, motor swung up
 * @param bridge      when swung up until it stops at a clear tube: what block bridges the rest, least and most, by its height
 * @param fixing      what holds it from turning
 */
public record BracketBody(List<FaceAt> faces, Chainring ring, Length plateRadius, Length rightCrank, Length leftCrank, Length lowest,
        Length bridge, Fixing fixing) {

    public BracketBody {
        faces = List.copyOf(faces);
    }

    /**
     * @param radius from the bracket centre
     * @param offset of the inner face from the shoulder, + outwards
     */
    public record FaceAt(Length radius, Length offset) {
    }

    /**
     * @param teeth     10 to 60
     * @param plane     middle of its teeth, from the shoulder
     * @param boltReach how far its bolts stand inwards of that plane
     */
    public record Chainring(int teeth, Length plane, Length boltReach) {
        public Chainring {
            if (teeth < 10 || teeth > 60) {
                throw new IllegalArgumentException("chainring of " + teeth + " teeth: allowed 10 to 60");
            }
        }

        /** Pitch radius of a half-inch chain, p / (2·sin(π/z)), mm. */
        public double pitchRadius() {
            return 12.7 / (2 * Math.sin(Math.PI / teeth));
        }
    }

    /** What takes the drive's reaction. */
    public enum Hold {
        TOOTH_PLATE,
        TUBE_BRACKET,
        BAND,
        SIDE_PLATE;

        /** Whether screws into the motor hold it, not something round a tube. */
        public boolean screwed() {
            return this == TOOTH_PLATE || this == SIDE_PLATE;
        }
    }

    /**
     * @param hold               the maker's own way
     * @param tubeLeast,tubeMost diameters a bracket or band goes round
     * @param clamped            thickness the screws clamp
     * @param tapDepth           usable depth of the tapped holes in the motor
     * @param screw              nominal diameter of the screws
     * @param supplied           length of the screws in the box
     */
    public record Fixing(Hold hold, Length tubeLeast, Length tubeMost, Length clamped, Length tapDepth, Length screw, Length supplied) {
        public Fixing {
            Span.inOrder("tubes", tubeLeast, tubeMost);
        }
    }
}
