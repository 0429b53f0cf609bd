package hingeyard.core.bay;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is left of a line when intervals are taken out; ends included. */
record Intervals(List<double[]> parts) {

    static Intervals of(double from, double to) {
        return new Intervals(from <= to ? List.of(new double[]{from, to}) : List.of());
    }

    /** Without what lies strictly between. */
    Intervals without(double from, double to) {
        List<double[]> left = new ArrayList<>();
        for (double[] p : parts) {
            if (to <= p[0] || from >= p[1]) {
                left.add(p);
                continue;
            }
            if (from >= p[0]) {
                left.add(new double[]{p[0], from});
            }
            if (to <= p[1]) {
                left.add(new double[]{to, p[1]});
            }
        }
        return new Intervals(left);
    }

    Intervals within(double from, double to) {
        return new Intervals(
                parts.stream().map(p -> new double[]{Math.max(p[0], from), Math.min(p[1], to)}).filter(p -> p[0] <= p[1]).toList());
    }

    Optional<Double> lowest() {
        return parts.stream().map(p -> p[0]).min(Double::compare);
    }
}
