package hingeyard.core.fit.checks;

import hingeyard.core.bike.Reading;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.explain.Figure;
import hingeyard.core.explain.Finding;
import hingeyard.core.explain.Leaf;
import hingeyard.core.explain.LimitKind;
import hingeyard.core.explain.Margin;
import hingeyard.core.explain.Sentence;
import hingeyard.core.explain.Verdict;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.SpeedSensor;
import hingeyard.core.quantity.Band;

/** Does the speed sensor on the chainstay reach the spokes? */
final class SpeedSensorCheck extends MeasuredCheck {

    SpeedSensorCheck() {
        super("speed-sensor", "Speed sensor", RearMeasures.SPOKE_REACH);
    }

    @Override
    public boolean concerns(Kit kit) {
        return kit.equipment().speedSensor().isPresent();
    }

    @Override
    void describe(FitCase c, Finding.Builder finding) {
        SpeedSensor sensor = c.kit().equipment().speedSensor().orElseThrow();
        finding.kit(Leaf.of(Sentence.of("reaches %s", new Band(sensor.least(), sensor.greatest())), "stay to magnet"))
                .figure(Figure.published("Reaches from", sensor.least(), c.kit().code()))
                .figure(Figure.published("Reaches to", sensor.greatest(), c.kit().code()));
    }

    @Override
    Finding judge(FitCase c, Finding.Builder finding) {
        SpeedSensor sensor = c.kit().equipment().speedSensor().orElseThrow();
        Reading.OfLength reach = bike(c, finding, RearMeasures.SPOKE_REACH);
        Clearance inside = new Clearance(reach.value(), Doubt.of(reach), sensor.least()).worse(Clearance.atMost(reach, sensor.greatest()))
                .as(LimitKind.MAKERS);
        if (inside.answer() == Clearance.Answer.UNSURE) {
            return unsure(finding, inside);
        }
        if (inside.answer() == Clearance.Answer.ENOUGH) {
            return finding.margin(Margin.said("in reach")).is(Verdict.FITS,
                    passing(inside, Sentence.of("The spokes pass %s from the chainstay, inside the sensor's reach.", reach.value())));
        }
        boolean far = reach.value().isMoreThan(sensor.greatest());
        return finding.margin(Margin.said(far ? "too far" : "too near"))
                .remedy(Needs.drawerOrBuy(c, "sensor-mount", 1, p -> p.facts().span().filter(s -> s.contains(reach.value())).isPresent(),
                        "sensor-mount",
                        Sentence.of("Sensor mount for a reach of %s", reach.value())))
                .is(Verdict.FITS_WITH, Sentence.of("The spokes pass %s from the chainstay, %s for the kit's sensor: fit another mount.",
                        reach.value(), far ? "too far" : "too near"));
    }
}
