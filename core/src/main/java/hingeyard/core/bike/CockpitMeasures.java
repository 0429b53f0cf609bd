package hingeyard.core.bike;

import static hingeyard.core.bike.MeasureSpot.View.BARS;
import static hingeyard.core.bike.Tool.CALIPER;
import static hingeyard.core.bike.Tool.LOOK;
import static hingeyard.core.bike.Tool.TAPE;

import java.util.List;

/** Measured at the handlebar. */
public final class CockpitMeasures {

    public static final LengthMeasure GRIP_DIAMETER = draft("grip-diameter", "Bar where the grips sit", CALIPER,
            "Caliper across the bare bar beside a grip.")
            .at(BARS, 168, -11, 168, 11).normal(22, 24).length(19, 35, "22.2", "23.8");
    public static final LengthMeasure CLAMP_DIAMETER = draft("clamp-diameter", "Bar at the stem", CALIPER,
            "Caliper across the bar beside the stem's clamp.")
            .at(BARS, 24, -16, 24, 16).normal(25, 35).length(22, 40, "25.4", "31.8", "35");
    public static final LengthMeasure STRAIGHT_LENGTH = draft("straight-length", "Straight length a side", TAPE,
            "From the bar's end inwards to where it bends or thickens.").at(BARS, 300, 40, 90, 40).normal(120, 300)
            .length(60, 420, "180", "200", "220");
    public static final LengthMeasure GRIP_LENGTH = draft("grip-length", "Grip", TAPE, "Length of one grip.").at(BARS, 300, -24, 172, -24)
            .normal(70, 150)
            .length(30, 200, "90", "110", "130");
    public static final LengthMeasure LEVER_CLAMP_WIDTH = draft("lever-clamp-width", "Brake lever's clamp", CALIPER,
            "Width of the clamp along the bar.")
            .at(BARS, 160, 26, 146, 26).normal(8, 35).length(5, 60, "12", "15", "22");
    public static final LengthMeasure SHIFTER_WIDTH = draft("shifter-width", "Shifter's clamp", CALIPER,
            "Width along the bar; 0 when there is none.")
            .at(BARS, 142, 26, 122, 26).normal(0, 60).length(0, 90, "0", "18", "25", "45");
    public static final LengthMeasure BELL_WIDTH = draft("bell-width", "Bell and the rest", CALIPER,
            "What else sits on the right half, widths together; 0 when nothing does.").at(BARS, 118, 26, 104, 26).normal(0, 60)
            .length(0, 150, "0", "14", "25");
    public static final LengthMeasure STEM_ROOM = draft("stem-room", "Room for a display at the stem", TAPE,
            "Clear width on both sides of the stem together, cables held aside.").at(BARS, -60, -30, 60, -30).normal(20, 140)
            .length(0, 250, "60", "80", "100");
    public static final ChoiceMeasure<Actuation> BRAKE_ACTUATION = draft("brake-actuation", "Brakes pulled by", LOOK,
            "Follow it from the lever. Oil kinds never mix: read the lid.").at(BARS, 150, 44).choice(Actuation.class);
    public static final ChoiceMeasure<YesNo> LEVERS_REPLACEABLE = draft("levers-replaceable", "May the levers be replaced", LOOK,
            "Shifter and lever in one body, or hoses closed for good: no.").at(BARS, -150, 44).choice(YesNo.class);

    private static final List<Measure> ALL = List.of(GRIP_DIAMETER, CLAMP_DIAMETER, STRAIGHT_LENGTH, GRIP_LENGTH, LEVER_CLAMP_WIDTH,
            SHIFTER_WIDTH, BELL_WIDTH,
            STEM_ROOM, BRAKE_ACTUATION, LEVERS_REPLACEABLE);

    private CockpitMeasures() {
    }

    static List<Measure> all() {
        return ALL;
    }

    private static MeasureDraft draft(String key, String title, Tool tool, String how) {
        return new MeasureDraft(WalkStop.BARS, "bars." + key, title, tool, how).except(BikeKind.BARE_FRAME);
    }
}
