package hingeyard.core.bike;

import hingeyard.core.quantity.Scale;
import static hingeyard.core.bike.MeasureSpot.View.COGS;
import static hingeyard.core.bike.MeasureSpot.View.SIDE;
import static hingeyard.core.bike.MeasureSpot.View.STAYS;
import static hingeyard.core.bike.Tool.CALIPER;
import static hingeyard.core.bike.Tool.FEELER;
import static hingeyard.core.bike.Tool.LOOK;
import static hingeyard.core.bike.Tool.TAPE;

import java.util.List;

/** Measured at the rear wheel. */
public final class RearMeasures {

    public static final LengthMeasure BEAD_SEAT = AxleDrafts.REAR.beadSeat();
    public static final LengthMeasure TYRE_WIDTH = AxleDrafts.REAR.tyreWidth();
    public static final LengthMeasure RIM_INNER_WIDTH = AxleDrafts.REAR.rimInnerWidth();
    public static final LengthMeasure CLEAR_WIDTH = AxleDrafts.REAR.clearWidth();
    public static final LengthMeasure RADIAL_CLEARANCE = AxleDrafts.REAR.radialClearance();
    public static final LengthMeasure OVER_LOCKNUT = AxleDrafts.REAR.overLocknut(110, 197, "110", "120", "126", "130", "135", "142", "148",
            "170",
            "175", "190", "197");
    public static final ChoiceMeasure<DropoutKind> DROPOUT_KIND = AxleDrafts.REAR.dropoutKind();
    public static final LengthMeasure THRU_AXLE = AxleDrafts.REAR.thruAxle("142", "148", "157", "177", "197");
    public static final LengthMeasure SLOT_WIDTH = AxleDrafts.REAR.slotWidth();
    public static final LengthMeasure SLOT_DEPTH = AxleDrafts.REAR.slotDepth();
    public static final LengthMeasure PLATE_THICKNESS = AxleDrafts.REAR.plateThickness();
    public static final LengthMeasure RECESS_DIAMETER = AxleDrafts.REAR.recessDiameter();
    public static final LengthMeasure RECESS_DEPTH = AxleDrafts.REAR.recessDepth();
    public static final ChoiceMeasure<Material> DROPOUT_MATERIAL = AxleDrafts.REAR.dropoutMaterial("dropout-material",
            "Rear dropout material");
    public static final LengthMeasure STAY_STEP = AxleDrafts.REAR.tubeStep("stay-step", "stay");
    public static final LengthMeasure TIE_DISTANCE = AxleDrafts.REAR.tieDistance("stay");
    public static final ChoiceMeasure<BrakeKind> BRAKE_KIND = AxleDrafts.REAR.brakeKind();
    public static final ChoiceMeasure<OtherBrake> OTHER_BRAKE = new MeasureDraft(WalkStop.REAR_WHEEL, "rear.other-brake",
            "Another rear brake", LOOK,
            "Only on a coaster or a fixed cog: does a hand brake work on the rear wheel too, or has the frame mounts and the rim a braking track for one?")
            .except(BikeKind.BARE_FRAME).at(MeasureSpot.View.BRAKE, 26, 40).choice(OtherBrake.class);
    public static final LengthMeasure ROTOR_DIAMETER = AxleDrafts.REAR.rotorDiameter();
    public static final ChoiceMeasure<RotorMount> ROTOR_MOUNT = AxleDrafts.REAR.rotorMount();
    public static final ChoiceMeasure<CaliperMount> CALIPER_MOUNT = AxleDrafts.REAR.caliperMount();
    public static final LengthMeasure NATIVE_ROTOR = AxleDrafts.REAR.nativeRotor();
    public static final LengthMeasure ROTOR_PLANE = AxleDrafts.REAR.rotorPlane();
    public static final LengthMeasure CALIPER_REACH = AxleDrafts.REAR.caliperReach();
    public static final ChoiceMeasure<CogKind> COG_KIND = cogs("cog-kind", "Rear cogs' hold", LOOK,
            "Lock-ring with fine splines inside: cassette. Two or four notches or splines in the turning body: threaded freewheel.")
            .at(COGS, -20, 8)
            .choice(CogKind.class);
    public static final NumberMeasure COGS_COUNT = cogs("cogs", "Rear cogs, how many", LOOK, "Count them.").at(COGS, -4, 24, -30, 24)
            .normal(1, 12).number(Scale.PIECES, 1, 14, 1L, 6L, 7L, 8L, 9L, 10L, 11L, 12L);
    public static final NumberMeasure SMALLEST_COG = cogs("cog-smallest", "Smallest cog", LOOK, "Count its teeth, or read the stamp.")
            .at(COGS, -4, -14, -4, 14)
            .normal(9, 18).number(Scale.TEETH, 9, 40, 11L, 12L, 13L, 14L, 16L);
    public static final NumberMeasure LARGEST_COG = cogs("cog-largest", "Largest cog", LOOK, "Count its teeth, or read the stamp.")
            .at(COGS, -30, -40, -30, 40)
            .normal(14, 52).number(Scale.TEETH, 9, 60, 25L, 28L, 32L, 34L, 36L, 42L, 50L);
    public static final LengthMeasure COG_OFFSET = cogs("cog-offset", "Dropout to smallest cog", CALIPER,
            "Right dropout's inner face to the smallest cog's outer face.").at(COGS, 0, -8, -4, -8).normal(2, 15)
            .length(0, 40, "3.5", "5", "8");
    public static final LengthMeasure CHAINSTAY = new MeasureDraft(WalkStop.REAR_WHEEL, "rear.chainstay", "Chainstay length", TAPE,
            "Centre of the bracket to the centre of the rear axle, along the drive side.").at(SIDE, -440, 66, 0, 0).normal(320, 1500)
            .length(250, 1900, "420", "435", "450", "470");
    public static final LengthMeasure SPOKE_REACH = new MeasureDraft(WalkStop.REAR_WHEEL, "rear.spoke-reach", "Chainstay to spokes",
            CALIPER,
            "Left chainstay's inner face to the nearest spoke, where a speed sensor would sit.").except(BikeKind.BARE_FRAME)
            .at(STAYS, -40, -250, -24, -250).normal(3, 40).length(0, 120, "8", "12", "18");

