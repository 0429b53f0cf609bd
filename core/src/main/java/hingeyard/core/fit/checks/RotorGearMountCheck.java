package hingeyard.core.fit.checks;

import hingeyard.core.bike.CaliperMount;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.bike.RotorMount;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Remedy;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.RotorGearDrive;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Words;
import java.util.Optional;
import java.util.stream.Collectors;

/** Is there a bracket for this brake mount and rotor, and does the hub take the gear ring? */
final class RotorGearMountCheck extends MeasuredCheck {

    RotorGearMountCheck() {
        super("rotor-gear-mount", "Brake mount", RearMeasures.CALIPER_MOUNT, RearMeasures.NATIVE_ROTOR, RearMeasures.ROTOR_DIAMETER,
                RearMeasures.ROTOR_MOUNT);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.drive().rotorGear().isPresent();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        RotorGearDrive drive = c.kit().drive().rotorGear().orElseThrow();
        finding.kit(Leaf.of(Sentence.of("%s mounts", drive.mounts().size()),
                drive.mounts().stream().map(m -> m.caliperMount().label() + " " + m.rotor().amount().toPlainString()).distinct()
                        .collect(Collectors.joining(", "))));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        CaliperMount mount = c.survey().choice(RearMeasures.CALIPER_MOUNT).orElseThrow();
        RotorMount hub = c.survey().choice(RearMeasures.ROTOR_MOUNT).orElseThrow();
        Length own = value(c, RearMeasures.NATIVE_ROTOR);
        Length rotor = value(c, RearMeasures.ROTOR_DIAMETER);
        finding.bike(Leaf.of(Sentence.of("%s, rotor %s", mount.label(), rotor.amount().toPlainString()), hub.label()))
                .figure(Figure.measured("Caliper mount", new Words(mount.label()),
                        RearMeasures.CALIPER_MOUNT.key()))
                .figure(measured(reading(c, RearMeasures.NATIVE_ROTOR))).figure(measured(reading(c, RearMeasures.ROTOR_DIAMETER)));
        if (hub != RotorMount.SIX_BOLT) {
            return finding.margin(Margin.said("not six bolts")).remedy(Remedy.otherKit("A rear hub with a six-bolt flange would take it."))
                    .is(Verdict.NO_FIT, Sentence.of("The gear ring is held by six bolts and this hub has %s.",
                            hub == RotorMount.NONE ? "no rotor" : "a splined flange"));
        }
        Optional<RotorGearDrive.MountVariant> variant = c.kit().drive().rotorGear().orElseThrow().mounts().stream()
                .filter(m -> m.caliperMount() == mount && m.nativeRotor().equals(own) && m.rotor().equals(rotor)).findFirst();
        if (variant.isEmpty()) {
            return finding.margin(Margin.said("no bracket"))
                    .remedy(Remedy.otherKit(
                            Sentence.of("Another rotor size may do, if its maker has a bracket for %s with %s.", mount.label(), own)))
                    .is(Verdict.NO_FIT,
                            Sentence.of("The maker has no bracket for a %s made for %s with a rotor of %s.", mount.label(), own, rotor));
        }
        return finding.margin(Margin.said("bracket there")).is(Verdict.FITS,
                Sentence.of("There is a bracket for this %s, made for %s, with a rotor of %s; the ring is held by six bolts.",
                        mount.label(), own, rotor));
    }
}
