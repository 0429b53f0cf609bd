package hingeyard.core.fit.checks;

import hingeyard.core.bike.FrontMeasures;
import hingeyard.core.bike.Material;
import hingeyard.core.bike.Measure;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.fit.FitCheck;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Words;
import java.util.List;
import java.util.Optional;

/** May a motor pull at this fork? */
final class ForkMaterialCheck implements FitCheck {

    @Override
    public String id() {
        return "fork-material";
    }

    @Override
    public String title() {
        return "Fork material";
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().frontHub().isPresent();
    }

    @Override
    public List<Measure> needs() {
        return List.of(FrontMeasures.FORK_MATERIAL);
    }

    @Override
    public Finding assess(FitCase c) {
        Finding.Builder finding = finding().kit(Leaf.of("steel, titanium, aluminium", "motor in the front wheel"));
        Optional<Material> material = c.survey().choice(FrontMeasures.FORK_MATERIAL);
        if (material.isEmpty()) {
            return finding.margin(Margin.said("material?"))
                    .remedy(Remedy.measure("Put the magnet on the fork's dropout.", FrontMeasures.FORK_MATERIAL.key()))
                    .is(Verdict.MEASURE, "What the fork's dropouts are made of is not known yet; a front motor depends on it.");
        }
        finding.bike(Leaf.of(material.get().label()))
                .figure(Figure.measured("Fork dropouts", new Words(material.get().label()), FrontMeasures.FORK_MATERIAL.key()));
        return switch (material.get()) {
            case STEEL, TITANIUM, ALUMINIUM -> finding.margin(Margin.said("takes a motor"))
                    .is(Verdict.FITS, "A fork with %s dropouts takes a front motor.".formatted(material.get().label()));
            case MAGNESIUM_CASTING -> finding.margin(Margin.said("never")).neverOverridden()
                    .remedy(Remedy.otherKit("A mid-drive, or a rigid steel fork."))
                    .is(Verdict.NO_FIT, "Magnesium castings break at the dropout: no front motor without the fork maker's written approval.");
            case CARBON, UNIDENTIFIED, DAMAGED -> finding.margin(Margin.said("never")).neverOverridden()
                    .remedy(Remedy.otherKit("A mid-drive, or a rigid steel fork."))
                    .is(Verdict.NO_FIT, "A fork whose dropouts are %s never gets a front motor: the wheel can come out."
                            .formatted(material.get() == Material.CARBON ? "carbon" : material.get() == Material.DAMAGED
                                    ? "damaged or repaired" : "of unknown material"));
        };
    }
}
