package hingeyard.core.made;

import hingeyard.core.bench.BenchFaultException;
import hingeyard.core.bench.Given;
import hingeyard.core.made.Template.Circle;
import hingeyard.core.made.Template.Kind;
import hingeyard.core.made.Template.Line;
import hingeyard.core.made.Template.Mark;
import hingeyard.core.made.Template.Words;
import java.util.ArrayList;
import java.util.List;

/** Sheets of plates, slots and rows of holes. */
final class PlateTemplates {

    /** Of sheet left round a hole, as many times its width. */
    private static final double EDGE = 1.5;
    private static final double LEAST_STRAP = 15;

    private PlateTemplates() {
    }

    private static String mm(double value) {
        return Given.plain(Math.round(value * 100) / 100.0) + " mm";
    }

    static void hole(List<Mark> marks, double x, double y, double across) {
        marks.add(new Circle(x, y, across / 2, Kind.CUT));
        marks.add(new Line(x - across, y, x + across, y, Kind.CENTRE));
        marks.add(new Line(x, y - across, x, y + across, Kind.CENTRE));
    }

    /**
     * The contact plate of a battery in a bag, held under the bag's floor: its outline, four screws and the hole for the cable in its
     * middle.
     *
     * @param length,width of the plate, mm, 40 to 300 and 20 to 150
     * @param pitch        from screw to screw along it, mm, 15 to the length less two edges; across it as far from the edge
     * @param hole         of a screw, mm across, 2 to 8 @param cable the cable's hole, mm across, 4 to 30 and less than the width and the
     *                     pitch leave
     */
    static Template bagPlate(double length, double width, double pitch, double hole, double cable) {
        Given.within("length", length, 40, 300, "mm");
        Given.within("width", width, 20, 150, "mm");
        Given.within("hole", hole, 2, Math.min(8, width / 8), "mm");
        double edge = 2 * EDGE * hole;
        Given.within("pitch", pitch, 15, length - edge, "mm");
        double across = width - edge;
        Given.within("cable", cable, 4, Math.min(30, Math.min(across, pitch) - 2 * hole), "mm");
        List<Mark> marks = new ArrayList<>();
        Template.rectangle(marks, 0, 0, length, width, Kind.FOLD);
        for (double x : new double[]{(length - pitch) / 2, (length + pitch) / 2}) {
            hole(marks, x, edge / 2, hole);
            hole(marks, x, width - edge / 2, hole);
        }
        hole(marks, length / 2, width / 2, cable);
        marks.add(new Words(3, width + 2, "forward"));
        return new Template("Contact plate in the bag", List.of(
                "Tape it to the bag's floor where the plate will sit, its arrowed edge forward. Four holes of %s, one of %s for the cable with a grommet."
                        .formatted(mm(hole), mm(cable)),
                "Drill through the floor only, nothing in the bag. The dashed line is the plate's edge: do not cut it."),
                length, width, marks);
    }

    /**
     * Slots for a bag's straps in a plate: each is five holes in a row, joined by a file.
     *
     * @param length,width of the plate, mm, 100 to 500 and 40 to 200
     * @param strap        its width, mm, 15 to 60, less than the plate leaves and than five holes join to @param pairs 1 to 4 along the
     *                     plate
     * @param drill        mm across, 3 to 10 and at most an eighth of the width
     */
    static Template plateSlots(double length, double width, double strap, int pairs, double drill) {
        Given.within("length", length, 100, 500, "mm");
        Given.within("width", width, 40, 200, "mm");
        int most = Math.min(4, (int) ((length - 20) / (LEAST_STRAP + 12)));
        if (pairs < 1 || pairs > most) {
            throw new BenchFaultException("pairs", String.valueOf(pairs), "1 to %d on this plate".formatted(most));
        }
        Given.within("drill", drill, 3, Math.min(10, width / 8), "mm");
        // Plate stays between two slots, and five holes of one leave less between them than they take away.
        Given.within("strap", strap, LEAST_STRAP, Math.min(60, Math.min((length - 20) / pairs - 12, 7 * drill - 2)), "mm");
        // As long as the strap, and a millimetre of play on each side.
        double slot = strap + 2;
        double step = (slot - drill) / 4;
        List<Mark> marks = new ArrayList<>();
        Template.rectangle(marks, 0, 0, length, width, Kind.FOLD);
        double edge = EDGE * drill + 2;
        for (int i = 0; i < pairs; i++) {
            double middle = length * (i + 0.5) / pairs;
            for (double y : new double[]{edge, width - edge}) {
                for (int k = 0; k < 5; k++) {
                    marks.add(new Circle(middle - 2 * step + k * step, y, drill / 2, Kind.MARK));
                }
                Template.rectangle(marks, middle - slot / 2, y - drill / 2, slot, drill, Kind.CUT);
                marks.add(new Line(middle, y - drill, middle, y + drill, Kind.CENTRE));
            }
        }
        return new Template("Slots in the battery plate", List.of(
                "Centre-punch five holes of %s for each slot, drill them, join them with a file, and break every edge: a strap is cut by it."
                        .formatted(mm(drill)),
                "The dashed line is the plate's edge. Ask the battery's maker before a plate is drilled with the battery on it: never do."),
                length, width, marks);
    }

