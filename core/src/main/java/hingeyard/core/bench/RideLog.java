package hingeyard.core.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A ride that was recorded: how far, how high, how fast, and what a kilometre took of the battery.
 *
 * <p>Ways between points are arcs on a sphere of 6,371,008.8 m (haversine). A climb counts once it is 3 m higher than the lowest point
 * since
 * the last, as heights waver. A leg faster than 100 km/h is a slip of the receiver: the point is left out and counted. Moving is 1 km/h and
 * more. What was drawn comes from the rest volts before and after, cell by cell, over the table of {@link CellCharge}: the voltage at rest
 * integrated over the charge in between.
 */
public final class RideLog {

    private static final double EARTH = 6_371_008.8;
    private static final double RISE = 3;
    private static final double SLIP = 100 / 3.6;
    private static final double MOVES = 1 / 3.6;
    private static final int SHOWN = 300;
    private static final int MOST = 200_000;
    /** Speed is told over at least so many seconds. */
    private static final double SPAN = 10;

    /**
     * @param latitude,longitude degrees @param height m, where the receiver told one @param at when
     */
    public record Point(double latitude, double longitude, Optional<Double> height, Instant at) {

        public Point {
            Given.within("latitude", latitude, -90, 90, "°");
            Given.within("longitude", longitude, -180, 180, "°");
            height.ifPresent(h -> Given.within("height", h, -500, 9_000, "m"));
        }
    }

    /**
     * The battery of the ride, read at rest.
     *
     * @param series cells in series, 7 to 24 @param ampHours 1 to 100 @param before,after V at rest
     */
    public record Pack(int series, double ampHours, double before, double after) {

        public Pack {
            Given.within("series", series, 7, 24, "cells");
            Given.within("ampHours", ampHours, 1, 100, "A·h");
            Given.within("before", before, series * 3.0, series * 4.25, "V");
            Given.within("after", after, series * 3.0, before, "V");
        }

        /** Wh drawn between the two readings. */
        public double wattHours() {
            double from = CellCharge.percentAt(after / series);
            double to = CellCharge.percentAt(before / series);
            double sum = 0;
            int slices = 1_000;
            for (int i = 0; i < slices; i++) {
                sum += CellCharge.voltsAt(from + (to - from) * (i + 0.5) / slices);
            }
            return series * sum / slices * ampHours * (to - from) / 100;
        }
    }

    /** @param metres from the start @param kmh over the last ten seconds @param height m; the last known where none was told */
    public record Sample(double metres, double kmh, double height) {
    }

    /**
     * @param metres,climb,descent m @param moving,whole time
     * @param mean,most            km/h while moving; over ten seconds
     * @param slips                points that were left out
     * @param heights              whether heights were told
     * @param perKm                Wh a kilometre; empty without readings of the battery
     * @param speedError           by how much of a hundred the display told more than was ridden; empty where nobody read it
     */
    public record Answer(double metres, double climb, double descent, Duration moving, Duration whole, double mean, double most, int slips,
            boolean heights, Optional<Double> perKm, Optional<Double> speedError, List<Sample> samples) {

        /** {@code 12.4 km in 41 min moving, 85 m up; 9.6 Wh a kilometre.} */
        public String told() {
            return String.format(Locale.ROOT, "%.1f km in %d min moving, %s%s.", metres / 1000, moving.toMinutes(),
                    heights ? String.format(Locale.ROOT, "%.0f m up", climb) : "no heights told",
                    perKm.map(p -> String.format(Locale.ROOT, "; %.1f Wh a kilometre", p)).orElse(""));
        }
    }

    private RideLog() {
    }

    /**
     * @param points in the order they were recorded, 2 to 200,000, each later than the one before
     * @param shown  km that the display counted; empty where nobody read it
     */
    public static Answer of(List<Point> points, Optional<Pack> pack, Optional<Double> shown) {
        Given.within("points", points.size(), 2, MOST, "points");
        shown.ifPresent(s -> Given.within("shown", s, 0.1, 1_000, "km"));
        List<Point> kept = new ArrayList<>();
        int slips = 0;
        for (Point p : points) {
            if (!kept.isEmpty() && speed(kept.get(kept.size() - 1), p) > SLIP) {
                slips++;
            } else {
                kept.add(p);
            }
        }
        double metres = 0;
        Duration moving = Duration.ZERO;
        double[] along = new double[kept.size()];
        for (int i = 1; i < kept.size(); i++) {
            double leg = way(kept.get(i - 1), kept.get(i));
            metres += leg;
            along[i] = metres;
            if (speed(kept.get(i - 1), kept.get(i)) >= MOVES) {
                moving = moving.plus(Duration.between(kept.get(i - 1).at(), kept.get(i).at()));
            }
        }
        Given.within("metres", metres, 100, 500_000, "m ridden");
        double[] rise = rise(kept);
        List<Sample> samples = samples(kept, along);
        double km = metres / 1000;
        return new Answer(metres, rise[0], rise[1], moving, Duration.between(kept.get(0).at(), kept.get(kept.size() - 1).at()),
                moving.isZero() ? 0 : metres / moving.toMillis() * 3_600, samples.stream().mapToDouble(Sample::kmh).max().orElse(0), slips,
                kept.stream().anyMatch(p -> p.height().isPresent()), pack.map(b -> b.wattHours() / km),
                shown.map(s -> 100 * (s / km - 1)), samples);
    }

    private static double speed(Point a, Point b) {
        double seconds = Duration.between(a.at(), b.at()).toMillis() / 1000.0;
        return seconds <= 0 ? Double.POSITIVE_INFINITY : way(a, b) / seconds;
    }

    /** m along the sphere. */
    static double way(Point a, Point b) {
        double phi1 = Math.toRadians(a.latitude());
        double phi2 = Math.toRadians(b.latitude());
        double half = Math.sin((phi2 - phi1) / 2);
        double side = Math.sin(Math.toRadians(b.longitude() - a.longitude()) / 2);
        return 2 * EARTH * Math.asin(Math.min(1, Math.sqrt(half * half + Math.cos(phi1) * Math.cos(phi2) * side * side)));
    }

    /** m up and m down, steps of less than 3 m left out. */
    private static double[] rise(List<Point> points) {
        double up = 0;
        double down = 0;
        double last = Double.NaN;
        for (Point p : points) {
            if (p.height().isEmpty()) {
                continue;
            }
            double height = p.height().get();
            if (Double.isNaN(last)) {
                last = height;
            } else if (height >= last + RISE) {
                up += height - last;
                last = height;
            } else if (height <= last - RISE) {
                down += last - height;
                last = height;
            }
        }
        return new double[]{up, down};
    }

    private static List<Sample> samples(List<Point> points, double[] along) {
        List<Sample> samples = new ArrayList<>();
        double step = along[along.length - 1] / SHOWN;
        double next = 0;
        double height = points.stream().flatMap(p -> p.height().stream()).findFirst().orElse(0.0);
        int from = 0;
        for (int i = 0; i < along.length; i++) {
            height = points.get(i).height().orElse(height);
            while (from < i && seconds(points, from + 1, i) >= SPAN) {
                from++;
            }
            if (along[i] >= next || i == along.length - 1) {
                double seconds = seconds(points, from, i);
                samples.add(new Sample(along[i], seconds <= 0 ? 0 : (along[i] - along[from]) / seconds * 3.6, height));
                next += step;
            }
        }
        return samples;
    }

    private static double seconds(List<Point> points, int from, int to) {
        return Duration.between(points.get(from).at(), points.get(to).at()).toMillis() / 1000.0;
    }
}
