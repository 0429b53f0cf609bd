package hingeyard.core.bay;

/**
 * What a hand needs to reach key and charge port, in the frame's side plane; mm, 0 or more. What is reached from the bike's left or right
 * needs none of it.
 *
 * @param below  before the case's lower end
 * @param beyond behind its upper end
 * @param over   on the side away from the tube
 */
public record Room(double below, double beyond, double over) {

    public static final Room NONE = new Room(0, 0, 0);

    public Room {
        if (!(below >= 0 && beyond >= 0 && over >= 0)) {
            throw new IllegalArgumentException("room of %s below, %s beyond, %s over: must not be negative".formatted(below, beyond, over));
        }
    }

    boolean wanted() {
        return below + beyond + over > 0;
    }
}
