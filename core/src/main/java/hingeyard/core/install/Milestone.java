package hingeyard.core.install;

/**
 * What must be true of a bike before a step may start. Reached when every step that reaches it is finished. Those that no {@link Phase}
 * reaches are reached by
 * one kind of step, or named by steps that were planned by earlier versions and are still stored.
 */
public enum Milestone {
    BOX_CHECKED("the kit's box is checked"),
    BENCH_PROVEN("the kit has run on the bench"),
    BASELINE_TAKEN("the bike's state is recorded"),
    CRANKS_OFF("the cranks are off"),
    MOUNT_BARE("the motor's place is bare"),
    DRY_FIT_GO("the dry fit is a go"),
    WAY_CLEAR("everything in the way is off"),
    PLACE_READY("the motor's place is made ready"),
    LINES_LAID("cables and hoses are laid"),
    MOTOR_HUNG("the motor is hung"),
    PLATE_ON("the tooth plate is on"),
    MOTOR_HELD("the motor is held against turning"),
    ARM_ON("the torque arm is tied"),
    MOTOR_CLAMPED("the motor is clamped"),
    MOTOR_INSPECTED("the motor's fixing is inspected"),
    WHEEL_READY("the motor wheel is made up"),
    DRIVE_TRAIN_ON("the drive train is on"),
    BRAKES_SET("the brakes are set"),
    BARS_SET("the bars are set"),
    RAIL_ON("the battery rail holds"),
    LOOM_CLOSED("the loom is closed"),
    POWERED("it has had power"),
    SETTINGS_ENTERED("the display is set page by page"),
    FUNCTIONS_PROVEN("its functions are proven"),
    RIDDEN("it has been ridden"),
    CLOSED("it is signed off"),
    KIT_OFF("the kit is removed"),
    AS_IT_CAME("the bike is ready to go back");

    private final String label;

    Milestone(String label) {
        this.label = label;
    }

    /** For "waits until …". */
    public String label() {
        return label;
    }
}
