package hingeyard.formats;

import java.util.HashMap;
import java.util.Map;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.json.JsonMapper;

/** A JSON or YAML text as a tree that remembers where each of its values stood, so that a fault names line and column. */
final class JsonPlaces {

    private static final JsonMapper JSON = JsonMapper.builder(Bounds.json()).build();

    private final JsonNode root;
    private final Map<String, TokenStreamLocation> places = new HashMap<>();

    /** @throws UnreadableSheetException when it is no JSON at all */
    JsonPlaces(String json) {
        this(json, JSON);
    }

    /** @throws UnreadableSheetException when the mapper cannot read it at all */
    JsonPlaces(String text, ObjectMapper mapper) {
        try {
            root = mapper.readTree(text);
            walk(text, mapper);
        } catch (JacksonException e) {
            throw UnreadableSheetException.of(e);
        }
    }

    private void walk(String text, ObjectMapper mapper) {
        try (JsonParser parser = mapper.createParser(text)) {
            for (JsonToken token = parser.nextToken(); token != null; token = parser.nextToken()) {
                if (token.isScalarValue() || token.isStructStart()) {
                    places.putIfAbsent(parser.streamReadContext().pathAsPointer().toString(), parser.currentTokenLocation());
                }
            }
        }
    }

    JsonNode root() {
        return root;
    }

    UnreadableSheetException.Fault fault(String pointer, String reason) {
        TokenStreamLocation at = places.get(pointer);
        for (String up = pointer; at == null && !up.isEmpty(); up = up.substring(0, up.lastIndexOf('/'))) {
            at = places.get(up);
        }
        return new UnreadableSheetException.Fault(at == null ? 1 : at.getLineNr(), at == null ? 1 : at.getColumnNr(), pointer, reason);
    }
}
