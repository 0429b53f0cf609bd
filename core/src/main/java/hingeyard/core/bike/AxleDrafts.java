package hingeyard.core.bike;

import static hingeyard.core.bike.MeasureSpot.View.AXLE;
import static hingeyard.core.bike.MeasureSpot.View.BRAKE;
import static hingeyard.core.bike.MeasureSpot.View.DROPOUT;
import static hingeyard.core.bike.MeasureSpot.View.RIM;
import static hingeyard.core.bike.Tool.CALIPER;
import static hingeyard.core.bike.Tool.LOOK;
import static hingeyard.core.bike.Tool.MAGNET;
import static hingeyard.core.bike.Tool.TAPE;

/** What front and rear wheel have in common: wheel, dropouts and brake of one axle. */
record AxleDrafts(WalkStop stop, String end, String name, String held, String grip) {

    static final AxleDrafts REAR = new AxleDrafts(WalkStop.REAR_WHEEL, "rear", "Rear", "stays", "frame");
    static final AxleDrafts FRONT = new AxleDrafts(WalkStop.FRONT, "front", "Front", "blades", "fork");

    private MeasureDraft draft(String key, String title, Tool tool, String how) {
        return new MeasureDraft(stop, end + "." + key, title, tool, how).except(BikeKind.BARE_FRAME);
    }

    /** Dropouts are there on a bare frame too. */
    private MeasureDraft frame(String key, String title, Tool tool, String how) {
        return new MeasureDraft(stop, end + "." + key, title, tool, how);
    }

    LengthMeasure beadSeat() {
        return draft("bead-seat", name + " rim bead seat", LOOK,
                "Read the second number of the ISO marking on the tyre's side wall, for example 40-622.").at(RIM, -9.5, 6, 9.5, 6)
                .normal(203, 635)
                .length(200, 700, "305", "349", "406", "451", "507", "559", "584", "622");
    }

    LengthMeasure tyreWidth() {
        return draft("tyre-width", name + " tyre width", LOOK,
                "Read the first number of the ISO marking on the tyre's side wall, for example 40-622.").at(RIM, -20, 24, 20, 24)
                .length(18, 130, "28", "37", "40", "47", "50", "57", "100");
    }

    LengthMeasure rimInnerWidth() {
        return draft("rim-inner-width", name + " rim inner width", CALIPER,
                "Tyre off one side: caliper between the inner faces of the two hooks.")
                .at(RIM, -9.5, 3, 9.5, 3).normal(13, 45).length(10, 110, "17", "19", "21", "23", "25", "30", "80");
    }

    LengthMeasure clearWidth() {
        return draft("clear-width", "Clear width between the " + held, CALIPER,
                "Caliper between the " + held + " where the tyre is widest.")
                .at(RIM, -36, 24, 36, 24).normal(40, 140).length(25, 180);
    }

    LengthMeasure radialClearance() {
        return draft("radial-clearance", name + " tyre to " + grip, CALIPER, "Top of the tyre to the nearest part of the " + grip
                + " above it, mudguard included.").at(RIM, 0, 44, 0, 58).normal(4, 40).length(0, 120, "10", "15", "20");
    }

    LengthMeasure overLocknut(int normalLeast, int normalGreatest, String... usual) {
        return frame("over-locknut", (end.equals("front") ? "Fork" : "Rear") + " over-locknut distance", CALIPER,
                "Caliper between the inner faces of the two dropouts, wheel out, nothing squeezing the " + held + ".")
                .at(AXLE, -65, 0, 65, 0).normal(normalLeast, normalGreatest).length(60, 210, usual);
    }

    ChoiceMeasure<DropoutKind> dropoutKind() {
        return frame("dropout-kind", name + " dropouts", LOOK, "Wheel out: open below, hooded to the front or rear, closed round, or a "
                + "threaded thru-axle.").at(DROPOUT, 0, -12).choice(DropoutKind.class);
    }

    LengthMeasure thruAxle(String... usual) {
        return frame("thru-axle", name + " thru-axle, stated width", LOOK,
                "The second number printed on the axle, for example 12 × 142. Leave it "
                        + "open on an axle with nuts or a quick lever.")
                .at(AXLE, -78, -16, 78, -16).normal(100, 197).length(90, 200, usual);
    }

    LengthMeasure slotWidth() {
        return frame("slot-width", name + " slot width", CALIPER, "Inner jaws across the slot, at the narrowest spot, paint scraped off.")
                .at(DROPOUT, -5, -8, 5, -8).normal(9, 13).length(7, 21, "9", "9.5", "10", "10.5", "12");
    }

