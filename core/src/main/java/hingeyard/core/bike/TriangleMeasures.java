package hingeyard.core.bike;

import static hingeyard.core.bike.MeasureSpot.View.SIDE;
import static hingeyard.core.bike.MeasureSpot.View.TUBE;
import static hingeyard.core.bike.Tool.CALIPER;
import static hingeyard.core.bike.Tool.LOOK;
import static hingeyard.core.bike.Tool.TAPE;

import java.util.List;

/** Measured in the main triangle. Coordinates lie in the frame's side plane, origin at the bracket centre. */
public final class TriangleMeasures {

    public static final LengthMeasure SEAT_TUBE = upright("seat-tube", "Seat tube length",
            "Centre of the bracket along the seat tube to the centre of the "
                    + "top tube or clamp.")
            .at(SIDE, 0, 0, -152, 497).normal(260, 650).length(150, 750, "440", "480", "520", "560");
    public static final LengthMeasure DOWN_TUBE = draft("down-tube", "Down tube length", TAPE,
            "Centre of the bracket along the down tube to where it meets "
                    + "the head tube.")
            .except(BikeKind.STAND_UP_TRIKE).at(SIDE, 0, 0, 439, 448).normal(450, 1300).length(300, 1600, "600", "630", "660");
    public static final LengthMeasure TOP_TUBE = upright("top-tube", "Top tube length",
            "Seat cluster along the top tube to where it meets the head tube.")
            .at(SIDE, -152, 497, 400, 560).normal(420, 700).length(250, 1200, "530", "560", "590");
    public static final LengthMeasure HEAD_BOTTOM_FORWARD = point("head-bottom-forward", "Head tube's bottom, forward of the bracket",
            "level")
            .at(SIDE, 0, 448, 439, 448).length(100, 1600);
    public static final LengthMeasure HEAD_BOTTOM_UP = point("head-bottom-up", "Head tube's bottom, above the bracket", "upright")
            .at(SIDE, 439, 0, 439, 448).length(50, 900);
    public static final LengthMeasure HEAD_TOP_FORWARD = point("head-top-forward", "Head tube's top, forward of the bracket", "level")
            .at(SIDE, 0, 590, 390, 590).length(50, 1600);
    public static final LengthMeasure HEAD_TOP_UP = point("head-top-up", "Head tube's top, above the bracket", "upright")
            .at(SIDE, 390, 0, 390, 590).length(100, 1000);
    public static final LengthMeasure SEAT_CLUSTER_BEHIND = point("seat-cluster-behind", "Seat cluster, behind the bracket", "level")
            .at(SIDE, 0, 497, -152, 497).length(0, 500);
    public static final LengthMeasure SEAT_CLUSTER_UP = point("seat-cluster-up", "Seat cluster, above the bracket", "upright")
            .at(SIDE, -152, 0, -152, 497).length(100, 800);
    public static final LengthMeasure DOWN_TUBE_DIAMETER = tube("down-tube-diameter", "Down tube's diameter", "31.8", "35", "38", "44");
    public static final LengthMeasure SEAT_TUBE_DIAMETER = tube("seat-tube-diameter", "Seat tube's diameter", "28.6", "31.8", "34.9");
    public static final LengthMeasure TOP_TUBE_DIAMETER = tube("top-tube-diameter", "Top tube's diameter", "25.4", "28.6", "31.8");
    public static final LengthMeasure DOWN_BOSS_LOW = boss("down-boss-low", "Down tube, lower boss", 150);
    public static final LengthMeasure DOWN_BOSS_HIGH = boss("down-boss-high", "Down tube, upper boss", 214);
    public static final LengthMeasure SEAT_BOSS_LOW = boss("seat-boss-low", "Seat tube, lower boss", 150);
    public static final LengthMeasure SEAT_BOSS_HIGH = boss("seat-boss-high", "Seat tube, upper boss", 214);
    public static final ChoiceMeasure<TubeShape> DOWN_TUBE_SHAPE = draft("down-tube-shape", "Down tube where a rail would lie", LOOK,
            "A straight edge along it, over both "
                    + "bosses: it lies without light under it, or the tube is bent.")
            .except(BikeKind.RECUMBENT_TRIKE, BikeKind.STAND_UP_TRIKE).at(TUBE, 0, 30, 330, 30).choice(TubeShape.class);
    public static final LengthMeasure DOWN_BOSS_LOW_GAP = gap("down-boss-low-gap", "Straight edge to tube at the lower boss", 150);
    public static final LengthMeasure DOWN_BOSS_HIGH_GAP = gap("down-boss-high-gap", "Straight edge to tube at the upper boss", 214);
    public static final LengthMeasure FRAME_BAY_LENGTH = frameBay("frame-bay-length", "Frame's own battery bay, length", 60, 330);
    public static final LengthMeasure FRAME_BAY_WIDTH = frameBay("frame-bay-width", "Frame's own battery bay, width", 120, 150);
    public static final LengthMeasure SHOCK_LENGTH = shock("shock-length", "Shock, eye to eye, unloaded",
            "Between the centres of its two bolts, nobody on the "
                    + "bike.")
            .length(80, 350, "165", "190", "200", "210", "230");
    public static final LengthMeasure SHOCK_LENGTH_FULL = shock("shock-length-full", "Shock, eye to eye, at full travel",
            "Air or spring out, pressed "
                    + "together to the stop.")
            .length(60, 320);
    public static final LengthMeasure SHOCK_TO_DOWN_TUBE = shock("shock-to-down-tube", "Shock or link to down tube, least at any travel",
            "Move the rear wheel "
                    + "through its travel; smallest gap seen above the down tube.")
            .length(0, 400);
    public static final LengthMeasure SHOCK_OVER_FROM = shock("shock-over-from", "Shock or link over the down tube, from",
            "Bracket centre along the down tube to "
                    + "where either first comes over it at any travel; left open, all of the tube counts as under them.")
            .length(0, 1600);
    public static final LengthMeasure SHOCK_OVER_TO = shock("shock-over-to", "Shock or link over the down tube, to",
            "Bracket centre along the down tube to where "
                    + "neither is over it any more at any travel.")
            .length(0, 1600);
    public static final ChoiceMeasure<InTriangle> IN_TRIANGLE = draft("in-triangle", "Anything else in the triangle", LOOK,
            "Pump, lock, cables on the tubes: what a battery would meet.").at(SIDE, 120, 300).choice(InTriangle.class);

