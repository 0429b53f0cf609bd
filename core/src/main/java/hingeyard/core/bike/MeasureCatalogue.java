package hingeyard.core.bike;

import static hingeyard.core.bike.Tool.CALIPER;
import static hingeyard.core.bike.Tool.LOOK;
import static hingeyard.core.bike.Tool.MAGNET;
import static hingeyard.core.bike.Tool.TAPE;
import static hingeyard.core.bike.WalkStop.BRACKET;
import static hingeyard.core.bike.WalkStop.FRONT;
import static hingeyard.core.bike.WalkStop.REAR_WHEEL;
import static hingeyard.core.bike.WalkStop.TRIANGLE;

import java.util.List;
import java.util.Optional;

/** Every measure a survey can hold, in walking order. A new measure is one line here. */
public final class MeasureCatalogue {

    public static final LengthMeasure REAR_BEAD_SEAT = LengthMeasure.of("rear.bead-seat", "Rear rim bead seat", REAR_WHEEL, LOOK,
            "Read the second number of the ISO marking on the tyre's side wall, for example 40-622.", 200, 700,
            "349", "406", "451", "507", "559", "584", "622");
    public static final LengthMeasure REAR_TYRE = LengthMeasure.of("rear.tyre-width", "Rear tyre width", REAR_WHEEL, LOOK,
            "Read the first number of the ISO marking on the tyre's side wall, for example 40-622.", 18, 130,
            "28", "37", "40", "47", "50", "57", "100");
    public static final LengthMeasure CHAINSTAY = LengthMeasure.of("rear.chainstay", "Chainstay length", REAR_WHEEL, TAPE,
            "Centre of the bracket to the centre of the rear axle, along the drive side.", 250, 1100,
            "420", "435", "450", "470");
    public static final ChoiceMeasure<ShellStandard> SHELL_STANDARD = ChoiceMeasure.of("bracket.standard", "Shell standard",
            BRACKET, LOOK, "Look for a thread, then put the caliper across the opening: a threaded shell of 33.6 to 33.9 inside is "
                    + "1.37 in × 24.", ShellStandard.class);
    public static final LengthMeasure SHELL_WIDTH = LengthMeasure.of("bracket.shell-width", "Shell width", BRACKET, CALIPER,
            "Caliper across the bare faces of the shell, cups out, paint scraped off the spot.", 60, 130,
            "68", "70", "73", "83", "86.5", "92", "100", "120");
    public static final LengthMeasure BRACKET_HEIGHT = LengthMeasure.of("bracket.height", "Bracket height", BRACKET, TAPE,
            "Ground to the centre of the bracket, bike upright on both wheels, tyres pumped.", 150, 450, "270", "285", "300");
    public static final LengthMeasure SEAT_TUBE = LengthMeasure.of("triangle.seat-tube", "Seat tube length", TRIANGLE, TAPE,
            "Centre of the bracket along the seat tube to the centre of the top tube or clamp.", 200, 750, "440", "480", "520", "560");
    public static final LengthMeasure DOWN_TUBE = LengthMeasure.of("triangle.down-tube", "Down tube length", TRIANGLE, TAPE,
            "Centre of the bracket along the down tube to where it meets the head tube.", 300, 1600, "600", "630", "660");
    public static final LengthMeasure TOP_TUBE = LengthMeasure.of("triangle.top-tube", "Top tube length", TRIANGLE, TAPE,
            "Seat cluster along the top tube to where it meets the head tube.", 250, 1200, "530", "560", "590");
    public static final LengthMeasure WHEELBASE = LengthMeasure.of("front.wheelbase", "Wheelbase", FRONT, TAPE,
            "Rear axle to front axle, wheels straight ahead.", 700, 2600, "1020", "1060", "1100");
    public static final LengthMeasure FRONT_BEAD_SEAT = LengthMeasure.of("front.bead-seat", "Front rim bead seat", FRONT, LOOK,
            "Read the second number of the ISO marking on the tyre's side wall, for example 40-622.", 200, 700,
            "349", "406", "451", "507", "559", "584", "622");
    public static final LengthMeasure FRONT_TYRE = LengthMeasure.of("front.tyre-width", "Front tyre width", FRONT, LOOK,
            "Read the first number of the ISO marking on the tyre's side wall, for example 40-622.", 18, 130,
            "28", "37", "40", "47", "50", "57", "100");
    public static final LengthMeasure FRONT_OLD = LengthMeasure.of("front.over-locknut", "Fork over-locknut distance", FRONT, CALIPER,
            "Caliper between the inner faces of the two fork dropouts, wheel out, nothing squeezing the blades.", 60, 160,
            "74", "91", "100", "110", "135");
    public static final ChoiceMeasure<Material> FORK_MATERIAL = ChoiceMeasure.of("front.fork-material", "Fork dropout material",
            FRONT, MAGNET, "Magnet on the bare dropout: steel holds. Grey, light and cast with a sprung fork: magnesium. No seam, "
                    + "woven pattern or light and dull when tapped: carbon. Not sure: say so.", Material.class);

    private static final List<Measure> ALL = List.of(REAR_BEAD_SEAT, REAR_TYRE, CHAINSTAY, SHELL_STANDARD, SHELL_WIDTH,
            BRACKET_HEIGHT, SEAT_TUBE, DOWN_TUBE, TOP_TUBE, WHEELBASE, FRONT_BEAD_SEAT, FRONT_TYRE, FRONT_OLD, FORK_MATERIAL);

    private MeasureCatalogue() {
    }

    /** In walking order. */
    public static List<Measure> all() {
        return ALL;
    }

    public static Optional<Measure> find(String key) {
        return ALL.stream().filter(m -> m.key().equals(key)).findFirst();
    }
}
