package hingeyard.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;

/**
 * Chain and gears: how wide and how long a chain, how fast each gear at a cadence, and which cogs a chainring's plane leaves out.
 *
 * <p>Length: the band round the two pitch circles, 2·√(c² − (r₁ − r₂)²) + π·(r₁ + r₂) + 2·(r₁ − r₂)·asin((r₁ − r₂)/c), r = pitch / (2·sin
 * (π/teeth)), rounded up to whole pairs of links; a derailleur wants one pair more than round the two largest. Speed: cadence ·
 * circumference · ring/cog. A cog's chain is bent by atan(|ring's plane − cog's plane| / chainstay).
 */
public final class ChainAndGears {

    /** Half an inch, mm. */
    public static final double PITCH = 12.7;
    /** Outer width over the pins of usual chains by number of cogs, mm. */
    private static final TreeMap<Integer, Double> WIDTHS = new TreeMap<>();
    /** Usual spacing of cogs by their number, mm. */
    private static final TreeMap<Integer, Double> SPACING = new TreeMap<>();

    static {
        double[][] widths = {{1, 8.6}, {3, 8.6}, {6, 7.8}, {7, 7.3}, {8, 7.1}, {9, 6.6}, {10, 5.9}, {11, 5.6}, {12, 5.3}, {13, 4.9}};
        for (double[] row : widths) {
            WIDTHS.put((int) row[0], row[1]);
        }
        double[][] spacing = {{1, 5.5}, {7, 5.0}, {8, 4.8}, {9, 4.34}, {10, 3.95}, {11, 3.74}, {12, 3.65}, {13, 3.5}};
        for (double[] row : spacing) {
            SPACING.put((int) row[0], row[1]);
        }
    }

    /**
     * @param ring          teeth of the chainring, 20 to 70
     * @param cogs          teeth from the smallest to the largest, 1 to 13 of them, each 9 to 60
     * @param chainstay     mm, 250 to 700
     * @param circumference of the driven wheel, mm, 500 to 3,000
     * @param cadence       turns a minute, 20 to 140
     * @param derailleur    whether one takes the chain up
     * @param ringPlane     from the frame's middle to the chainring's, mm, 20 to 80
     * @param outerCog      from the frame's middle to the smallest cog's, mm, 20 to 80
     * @param bend          the most a chain may be bent sideways, degrees, 0.5 to 5
     */
    public record Input(int ring, List<Integer> cogs, double chainstay, double circumference, int cadence, boolean derailleur,
            double ringPlane, double outerCog, double bend) {

        public Input {
            Given.within("ring", ring, 20, 70, "teeth");
            cogs = List.copyOf(cogs);
            Given.within("cogs", cogs.size(), 1, 13, "cogs");
            for (int i = 0; i < cogs.size(); i++) {
                Given.within("cogs", cogs.get(i), 9, 60, "teeth");
                if (i > 0 && cogs.get(i) <= cogs.get(i - 1)) {
                    throw new BenchFaultException("cogs", "%d after %d".formatted(cogs.get(i), cogs.get(i - 1)),
                            "each larger than the one before");
                }
            }
            Given.within("chainstay", chainstay, 250, 700, "mm");
            Given.within("circumference", circumference, 500, 3_000, "mm");
            Given.within("cadence", cadence, 20, 140, "turns a minute");
            Given.within("ringPlane", ringPlane, 20, 80, "mm");
            Given.within("outerCog", outerCog, 20, 80, "mm");
            Given.within("bend", bend, 0.5, 5, "°");
            double apart = pitchRadius(ring) + pitchRadius(cogs.get(cogs.size() - 1));
            if (chainstay <= apart) {
                throw new BenchFaultException("chainstay", Given.plain(chainstay) + " mm",
                        "more than the %s mm at which ring and cog would touch".formatted(Given.plain(Math.ceil(apart))));
            }
        }
    }

    /**
     * @param teeth  of the cog
     * @param ratio  ring over cog
     * @param speed  km/h at the cadence
     * @param metres a turn of the crank
     * @param plane  of the cog, mm from the frame's middle
     * @param bent   sideways, degrees
     * @param kept   whether it is within the limit
     */
    public record Gear(int teeth, double ratio, double speed, double metres, double plane, double bent, boolean kept) {
    }

    /**
     * @param width   of the chain over its pins, mm
     * @param links   whole links, always even
     * @param wrapped the band's own length, mm
     * @param gears   from the smallest cog
     */
    public record Answer(double width, int links, double wrapped, List<Gear> gears) {
    }

    private ChainAndGears() {
    }

    public static Answer of(Input in) {
        List<Gear> gears = new ArrayList<>();
        double apart = SPACING.floorEntry(in.cogs.size()).getValue();
        for (int i = 0; i < in.cogs.size(); i++) {
            int teeth = in.cogs.get(i);
            double ratio = (double) in.ring / teeth;
            double plane = in.outerCog - i * apart;
            double bent = Math.toDegrees(Math.atan(Math.abs(in.ringPlane - plane) / in.chainstay));
            gears.add(new Gear(teeth, ratio, in.cadence * in.circumference * ratio * 60 / 1e6, in.circumference * ratio / 1000, plane, bent,
                    bent <= in.bend));
        }
        double wrapped = wrap(in.ring, in.cogs.get(in.cogs.size() - 1), in.chainstay);
        int pairs = (int) Math.ceil(wrapped / (2 * PITCH) - 1e-9) + (in.derailleur ? 1 : 0);
        return new Answer(WIDTHS.floorEntry(in.cogs.size()).getValue(), 2 * pairs, wrapped, gears);
    }

    static double pitchRadius(int teeth) {
        return PITCH / (2 * Math.sin(Math.PI / teeth));
    }

    /** The band round ring and cog, mm. */
    static double wrap(int ring, int cog, double centres) {
        double r1 = pitchRadius(ring);
        double r2 = pitchRadius(cog);
        double off = r1 - r2;
        return 2 * Math.sqrt(centres * centres - off * off) + Math.PI * (r1 + r2) + 2 * off * Math.asin(off / centres);
    }
}
