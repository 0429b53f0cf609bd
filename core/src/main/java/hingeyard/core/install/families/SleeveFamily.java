package hingeyard.core.install.families;

import hingeyard.core.explain.Remedy;
import hingeyard.core.fit.FitReport;
import hingeyard.core.install.FigureWanted;
import hingeyard.core.install.Milestone;
import hingeyard.core.install.Posture;
import hingeyard.core.install.Step;
import hingeyard.core.install.StepFamily;
import hingeyard.core.install.Zone;
import java.util.List;
import java.util.stream.Stream;

/** The sleeve adapter that a wide bore asks for. */
final class SleeveFamily implements StepFamily {

    private static final List<Step> STEPS = made();

    @Override
    public String id() {
        return "sleeve-adapter";
    }

    @Override
    public boolean concerns(FitReport match) {
        return Stream.concat(match.remedies(Remedy.Kind.PART), match.remedies(Remedy.Kind.BUY))
                .anyMatch(r -> r.part().filter(p -> p.role().equals("sleeve")).isPresent());
    }

    /** Always the same: made once. */
    @Override
    public List<Step> steps(FitReport match) {
        return STEPS;
    }

    private static List<Step> made() {
        return List.of(
                Step.called("sleeve", "Press the sleeve adapter")
                        .text("Clean the bore and measure it at three angles. Sleeve in square, with the press or its own expander, to the shoulder on both "
                                + "sides. Turn the dial gauge once round: it must be concentric before the motor goes in.")
                        .at(Posture.CLAMP, Zone.BRACKET).work("machining", 1, 35).tools("sleeve press", "caliper", "dial gauge on an arm")
                        .careful("Never in a cracked or oval shell; in carbon only with the frame maker's written approval.")
                        .record(FigureWanted.of("run-out", "Run-out inside the sleeve", "mm", "0", "0.1", "dial gauge"))
                        .mounts("sleeve").needs(Milestone.MOUNT_BARE, Milestone.DRY_FIT_GO).reaches(Milestone.LINES_LAID).step());
    }
}
