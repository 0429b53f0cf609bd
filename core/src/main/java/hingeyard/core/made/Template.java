package hingeyard.core.made;

import hingeyard.core.bench.ArmBend;
import hingeyard.core.bench.BenchFaultException;
import hingeyard.core.bench.Given;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A sheet at its true size, in mm from its lower left corner.
 *
 * @param title        what it is
 * @param words        how it is used, sentences
 * @param width,height mm
 */
public record Template(String title, List<String> words, double width, double height, List<Mark> marks) {

    /** What a line is for. */
    public enum Kind {
        CUT,
        FOLD,
        CENTRE,
        MARK
    }

    /** One thing on the sheet. */
    public sealed interface Mark {
    }

    public record Line(double x1, double y1, double x2, double y2, Kind kind) implements Mark {
    }

    public record Circle(double x, double y, double radius, Kind kind) implements Mark {
    }

    /** Words whose left lower corner stands there, some 3 mm high. */
    public record Words(double x, double y, String text) implements Mark {
    }

    public Template {
        words = List.copyOf(words);
        marks = List.copyOf(marks);
    }

    private static String tenth(double value) {
        return String.format(Locale.ROOT, "%.1f mm", value);
    }

    static void rectangle(List<Mark> marks, double x, double y, double w, double h, Kind kind) {
        marks.add(new Line(x, y, x + w, y, kind));
        marks.add(new Line(x + w, y, x + w, y + h, kind));
        marks.add(new Line(x + w, y + h, x, y + h, kind));
        marks.add(new Line(x, y + h, x, y, kind));
    }

    /** A strip to lie along the arm: axle, vice, bend and tie. @param across the arm's width, mm, 10 to 60 */
    public static Template bendStrip(ArmBend.Input arm, double across) {
        Given.within("across", across, 10, 60, "mm");
        ArmBend.Answer bend = ArmBend.of(arm);
        double end = arm.washer() / 2 + 4;
        List<Mark> marks = new ArrayList<>();
        double length = end + bend.length() + 10;
        rectangle(marks, 0, 0, length, across, Kind.CUT);
        marks.add(new Circle(end, across / 2, arm.washer() / 2, Kind.MARK));
        marks.add(new Line(end, -4, end, across + 4, Kind.CENTRE));
        marks.add(new Words(end + 1, across + 5, "axle"));
        if (bend.advice() == ArmBend.Advice.BEND) {
            marks.add(new Line(end + bend.line(), 0, end + bend.line(), across, Kind.FOLD));
            marks.add(new Words(end + bend.line() + 1, across + 5, "bend " + String.format(Locale.ROOT, "%.1f°", bend.angle())));
            marks.add(new Line(end + bend.vice(), 0, end + bend.vice(), across, Kind.CENTRE));
            marks.add(new Words(end + bend.vice() - 8, -7, "vice"));
        }
        marks.add(new Line(end + bend.length(), 0, end + bend.length(), across, Kind.MARK));
        marks.add(new Words(end + bend.length() - 6, -7, "tie"));
        return new Template("Torque arm, bend strip", List.of(bend.sentence(),
                "Lay the circle round the axle's hole and mark bend and vice line on the arm."), length, across, marks);
    }

    /**
     * Stand-off holes of a rotor on a hub.
     *
     * @param bolts 3 to 6 @param circle mm across, 20 to 200 @param hole mm across, 2 to 10 @param bore in the middle, mm across, 5 to less
     *              than the circle
     */
    public static Template hubHoles(int bolts, double circle, double hole, double bore) {
        if (bolts < 3 || bolts > 6) {
            throw new BenchFaultException("bolts", String.valueOf(bolts), "3 to 6");
        }
        Given.within("circle", circle, 20, 200, "mm");
        Given.within("hole", hole, 2, 10, "mm");
        Given.within("bore", bore, 5, circle - hole, "mm");
        double mid = circle / 2 + 14;
        List<Mark> marks = new ArrayList<>();
        marks.add(new Circle(mid, mid, circle / 2 + 12, Kind.CUT));
        marks.add(new Circle(mid, mid, bore / 2, Kind.CUT));
        marks.add(new Circle(mid, mid, circle / 2, Kind.CENTRE));
        for (int i = 0; i < bolts; i++) {
            double phi = Math.PI / 2 - 2 * Math.PI * i / bolts;
            double x = mid + circle / 2 * Math.cos(phi);
            double y = mid + circle / 2 * Math.sin(phi);
            marks.add(new Circle(x, y, hole / 2, Kind.MARK));
            marks.add(new Line(x - hole, y, x + hole, y, Kind.CENTRE));
            marks.add(new Line(x, y - hole, x, y + hole, Kind.CENTRE));
            marks.add(new Words(x + hole / 2 + 1, y + 1, String.valueOf(i + 1)));
        }
        return new Template("Rotor on stand-offs, holes in the hub", List.of(
                "%d holes of %s on a circle of %s. Centre it on the axle's bore.".formatted(bolts, tenth(hole), tenth(circle)),
                "Two opposite holes first, rotor screwed on, then the others through the rotor. Ask the hub's maker before anything is drilled."),
                2 * mid, 2 * mid, marks);
    }

    /** A strip along which leads are cut. @param marks lengths from its left end, mm, each 20 to 3,000, at most 20 of them */
    public static Template leadStrip(List<Double> marks) {
        if (marks.isEmpty() || marks.size() > 20) {
            throw new BenchFaultException("marks", "%d of them".formatted(marks.size()), "1 to 20 lengths");
        }
        marks.forEach(m -> Given.within("marks", m, 20, 3_000, "mm"));
        double longest = marks.stream().mapToDouble(m -> m).max().orElseThrow();
        List<Mark> drawn = new ArrayList<>();
        drawn.add(new Line(0, 10, longest + 5, 10, Kind.MARK));
        drawn.add(new Line(0, 0, 0, 20, Kind.CUT));
        for (double mark : marks.stream().distinct().sorted().toList()) {
            drawn.add(new Line(mark, 2, mark, 18, Kind.CUT));
            drawn.add(new Words(mark + 1, 13, Given.plain(mark)));
        }
        for (double tick = 50; tick < longest; tick += 50) {
            drawn.add(new Line(tick, 8, tick, 12, Kind.CENTRE));
        }
        return new Template("Leads, lengths to cut",
                List.of("From the cut on the left. Slack for steering and linkage is in the lengths already."),
                longest + 6, 20, drawn);
    }

    /** A battery's case as a card, to be held in the triangle before anything is ordered. @param length,height mm, 60 to 600 */
    public static Template batteryCard(double length, double height) {
        Given.within("length", length, 60, 600, "mm");
        Given.within("height", height, 30, 300, "mm");
        List<Mark> marks = new ArrayList<>();
        rectangle(marks, 0, 0, length, height, Kind.CUT);
        marks.add(new Line(0, height / 2, length, height / 2, Kind.CENTRE));
        marks.add(new Words(6, height / 2 + 2,
                "battery %s × %s mm; key and port need their room besides".formatted(Given.plain(length), Given.plain(height))));
        return new Template("Battery, card to hold in the frame", List.of(
                "Stick it on card, cut it out, hold it where the battery will sit, and turn the cranks. Leave 10 mm to every tube and cable."),
                length, height, marks);
    }
}
