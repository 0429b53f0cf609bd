package hingeyard.formats;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.Drive;
import hingeyard.core.kit.Kit;
import hingeyard.core.quantity.Current;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.Mass;
import hingeyard.core.quantity.Torque;
import hingeyard.core.quantity.TorqueRange;
import hingeyard.core.quantity.Voltage;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The JSON Schemas of kit and battery sheets, read off the records of {@link hingeyard.core.kit} so that they cannot say something else;
 * published as
 * docs/formats/kit.schema.json and battery.schema.json. The editor on screen is drawn from them too.
 */
public final class SheetSchema {

    private static final JsonMapper MAPPER = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
    private static final String DECIMAL = "\\d{1,6}([.,]\\d{1,3})?";
    private static final Map<Class<?>, String[]> QUANTITIES = Map.of(
            Length.class, new String[]{"^-?" + DECIMAL + " mm$", "a length: \"68.5 mm\""}, Voltage.class,
            new String[]{"^" + DECIMAL + " V$", "a voltage: \"54.6 V\""},
            Current.class, new String[]{"^" + DECIMAL + " A$", "a current: \"18 A\""}, Mass.class,
            new String[]{"^" + DECIMAL + " kg$", "a mass: \"3.4 kg\""},
            Torque.class, new String[]{"^" + DECIMAL + " N·m$", "a torque: \"35 N·m\""}, TorqueRange.class,
            new String[]{"^" + DECIMAL + "(–" + DECIMAL + ")? N·m$", "a torque range: \"35–40 N·m\""});

    private SheetSchema() {
    }

    /** What a pattern of the schema means, in words. */
    static Optional<String> allowed(String pattern) {
        return QUANTITIES.values().stream().filter(q -> q[0].equals(pattern)).map(q -> q[1] + " is wanted").findFirst();
    }

    public static String kitText() {
        return MAPPER.writeValueAsString(kit()) + "\n";
    }

    public static String batteryText() {
        return MAPPER.writeValueAsString(battery()) + "\n";
    }

    static JsonNode kit() {
        ObjectNode root = head("A kit's sheet");
        root.setAll(record(Kit.class));
        ObjectNode properties = (ObjectNode) root.get("properties");
        properties.putObject("take").put("type", "string").put("description", "Which variant is meant, where one is.");
        ObjectNode variant = properties.putObject("variants").put("type", "array").put("maxItems", 500)
                .put("description", "Sisters of this kit: what is different, as a merge patch.")
                .putObject("items").put("type", "object").put("additionalProperties", false);
        variant.putArray("required").add("code").add("change");
        ObjectNode of = variant.putObject("properties");
        of.set("code", code());
        of.putObject("change").put("type", "object");
        properties.set("code", code());
        return root;
    }

    static JsonNode battery() {
        ObjectNode root = head("A battery's sheet");
        root.setAll(record(Battery.class));
        ((ObjectNode) root.get("properties")).set("code", code());
        return root;
    }

    private static ObjectNode head(String title) {
        return MAPPER.createObjectNode().put("$schema", "https://json-schema.org/draft/2020-12/schema").put("title", title);
    }

    private static ObjectNode code() {
        return MAPPER.createObjectNode().put("type", "string").put("pattern", "^[A-Za-z0-9][A-Za-z0-9.-]{0,18}$").put("description",
                "Letters, digits, points and dashes; at most 19.");
    }

    private static ObjectNode record(Class<?> type) {
        ObjectNode node = MAPPER.createObjectNode().put("type", "object").put("additionalProperties", false);
        ArrayNode required = node.putArray("required");
        ObjectNode properties = node.putObject("properties");
        for (RecordComponent component : type.getRecordComponents()) {
            boolean optional = component.getType() == Optional.class;
            properties.set(component.getName(), of(optional ? argument(component.getGenericType()) : component.getGenericType()));
            if (!optional) {
                required.add(component.getName());
            }
        }
        return node;
    }

    private static Type argument(Type type) {
        return ((ParameterizedType) type).getActualTypeArguments()[0];
    }

    private static ObjectNode of(Type type) {
        if (type instanceof ParameterizedType list && list.getRawType() == List.class) {
            ObjectNode node = MAPPER.createObjectNode().put("type", "array").put("maxItems", 200);
            node.set("items", of(argument(type)));
            return node;
        }
        Class<?> plain = (Class<?>) type;
        if (QUANTITIES.containsKey(plain)) {
            return MAPPER.createObjectNode().put("type", "string").put("pattern", QUANTITIES.get(plain)[0]).put("description",
                    QUANTITIES.get(plain)[1]);
        }
        if (plain == Drive.class) {
            return drive();
        }
        if (plain.isEnum()) {
            ObjectNode node = MAPPER.createObjectNode();
            ArrayNode options = node.putArray("enum");
            for (Object constant : plain.getEnumConstants()) {
                options.add(((Enum<?>) constant).name());
            }
            return node;
        }
        return plain.isRecord() ? record(plain) : scalar(plain);
    }

    private static ObjectNode scalar(Class<?> plain) {
        if (plain == boolean.class || plain == Boolean.class) {
            return MAPPER.createObjectNode().put("type", "boolean");
        }
        if (plain == String.class) {
            return MAPPER.createObjectNode().put("type", "string").put("maxLength", 120);
        }
        return MAPPER.createObjectNode().put("type", plain == double.class ? "number" : "integer").put("minimum", 0).put("maximum",
                10_000_000);
    }

    /** One of the mounts, told apart by {@code mount}. */
    private static ObjectNode drive() {
        ObjectNode node = MAPPER.createObjectNode().put("type", "object");
        node.putArray("required").add("mount");
        ArrayNode mounts = node.putObject("properties").putObject("mount").putArray("enum");
        ArrayNode branches = node.putArray("allOf");
        for (JsonSubTypes.Type mount : SheetJson.DriveByMount.class.getAnnotation(JsonSubTypes.class).value()) {
            mounts.add(mount.name());
            ObjectNode branch = branches.addObject();
            ObjectNode when = branch.putObject("if");
            when.putObject("properties").putObject("mount").put("const", mount.name());
            when.putArray("required").add("mount");
            ObjectNode then = record(mount.value());
            ((ObjectNode) then.get("properties")).putObject("mount");
            branch.set("then", then);
        }
        return node;
    }
}
