package hingeyard.core.install;

import hingeyard.core.fit.FitReport;
import java.util.List;

/** A source of steps: one for each kit family or remedy. Steps relate through milestones only. */
public interface StepFamily {

    /** Kebab-case, unique. */
    String id();

    /** Whether it has steps for this match. */
    boolean concerns(FitReport match);

    /** Its steps in the order it prefers. */
    List<Step> steps(FitReport match);
}
