package hingeyard.core.photo;

import hingeyard.core.bike.BracketMeasures;
import hingeyard.core.bike.FrontMeasures;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Point;
import hingeyard.core.bike.RearMeasures;
import hingeyard.core.bike.TriangleMeasures;
import hingeyard.core.photo.Fit.Solved;
import hingeyard.core.quantity.Length;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Computes measures from marks in a side photo. The entry of this package; how it does it stands there. */
public final class PhotoMeasure {

    /** Lens, and rim edges that stand nearer to the camera than the frame: a share of every length, by experience. */
    private static final double SYSTEMATIC = 0.005;
    /** Without rings a tilt goes unseen: ten degrees shorten a length by 1.5 %. */
    private static final double UNSEEN_TILT = 0.02;
    private static final double LEAST_MILLIMETRES = 2;
    private static final double LEAST_WHEELBASE_PIXELS = 50;
    private static final double MUCH_TILT = 12;
    private static final double MUCH_OFF = 2.5;

    private PhotoMeasure() {
    }

    /**
     * @throws IllegalArgumentException when what is marked and known cannot give a scale
     */
    public static PhotoAnswer measure(PhotoMarks marks, KnownLengths known) {
        if (marks.rearAxle().distanceTo(marks.frontAxle()) < LEAST_WHEELBASE_PIXELS) {
            throw new IllegalArgumentException(
                    "The two axles are marked at one spot: they must be at least %.0f pixels apart.".formatted(LEAST_WHEELBASE_PIXELS));
        }
        if (!marks.ringed() && known.wheelbase().isEmpty()) {
            throw new IllegalArgumentException("Ring both rims, or measure the wheelbase: without either there is no scale.");
        }
        Solved solved = Fit.solve(marks, known);
        Map<LengthMeasure, Double> values = values(marks, known, solved);
        Map<LengthMeasure, Double> variance = variance(marks, known, values);
        double share = marks.ringed() ? SYSTEMATIC : UNSEEN_TILT;
        List<PhotoAnswer.Value> answer = new ArrayList<>();
        values.forEach((measure, mm) -> {
            Length value = Length.ofMillimetres(Math.round(mm));
            double plusMinus = Math.max(LEAST_MILLIMETRES, 2 * Math.sqrt(variance.get(measure)) + share * Math.abs(mm));
            if (measure.possible().contains(value)) {
                answer.add(new PhotoAnswer.Value(measure, value, Length.ofMillimetres((long) Math.ceil(plusMinus))));
            }
        });
        double tilt = marks.ringed() ? Math.toDegrees(solved.plane().tilt()) : 0;
        return new PhotoAnswer(answer, tilt, solved.residualPixels(), doubts(marks, known, solved, values, tilt));
    }

    private static Map<LengthMeasure, Double> values(PhotoMarks marks, KnownLengths known, Solved solved) {
        Point rear = solved.inPlane(marks.rearAxle());
        Point front = solved.inPlane(marks.frontAxle());
        double base = front.distanceTo(rear);
        double rearHeight = known.grounded() ? wheelRadius(known, true, solved) : 0;
        double frontHeight = known.grounded() ? wheelRadius(known, false, solved) : 0;
        double lean = Math.asin(Math.max(-0.5, Math.min(0.5, (frontHeight - rearHeight) / base)));
        Point bracket = turned(solved.inPlane(marks.bracket()), lean);
        Point headBottom = from(bracket, turned(solved.inPlane(marks.headBottom()), lean));
        Point headTop = from(bracket, turned(solved.inPlane(marks.headTop()), lean));
        Point cluster = from(bracket, turned(solved.inPlane(marks.seatCluster()), lean));
        Map<LengthMeasure, Double> values = new LinkedHashMap<>();
        values.put(RearMeasures.CHAINSTAY, bracket.distanceTo(Point.BRACKET));
        if (known.grounded()) {
            values.put(BracketMeasures.HEIGHT, rearHeight + bracket.y());
        }
        values.put(TriangleMeasures.SEAT_TUBE, cluster.distanceTo(Point.BRACKET));
        values.put(TriangleMeasures.DOWN_TUBE, headBottom.distanceTo(Point.BRACKET));
        values.put(TriangleMeasures.TOP_TUBE, cluster.distanceTo(headTop));
        if (known.grounded()) {
            values.put(TriangleMeasures.HEAD_BOTTOM_FORWARD, headBottom.x());
            values.put(TriangleMeasures.HEAD_BOTTOM_UP, headBottom.y());
            values.put(TriangleMeasures.HEAD_TOP_FORWARD, headTop.x());
            values.put(TriangleMeasures.HEAD_TOP_UP, headTop.y());
            values.put(TriangleMeasures.SEAT_CLUSTER_BEHIND, -cluster.x());
            values.put(TriangleMeasures.SEAT_CLUSTER_UP, cluster.y());
        }
        values.put(FrontMeasures.WHEELBASE, base);
        return values;
    }

