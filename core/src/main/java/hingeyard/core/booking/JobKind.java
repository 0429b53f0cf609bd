package hingeyard.core.booking;

/** What a shop is asked to do with a bike. */
public enum JobKind {
    DRIVE_KIT("drive kit, kind open", true, 4),
    MID_DRIVE("mid-drive kit", true, 4),
    FRONT_HUB("front hub kit", true, 3),
    REAR_HUB("rear hub kit", true, 4),
    ROTOR_GEAR("rotor-gear drive", true, 4),
    FRICTION_ROLLER("friction roller", true, 2),
    SWING_ARM("swing-arm module", true, 4),
    SECOND_BATTERY("second battery on an electric bike", false, 2),
    BATTERY_MOUNT("battery mount only", false, 1),
    BRAKE_CONVERSION("disc brakes where there were none", false, 8),
    LIGHTS("lights", false, 1),
    DISPLAY_OR_CONTROLLER("display or controller swap", false, 1),
    BUILD_UP("build-up from a frame", true, 8),
    DIAGNOSIS("diagnosis of an unfinished conversion", false, 2);

    private final String label;
    private final boolean matchesKits;
    private final int quarterDays;

    JobKind(String label, boolean matchesKits, int quarterDays) {
        this.label = label;
        this.matchesKits = matchesKits;
        this.quarterDays = quarterDays;
    }

    public String label() {
        return label;
    }

    /** Whether a drive kit is looked for. */
    public boolean matchesKits() {
        return matchesKits;
    }

    /** Usual time on a stand, in quarters of a working day; a guess until the shop's own finished jobs tell. */
    public int quarterDays() {
        return quarterDays;
    }
}
