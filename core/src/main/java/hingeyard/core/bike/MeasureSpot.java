package hingeyard.core.bike;

/**
 * Where a measure is taken: from face to face, or at one spot when both ends are the same.
 *
 * @param view    the sketch it is shown on
 * @param from,to millimetres on that sketch
 */
public record MeasureSpot(View view, Point from, Point to) {

    /** The sketches. */
    public enum View {
        /** The whole bike from its right side; origin at the bracket. */
        SIDE,
        /** The shell from the front, cut; x to the bike's left. */
        SHELL,
        /** Shell, chainstays and rear tyre from above; y to the front. */
        STAYS,
        /** A tube of the triangle with its bosses, lying; x away from the bracket. */
        TUBE,
        /** A dropout from the side; origin in the slot's centre. */
        DROPOUT,
        /** Both dropouts and what is between them, from behind; x to the bike's right. */
        AXLE,
        /** Rim and tyre, cut, between the blades or stays; y outwards. */
        RIM,
        /** Left dropout, rotor and caliper from above. */
        BRAKE,
        /** Right dropout and cogs from above. */
        COGS,
        /** Handlebar from above; x to the right hand. */
        BARS
    }

    public boolean isOneSpot() {
        return from.equals(to);
    }
}
