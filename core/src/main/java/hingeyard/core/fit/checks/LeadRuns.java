package hingeyard.core.fit.checks;

import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.WholeMeasures;
import hingeyard.core.fit.FitCase;
import hingeyard.core.kit.Lead;
import hingeyard.core.kit.LeadRun;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** How long a run is on this bike: the way along it and the slack it needs to move. */
final class LeadRuns {

    private static final Map<LeadRun, List<LengthMeasure>> WAY = new EnumMap<>(
            Map.of(LeadRun.BARS_TO_BRACKET, List.of(WholeMeasures.BARS_HEAD, WholeMeasures.HEAD_BRACKET, WholeMeasures.HEAD_SLACK),
                    LeadRun.BARS_TO_BATTERY, List.of(WholeMeasures.BARS_BATTERY, WholeMeasures.HEAD_SLACK), LeadRun.BATTERY_TO_MOTOR,
                    List.of(WholeMeasures.BATTERY_MOTOR),
                    LeadRun.BRACKET_TO_REAR_AXLE, List.of(WholeMeasures.BRACKET_REAR), LeadRun.BARS_TO_FRONT_AXLE,
                    List.of(WholeMeasures.BARS_FRONT, WholeMeasures.HEAD_SLACK)));

    private LeadRuns() {
    }

    /** What is measured for a run on a bike of this kind: a linkage and a fold take slack too. */
    static List<LengthMeasure> measures(LeadRun run, BikeKind kind) {
        if (kind == BikeKind.FULL_SUSPENSION && run == LeadRun.BRACKET_TO_REAR_AXLE) {
            return and(WAY.get(run), WholeMeasures.LINKAGE_SLACK);
        }
        return kind == BikeKind.FOLDING && run != LeadRun.BRACKET_TO_REAR_AXLE ? and(WAY.get(run), WholeMeasures.FOLD_SLACK) : WAY.get(run);
    }

    private static List<LengthMeasure> and(List<LengthMeasure> way, LengthMeasure slack) {
        List<LengthMeasure> all = new ArrayList<>(way);
        all.add(slack);
        return all;
    }

    /** Every measure some run may want. */
    static Measure[] all() {
        return Stream.concat(WAY.values().stream().flatMap(List::stream), Stream.of(WholeMeasures.LINKAGE_SLACK, WholeMeasures.FOLD_SLACK))
                .distinct().toArray(Measure[]::new);
    }

    /** Way and slack together, with their uncertainty. */
    static Clearance supplied(FitCase c, Lead lead) {
        Length way = Length.ZERO;
        Doubt doubt = Doubt.NONE;
        for (LengthMeasure m : measures(lead.run(), c.bike().kind())) {
            Reading.OfLength r = c.survey().length(m).orElseThrow();
            way = way.plus(r.value());
            doubt = doubt.plus(Doubt.of(r));
        }
        return new Clearance(lead.length().minus(way), doubt, Length.ZERO);
    }
}
