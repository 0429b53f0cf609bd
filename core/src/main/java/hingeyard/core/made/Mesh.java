package hingeyard.core.made;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A body as triangles, in mm.
 *
 * @param points    x, y, z
 * @param triangles three places in {@code points} each, anticlockwise as seen from outside
 */
public record Mesh(List<double[]> points, List<int[]> triangles) {

    public Mesh {
        points = List.copyOf(points);
        triangles = List.copyOf(triangles);
    }

    /** mm³ by the divergence theorem: the signed sum of the tetrahedra from the origin; more than 0 where faces look outwards. */
    public double volume() {
        double sum = 0;
        for (int[] t : triangles) {
            double[] a = points.get(t[0]);
            double[] b = points.get(t[1]);
            double[] c = points.get(t[2]);
            sum += a[0] * (b[1] * c[2] - b[2] * c[1]) - a[1] * (b[0] * c[2] - b[2] * c[0]) + a[2] * (b[0] * c[1] - b[1] * c[0]);
        }
        return sum / 6;
    }

    /** Whether every edge is shared by exactly two triangles that run along it in opposite ways: no hole, no face turned inside out. */
    public boolean closed() {
        Map<Long, Integer> edges = new HashMap<>();
        for (int[] t : triangles) {
            for (int i = 0; i < 3; i++) {
                edges.merge(edge(t[i], t[(i + 1) % 3]), 1, Integer::sum);
            }
        }
        return edges.entrySet().stream()
                .allMatch(e -> e.getValue() == 1 && edges.getOrDefault(Long.rotateLeft(e.getKey(), 32), 0) == 1);
    }

    private static long edge(int from, int to) {
        return (long) from << 32 | to;
    }

    /** How far it reaches along x, y and z, mm. */
    public double[] size() {
        double[] size = new double[3];
        for (int i = 0; i < 3; i++) {
            int axis = i;
            size[i] = points.stream().mapToDouble(p -> p[axis]).max().orElse(0) - points.stream().mapToDouble(p -> p[axis]).min().orElse(0);
        }
        return size;
    }
}
