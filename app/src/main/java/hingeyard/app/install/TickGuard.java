package hingeyard.app.install;

import hingeyard.core.explain.Ruling;
import hingeyard.core.install.Step;

/** What else must be so before a step is ticked, from a part of the shop that knows more of the job than its steps. */
public interface TickGuard {

    /** Asked at every tick: whatever does not concern the guard is allowed at once. */
    Ruling mayTick(long job, Step step);
}
