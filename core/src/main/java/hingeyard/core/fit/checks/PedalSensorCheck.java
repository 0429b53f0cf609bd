package hingeyard.core.fit.checks;

import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.Material;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
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
import hingeyard.core.kit.PedalSensing;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Words;
import java.util.List;
import java.util.Optional;

/** Is there room for the pedal sensor where it goes? */
final class PedalSensorCheck extends MeasuredCheck {

    private static final int CUP_OUT_MINUTES = 30;

    PedalSensorCheck() {
        super("pedal-sensor", "Pedal sensor", BracketMeasures.SENSOR_ROOM, BracketMeasures.SPINDLE, RearMeasures.DROPOUT_MATERIAL);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.equipment().sensing().map(s -> s.kind() != PedalSensing.Kind.NONE).orElse(kit.drive().motorised());
    }

    @Override
    Optional<String> unsaid(FitCase c) {
        return c.kit().equipment().sensing().isEmpty() ? Optional.of("how it senses pedalling") : Optional.empty();
    }

    private static PedalSensing sensing(FitCase c) {
        return c.kit().equipment().sensing().orElseThrow();
    }

    /** A boom has no seat tube beside its bracket: nothing is measured, another mount goes on. */
    private static boolean onBoom(FitCase c) {
        return c.bike().kind() == BikeKind.RECUMBENT_TRIKE;
    }

    @Override
    List<Measure> needed(FitCase c) {
        return switch (sensing(c).kind()) {
            case SPLIT_RING, SOLID_RING -> onBoom(c) ? List.of() : List.of(BracketMeasures.SENSOR_ROOM, BracketMeasures.SPINDLE);
            case TAPPED_BRACKET -> List.of(RearMeasures.DROPOUT_MATERIAL);
            default -> List.of();
        };
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        finding.kit(Leaf.of(sensing(c).kind().label(),
                sensing(c).room().equals(Length.ZERO) ? Sentence.plain("") : Sentence.of("needs %s", sensing(c).room())));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        return switch (sensing(c).kind()) {
            case BUILT_IN -> finding.bike(Leaf.of("nothing to do")).margin(Margin.said("built in")).is(Verdict.FITS,
                    "The motor senses pedalling itself.");
            case WIRELESS -> finding.bike(Leaf.of("left crank")).margin(Margin.said("on the crank")).is(Verdict.FITS,
                    "The sensor is on the crank and needs no lead.");
            case BOOM_MOUNT -> finding.bike(Leaf.of("boom")).margin(Margin.said("on the boom")).is(Verdict.FITS,
                    "The sensor is on the boom and adjusts to left and right.");
            case TAPPED_BRACKET -> tapped(c, finding);
            case SPLIT_RING, SOLID_RING -> onBoom(c) ? boom(c, finding) : ring(c, finding);
            case NONE -> throw new IllegalStateException("not asked without a sensor");
        };
    }

    private static Finding boom(FitCase c, Finding.Builder finding) {
        return finding.bike(Leaf.of("no seat tube there")).margin(Margin.said("boom mount"))
                .remedy(Needs.drawerOrBuy(c, "boom-mount", 1, p -> true, "sensor-mount", "Boom mount for the pedal sensor"))
                .is(Verdict.FITS_WITH,
                        "There is no seat tube beside the bottom bracket: fit the sensor on a boom mount, with an extension lead.");
    }

    private static Finding tapped(FitCase c, Finding.Builder finding) {
        Material material = c.survey().choice(RearMeasures.DROPOUT_MATERIAL).orElseThrow();
        finding.bike(Leaf.of(material.label(), "frame"))
                .figure(Figure.measured("Frame", new Words(material.label()), RearMeasures.DROPOUT_MATERIAL.key()));
        if (material == Material.CARBON || material == Material.UNIDENTIFIED || material == Material.DAMAGED) {
            return finding.margin(Margin.said("not drilled")).neverOverridden()
                    .remedy(Remedy.otherKit("Choose a kit with a ring or a wireless sensor."))
                    .is(Verdict.NO_FIT,
                            Sentence.of("The sensor's mount needs a tapped hole in the shell, and %s is never drilled.", material.label()));
        }
        return finding.margin(Margin.said("tapped"))
                .remedy(Remedy.work("machining", 30,
                        "Tap the shell for the sensor's mount, only where the frame maker allows it; keep filings away from the battery."))
                .is(Verdict.FITS_WITH, Sentence.of("The sensor's mount needs a tapped hole in the %s shell.", material.label()));
    }

    private static Finding ring(FitCase c, Finding.Builder finding) {
        Reading.OfLength room = bike(c, finding, BracketMeasures.SENSOR_ROOM);
        Clearance clearance = Clearance.atLeast(room, sensing(c).room());
        finding.figure(Figure.published("Ring with its gap", sensing(c).room(), c.kit().code())).margin(clearance.margin());
        return switch (clearance.answer()) {
            case UNSURE -> unsure(finding, clearance);
            case SHORT ->
                finding.remedy(Needs.drawerOrBuy(c, "wireless-sensor", 1, p -> true, "pedal-sensor", "Wireless pedal sensor for the crank"))
                        .is(Verdict.FITS_WITH,
                                Sentence.of(
                                        "Between cup and chainring there is %s and the ring needs %s: fit a sensor on the crank instead.",
                                        room.value(), sensing(c).room()));
            case ENOUGH -> sensing(c).kind() == PedalSensing.Kind.SPLIT_RING
                    ? finding.is(Verdict.FITS,
                            passing(clearance,
                                    Sentence.of("The split ring needs %s and there is %s between cup and chainring: it snaps on.",
                                            sensing(c).room(), room.value())))
                    : finding
                            .remedy(Remedy.work("general", CUP_OUT_MINUTES,
                                    "Take out the crank and the right cup, put the solid ring behind the cup, then torque both again."))
                            .is(Verdict.FITS_WITH,
                                    passing(clearance, Sentence.of(
                                            "The solid ring needs %s behind the cup and there is %s: crank and cup come out for it.",
                                            sensing(c).room(), room.value())));
        };
    }
}
