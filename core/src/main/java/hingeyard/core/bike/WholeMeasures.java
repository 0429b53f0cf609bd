package hingeyard.core.bike;

import hingeyard.core.quantity.Scale;
import static hingeyard.core.bike.MeasureSpot.View.SIDE;
import static hingeyard.core.bike.Tool.CALIPER;
import static hingeyard.core.bike.Tool.LOOK;
import static hingeyard.core.bike.Tool.SCALES;
import static hingeyard.core.bike.Tool.STRING;
import static hingeyard.core.bike.Tool.TAPE;

import java.util.List;

/** Runs along the real path of a lead, and what concerns the bike as a whole. */
public final class WholeMeasures {

    public static final LengthMeasure BARS_HEAD = run("bars-head", "Bars to head tube", 330, 690, 400, 600);
    public static final LengthMeasure HEAD_BRACKET = run("head-bracket", "Head tube to bracket", 400, 560, 0, 0);
    public static final LengthMeasure BARS_BATTERY = run("bars-battery", "Bars to battery", 330, 690, 220, 260);
    public static final LengthMeasure BATTERY_MOTOR = run("battery-motor", "Battery to motor", 150, 160, 30, 0);
    public static final LengthMeasure BRACKET_REAR = run("bracket-rear-axle", "Bracket to rear axle", 0, 0, -440, 66);
    public static final LengthMeasure BARS_FRONT = run("bars-front-axle", "Bars to front axle", 330, 690, 610, 66);
    public static final LengthMeasure HEAD_SLACK = draft("run.head-slack", "Slack at the head", STRING,
            "Bars to full lock both ways: how much more string it takes than straight ahead.").except(BikeKind.BARE_FRAME)
            .at(SIDE, 400, 600)
            .normal(20, 200).length(0, 500, "60", "80", "120");
    public static final LengthMeasure LINKAGE_SLACK = draft("run.linkage-slack", "Slack at the linkage", STRING,
            "Rear wheel through its travel: how much more string it takes than unloaded.").only(BikeKind.FULL_SUSPENSION).at(SIDE, -20, 120)
            .normal(0, 120).length(0, 300, "30", "50");
    public static final LengthMeasure FOLD_SLACK = draft("run.fold-slack", "Slack at the fold", STRING,
            "Fold it slowly: how much more string the fold takes.").only(BikeKind.FOLDING, BikeKind.STAND_UP_TRIKE).at(SIDE, 200, 230)
            .normal(40, 400).length(0, 800, "120", "180");
    public static final NumberMeasure MASS = draft("bike.mass", "Mass of the bike", SCALES, "On the hook scales, as it came, empty.")
            .at(SIDE, 0, 200)
            .normal(6_000, 70_000).number(Scale.MASS, 1_000, 200_000);
    public static final NumberMeasure PERMITTED_MASS = draft("bike.permitted-mass", "Permitted total mass", LOOK,
            "From the frame's sticker or its maker's sheet: bike, rider and load together.").at(SIDE, -100, 330).normal(90_000, 320_000)
            .number(Scale.MASS, 50_000, 500_000, 120_000L, 130_000L, 140_000L, 160_000L, 200_000L, 250_000L);
    public static final NumberMeasure RACK_LOAD = draft("bike.rack-load", "Rated load of rack or box", LOOK,
            "Stamped on the rack, or in its maker's sheet; 0 when there is none.")
            .except(BikeKind.BARE_FRAME).at(SIDE, -440, 480).normal(0, 120_000)
            .number(Scale.MASS, 0, 250_000, 0L, 10_000L, 18_000L, 25_000L, 27_000L);
    public static final LengthMeasure PIVOT_WIDTH = draft("arm.pivot-width", "Folding arm's pivot width", CALIPER,
            "Between the faces the arm turns in, spacers kept.").only(BikeKind.STAND_UP_TRIKE).at(SIDE, -20, 0, 20, 0).normal(40, 140)
            .length(20, 220);
    public static final LengthMeasure ARM_AXLE = draft("arm.axle-diameter", "Folding arm's axle", CALIPER,
            "Across the bare axle, spacers off.")
            .only(BikeKind.STAND_UP_TRIKE).at(SIDE, 0, -8, 0, 8).normal(8, 25).length(5, 40, "10", "12", "15", "20");
    public static final LengthMeasure ARM_TRAVEL = draft("arm.fold-gap", "Folded wheel to deck", TAPE,
            "Fold it: smallest gap between the folding wheel and anything.")
            .only(BikeKind.STAND_UP_TRIKE, BikeKind.FOLDING).at(SIDE, -160, 60, -120, 120).normal(5, 200).length(0, 500);

