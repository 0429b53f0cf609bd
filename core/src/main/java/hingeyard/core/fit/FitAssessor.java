package hingeyard.core.fit;

import hingeyard.core.bike.Measure;
import hingeyard.core.explain.Finding;
import hingeyard.core.kit.Kit;
import java.util.ArrayList;
import java.util.List;

/** Runs the checks. The entry of this package. */
public final class FitAssessor {

    private final List<FitCheck> checks;

    public FitAssessor(List<FitCheck> checks) {
        this.checks = List.copyOf(checks);
    }

    /** Every check that concerns the kit, each with its finding. */
    public FitReport assess(FitCase fitCase) {
        List<Finding> findings = new ArrayList<>(checks.size());
        for (FitCheck check : checks) {
            if (check.concerns(fitCase.kit())) {
                findings.add(check.assess(fitCase));
            }
        }
        return new FitReport(fitCase.bike(), fitCase.kit(), fitCase.rules(), findings);
    }

    /** Ids of the checks that a maker's written approval can turn. */
    public List<String> approvable() {
        return checks.stream().filter(FitCheck::approvable).map(FitCheck::id).toList();
    }

    /** The measures that this kit's checks ask for, each once. */
    public List<Measure> measuresFor(Kit kit) {
        return checks.stream().filter(c -> c.concerns(kit)).flatMap(c -> c.needs().stream()).distinct().toList();
    }
}
