package hingeyard.core.bike;

import static hingeyard.core.bike.MeasureSpot.View.SHELL;
import static hingeyard.core.bike.MeasureSpot.View.SIDE;
import static hingeyard.core.bike.MeasureSpot.View.STAYS;
import static hingeyard.core.bike.Tool.CALIPER;
import static hingeyard.core.bike.Tool.LOOK;
import static hingeyard.core.bike.Tool.TAPE;

import hingeyard.core.bike.MeasureSpot.View;
import hingeyard.core.quantity.Scale;
import java.util.List;

/** Measured at the bottom bracket. A stand-up trike has none. */
public final class BracketMeasures {

    public static final ChoiceMeasure<ShellStandard> STANDARD = draft("standard", "Shell standard", LOOK,
            "Look for a thread, then put the caliper across the opening: a threaded shell of 33.6 to 33.9 inside is 1.37 in × 24.")
            .at(SHELL, -30, 17)
            .choice(ShellStandard.class);
    public static final LengthMeasure SHELL_WIDTH = draft("shell-width", "Shell width", CALIPER,
            "Caliper across the bare faces of the shell, cups out, paint scraped off the spot.").at(SHELL, -36.5, 0, 36.5, 0)
            .normal(68, 120)
            .length(60, 130, "68", "70", "73", "83", "86.5", "92", "100", "120");
    public static final LengthMeasure BORE = draft("bore", "Inside the shell", CALIPER,
            "Inner jaws across the opening, between the thread's tips or in the bare bore.").at(SHELL, 0, -17, 0, 17).normal(33, 52)
            .length(28, 70, "33.7", "34.9", "37", "41", "42", "46", "51.3");
    public static final ChoiceMeasure<Obstruction> OBSTRUCTION = draft("obstruction", "Crossing the shell's inside", LOOK,
            "Bracket out, lamp in: does anything cross the inside?").at(SHELL, 12, 10).choice(Obstruction.class);
    public static final ChoiceMeasure<Underside> UNDERSIDE = draft("underside", "Under the shell", LOOK,
            "Look from below: what is screwed, welded or led there?").at(SHELL, 0, -22).choice(Underside.class);
    public static final LengthMeasure UNDERSIDE_DEPTH = draft("underside-depth", "How far that stands down", CALIPER,
            "From the shell's surface to the lowest point of what hangs under it; 0 when it is clear.").at(SHELL, 8, -20, 8, -28)
            .normal(0, 20)
            .length(0, 40, "0", "4", "8");
    public static final LengthMeasure HEIGHT = draft("height", "Bracket height", TAPE,
            "Ground to the centre of the bracket, bike upright on both wheels, tyres pumped.")
            .except(BikeKind.STAND_UP_TRIKE, BikeKind.BARE_FRAME)
            .at(SIDE, 0, -285, 0, 0).normal(230, 420).length(150, 550, "270", "285", "300");
    public static final LengthMeasure SENSOR_ROOM = draft("sensor-room", "Room inside the right cup", CALIPER,
            "Cup's outer face to the chainring's inner face, where a sensor ring would turn.").at(SHELL, -36.5, -10, -46, -10).normal(0, 25)
            .length(0, 50, "4", "6", "9");
    public static final ChoiceMeasure<Spindle> SPINDLE = draft("spindle", "Crank spindle", LOOK,
            "Crank bolt out: a square, splines, or one bent piece.")
            .at(SHELL, -52, 0).choice(Spindle.class);
    public static final LengthMeasure CRANK_BOLT_HEAD = draft("crank-bolt-head", "Crank bolt's head", CALIPER,
            "Across the flats or the hexagon socket.")
            .at(SHELL, -58, -6, -58, 6).normal(5, 16).length(4, 32, "8", "10", "14", "15");
    public static final LengthMeasure RIGHT_STAY_60 = stay("right", 60);
    public static final LengthMeasure RIGHT_STAY_80 = stay("right", 80);
    public static final LengthMeasure RIGHT_STAY_100 = stay("right", 100);
    public static final LengthMeasure LEFT_STAY_60 = stay("left", 60);
    public static final LengthMeasure LEFT_STAY_80 = stay("left", 80);
    public static final LengthMeasure LEFT_STAY_100 = stay("left", 100);
    public static final LengthMeasure DOWN_TUBE_DISTANCE = draft("down-tube-distance", "Bracket to the down tube's underside", TAPE,
            "Bracket centre to the underside of the down tube, where a motor would meet it.").at(SIDE, 0, 0, 70, 45).normal(20, 90)
            .length(10, 160, "30", "40", "50");
    public static final LengthMeasure DOWN_TUBE_WIDTH = draft("down-tube-width", "Down tube's width there", CALIPER,
            "Caliper across the down tube just in front of the bracket.").at(STAYS, -18, 60, 18, 60).normal(25, 90)
            .length(20, 130, "32", "38", "45", "60");
    public static final ChoiceMeasure<YesNo> FRONT_DERAILLEUR = draft("front-derailleur", "Front derailleur", LOOK, "Is there one?")
            .at(SIDE, -45, 120)
            .choice(YesNo.class);