    public static final LengthMeasure SHOCK_EYE = draft("arm.shock-eye", "Bolt in the shock's lower eye", CALIPER,
            "Across the bolt that holds the shock to the old arm, or inside the eye.")
            .only(BikeKind.STAND_UP_TRIKE).at(SIDE, -60, 60, -50, 70).normal(5, 14).length(4, 30, "6", "8", "10");
    public static final LengthMeasure CABLE_LEFT = cable("left", -200);
    public static final LengthMeasure CABLE_RIGHT = cable("right", -180);
    public static final LengthMeasure SEAT_EARS = draft("bike.seat-ears", "Between the seat's ears", CALIPER,
            "Inner face to inner face of the lugs behind the seat, where a plate would hang.")
            .except(BikeKind.BARE_FRAME).at(SIDE, -200, 420, -160, 420).normal(80, 300).length(40, 500);
    public static final NumberMeasure PACK_CELLS = draft("bike.pack-cells", "Battery on the bike, cells in series", LOOK,
            "Converted bike: from the pack's label, 10 for 36 V, "
                    + "13 for 48 V, 14 for 52 V. Leave it open on a bike without a battery.")
            .at(SIDE, 150, 200).normal(7, 20).number(Scale.PIECES, 1, 24, 10L, 13L, 14L);
    public static final NumberMeasure CONTROLLER_AMPERES = draft("bike.controller-amperes",
            "Controller on the bike, its current limit in amperes", LOOK, "Converted bike: printed on the controller, or "
                    + "its maker's sheet. Leave it open on a bike without a drive.")
            .at(SIDE, 60, 120).normal(8, 40).number(Scale.PIECES, 3, 120, 15L, 18L, 20L, 25L);
    public static final NumberMeasure CONTROLLER_VOLTS = draft("bike.controller-volts", "Controller on the bike, the most volts it may see",
            LOOK, "Converted bike: printed on the controller, or "
                    + "its maker's sheet. Leave it open on a bike without a drive.")
            .at(SIDE, 60, 140).normal(40, 90).number(Scale.PIECES, 24, 120, 44L, 60L, 63L);
    public static final ChoiceMeasure<Lamps> LAMPS = draft("bike.lamps", "Lamps live on", LOOK,
            "Follow the lamp's lead: battery inside, dynamo, or the drive's battery with its "
                    + "voltage printed on the lamp.")
            .at(SIDE, 430, 560).choice(Lamps.class);

    public static final NumberMeasure LAMP_WATTS = draft("bike.lamp-watts", "Lamps on the drive's battery together, watts", LOOK,
            "Printed on each lamp, front and rear added. Leave it open where they "
                    + "live on something else.")
            .at(SIDE, 430, 540).normal(1, 30).number(Scale.PIECES, 1, 200, 3L, 5L, 10L);

    private static final List<Measure> ALL = List.of(BARS_HEAD, HEAD_BRACKET, BARS_BATTERY, BATTERY_MOTOR, BRACKET_REAR, BARS_FRONT,
            HEAD_SLACK,
            LINKAGE_SLACK, FOLD_SLACK, PIVOT_WIDTH, ARM_AXLE, ARM_TRAVEL, SHOCK_EYE, CABLE_LEFT, CABLE_RIGHT, SEAT_EARS, RACK_LOAD,
            PERMITTED_MASS, MASS, PACK_CELLS, CONTROLLER_AMPERES, CONTROLLER_VOLTS, LAMPS, LAMP_WATTS);

    private WholeMeasures() {
    }

    static List<Measure> all() {
        return ALL;
    }

    private static MeasureDraft draft(String key, String title, Tool tool, String how) {
        return new MeasureDraft(WalkStop.WHOLE, key, title, tool, how);
    }

    private static LengthMeasure cable(String hand, int at) {
        return draft("arm.cable-" + hand, "Steering cable of the " + hand + " hand, bare end", TAPE,
                "Handle straight: from the cable's last stop to its end, pulled taut.")
                .only(BikeKind.STAND_UP_TRIKE).at(SIDE, at, 120, at, 20).normal(30, 300).length(0, 1000);
    }

    private static LengthMeasure run(String key, String title, double x1, double y1, double x2, double y2) {
        return draft("run." + key, title + ", along the lead's way", STRING,
                "String along the path the lead will take, round every corner; then the string on the tape.")
                .except(BikeKind.BARE_FRAME).at(SIDE, x1, y1, x2, y2).normal(40, 2500).length(20, 4000);
    }
}
