package hingeyard.core.install;

/** Where a step stands. Whether an open step is ready is derived, see {@link StepRules#mayStart}. */
public enum StepState {
    /** Not begun. */
    OPEN,
    /** Somebody is at it. */
    RUNNING,
    /** Left half done, with a note for whoever goes on. */
    PAUSED,
    /** Something stops it. */
    STUCK,
    /** Ticked; still to be inspected where it is a hold point. */
    DONE,
    /** Ticked and inspected by a second person. */
    INSPECTED,
    /** Left out by the manager, with a reason. */
    SKIPPED
}
