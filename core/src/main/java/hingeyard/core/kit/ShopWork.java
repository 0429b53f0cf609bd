package hingeyard.core.kit;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Work that takes no maker's kit: nothing to match, no box to receive; parts and labour only. It goes the way of every other job, as a kit
 * that brings nothing:
 * from bill and steps to papers there is one road, and no rule that holds on it can be missed here.
 */
public enum ShopWork {
    LIGHTS("Lights", NoDrive.Job.LIGHTS),
    DIAGNOSIS("Diagnosis", NoDrive.Job.DIAGNOSIS),
    SERVICE("Service", NoDrive.Job.SERVICE),
    RETORQUE("Re-torque check", NoDrive.Job.RETORQUE);

    private final Kit kit;

    ShopWork(String name, NoDrive.Job job) {
        this.kit = new Kit(name(), "", name, new NoDrive(job, Optional.empty()), Nothing.CONTROLLER, Nothing.BATTERY, Equipment.none(),
                List.of());
    }

    public String code() {
        return name();
    }

    /** The kit that brings nothing. */
    public Kit kit() {
        return kit;
    }

    /** The work of this code; empty for a maker's kit. */
    public static Optional<ShopWork> find(String code) {
        return Arrays.stream(values()).filter(w -> w.code().equals(code)).findFirst();
    }
}
