package hingeyard.core.install;

import java.util.List;
import java.util.Optional;

/**
 * What becomes of a step's work when the kit comes off again.
 *
 * @param work  how what the step changed is put right; empty where nothing has to be, or where what the step mounts just comes off
 * @param stays what stays other than the bike came, as its owner reads it; blank for nothing
 */
public record Reverse(Optional<PutBack> work, String stays) {

    /** It changed nothing on the bike. */
    public static final Reverse NOTHING = new Reverse(Optional.empty(), "");

    /**
     * @param title      what is done
     * @param text       how
     * @param minutes    expected, at least 1
     * @param last       whether it is done once everything else is off and back on: a brake is set to the wheel that is in
     * @param tools      with sizes; empty for those of the step itself
     * @param fastenings in the order they are tightened
     */
    public record PutBack(String title, String text, int minutes, boolean last, List<String> tools, List<Fastening> fastenings) {
    }

    public static Reverse by(PutBack work) {
        return new Reverse(Optional.of(work), "");
    }

    public static Reverse stays(String what) {
        return new Reverse(Optional.empty(), what);
    }
}
