package hingeyard.core.made;

import hingeyard.core.bench.BenchFaultException;
import hingeyard.core.bench.Given;
import java.util.ArrayList;
import java.util.List;

/** A piece to print or turn. */
public sealed interface MadePart {

    /** Of the plastic that is advised, g/cm³. */
    double DENSITY = 1.07;

    /** What it is called, with its size: {@code Spacer ring 12.2 × 24 × 1.35 mm}. */
    String name();

    Mesh mesh();

    /** How it is made, of what, and what it is not for. */
    String note();

    /** Estimated, printed whole: g. */
    default double grams() {
        return mesh().volume() / 1000 * DENSITY;
    }

    /** Estimated: a warm-up and four minutes a cubic centimetre at a layer of 0.2 mm; minutes. */
    default long minutes() {
        return Math.round(8 + 4 * mesh().volume() / 1000);
    }

    /** {@code Block 34 × 40…, 21 g, 88 min}: as a bill or a finding says it. */
    default String said() {
        return "%s, about %d g, %d min".formatted(name(), Math.max(1, Math.round(grams())), minutes());
    }

    private static String mm(double value) {
        return Given.plain(value) + " mm";
    }

    String PLASTIC = "Heat- and UV-proof plastic (ASA or the like, not the brittle common one), four walls, filled whole. Measure it before it goes on. ";

    /**
     * A ring in the odd thickness that a stack asks for.
     *
     * @param inner  mm across, 3 to 80 @param outer mm across, at least 2 more than the bore, at most 120
     * @param height mm, 0.2 to 40
     */
    record SpacerRing(double inner, double outer, double height) implements MadePart {

        public SpacerRing {
            Given.within("inner", inner, 3, 80, "mm");
            Given.within("outer", outer, inner + 2, 120, "mm");
            Given.within("height", height, 0.2, 40, "mm");
        }

        @Override
        public String name() {
            return "Spacer ring %s × %s × %s".formatted(Given.plain(inner), Given.plain(outer), mm(height));
        }

        @Override
        public Mesh mesh() {
            return Drawn.ring(inner / 2, outer / 2, height);
        }

        @Override
        public String note() {
            return PLASTIC
                    + "Under an axle's or a bracket's nut it is turned from steel or aluminium, never printed: plastic creeps and the nut comes loose.";
        }
    }

    /**
     * A sleeve that fills a clamp on a thinner bar; split, so that the clamp closes on it.
     *
     * @param inner  the bar, mm across, 15 to 60 @param outer the clamp, mm across, at least 0.8 more, at most 70
     * @param height its length, mm, 5 to 80 @param slit mm, 0.5 to 6
     */
    record Sleeve(double inner, double outer, double height, double slit) implements MadePart {

        public Sleeve {
            Given.within("inner", inner, 15, 60, "mm");
            Given.within("outer", outer, inner + 0.8, 70, "mm");
            Given.within("height", height, 5, 80, "mm");
            Given.within("slit", slit, 0.5, 6, "mm");
        }

        @Override
        public String name() {
            return "Sleeve %s in %s, %s long".formatted(Given.plain(inner), Given.plain(outer), mm(height));
        }

        @Override
        public Mesh mesh() {
            List<double[]> section = section(inner / 2, outer / 2, slit);
            return Drawn.between(section, section, height);
        }

        private static List<double[]> section(double in, double out, double slit) {
            double outside = Math.asin(slit / 2 / out);
            double inside = Math.asin(slit / 2 / in);
            int chords = Drawn.corners(out, 2 * Math.PI);
            List<double[]> section = new ArrayList<>(Drawn.arc(0, 0, out, outside, 2 * Math.PI - outside, chords));
            section.addAll(Drawn.arc(0, 0, in, 2 * Math.PI - inside, inside, chords));
            return section;
        }

        @Override
        public String note() {
            return PLASTIC + "For displays, throttles and remotes only: a brake lever or a stem is never clamped on a sleeve.";
        }
    }

    /**
     * Two of them go round a tube: a bracket, a clamp or a speed sensor sits firmly where the tube is too thin.
     *
     * @param inner  the tube, mm across, 10 to 80 @param outer what closes on it, mm across, at least 0.8 more, at most 100
     * @param height its length, mm, 3 to 80
     */
    record HalfShim(double inner, double outer, double height) implements MadePart {

        public HalfShim {
            Given.within("inner", inner, 10, 80, "mm");
            Given.within("outer", outer, inner + 0.8, 100, "mm");
            Given.within("height", height, 3, 80, "mm");
        }

