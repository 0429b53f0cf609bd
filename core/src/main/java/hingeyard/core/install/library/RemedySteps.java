package hingeyard.core.install.library;

import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Remedy;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.Phase;
import hingeyard.core.install.Posture;
import hingeyard.core.install.Step;
import hingeyard.core.install.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Work that a check asks for and the library has no step of its own for: done as the check says, before the drive is mounted. */
final class RemedySteps {

    private RemedySteps() {
    }

    /** @param spoken ids of checks whose work the library tells itself */
    static List<Step> of(FitReport match, Set<String> spoken) {
        List<Step> steps = new ArrayList<>();
        for (Finding finding : match.findings()) {
            int count = 0;
            for (Remedy remedy : finding.remedies()) {
                if (remedy.work().isEmpty() || spoken.contains(finding.checkId())) {
                    continue;
                }
                Remedy.WorkNeed need = remedy.work().get();
                steps.add(Step.called("for-" + finding.checkId() + (count == 0 ? "" : "-" + (char) ('a' + count)), finding.title())
                        .in(Phase.PREPARE).text(remedy.text() + " The match asked for it: " + finding.sentence())
                        .at(Posture.ANY, Zone.BENCH).work(need.skill(), 1, Math.max(1, need.minutes())).tools(List.of("as the work asks"))
                        .drawing(finding.checkId()).step());
                count++;
            }
        }
        return steps;
    }

    /** Minutes of {@link #of}. */
    static int minutes(FitReport match, Set<String> spoken) {
        int minutes = 0;
        for (Finding finding : match.findings()) {
            for (Remedy remedy : finding.remedies()) {
                if (remedy.work().isPresent() && !spoken.contains(finding.checkId())) {
                    minutes += Math.max(1, remedy.work().get().minutes());
                }
            }
        }
        return minutes;
    }
}
