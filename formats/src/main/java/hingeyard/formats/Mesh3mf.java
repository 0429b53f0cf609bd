package hingeyard.formats;

import hingeyard.core.made.Mesh;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** A mesh as 3MF: a package of XML that carries its unit, millimetres. */
public final class Mesh3mf {

    private static final String TYPES = """
            <?xml version="1.0" encoding="UTF-8"?>
            <Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types">
              <Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/>
              <Default Extension="model" ContentType="application/vnd.ms-package.3dmanufacturing-3dmodel+xml"/>
            </Types>
            """;
    private static final String RELATIONS = """
            <?xml version="1.0" encoding="UTF-8"?>
            <Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">
              <Relationship Target="/3D/3dmodel.model" Id="part" Type="http://schemas.microsoft.com/3dmanufacturing/2013/01/3dmodel"/>
            </Relationships>
            """;

    private Mesh3mf() {
    }

    public static byte[] write(Mesh mesh, String name) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            add(zip, "[Content_Types].xml", TYPES);
            add(zip, "_rels/.rels", RELATIONS);
            add(zip, "3D/3dmodel.model", model(mesh, name));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static void add(ZipOutputStream zip, String path, String text) throws IOException {
        ZipEntry entry = new ZipEntry(path);
        // The same part is the same file, whenever it is written.
        entry.setTime(0);
        zip.putNextEntry(entry);
        zip.write(text.getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
    }

    private static String model(Mesh mesh, String name) {
        StringBuilder xml = new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n"
                + "<model unit=\"millimeter\" xml:lang=\"en\" xmlns=\"http://schemas.microsoft.com/3dmanufacturing/core/2015/02\">\n"
                + " <metadata name=\"Title\">" + Paper.escaped(name)
                + "</metadata>\n <resources>\n  <object id=\"1\" type=\"model\">\n   <mesh>\n    <vertices>\n");
        for (double[] p : mesh.points()) {
            xml.append(String.format(Locale.ROOT, "     <vertex x=\"%.5f\" y=\"%.5f\" z=\"%.5f\"/>%n", p[0], p[1], p[2]));
        }
        xml.append("    </vertices>\n    <triangles>\n");
        for (int[] t : mesh.triangles()) {
            xml.append("     <triangle v1=\"").append(t[0]).append("\" v2=\"").append(t[1]).append("\" v3=\"").append(t[2])
                    .append("\"/>\n");
        }
        return xml.append(
                "    </triangles>\n   </mesh>\n  </object>\n </resources>\n <build>\n  <item objectid=\"1\"/>\n </build>\n</model>\n")
                .toString();
    }
}
