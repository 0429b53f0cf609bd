package hingeyard.core.bike;

import static hingeyard.core.bike.MeasureSpot.View.AXLE;
import static hingeyard.core.bike.MeasureSpot.View.SIDE;
import static hingeyard.core.bike.Tool.CALIPER;
import static hingeyard.core.bike.Tool.LOOK;
import static hingeyard.core.bike.Tool.TAPE;

import java.util.List;

/** Measured at fork and front wheel. */
public final class FrontMeasures {

    public static final LengthMeasure WHEELBASE = new MeasureDraft(WalkStop.FRONT, "front.wheelbase", "Wheelbase", TAPE,
            "Rear axle to front axle, wheels straight ahead.").except(BikeKind.BARE_FRAME).at(SIDE, -440, 66, 610, 66).normal(850, 2300)
            .length(700, 2600, "1020", "1060", "1100");
    public static final LengthMeasure BEAD_SEAT = AxleDrafts.FRONT.beadSeat();
    public static final LengthMeasure TYRE_WIDTH = AxleDrafts.FRONT.tyreWidth();
    public static final LengthMeasure RIM_INNER_WIDTH = AxleDrafts.FRONT.rimInnerWidth();
    public static final LengthMeasure CLEAR_WIDTH = AxleDrafts.FRONT.clearWidth();
    public static final LengthMeasure RADIAL_CLEARANCE = AxleDrafts.FRONT.radialClearance();
    public static final LengthMeasure OVER_LOCKNUT = AxleDrafts.FRONT.overLocknut(74, 150, "74", "80", "91", "100", "110", "135");
    public static final ChoiceMeasure<DropoutKind> DROPOUT_KIND = AxleDrafts.FRONT.dropoutKind();
    public static final LengthMeasure THRU_AXLE = AxleDrafts.FRONT.thruAxle("100", "110", "150");
    public static final LengthMeasure SLOT_WIDTH = AxleDrafts.FRONT.slotWidth();
    public static final LengthMeasure SLOT_DEPTH = AxleDrafts.FRONT.slotDepth();
    public static final LengthMeasure PLATE_THICKNESS = AxleDrafts.FRONT.plateThickness();
    public static final LengthMeasure RECESS_DIAMETER = AxleDrafts.FRONT.recessDiameter();
    public static final LengthMeasure RECESS_DEPTH = AxleDrafts.FRONT.recessDepth();
    public static final ChoiceMeasure<Material> FORK_MATERIAL = AxleDrafts.FRONT.dropoutMaterial("fork-material", "Fork dropout material");
    public static final ChoiceMeasure<ForkKind> FORK_KIND = fork("fork-kind", "Fork", LOOK, "Lean on the bars: does it give?")
            .at(SIDE, 530, 230).choice(ForkKind.class);
    public static final LengthMeasure BLADE_STEP = AxleDrafts.FRONT.tubeStep("blade-step", "blade");
    public static final LengthMeasure TIE_DISTANCE = AxleDrafts.FRONT.tieDistance("blade");
    public static final ChoiceMeasure<BrakeKind> BRAKE_KIND = AxleDrafts.FRONT.brakeKind();
    public static final LengthMeasure ROTOR_DIAMETER = AxleDrafts.FRONT.rotorDiameter();
    public static final ChoiceMeasure<RotorMount> ROTOR_MOUNT = AxleDrafts.FRONT.rotorMount();
    public static final ChoiceMeasure<CaliperMount> CALIPER_MOUNT = AxleDrafts.FRONT.caliperMount();
    public static final LengthMeasure NATIVE_ROTOR = AxleDrafts.FRONT.nativeRotor();
    public static final LengthMeasure ROTOR_PLANE = AxleDrafts.FRONT.rotorPlane();
    public static final LengthMeasure CALIPER_REACH = AxleDrafts.FRONT.caliperReach();

    public static final LengthMeasure HEAD_TUBE = new MeasureDraft(WalkStop.FRONT, "front.head-tube", "Head tube length", CALIPER,
            "Face to face of the bare head tube, cups not counted.").at(SIDE, 439, 448, 390, 590).normal(90, 230)
            .length(50, 320, "110", "130", "150", "170");

    private static final List<Measure> ALL = List.of(WHEELBASE, HEAD_TUBE, BEAD_SEAT, TYRE_WIDTH, FORK_KIND, FORK_MATERIAL, BRAKE_KIND,
            ROTOR_DIAMETER,
            ROTOR_MOUNT, CALIPER_MOUNT, NATIVE_ROTOR, CLEAR_WIDTH, RADIAL_CLEARANCE, ROTOR_PLANE, CALIPER_REACH, BLADE_STEP, TIE_DISTANCE,
            DROPOUT_KIND, OVER_LOCKNUT, THRU_AXLE, SLOT_WIDTH, SLOT_DEPTH, PLATE_THICKNESS, RECESS_DIAMETER, RECESS_DEPTH, RIM_INNER_WIDTH);

    private FrontMeasures() {
    }

    /** In the order one takes them: wheel in, then wheel out, then tyre off. */
    static List<Measure> all() {
        return ALL;
    }

    private static MeasureDraft fork(String key, String title, Tool tool, String how) {
        return new MeasureDraft(WalkStop.FRONT, "front." + key, title, tool, how).except(BikeKind.BARE_FRAME);
    }
}
