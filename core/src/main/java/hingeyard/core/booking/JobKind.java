package hingeyard.core.booking;

import hingeyard.core.kit.Kit;

/** What a shop is asked to do with a bike. */
public enum JobKind {
    DRIVE_KIT("drive kit, kind open", true, 4),
    MID_DRIVE("mid-drive kit", true, 4),
    FRONT_HUB("front hub kit", true, 3),
    REAR_HUB("rear hub kit", true, 4),
    ROTOR_GEAR("rotor-gear drive", true, 4),
    FRICTION_ROLLER("friction roller", true, 2),
    SWING_ARM("swing-arm module", true, 4),
    SECOND_BATTERY("second battery on an electric bike", true, 2),
    BATTERY_MOUNT("battery mount only", true, 1),
    BRAKE_CONVERSION("disc brakes where there were none", true, 8),
    LIGHTS("lights", false, 1),
    DISPLAY_OR_CONTROLLER("display or controller swap", true, 1),
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

    /** Whether a kit is looked for: motors answer for one another, everything else is what was asked for. */
    public boolean looksFor(Kit kit) {
        String family = kit.drive().family();
        boolean motor = kit.equipment().motor().isPresent();
        return switch (this) {
            case SECOND_BATTERY -> family.equals("second-battery");
            case BATTERY_MOUNT -> family.equals("battery-mount");
            case BRAKE_CONVERSION -> family.equals("disc-brakes");
            case DISPLAY_OR_CONTROLLER -> family.equals("display-swap");
            case BUILD_UP -> motor || family.equals("build-up") || family.equals("bar-tube");
            case LIGHTS, DIAGNOSIS -> false;
            default -> motor;
        };
    }

    /** Whether a survey asks for what a kit needs before anybody has chosen kits: of the sort that was asked for. */
    public boolean asksFor(Kit kit) {
        String family = kit.drive().family();
        return looksFor(kit) && switch (this) {
            case MID_DRIVE -> family.endsWith("mid-drive");
            case FRONT_HUB -> family.equals("front-hub");
            case REAR_HUB -> family.startsWith("rear-hub");
            case ROTOR_GEAR -> family.equals("rotor-gear");
            case FRICTION_ROLLER -> family.equals("friction-roller");
            case SWING_ARM -> family.equals("swing-arm");
            default -> true;
        };
    }

    /** Whether one kind of drive was asked for, out of those that answer for one another. */
    public boolean asksForOneKind() {
        return switch (this) {
            case MID_DRIVE, FRONT_HUB, REAR_HUB, ROTOR_GEAR, FRICTION_ROLLER, SWING_ARM -> true;
            default -> false;
        };
    }

    /** Whether any kit is looked for. */
    public boolean matchesKits() {
        return matchesKits;
    }

    /** Usual time on a stand, in quarters of a working day; a guess until the shop's own finished jobs tell. */
    public int quarterDays() {
        return quarterDays;
    }
}