        @Override
        public String name() {
            return "Half shim %s in %s, %s long; two".formatted(Given.plain(inner), Given.plain(outer), mm(height));
        }

        @Override
        public Mesh mesh() {
            // A little less than half, so that both do not meet before the clamp holds.
            double gap = Math.toRadians(3);
            int chords = Drawn.corners(outer / 2, Math.PI);
            List<double[]> section = new ArrayList<>(Drawn.arc(0, 0, outer / 2, gap, Math.PI - gap, chords));
            section.addAll(Drawn.arc(0, 0, inner / 2, Math.PI - gap, gap, chords));
            return Drawn.between(section, section, height);
        }

        @Override
        public String note() {
            return PLASTIC
                    + "Not under what carries a motor's torque: there the right clamp is bought, or the shim is turned from aluminium.";
        }
    }

    /**
     * Stands between a motor and the tube above it, so that there is nothing to swing into.
     *
     * @param width            across the tube, mm, 10 to 80
     * @param height           along the tube, mm, 10 to 120
     * @param gapFront,gapRear between motor and tube at its two ends, mm, 1 to 60
     * @param tube             the tube, mm across, more than the width, at most 90
     */
    record Block(double width, double height, double gapFront, double gapRear, double tube) implements MadePart {

        public Block {
            Given.within("width", width, 10, 80, "mm");
            Given.within("height", height, 10, 120, "mm");
            Given.within("gapFront", gapFront, 1, 60, "mm");
            Given.within("gapRear", gapRear, 1, 60, "mm");
            Given.within("tube", tube, width + 1, 90, "mm");
        }

        @Override
        public String name() {
            String high = gapFront == gapRear ? Given.plain(gapFront) + " high"
                    : "%s to %s high".formatted(Given.plain(gapFront), Given.plain(gapRear));
            return "Block %s × %s, %s, under a tube of %s".formatted(Given.plain(width), Given.plain(height), high, mm(tube));
        }

        @Override
        public Mesh mesh() {
            return Drawn.between(section(gapFront), section(gapRear), height);
        }

        /** Flat below, hollow above as the tube is round; the gap is measured under the tube's lowest line. */
        private List<double[]> section(double gap) {
            double radius = tube / 2;
            double half = Math.asin(width / 2 / radius);
            List<double[]> section = new ArrayList<>();
            section.add(new double[]{-width / 2, 0});
            section.add(new double[]{width / 2, 0});
            section.addAll(Drawn.arc(0, gap + radius, radius, -Math.PI / 2 + half, -Math.PI / 2 - half, Drawn.corners(radius, 2 * half)));
            return section;
        }

        @Override
        public String note() {
            return PLASTIC + "Pad of rubber on the tube's side; it takes the swing, the motor's nuts or its band take the torque.";
        }
    }

    /**
     * Keeps cables apart under a motor.
     *
     * @param lanes  how many, 1 to 6 @param lane mm across each, 2 to 12
     * @param height along the cables, mm, 5 to 80
     */
    record CableSeparator(int lanes, double lane, double height) implements MadePart {

        private static final double WALL = 2;

        public CableSeparator {
            if (lanes < 1 || lanes > 6) {
                throw new BenchFaultException("lanes", String.valueOf(lanes), "1 to 6");
            }
            Given.within("lane", lane, 2, 12, "mm");
            Given.within("height", height, 5, 80, "mm");
        }

        @Override
        public String name() {
            return "Cable separator, %d of %s, %s long".formatted(lanes, mm(lane), mm(height));
        }

        @Override
        public Mesh mesh() {
            double width = lanes * lane + (lanes + 1) * WALL;
            double top = WALL + lane * 0.75;
            double rest = Math.asin((top - WALL - lane / 2) / (lane / 2));
            List<double[]> section = new ArrayList<>();
            section.add(new double[]{0, 0});
            section.add(new double[]{width, 0});
            section.add(new double[]{width, top});
            for (int i = lanes - 1; i >= 0; i--) {
                double middle = WALL + lane / 2 + i * (lane + WALL);
                section.addAll(
                        Drawn.arc(middle, WALL + lane / 2, lane / 2, rest, -Math.PI - rest, Drawn.corners(lane / 2, Math.PI + 2 * rest)));
            }
            section.add(new double[]{0, top});
            return Drawn.between(section, section, height);
        }

        @Override
        public String note() {
            return PLASTIC + "Edges broken by hand; no cable is pressed into it.";
        }
    }

    /**
     * A ring in an odd thickness under a nut, a screw or a bearing: turned, not printed.
     *
     * @param inner  mm across, 3 to 80 @param outer mm across, at least 2 more than the bore, at most 120
     * @param height mm, 1 to 40: thinner ones are bought
     */
    record TurnedRing(double inner, double outer, double height) implements MadePart {