    LengthMeasure slotDepth() {
        return frame("slot-depth", name + " slot depth", CALIPER, "Depth rod from the mouth of the slot to its round end.")
                .at(DROPOUT, 0, 5, 0, -24).normal(8, 35).length(4, 60, "12", "18", "25");
    }

    LengthMeasure plateThickness() {
        return frame("plate-thickness", name + " dropout thickness", CALIPER, "Caliper across the plate beside the slot, lip not included.")
                .at(AXLE, 65, 22, 71, 22).normal(4, 12).length(2, 25, "5", "6", "7", "8", "10");
    }

    LengthMeasure recessDiameter() {
        return frame("recess-diameter", name + " recess across", CALIPER,
                "Diameter of the hollow or lip round the slot on the outer face; 0 when the "
                        + "face is flat.")
                .at(DROPOUT, -10, 0, 10, 0).length(0, 45, "0", "16", "18", "20", "22");
    }

    LengthMeasure recessDepth() {
        return frame("recess-depth", name + " recess depth", CALIPER,
                "Depth rod from the lip to the floor of the hollow; 0 when the face is flat.")
                .at(AXLE, 68, 12, 71, 12).normal(0, 4).length(0, 10, "0", "1", "1.5", "2");
    }

    ChoiceMeasure<Material> dropoutMaterial(String key, String title) {
        return frame(key, title, MAGNET,
                "Magnet on the bare dropout: steel holds. Grey, light and cast with a sprung fork: magnesium. No seam, "
                        + "woven pattern or light and dull when tapped: carbon. Not sure: say so.")
                .at(DROPOUT, 14, 10).choice(Material.class);
    }

    /** For a torque arm. */
    LengthMeasure tubeStep(String key, String tube) {
        return frame(key, "Step from " + end + " dropout to " + tube, CALIPER,
                "Straight edge on the dropout's outer face: how far the " + tube
                        + " stands out beside it. 0 when they are flush.")
                .at(AXLE, 71, 36, 80, 36).normal(0, 20).length(0, 40, "0", "4", "8");
    }

    /** For a torque arm. */
    LengthMeasure tieDistance(String tube) {
        return frame("tie-distance", name + " axle to where an arm can be tied", TAPE, "Axle centre along the " + tube
                + " to the first straight spot that a band can go round.").at(AXLE, 75, 0, 75, 70).normal(40, 140)
                .length(20, 250, "60", "80", "100");
    }

    ChoiceMeasure<BrakeKind> brakeKind() {
        return draft("brake-kind", name + " brake", LOOK, "What slows this wheel.").at(BRAKE, 26, 60).choice(BrakeKind.class);
    }

    LengthMeasure rotorDiameter() {
        return draft("rotor-diameter", name + " rotor", LOOK, "Printed on the rotor; else the caliper across its outer edge.")
                .at(BRAKE, 15.3, -80, 15.3, 80)
                .normal(140, 223).length(100, 260, "140", "160", "180", "203", "220");
    }

    ChoiceMeasure<RotorMount> rotorMount() {
        return draft("rotor-mount", name + " rotor mount", LOOK, "Six screws, or a splined ring held by a lock-ring.").at(BRAKE, 15.3, 12)
                .choice(RotorMount.class);
    }

    ChoiceMeasure<CaliperMount> caliperMount() {
        return draft("caliper-mount", name + " caliper mount", LOOK, "How the caliper is screwed to the " + grip + ".").at(BRAKE, 6, 70)
                .choice(CaliperMount.class);
    }

    LengthMeasure nativeRotor() {
        return draft("native-rotor", name + " mount's own rotor size", LOOK,
                "The rotor that fits this mount without an adapter: printed on the "
                        + grip + " or in its maker's sheet.")
                .at(BRAKE, 6, -70, 6, 70).normal(140, 203).length(100, 260, "140", "160", "180", "203");
    }

    LengthMeasure rotorPlane() {
        return draft("rotor-plane", name + " rotor plane", CALIPER, "Left dropout's inner face to the middle of the rotor's braking ring.")
                .at(BRAKE, 0, -40, 15.3, -40).normal(9, 22).length(3, 40, "10.5", "15.3");
    }

    LengthMeasure caliperReach() {
        return draft("caliper-reach", name + " caliper's inner reach", CALIPER,
                "From the rotor's middle plane inwards to the caliper's innermost edge: "
                        + "what a motor cover must pass.")
                .at(BRAKE, 15.3, 74, 34, 74).normal(5, 30).length(1, 60);
    }
}