    private static final List<Measure> ALL = List.of(SEAT_TUBE, DOWN_TUBE, TOP_TUBE, DOWN_TUBE_DIAMETER, SEAT_TUBE_DIAMETER,
            TOP_TUBE_DIAMETER,
            DOWN_BOSS_LOW, DOWN_BOSS_HIGH, DOWN_TUBE_SHAPE, DOWN_BOSS_LOW_GAP, DOWN_BOSS_HIGH_GAP, SEAT_BOSS_LOW, SEAT_BOSS_HIGH,
            FRAME_BAY_LENGTH, FRAME_BAY_WIDTH, IN_TRIANGLE, SHOCK_LENGTH, SHOCK_LENGTH_FULL,
            SHOCK_TO_DOWN_TUBE, SHOCK_OVER_FROM, SHOCK_OVER_TO,
            HEAD_BOTTOM_FORWARD, HEAD_BOTTOM_UP, HEAD_TOP_FORWARD, HEAD_TOP_UP, SEAT_CLUSTER_BEHIND, SEAT_CLUSTER_UP);

    private TriangleMeasures() {
    }

    static List<Measure> all() {
        return ALL;
    }

    private static MeasureDraft draft(String key, String title, Tool tool, String how) {
        return new MeasureDraft(WalkStop.TRIANGLE, "triangle." + key, title, tool, how);
    }

    private static MeasureDraft upright(String key, String title, String how) {
        return draft(key, title, TAPE, how).except(BikeKind.RECUMBENT_TRIKE, BikeKind.STAND_UP_TRIKE);
    }

    private static MeasureDraft point(String key, String title, String direction) {
        return upright(key, title,
                "Held %s from the bracket's centre, in the frame's plane; easier from a side photo.".formatted(direction));
    }

    private static LengthMeasure tube(String key, String title, String... usual) {
        return draft(key, title, CALIPER, "Caliper across the tube in its middle; the greater one where it is oval.")
                .at(TUBE, 330, -18, 330, 18).normal(22, 70)
                .length(15, 120, usual);
    }

    private static LengthMeasure boss(String key, String title, int sketchAt) {
        return upright(key, title, "Bracket centre along the tube to the centre of the boss; leave it open when there is none.")
                .at(TUBE, 0, 30, sketchAt, 30).normal(60, 500).length(30, 900);
    }

    private static LengthMeasure gap(String key, String title, int sketchAt) {
        return draft(key, title, CALIPER,
                "Only where the tube is bent: a straight edge held along it as the rail would lie; from its underside to the tube at the boss.")
                .except(BikeKind.RECUMBENT_TRIKE, BikeKind.STAND_UP_TRIKE).at(TUBE, sketchAt, 18, sketchAt, 40).normal(0, 12).length(0, 60);
    }

    private static LengthMeasure frameBay(String key, String title, int from, int to) {
        return upright(key, title,
                "Frame made for a battery: inside the bay, between the faces the case lies at. Leave it open on any other frame.")
                .at(TUBE, from, 0, to, 0).normal(60, 600)
                .length(30, 900);
    }

    private static MeasureDraft shock(String key, String title, String how) {
        return draft(key, title, TAPE, how).only(BikeKind.FULL_SUSPENSION).at(SIDE, 40, 210, 60, 330);
    }
}