    public static final LengthMeasure PIN_SPACING = draft("pin-spacing", "Motor pins, front to rear", CALIPER,
            "Frame made for a motor: between the middles of its front "
                    + "and rear pin bores. Leave it open on any other frame.")
            .at(SIDE, 70, -20, -30, 30).normal(60, 200).length(40, 300);
    public static final LengthMeasure PIN_BORE = draft("pin-bore", "Motor pins' bore", CALIPER,
            "Frame made for a motor: inner jaws across the narrowest pin bore.")
            .at(SIDE, 66, -20, 74, -20).normal(6, 16).length(4, 30, "8", "10", "12");
    public static final LengthMeasure PASSAGE_WIDTH = draft("passage-width", "Passage under the motor, width", CALIPER,
            "Frame made for a motor: clear width where all the "
                    + "leads pass under it.")
            .at(SHELL, -20, -26, 20, -26).normal(8, 60).length(4, 120);
    public static final LengthMeasure PASSAGE_HEIGHT = draft("passage-height", "Passage under the motor, height", CALIPER,
            "Frame made for a motor: clear height there.")
            .at(SHELL, 20, -20, 20, -32).normal(5, 40).length(3, 80);
    public static final NumberMeasure PASSAGE_LINES = draft("passage-lines", "Hoses and cables in that passage", LOOK,
            "The bike's own: brake hose, gear cable, dropper line.")
            .at(SHELL, 0, -26).number(Scale.PIECES, 0, 8, 1L, 2L, 3L);

    private static final List<Measure> ALL = List.of(HEIGHT, FRONT_DERAILLEUR, RIGHT_STAY_60, RIGHT_STAY_80, RIGHT_STAY_100, LEFT_STAY_60,
            LEFT_STAY_80,
            LEFT_STAY_100, DOWN_TUBE_DISTANCE, DOWN_TUBE_WIDTH, UNDERSIDE, UNDERSIDE_DEPTH, SPINDLE, CRANK_BOLT_HEAD, SENSOR_ROOM, STANDARD,
            SHELL_WIDTH, BORE, OBSTRUCTION, PIN_SPACING, PIN_BORE, PASSAGE_WIDTH, PASSAGE_HEIGHT, PASSAGE_LINES);

    private BracketMeasures() {
    }

    /** In the order one takes them: cranks on, cranks off, bracket out. */
    static List<Measure> all() {
        return ALL;
    }

    private static MeasureDraft draft(String key, String title, Tool tool, String how) {
        return new MeasureDraft(WalkStop.BRACKET, "bracket." + key, title, tool, how).except(BikeKind.STAND_UP_TRIKE);
    }

    private static LengthMeasure stay(String side, int radius) {
        int sign = side.equals("right") ? 1 : -1;
        String title = (sign > 0 ? "Right" : "Left") + " chainstay's outer face at " + radius;
        return draft(side + "-stay-" + radius, title, CALIPER,
                radius + " mm from the bracket centre: the frame's middle plane to the " + side
                        + " chainstay's outer face. Half the width over both stays is the same on a straight frame.")
                .at(View.STAYS, 0, -radius, sign * (34 + radius / 12.0), -radius).normal(15, 70).length(8, 110);
    }
}
