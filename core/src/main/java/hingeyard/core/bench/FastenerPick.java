package hingeyard.core.bench;

import java.util.ArrayList;
import java.util.List;

/**
 * Which screw: how long, with what washer, how tight, with what locker. Length is what is clamped, the washer and the thread that has to
 * engage, up to the next length that is sold. Engagement: through a nut its own height (0.8·d) and a pitch beyond; in steel 1·d, in
 * aluminium 1.5·d, in a rivet insert its own thread (1.3·d). Torque: stainless screws of class 70, dry, by size; seven tenths of it in
 * aluminium, half in an insert. The maker's own figure comes first.
 */
public final class FastenerPick {

    /** What the screw goes into. */
    public enum Into {
        NUT("a nut"),
        STEEL("tapped steel"),
        ALUMINIUM("tapped aluminium"),
        INSERT("a rivet insert");

        private final String label;

        Into(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** Coarse threads: diameter, pitch, washer's thickness and outer diameter, mm; N·m in steel. */
    private enum Thread {
        M3(3, 0.5, 0.5, 7, 1.0),
        M4(4, 0.7, 0.8, 9, 2.3),
        M5(5, 0.8, 1.0, 10, 4.6),
        M6(6, 1.0, 1.6, 12, 8.0),
        M8(8, 1.25, 1.6, 16, 19);

        private final double diameter;
        private final double pitch;
        private final double washer;
        private final double washerOuter;
        private final double torque;

        Thread(double diameter, double pitch, double washer, double washerOuter, double torque) {
            this.diameter = diameter;
            this.pitch = pitch;
            this.washer = washer;
            this.washerOuter = washerOuter;
            this.torque = torque;
        }
    }

    /** Sold lengths, mm. */
    private static final int[] LENGTHS = {6, 8, 10, 12, 14, 16, 18, 20, 22, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 75, 80, 90, 100};

    /**
     * @param thread  nominal diameter, mm: 3, 4, 5, 6 or 8
     * @param clamped what lies between the head and the thread, without washer, mm, 0.5 to 80
     * @param depth   of the tapped hole, mm, 0 for one that goes through; 0 to 60
     * @param washer  whether one lies under the head
     * @param wet     whether it lives in rain and shaking
     */
    public record Input(int thread, Into into, double clamped, double depth, boolean washer, boolean wet) {

        public Input {
            if (of(thread) == null) {
                throw new BenchFaultException("thread", "M" + thread, "M3, M4, M5, M6 or M8");
            }
            Given.within("clamped", clamped, 0.5, 80, "mm");
            Given.within("depth", depth, 0, 60, "mm");
        }
    }

    /**
     * @param length     to take, mm; 0 where none goes
     * @param engagement thread that holds, mm
     * @param wanted     thread that has to hold, mm
     * @param torque     N·m
     * @param sentence   what to do
     */
    public record Answer(int length, double engagement, double wanted, double torque, double washer, double washerOuter, String locker,
            String sentence, List<String> limits) {
    }

    private FastenerPick() {
    }

    private static Thread of(int size) {
        for (Thread thread : Thread.values()) {
            if (thread.diameter == size) {
                return thread;
            }
        }
        return null;
    }

    public static Answer of(Input in) {
        Thread thread = of(in.thread);
        double wanted = switch (in.into) {
            case NUT -> 0.8 * thread.diameter + thread.pitch;
            case STEEL -> thread.diameter;
            case ALUMINIUM -> 1.5 * thread.diameter;
            case INSERT -> 1.3 * thread.diameter;
        };
        double above = in.clamped + (in.washer ? thread.washer : 0);
        int length = 0;
        for (int sold : LENGTHS) {
            if (length == 0 && sold >= above + wanted - 1e-9) {
                length = sold;
            }
        }
        double torque = thread.torque * (in.into == Into.ALUMINIUM ? 0.7 : in.into == Into.INSERT ? 0.5 : 1);
        boolean bottoms = in.depth > 0 && length - above > in.depth - thread.pitch;
        String locker = in.into == Into.NUT ? "a locking nut, no locker" : in.wet ? "medium locker" : "none";
        List<String> limits = new ArrayList<>();
        limits.add("The maker's own torque and length come first. Dry threads; with locker or grease a tenth less.");
        if (in.depth > 0 && in.depth < wanted) {
            limits.add("A hole of %s mm holds less than the %s mm that the thread wants.".formatted(Given.plain(in.depth),
                    tenths(wanted)));
        }
        String sentence = length == 0 ? "No screw of up to 100 mm is long enough: %s mm are wanted.".formatted(tenths(above + wanted))
                : bottoms ? "M%d × %d would touch the hole's ground: put %s mm more under the head, or shorten it to %s mm.".formatted(
                        in.thread,
                        length, tenths(length - above - in.depth + thread.pitch), Given.plain(Math.floor(above + in.depth - thread.pitch)))
                        : "Take M%d × %d%s, %s N·m.".formatted(in.thread, length, in.washer ? " with a washer" : "", tenths(torque));
        return new Answer(bottoms ? 0 : length, length == 0 ? 0 : length - above, wanted, torque, in.washer ? thread.washer : 0,
                in.washer ? thread.washerOuter : 0, locker, sentence, limits);
    }

    private static String tenths(double value) {
        return Given.plain(Math.round(value * 10) / 10.0);
    }
}
