package hingeyard.core.fit.checks;

import hingeyard.core.bike.FrontMeasures;
import hingeyard.core.bike.Material;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.NoDrive;
import hingeyard.core.quantity.Words;

/** May mounts for disc brakes be welded on? Only on steel, and with the fork maker's word. */
final class BrakeWeldCheck extends MeasuredCheck {

    BrakeWeldCheck() {
        super("brake-weld", "Brackets welded on", FrontMeasures.FORK_MATERIAL, RearMeasures.DROPOUT_MATERIAL);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().none().filter(n -> n.job() == NoDrive.Job.DISC_BRAKES).isPresent();
    }

    @Override
    public boolean approvable() {
        return true;
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of("steel fork and frame", "and the fork maker's word"));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        Material fork = c.survey().choice(FrontMeasures.FORK_MATERIAL).orElseThrow();
        Material frame = c.survey().choice(RearMeasures.DROPOUT_MATERIAL).orElseThrow();
        finding.bike(Leaf.of(Sentence.of("fork %s, frame %s", fork.label(), frame.label()))).neverOverridden()
                .figure(Figure.measured("Fork", new Words(fork.label()), FrontMeasures.FORK_MATERIAL.key()))
                .figure(Figure.measured("Frame", new Words(frame.label()), RearMeasures.DROPOUT_MATERIAL.key()));
        if (fork != Material.STEEL || frame != Material.STEEL) {
            return finding.margin(Margin.said("not steel")).remedy(Remedy.otherKit("Choose a fork and frame made for disc brakes."))
                    .is(Verdict.NO_FIT, Sentence.of("Brackets are welded to steel only. The fork is %s and the frame %s.", fork.label(),
                            frame.label()));
        }
        if (!c.bike().approvals().contains(id())) {
            return finding.margin(Margin.said("no approval"))
                    .remedy(Remedy.otherKit("Attach the fork maker's written approval to the job."))
                    .is(Verdict.NO_FIT,
                            "A disc brake bends a fork that was not made for one: never weld without the fork maker's written approval.");
        }
        return finding.margin(Margin.said("maker approves"))
                .remedy(Remedy.work("welding", 90,
                        "Place the brackets by the clamped brake and tack them; the qualified welder welds them."))
                .remedy(Remedy.consent("Welding voids the maker's warranty on frame and fork."))
                .is(Verdict.TRADE_OFF,
                        "Fork and frame are steel and the fork's maker allows it in writing: the qualified welder welds the brackets.");
    }
}
