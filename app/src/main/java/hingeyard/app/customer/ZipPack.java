package hingeyard.app.customer;

import hingeyard.app.privacy.Pack;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.sql.Timestamp;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import tools.jackson.databind.json.JsonMapper;

/** Written as it comes: files at once, rows as {@code data.json} at the end. */
final class ZipPack implements Pack, AutoCloseable {

    private static final String READ_ME = """
            What the shop knows of you.

            data.json   what stands in its tables, by kind; lengths ending in _um are micrometres, masses ending in _grams grams,
                        amounts ending in _minor hundredths of the currency, moments are UTC
            papers      quotes, invoices, credit notes and receipts as they were handed over
            photos      of your bikes
            """;

    private final ZipOutputStream zip;
    private final JsonMapper json;
    private final Map<String, List<Map<String, Object>>> data = new LinkedHashMap<>();

    ZipPack(OutputStream out, JsonMapper json) {
        this.zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        this.json = json;
    }

    @Override
    public void rows(String kind, List<Map<String, Object>> rows) {
        data.put(kind, rows.stream().map(ZipPack::readable).toList());
    }

    /** What is no text, number or yes and no, as its words; what is not there is left out. */
    private static Map<String, Object> readable(Map<String, Object> row) {
        Map<String, Object> readable = new LinkedHashMap<>();
        row.forEach((name, value) -> {
            if (value != null) {
                readable.put(name, value instanceof Number || value instanceof Boolean ? value
                        // A moment is one in every zone.
                        : value instanceof Timestamp moment ? moment.toInstant().toString() : value.toString());
            }
        });
        return readable;
    }

    @Override
    public void file(String name, byte[] bytes) {
        try {
            zip.putNextEntry(new ZipEntry(name));
            zip.write(bytes);
            zip.closeEntry();
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    @Override
    public void close() throws IOException {
        file("data.json", json.writerWithDefaultPrettyPrinter().writeValueAsBytes(data));
        file("README.txt", READ_ME.getBytes(StandardCharsets.UTF_8));
        zip.close();
    }
}
