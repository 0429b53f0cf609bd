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
        Span.within("tooth plate's reach", plateRadius, 0, 300);
        Span.within("right crank's inner face", rightCrank, 0, 300);
        Span.within("left crank's inner face", leftCrank, 0, 400);
        Span.within("motor's lowest point", lowest, 0, 600);
        Span.within("bridged by a block", bridge, 0, 400);
    }

    /**
     * @param radius from the bracket centre
     * @param offset of the inner face from the shoulder, + outwards
     */
    public record FaceAt(Length radius, Length offset) {
        public FaceAt {
            Span.within("gearbox's face at radius", radius, 0, 400);
            Span.within("gearbox's face beyond the shoulder", offset, -200, 200);
        }
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
            Span.within("chainring's plane", plane, -100, 200);
            Span.within("chainring bolts' reach", boltReach, 0, 50);
        }

        /** Pitch radius of a half-inch chain, p / (2·sin(π/z)), mm. */
        public double pitchRadius() {
            return 12.7 / (2 * Math.sin(Math.PI / teeth));
        }
    }

    /** What takes the drive's reaction. */
    public enum Hold implements Labelled {
        TOOTH_PLATE("tooth plate"),
        TUBE_BRACKET("bracket round a tube"),
        BAND("band round a tube"),
        SIDE_PLATE("plate at its side");

        private final String label;

        Hold(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }

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
            Span.within("tubes up to", tubeMost, 0, 200);
            Span.within("clamped", clamped, 0, 100);
            Span.within("tapped holes", tapDepth, 0, 150);
            Span.within("screws", screw, 1, 30);
            Span.within("supplied screws", supplied, 0, 300);
        }
    }
}