    public static final LengthMeasure FREEWHEEL_RECESS = cogs("freewheel-recess", "Freewheel, its seat to the largest cog's back", CALIPER,
            "Freewheel off: from the face that seats on the hub's shoulder out to the back of the largest cog.").at(COGS, -36, 20, -30, 20)
            .normal(0, 12).length(0, 30, "1", "2", "3");
    public static final ChoiceMeasure<Tread> TREAD = new MeasureDraft(WalkStop.REAR_WHEEL, "rear.tread", "Rear tyre's tread", LOOK,
            "Run a thumb over it: smooth, fine grooves, or blocks.").except(BikeKind.BARE_FRAME).at(MeasureSpot.View.RIM, 0, 44)
            .choice(Tread.class);
    public static final ChoiceMeasure<YesNo> MUDGUARD = new MeasureDraft(WalkStop.REAR_WHEEL, "rear.mudguard", "Rear mudguard", LOOK,
            "Is there one over the tyre?")
            .except(BikeKind.BARE_FRAME).at(SIDE, -440, 420).choice(YesNo.class);
    public static final LengthMeasure CLAMP_DISTANCE = new MeasureDraft(WalkStop.REAR_WHEEL, "rear.clamp-distance",
            "Tyre's top to the seat tube", TAPE,
            "From the rear tyre's tread forward and up to the seat tube, where a clamp would sit.")
            .except(BikeKind.BARE_FRAME, BikeKind.STAND_UP_TRIKE)
            .at(SIDE, -190, 240, -80, 260).normal(20, 250).length(0, 500);

    public static final LengthMeasure GEAR_BACKLASH = new MeasureDraft(WalkStop.REAR_WHEEL, "rear.gear-backlash", "Rotor gear's backlash",
            FEELER,
            "Drive hung dry on both studs, wheel held: how far the motor's gear moves at its teeth. Drag counts as 0. Turn the wheel and take the least of four places.")
            .except(BikeKind.BARE_FRAME).at(MeasureSpot.View.BRAKE, 15.3, 40, 24, 40).normal(0, 2).length(0, 5, "0", "0.2", "0.4");

    private static final List<Measure> ALL = List.of(BEAD_SEAT, TYRE_WIDTH, CHAINSTAY, COG_KIND, COGS_COUNT, SMALLEST_COG, LARGEST_COG,
            BRAKE_KIND, OTHER_BRAKE, ROTOR_DIAMETER, ROTOR_MOUNT, CALIPER_MOUNT, NATIVE_ROTOR, SPOKE_REACH, CLEAR_WIDTH, RADIAL_CLEARANCE,
            ROTOR_PLANE,
            CALIPER_REACH, STAY_STEP, TIE_DISTANCE, DROPOUT_KIND, DROPOUT_MATERIAL, OVER_LOCKNUT, THRU_AXLE, SLOT_WIDTH, SLOT_DEPTH,
            PLATE_THICKNESS, RECESS_DIAMETER,
            RECESS_DEPTH, COG_OFFSET, FREEWHEEL_RECESS, RIM_INNER_WIDTH, TREAD, MUDGUARD, CLAMP_DISTANCE, GEAR_BACKLASH);

    private RearMeasures() {
    }

    /** In the order one takes them: wheel in, then wheel out, then tyre off. */
    static List<Measure> all() {
        return ALL;
    }

    private static MeasureDraft cogs(String key, String title, Tool tool, String how) {
        return new MeasureDraft(WalkStop.REAR_WHEEL, "rear." + key, title, tool, how).except(BikeKind.BARE_FRAME, BikeKind.STAND_UP_TRIKE);
    }
}