    /** Axle to ground: bead seat and tyre where known, else the ring and the tyre. */
    private static double wheelRadius(KnownLengths known, boolean rear, Solved solved) {
        double ring = (rear ? solved.plane().rearRadius() : solved.plane().frontRadius()) * SidePlane.UNIT - KnownLengths.FLANGE;
        double bead = (rear ? known.rearBeadSeat() : known.frontBeadSeat()).map(l -> l.inMillimetres() / 2).orElse(ring);
        return bead + (rear ? known.rearTyre() : known.frontTyre()).orElseThrow().inMillimetres();
    }

    /** Seen along the ground instead of along the axles. */
    private static Point turned(Point p, double lean) {
        return new Point(p.x() * Math.cos(lean) - p.y() * Math.sin(lean), p.x() * Math.sin(lean) + p.y() * Math.cos(lean));
    }

    private static Point from(Point origin, Point p) {
        return p.plus(origin.times(-1));
    }

    /** Each mark moved by its standard deviation in both directions of the picture; the known lengths by theirs. Millimetres squared. */
    private static Map<LengthMeasure, Double> variance(PhotoMarks marks, KnownLengths known, Map<LengthMeasure, Double> values) {
        Map<LengthMeasure, Double> sum = new LinkedHashMap<>();
        values.keySet().forEach(m -> sum.put(m, 0.0));
        for (int i = 0; i < marks.all().size(); i++) {
            add(sum, values, solvedValues(marks.moved(i, Fit.MARK, 0), known));
            add(sum, values, solvedValues(marks.moved(i, 0, Fit.MARK), known));
        }
        double wheelbase = known.wheelbase().map(l -> known.wheelbasePlusMinus().inMillimetres() / 2 / l.inMillimetres()).orElse(0.0);
        double rim = known.rearBeadSeat().or(known::frontBeadSeat).map(l -> KnownLengths.FLANGE_PLUS_MINUS / KnownLengths.edgeRadius(l))
                .orElse(0.0);
        double scale = Math.max(wheelbase, rim);
        values.forEach((m, mm) -> sum.merge(m, mm * mm * scale * scale, Double::sum));
        return sum;
    }

    private static Map<LengthMeasure, Double> solvedValues(PhotoMarks marks, KnownLengths known) {
        return values(marks, known, Fit.solve(marks, known));
    }

    private static void add(Map<LengthMeasure, Double> sum, Map<LengthMeasure, Double> values, Map<LengthMeasure, Double> moved) {
        values.forEach((m, mm) -> sum.merge(m, Math.pow(moved.get(m) - mm, 2), Double::sum));
    }

    private static List<String> doubts(PhotoMarks marks, KnownLengths known, Solved solved, Map<LengthMeasure, Double> values,
            double tilt) {
        List<String> doubts = new ArrayList<>();
        if (!marks.ringed()) {
            doubts.add("Without rings on both rims a camera that stood aslant goes unseen; the uncertainty allows for ten degrees.");
        }
        if (tilt > MUCH_TILT) {
            doubts.add(
                    "The camera stood about %.0f° off the bike's axis; up to 10° is good. Take the picture again from straight beside it."
                            .formatted(tilt));
        }
        if (solved.residualPixels() > MUCH_OFF) {
            doubts.add(String.format(Locale.ROOT,
                    "The rings' marks lie %.1f pixels off true circles. Look at them again: all on the rim's edge, all on the same side.",
                    solved.residualPixels()));
        }
        known.wheelbase().filter(l -> marks.ringed()).ifPresent(measured -> {
            double off = values.get(FrontMeasures.WHEELBASE) - measured.inMillimetres();
            if (Math.abs(off) > Math.max(10, 2 * known.wheelbasePlusMinus().inMillimetres())) {
                doubts.add("The rims make the wheelbase %.0f mm, measured were %s. One of the two is wrong."
                        .formatted(values.get(FrontMeasures.WHEELBASE), measured));
            }
        });
        if (!known.grounded()) {
            doubts.add("Tyre widths are not measured: where the ground is stays open, so bracket height and coordinates are left out.");
        } else if (values.get(TriangleMeasures.HEAD_TOP_UP) < values.get(TriangleMeasures.HEAD_BOTTOM_UP)) {
            doubts.add("The head tube's top is marked below its bottom.");
        }
        return doubts;
    }
}
