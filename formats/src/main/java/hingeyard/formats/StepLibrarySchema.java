package hingeyard.formats;

import hingeyard.core.bench.BenchFigure;
import hingeyard.core.made.BenchPlaces;
import hingeyard.core.install.library.FragmentText;
import hingeyard.core.install.library.LibraryTerms;
import hingeyard.core.install.library.StepText;
import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The JSON Schema of a fragment of the step library, read off its records and the core's own words; published as
 * docs/formats/step-fragment.schema.json.
 */
public final class StepLibrarySchema {

    private static final JsonMapper MAPPER = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
    private static final Map<Class<?>, List<String>> REQUIRED = Map.of(FragmentText.class, List.of("fragment", "version", "title", "steps"),
            StepText.class, List.of("key", "title", "phase", "text", "zones", "minutes", "tools"),
            StepText.FastenerText.class, List.of("what", "torque", "locker"), StepText.FigureText.class, List.of("key"),
            StepText.BackText.class, List.of("title", "text", "minutes"),
            StepText.RestText.class, List.of("since", "minutes", "why"));
    private static final int LONGEST = 1_500;

    private StepLibrarySchema() {
    }

    public static String text() {
        return MAPPER.writeValueAsString(fragment()) + "\n";
    }

    static ObjectNode fragment() {
        ObjectNode root = MAPPER.createObjectNode().put("$schema", "https://json-schema.org/draft/2020-12/schema").put("title",
                "A fragment of the step library");
        root.setAll(record(FragmentText.class));
        return root;
    }

    private static ObjectNode record(Class<?> type) {
        ObjectNode node = MAPPER.createObjectNode().put("type", "object").put("additionalProperties", false);
        ArrayNode required = node.putArray("required");
        REQUIRED.get(type).forEach(required::add);
        ObjectNode properties = node.putObject("properties");
        for (RecordComponent component : type.getRecordComponents()) {
            properties.set(component.getName(), of(component));
        }
        return node;
    }

    private static ObjectNode of(RecordComponent component) {
        return switch (component.getName()) {
            case "when", "unless" -> facts();
            case "steps" -> listOf(record(StepText.class));
            case "fasten" -> listOf(record(StepText.FastenerText.class));
            case "back" -> record(StepText.BackText.class);
            case "rests" -> record(StepText.RestText.class);
            case "figures" -> listOf(record(StepText.FigureText.class));
            case "phase" -> oneOf(LibraryTerms.phases());
            case "posture" -> oneOf(LibraryTerms.postures());
            case "battery" -> oneOf(List.of("in"));
            case "fills" -> oneOf(List.of("settings"));
            case "turns" -> oneOf(List.of("left"));
            case "bench" -> component.getType() == List.class ? listOf(oneOf(BenchPlaces.keys())) : oneOf(BenchFigure.keys());
            case "zones" -> listOf(oneOf(LibraryTerms.zones()));
            case "wheels" -> listOf(oneOf(LibraryTerms.wheels()));
            case "hazards" -> listOf(oneOf(LibraryTerms.hazards()));
            case "from", "to" -> MAPPER.createObjectNode().put("description", "A number, or 'rule KEY' or 'kit NAME'.");
            default -> scalar(component.getType());
        };
    }

    private static ObjectNode scalar(Class<?> type) {
        if (type == List.class) {
            return listOf(scalar(String.class));
        }
        if (type == boolean.class) {
            return MAPPER.createObjectNode().put("type", "boolean");
        }
        return type == String.class ? MAPPER.createObjectNode().put("type", "string").put("maxLength", LONGEST)
                : MAPPER.createObjectNode().put("type", "integer").put("minimum", 1).put("maximum", 10_000);
    }

    private static ObjectNode oneOf(List<String> values) {
        ObjectNode node = MAPPER.createObjectNode();
        ArrayNode options = node.putArray("enum");
        values.forEach(options::add);
        return node;
    }

    private static ObjectNode listOf(ObjectNode items) {
        ObjectNode node = MAPPER.createObjectNode().put("type", "array").put("maxItems", 100);
        node.set("items", items);
        return node;
    }

    private static ObjectNode facts() {
        ObjectNode node = MAPPER.createObjectNode().put("type", "object").put("additionalProperties", false);
        ObjectNode properties = node.putObject("properties");
        LibraryTerms.facts()
                .forEach((fact, values) -> properties.set(fact, listOf(values.isEmpty() ? scalar(String.class) : oneOf(values))));
        return node;
    }
}
