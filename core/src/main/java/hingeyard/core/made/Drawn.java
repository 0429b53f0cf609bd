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

    /** The half section of a collar with a groove round its outside: x from the axis, y along it, anticlockwise. */
    static List<double[]> grooved(double inner, double outer, double deep, double lip, double height) {
        return List.of(new double[]{inner, 0}, new double[]{outer, 0}, new double[]{outer, lip}, new double[]{outer - deep, lip},
                new double[]{outer - deep, height - lip}, new double[]{outer, height - lip}, new double[]{outer, height},
                new double[]{inner, height});
    }

    /**
     * A half section turned round the axis.
     *
     * @param section corners x from the axis, y along it, anticlockwise, without crossing; where it touches the axis it closes there
     * @param open    angle that is left open, 0 for none
     */
    static Mesh turned(List<double[]> section, double open) {
        double reach = section.stream().mapToDouble(p -> p[0]).max().orElseThrow();
        int chords = corners(reach, 2 * Math.PI - open);
        int rows = open > 0 ? chords + 1 : chords;
        List<double[]> points = new ArrayList<>();
        int[][] at = new int[rows][section.size()];
        for (int k = 0; k < section.size(); k++) {
            double[] corner = section.get(k);
            boolean onAxis = corner[0] == 0;
            for (int i = 0; i < rows; i++) {
                if (onAxis && i > 0) {
                    at[i][k] = at[0][k];
                    continue;
                }
                double phi = open / 2 + (2 * Math.PI - open) * i / chords;
                at[i][k] = points.size();
                points.add(new double[]{corner[0] * Math.cos(phi), corner[0] * Math.sin(phi), corner[1]});
            }
        }
        List<int[]> triangles = new ArrayList<>();
        for (int i = 0; i < chords; i++) {
            int[] from = at[i];
            int[] to = at[(i + 1) % rows];
            for (int k = 0; k < section.size(); k++) {
                int next = (k + 1) % section.size();
                solid(triangles, from[k], to[k], to[next]);
                solid(triangles, from[k], to[next], from[next]);
            }
        }
        if (open > 0) {
            for (int[] t : ears(section)) {
                triangles.add(new int[]{at[0][t[0]], at[0][t[1]], at[0][t[2]]});
                triangles.add(new int[]{at[chords][t[0]], at[chords][t[2]], at[chords][t[1]]});
            }
        }
        return new Mesh(points, triangles);
    }

    /** A triangle, unless two of its corners are one on the axis. */
    private static void solid(List<int[]> triangles, int a, int b, int c) {
        if (a != b && b != c && a != c) {
            triangles.add(new int[]{a, b, c});
        }
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
