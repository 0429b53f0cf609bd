package hingeyard.core.kit;

import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.KitOutline;
import hingeyard.core.quantity.Length;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A kit that brings no motor: a second battery, a battery mount, brakes, a bar, a frame's parts, a display; or the shop's own work, see
 * {@link ShopWork}.
 *
 * @param job      what it is for
 * @param barClamp bar's diameter at the stem, for a bar
 * @param steerer  the fork's steerer and what goes round it, for a build-up
 */
public record NoDrive(Job job, Optional<Length> barClamp, Optional<Steerer> steerer) implements Drive {

    /**
     * A fork's steerer with what it goes through.
     *
     * @param length   from the crown race's seat to its end, uncut
     * @param diameter where spacers and stem go
     * @param headset  height of both cups with their races, head tube not counted
     * @param stem     height of the stem's clamp
     */
    public record Steerer(Length length, Length diameter, Length headset, Length stem) {
    }

    public NoDrive(Job job, Optional<Length> barClamp) {
        this(job, barClamp, Optional.empty());
    }

    /** What a kit without a motor is for. */
    public enum Job implements Labelled {
        SECOND_BATTERY("second-battery", "second battery"),
        BATTERY_MOUNT("battery-mount", "battery mount"),
        DISC_BRAKES("disc-brakes", "disc brakes"),
        BAR_TUBE("bar-tube", "handlebar"),
        BUILD_UP("build-up", "a frame's parts"),
        DISPLAY_SWAP("display-swap", "display"),
        DIAGNOSIS("diagnosis", "diagnosis"),
        LIGHTS("lights", "lights"),
        SERVICE("service", "service"),
        RETORQUE("retorque-check", "torque check");

        private final String family;
        private final String label;

        Job(String family, String label) {
            this.family = family;
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    private static final Set<Job> OWN_WORK = EnumSet.of(Job.LIGHTS, Job.DIAGNOSIS, Job.SERVICE, Job.RETORQUE);

    @Override
    public String family() {
        return job.family;
    }

    @Override
    public Optional<NoDrive> none() {
        return Optional.of(this);
    }

    @Override
    public List<String> takesOff(FrameSurvey bike) {
        return job == Job.BAR_TUBE ? List.of("Handlebar") : List.of();
    }

    @Override
    public KitOutline outline(Battery battery) {
        boolean holdsBattery = job == Job.SECOND_BATTERY || job == Job.BATTERY_MOUNT;
        return new KitOutline(0, 0, 0, 0, holdsBattery ? battery.length().inMillimetres() : 0,
                holdsBattery ? battery.height().inMillimetres() : 0);
    }

    /** Whether it is the shop's own work, which takes no kit. */
    public boolean ownWork() {
        return OWN_WORK.contains(job);
    }

    /** Whether a battery is mounted with it. */
    public boolean holdsBattery() {
        return job == Job.SECOND_BATTERY || job == Job.BATTERY_MOUNT;
    }
}
