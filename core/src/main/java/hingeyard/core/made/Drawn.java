package hingeyard.core.made;

import java.util.ArrayList;
import java.util.List;

/** Draws sections out into bodies. */
final class Drawn {

    /** Chords leave the arc by no more than this, mm. */
    private static final double SAG = 0.02;

    private Drawn() {
    }

    /**
     * A body between two sections with as many corners each.
     *
     * @param from,to corners x, y, anticlockwise as seen from above, without crossing
     * @param height  of {@code to} above {@code from}, mm
     */
    static Mesh between(List<double[]> from, List<double[]> to, double height) {
        int n = from.size();
        List<double[]> points = new ArrayList<>();
        from.forEach(p -> points.add(new double[]{p[0], p[1], 0}));
        to.forEach(p -> points.add(new double[]{p[0], p[1], height}));
        List<int[]> triangles = new ArrayList<>();
        for (int[] t : ears(from)) {
            triangles.add(new int[]{t[0], t[2], t[1]});
        }
        for (int[] t : ears(to)) {
            triangles.add(new int[]{n + t[0], n + t[1], n + t[2]});
        }
        for (int i = 0; i < n; i++) {
            int next = (i + 1) % n;
            triangles.add(new int[]{i, next, n + next});
            triangles.add(new int[]{i, n + next, n + i});
        }
        return new Mesh(points, triangles);
    }

    /** A ring: two walls and two faces. */
    static Mesh ring(double inner, double outer, double height) {
        int n = corners(outer, 2 * Math.PI);
        List<double[]> points = new ArrayList<>();
        for (double z : new double[]{0, height}) {
            for (double r : new double[]{inner, outer}) {
                for (int i = 0; i < n; i++) {
                    double phi = 2 * Math.PI * i / n;
                    points.add(new double[]{r * Math.cos(phi), r * Math.sin(phi), z});
                }
            }
        }
        List<int[]> triangles = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            int next = (i + 1) % n;
            quad(triangles, i, next, n + next, n + i);
            quad(triangles, 2 * n + i, 3 * n + i, 3 * n + next, 2 * n + next);
            quad(triangles, n + i, n + next, 3 * n + next, 3 * n + i);
            quad(triangles, i, 2 * n + i, 2 * n + next, next);
        }
        return new Mesh(points, triangles);
    }

    private static void quad(List<int[]> triangles, int a, int b, int c, int d) {
        triangles.add(new int[]{a, b, c});
        triangles.add(new int[]{a, c, d});
    }

    /** How many chords an arc of this radius takes; at least eight of a circle. */
    static int corners(double radius, double angle) {
        double most = 2 * Math.acos(Math.max(-1, 1 - SAG / Math.max(radius, SAG)));
        return Math.max((int) Math.ceil(8 * angle / (2 * Math.PI)), (int) Math.ceil(angle / most));
    }

    /** Corners on an arc, ends included, from one angle to another. */
    static List<double[]> arc(double cx, double cy, double radius, double from, double to, int chords) {
        List<double[]> arc = new ArrayList<>();
        for (int i = 0; i <= chords; i++) {
            double phi = from + (to - from) * i / chords;
            arc.add(new double[]{cx + radius * Math.cos(phi), cy + radius * Math.sin(phi)});
        }
        return arc;
    }

    /** Cuts a section into triangles, an ear at a time: a corner that no other lies in. */
    static List<int[]> ears(List<double[]> corners) {
        List<Integer> left = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            left.add(i);
        }
        List<int[]> triangles = new ArrayList<>();
        while (left.size() > 3) {
            int ear = ear(corners, left);
            int n = left.size();
            triangles.add(new int[]{left.get((ear + n - 1) % n), left.get(ear), left.get((ear + 1) % n)});
            left.remove(ear);
        }
        triangles.add(new int[]{left.get(0), left.get(1), left.get(2)});
        return triangles;
    }

    private static int ear(List<double[]> corners, List<Integer> left) {
        int n = left.size();
        for (int i = 0; i < n; i++) {
            double[] a = corners.get(left.get((i + n - 1) % n));
            double[] b = corners.get(left.get(i));
            double[] c = corners.get(left.get((i + 1) % n));
            if (turn(a, b, c) > 1e-12 && left.stream().map(corners::get).noneMatch(p -> p != a && p != b && p != c && inside(p, a, b, c))) {
                return i;
            }
        }
        throw new IllegalArgumentException("section: its outline crosses itself");
    }

    private static double turn(double[] a, double[] b, double[] c) {
        return (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
    }

    private static boolean inside(double[] p, double[] a, double[] b, double[] c) {
        return turn(a, b, p) >= 0 && turn(b, c, p) >= 0 && turn(c, a, p) >= 0;
    }
}
