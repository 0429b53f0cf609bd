package hingeyard.core.bike;

/** Front or rear wheel, with the measures both ends have in common. */
public enum WheelEnd {
    FRONT("front", "fork", FrontMeasures.BEAD_SEAT, FrontMeasures.TYRE_WIDTH, FrontMeasures.CLEAR_WIDTH, FrontMeasures.RADIAL_CLEARANCE,
            FrontMeasures.OVER_LOCKNUT,
            FrontMeasures.DROPOUT_KIND, FrontMeasures.SLOT_WIDTH, FrontMeasures.SLOT_DEPTH, FrontMeasures.PLATE_THICKNESS,
            FrontMeasures.RECESS_DIAMETER, FrontMeasures.RECESS_DEPTH,
            FrontMeasures.FORK_MATERIAL, FrontMeasures.BLADE_STEP, FrontMeasures.TIE_DISTANCE, FrontMeasures.BRAKE_KIND,
            FrontMeasures.ROTOR_DIAMETER, FrontMeasures.ROTOR_MOUNT, FrontMeasures.RIM_INNER_WIDTH,
            FrontMeasures.CALIPER_MOUNT, FrontMeasures.NATIVE_ROTOR, FrontMeasures.ROTOR_PLANE, FrontMeasures.CALIPER_REACH),
    REAR("rear", "frame", RearMeasures.BEAD_SEAT, RearMeasures.TYRE_WIDTH, RearMeasures.CLEAR_WIDTH, RearMeasures.RADIAL_CLEARANCE,
            RearMeasures.OVER_LOCKNUT,
            RearMeasures.DROPOUT_KIND, RearMeasures.SLOT_WIDTH, RearMeasures.SLOT_DEPTH, RearMeasures.PLATE_THICKNESS,
            RearMeasures.RECESS_DIAMETER, RearMeasures.RECESS_DEPTH,
            RearMeasures.DROPOUT_MATERIAL, RearMeasures.STAY_STEP, RearMeasures.TIE_DISTANCE, RearMeasures.BRAKE_KIND,
            RearMeasures.ROTOR_DIAMETER, RearMeasures.ROTOR_MOUNT, RearMeasures.RIM_INNER_WIDTH,
            RearMeasures.CALIPER_MOUNT, RearMeasures.NATIVE_ROTOR, RearMeasures.ROTOR_PLANE, RearMeasures.CALIPER_REACH);

    private final String label;
    private final String holder;
    private final LengthMeasure beadSeat;
    private final LengthMeasure tyreWidth;
    private final LengthMeasure clearWidth;
    private final LengthMeasure radialClearance;
    private final LengthMeasure overLocknut;
    private final ChoiceMeasure<DropoutKind> dropoutKind;
    private final LengthMeasure slotWidth;
    private final LengthMeasure slotDepth;
    private final LengthMeasure plateThickness;
    private final LengthMeasure recessDiameter;
    private final LengthMeasure recessDepth;
    private final ChoiceMeasure<Material> material;
    private final LengthMeasure step;
    private final LengthMeasure tieDistance;
    private final ChoiceMeasure<BrakeKind> brakeKind;
    private final LengthMeasure rotorDiameter;
    private final ChoiceMeasure<RotorMount> rotorMount;
    private final LengthMeasure rimInnerWidth;
    private final ChoiceMeasure<CaliperMount> caliperMount;
    private final LengthMeasure nativeRotor;
    private final LengthMeasure rotorPlane;
    private final LengthMeasure caliperReach;

    WheelEnd(String label, String holder, LengthMeasure beadSeat, LengthMeasure tyreWidth, LengthMeasure clearWidth,
            LengthMeasure radialClearance, LengthMeasure overLocknut,
            ChoiceMeasure<DropoutKind> dropoutKind, LengthMeasure slotWidth, LengthMeasure slotDepth, LengthMeasure plateThickness,
            LengthMeasure recessDiameter, LengthMeasure recessDepth,
            ChoiceMeasure<Material> material, LengthMeasure step, LengthMeasure tieDistance, ChoiceMeasure<BrakeKind> brakeKind,
            LengthMeasure rotorDiameter, ChoiceMeasure<RotorMount> rotorMount, LengthMeasure rimInnerWidth,
            ChoiceMeasure<CaliperMount> caliperMount, LengthMeasure nativeRotor, LengthMeasure rotorPlane, LengthMeasure caliperReach) {
        this.label = label;
        this.holder = holder;
        this.beadSeat = beadSeat;
        this.tyreWidth = tyreWidth;
        this.clearWidth = clearWidth;
        this.radialClearance = radialClearance;
        this.overLocknut = overLocknut;
        this.dropoutKind = dropoutKind;
        this.slotWidth = slotWidth;
        this.slotDepth = slotDepth;
        this.plateThickness = plateThickness;
        this.recessDiameter = recessDiameter;
        this.recessDepth = recessDepth;
        this.material = material;
        this.step = step;
        this.tieDistance = tieDistance;
        this.brakeKind = brakeKind;
        this.rotorDiameter = rotorDiameter;
        this.rotorMount = rotorMount;
        this.rimInnerWidth = rimInnerWidth;
        this.caliperMount = caliperMount;
        this.nativeRotor = nativeRotor;
        this.rotorPlane = rotorPlane;
        this.caliperReach = caliperReach;
    }

    /** {@code front} or {@code rear}. */
    public String label() {
        return label;
    }

    /** What holds the wheel: {@code fork} or {@code frame}. */
    public String holder() {
        return holder;
    }

    public LengthMeasure beadSeat() {
        return beadSeat;
    }

    public LengthMeasure tyreWidth() {
        return tyreWidth;
    }

    public LengthMeasure clearWidth() {
        return clearWidth;
    }

    public LengthMeasure radialClearance() {
        return radialClearance;
    }

    public LengthMeasure overLocknut() {
        return overLocknut;
    }

    public ChoiceMeasure<DropoutKind> dropoutKind() {
        return dropoutKind;
    }

    public LengthMeasure slotWidth() {
        return slotWidth;
    }

    public LengthMeasure slotDepth() {
        return slotDepth;
    }

    public LengthMeasure plateThickness() {
        return plateThickness;
    }

    public LengthMeasure recessDiameter() {
        return recessDiameter;
    }

    public LengthMeasure recessDepth() {
        return recessDepth;
    }

    /** What the dropouts are made of. */
    public ChoiceMeasure<Material> material() {
        return material;
    }

    /** Sideways, dropout's face to blade or stay. */
    public LengthMeasure step() {
        return step;
    }

    public LengthMeasure tieDistance() {
        return tieDistance;
    }

    public ChoiceMeasure<BrakeKind> brakeKind() {
        return brakeKind;
    }

    public LengthMeasure rotorDiameter() {
        return rotorDiameter;
    }

    public ChoiceMeasure<RotorMount> rotorMount() {
        return rotorMount;
    }

    /** Of the bike's own rim. */
    public LengthMeasure rimInnerWidth() {
        return rimInnerWidth;
    }

    public ChoiceMeasure<CaliperMount> caliperMount() {
        return caliperMount;
    }

    public LengthMeasure nativeRotor() {
        return nativeRotor;
    }

    public LengthMeasure rotorPlane() {
        return rotorPlane;
    }

    public LengthMeasure caliperReach() {
        return caliperReach;
    }
}
