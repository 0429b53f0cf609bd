package hingeyard.formats;

import hingeyard.core.made.Mesh;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;

/** A mesh as binary STL: 80 bytes of words, a count, and for each triangle its normal, three corners and two bytes; millimetres. */
public final class MeshStl {

    private static final int HEAD = 80;
    private static final int TRIANGLE = 50;

    private MeshStl() {
    }

    /** @param name stands in the head, cut to what it holds */
    public static byte[] write(Mesh mesh, String name) {
        ByteBuffer out = ByteBuffer.allocate(HEAD + 4 + TRIANGLE * mesh.triangles().size()).order(ByteOrder.LITTLE_ENDIAN);
        // A head that began with "solid" would be taken for the format in letters.
        byte[] head = ("millimetres; " + name).getBytes(StandardCharsets.US_ASCII);
        out.put(head, 0, Math.min(head.length, HEAD)).position(HEAD);
        out.putInt(mesh.triangles().size());
        for (int[] t : mesh.triangles()) {
            double[] a = mesh.points().get(t[0]);
            double[] b = mesh.points().get(t[1]);
            double[] c = mesh.points().get(t[2]);
            for (double[] corner : new double[][]{normal(a, b, c), a, b, c}) {
                for (double value : corner) {
                    out.putFloat((float) value);
                }
            }
            out.putShort((short) 0);
        }
        return out.array();
    }

    private static double[] normal(double[] a, double[] b, double[] c) {
        double[] u = {b[0] - a[0], b[1] - a[1], b[2] - a[2]};
        double[] v = {c[0] - a[0], c[1] - a[1], c[2] - a[2]};
        double[] n = {u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]};
        double length = Math.sqrt(n[0] * n[0] + n[1] * n[1] + n[2] * n[2]);
        return length == 0 ? n : new double[]{n[0] / length, n[1] / length, n[2] / length};
    }
}