    /**
     * A plate that holds a caliper beside a hub's axle.
     *
     * @param axle  hole for the axle, mm across, 8 to 30
     * @param bolts hole circle's place of the caliper's middle from the axle, mm, 40 to 160 @param reach how far outwards its two bolts
     *              stand
     *              beside the line through the axle, mm, 0 to 60
     * @param pitch between the caliper's two bolts, mm, 30 to 90 @param hole of these, mm across, 4 to 9
     */
    static Template brakeBracket(double axle, double bolts, double reach, double pitch, double hole) {
        Given.within("axle", axle, 8, 30, "mm");
        Given.within("hole", hole, 4, 9, "mm");
        double near = axle / 2 + 1.5 * hole;
        Given.within("bolts", bolts, Math.max(40, near + 15), 160, "mm");
        Given.within("reach", reach, 0, 60, "mm");
        Given.within("pitch", pitch, 30, Math.min(90, 2 * (bolts - near)), "mm");
        double edge = EDGE * hole;
        double ax = axle / 2 + edge;
        double ay = ax;
        double width = ax + Math.max(axle / 2, reach + hole / 2) + edge;
        double height = ay + bolts + (pitch + hole) / 2 + edge;
        List<Mark> marks = new ArrayList<>();
        Template.rectangle(marks, 0, 0, width, height, Kind.CUT);
        hole(marks, ax, ay, axle);
        marks.add(new Words(ax + axle / 2 + 1, ay - axle / 2 - 4, "axle"));
        hole(marks, ax + reach, ay + bolts - pitch / 2, hole);
        hole(marks, ax + reach, ay + bolts + pitch / 2, hole);
        marks.add(new Line(ax, ay, ax, height, Kind.CENTRE));
        marks.add(new Line(ax, ay + bolts, ax + reach, ay + bolts, Kind.CENTRE));
        return new Template("Bracket plate of a brake", List.of(
                "First as card: hold it on the axle with the caliper on the rotor, turn the wheel, and only then cut it from the plate the maker names.",
                "A brake hangs on it. Only on a fork and frame whose maker allows it, and a second person looks before it is ridden."),
                width, height, marks);
    }

    /**
     * Holes along a tube for a rail.
     *
     * @param first of the first hole from the sheet's left edge, mm, 5 to 300 @param pitch between neighbours, mm, 15 to 200
     * @param holes 2 to 8 @param hole mm across, 3 to 10
     */
    static Template railHoles(double first, double pitch, int holes, double hole) {
        Given.within("hole", hole, 3, 10, "mm");
        Given.within("first", first, Math.max(5, hole), 300, "mm");
        Given.within("pitch", pitch, 15, 200, "mm");
        if (holes < 2 || holes > 8) {
            throw new BenchFaultException("holes", String.valueOf(holes), "2 to 8");
        }
        double length = first + (holes - 1) * pitch + Math.max(first, 3 * hole);
        double width = 24;
        List<Mark> marks = new ArrayList<>();
        Template.rectangle(marks, 0, 0, length, width, Kind.FOLD);
        marks.add(new Line(0, width / 2, length, width / 2, Kind.CENTRE));
        for (int i = 0; i < holes; i++) {
            double x = first + i * pitch;
            hole(marks, x, width / 2, hole);
            marks.add(new Words(x - 6, width + 2, mm(x)));
        }
        return new Template("Holes of the rail", List.of(
                "Lay the middle line along the tube's middle, the left edge where the case ends. %d holes of %s, %s apart."
                        .formatted(holes, mm(hole), mm(pitch)),
                "Drill only metal tubes, and only where the frame's maker allows it; carbon is never drilled."),
                length, width, marks);
    }
}