        /** Of aluminium, g/cm³. */
        private static final double ALUMINIUM = 2.7;

        public TurnedRing {
            Given.within("inner", inner, 3, 80, "mm");
            Given.within("outer", outer, inner + 2, 120, "mm");
            Given.within("height", height, 1, 40, "mm");
        }

        @Override
        public String name() {
            return "Turned ring %s × %s × %s".formatted(Given.plain(inner), Given.plain(outer), mm(height));
        }

        @Override
        public Mesh mesh() {
            return Drawn.ring(inner / 2, outer / 2, height);
        }

        @Override
        public double grams() {
            return mesh().volume() / 1000 * ALUMINIUM;
        }

        /** Set-up, boring, facing both sides and parting off: a quarter of an hour and a minute a cubic centimetre. */
        @Override
        public long minutes() {
            return Math.round(15 + mesh().volume() / 1000);
        }

        @Override
        public String note() {
            return "Turned from aluminium, under an axle's nut from steel; faces parallel within 0.02 mm, edges broken. Measure its thickness before it goes on. Never printed: plastic creeps and the nut comes loose.";
        }
    }

    /**
     * A collar that keeps a found place on a tube: split, with a groove in which a tie or a hose clip closes it.
     *
     * @param inner the tube, mm across, 15 to 80 @param height mm, 10 to 40
     */
    record PositionStop(double inner, double height) implements MadePart {

        private static final double WALL = 5;
        private static final double DEEP = 2;
        private static final double LIP = 2.5;
        /** Open so far, degrees: it closes as the tie is drawn. */
        private static final double OPEN = 14;

        public PositionStop {
            Given.within("inner", inner, 15, 80, "mm");
            Given.within("height", height, 10, 40, "mm");
        }

        @Override
        public String name() {
            return "Position stop on %s, %s wide".formatted(Given.plain(inner), mm(height));
        }

        @Override
        public Mesh mesh() {
            return Drawn.turned(Drawn.grooved(inner / 2, inner / 2 + WALL, DEEP, LIP, height), Math.toRadians(OPEN));
        }

        @Override
        public String note() {
            return PLASTIC + "Two ties or a hose clip in its groove. It keeps a place, it carries nothing: the clamp beside it does.";
        }
    }

    /**
     * A cap over a plug that is not in use.
     *
     * @param inner the plug, mm across, 5 to 60 @param height over it, mm, 5 to 60
     */
    record PlugCover(double inner, double height) implements MadePart {

        private static final double WALL = 1.6;
        private static final double FLOOR = 2;
        /** So that it goes on by hand. */
        private static final double PLAY = 0.3;

        public PlugCover {
            Given.within("inner", inner, 5, 60, "mm");
            Given.within("height", height, 5, 60, "mm");
        }

        @Override
        public String name() {
            return "Plug cover, %s inside, %s deep".formatted(Given.plain(inner), mm(height));
        }

        @Override
        public Mesh mesh() {
            double in = (inner + PLAY) / 2;
            return Drawn.turned(List.of(new double[]{0, 0}, new double[]{in + WALL, 0}, new double[]{in + WALL, FLOOR + height},
                    new double[]{in, FLOOR + height}, new double[]{in, FLOOR}, new double[]{0, FLOOR}), 0);
        }

        @Override
        public String note() {
            return PLASTIC + "Against dirt, not against water. On a battery's plug only with the battery out and its poles apart.";
        }
    }

    /**
     * A split collar under a tie, so that it does not cut into a lead.
     *
     * @param inner the lead, mm across, 3 to 20 @param tie the tie's width, mm, 2 to 9
     */
    record TieProtector(double inner, double tie) implements MadePart {

        private static final double WALL = 2;
        private static final double DEEP = 0.8;
        private static final double LIP = 1.5;
        private static final double OPEN = 40;

        public TieProtector {
            Given.within("inner", inner, 3, 20, "mm");
            Given.within("tie", tie, 2, 9, "mm");
        }

        @Override
        public String name() {
            return "Tie protector on a lead of %s, for ties of %s".formatted(Given.plain(inner), mm(tie));
        }

        @Override
        public Mesh mesh() {
            return Drawn.turned(Drawn.grooved(inner / 2, inner / 2 + WALL, DEEP, LIP, tie + 0.5 + 2 * LIP), Math.toRadians(OPEN));
        }

        @Override
        public String note() {
            return PLASTIC + "Soft plastic is better still. The tie is drawn until the collar sits, not until it closes.";
        }
    }
}
