package hingeyard.formats;

import hingeyard.core.commission.Symptom;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.List;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** The symptom finder as a YAML file: what one sees, the causes in order, the check that tells. */
public final class SymptomFiles {

    private static final YAMLMapper MAPPER = YAMLMapper.builder().build();
    private static final String FILE = "/hingeyard/symptoms.yaml";

    private SymptomFiles() {
    }

    /** What ships with the application. */
    public static List<Symptom> shipped() {
        try (InputStream in = SymptomFiles.class.getResourceAsStream(FILE)) {
            JsonNode root = MAPPER.readTree(in);
            return Arrays.asList(MAPPER.treeToValue(root.get("symptoms"), Symptom[].class));
        } catch (JacksonException e) {
            throw UnreadableSheetException.of(e);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
