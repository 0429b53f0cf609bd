package hingeyard.core.booking;

import hingeyard.core.explain.Ruling;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.ShopWork;
import java.util.Locale;
import java.util.Optional;

/** What a shop is asked to do with a bike. */
public enum JobKind {
    DRIVE_KIT("drive kit, kind open", 4),
    MID_DRIVE("mid-drive kit", 4),
    FRONT_HUB("front hub kit", 3),
    REAR_HUB("rear hub kit", 4),
    ROTOR_GEAR("rotor-gear drive", 4),
    FRICTION_ROLLER("friction roller", 2),
    SWING_ARM("swing-arm module", 4),
    SECOND_BATTERY("second battery on an electric bike", 2),
    BATTERY_MOUNT("battery mount only", 1),
    BRAKE_CONVERSION("disc brakes where there were none", 8),
    LIGHTS("lights", 1),
    DISPLAY_OR_CONTROLLER("display or controller swap", 1),
    BUILD_UP("build-up from a frame", 8),
    DIAGNOSIS("diagnosis of an unfinished conversion", 2),
    SERVICE("service", 1),
    RETORQUE("re-torque check", 1);

    private final String label;
    private final int quarterDays;

    JobKind(String label, int quarterDays) {
        this.label = label;
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
            case LIGHTS, DIAGNOSIS, SERVICE, RETORQUE -> false;
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

    /** The shop's own work where no kit is looked for. */
    public Optional<ShopWork> shopWork() {
        return switch (this) {
            case LIGHTS -> Optional.of(ShopWork.LIGHTS);
            case DIAGNOSIS -> Optional.of(ShopWork.DIAGNOSIS);
            case SERVICE -> Optional.of(ShopWork.SERVICE);
            case RETORQUE -> Optional.of(ShopWork.RETORQUE);
            default -> Optional.empty();
        };
    }

    /** Whether a bill of this job may be for this kit: the shop's own work is not a job that looks for a kit, and the other way round. */
    public Ruling mayTake(Kit kit) {
        Optional<ShopWork> own = shopWork();
        if (own.isPresent()) {
            return own.get().code().equals(kit.code()) ? Ruling.yes()
                    : Ruling.no("This job is %s: no kit is looked for. Change the booking first if it is to get one.".formatted(label));
        }
        return kit.boxed() ? Ruling.yes() : Ruling.no("This job is %s: %s is a job of its own. Change the booking, or book another."
                .formatted(label, kit.fullName().toLowerCase(Locale.ROOT)));
    }

    /** Whether any kit is looked for. */
    public boolean matchesKits() {
        return shopWork().isEmpty();
    }

    /** Usual time on a stand, in quarters of a working day; a guess until the shop's own finished jobs tell. */
    public int quarterDays() {
        return quarterDays;
    }
}
