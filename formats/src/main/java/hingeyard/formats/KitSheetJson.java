package hingeyard.formats;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.Kit;
import hingeyard.formats.UnreadableSheetException.Fault;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Kit and battery sheets as JSON that a person can read; the schemas are {@link SheetSchema}. A kit sheet may carry {@code "variants"}:
 * each with a
 * code and what is different about it, as a JSON merge patch (RFC 7386) on the sheet, so that nothing is copied. Which of them one means is
 * said by
 * {@code "take"}.
 */
public final class KitSheetJson {

    private static final Schema KIT = schema(SheetSchema.kit());
    private static final Schema BATTERY = schema(SheetSchema.battery());
    private static final String VARIANTS = "variants";
    private static final String TAKE = "take";

    private KitSheetJson() {
    }

    private static Schema schema(JsonNode tree) {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12).getSchema(tree);
    }

    /** @throws UnreadableSheetException naming line, column and reason of everything that is wrong; nothing of it is answered */
    public static KitSheetFile read(String json) {
        JsonPlaces places = valid(json, KIT);
        ObjectNode sheet = ((ObjectNode) places.root()).deepCopy();
        JsonNode variants = sheet.path(VARIANTS);
        sheet.remove(List.of(VARIANTS, TAKE));
        List<Kit> kits = new ArrayList<>(List.of(bind(places, "", sheet, Kit.class)));
        Set<String> codes = new HashSet<>(Set.of(kits.get(0).code()));
        for (int i = 0; i < variants.size(); i++) {
            String at = "/" + VARIANTS + "/" + i;
            String code = variants.get(i).path("code").asString();
            if (!codes.add(code)) {
                throw new UnreadableSheetException(List.of(places.fault(at + "/code", "'" + code + "' stands a second time")), null);
            }
            ObjectNode patched = sheet.deepCopy();
            merge(patched, variants.get(i).path("change"));
            patched.put("code", code);
            for (Error error : KIT.validate(patched)) {
                throw new UnreadableSheetException(
                        List.of(places.fault(at + "/change" + error.getInstanceLocation(), "with this change: " + said(error))), null);
            }
            kits.add(bind(places, at + "/change", patched, Kit.class));
        }
        return new KitSheetFile(kits.get(0).code(), kits);
    }

    /** The one kit a file means: the variant named in {@code "take"}, else the sheet itself. */
    public static Kit readOne(String json) {
        KitSheetFile file = read(json);
        JsonPlaces places = new JsonPlaces(json);
        String take = places.root().path(TAKE).asString(file.code());
        return file.kits().stream().filter(k -> k.code().equals(take)).findFirst().orElseThrow(() -> new UnreadableSheetException(
                List.of(places.fault("/" + TAKE,
                        "no variant is called '%s'; there are %s".formatted(take, file.kits().stream().map(Kit::code).toList()))),
                null));
    }

    /** @throws UnreadableSheetException naming line, column and reason of everything that is wrong */
    public static Battery readBattery(String json) {
        JsonPlaces places = valid(json, BATTERY);
        return bind(places, "", places.root(), Battery.class);
    }

    public static String write(Battery battery) {
        return SheetJson.mapper().writeValueAsString(battery);
    }

    private static JsonPlaces valid(String json, Schema schema) {
        return valid(new JsonPlaces(json), schema);
    }

    /** @throws UnreadableSheetException naming everything that the schema does not allow */
    static JsonPlaces valid(JsonPlaces places, Schema schema) {
        List<Fault> faults = new ArrayList<>();
        for (Error error : schema.validate(places.root())) {
            faults.add(places.fault(error.getInstanceLocation().toString(), said(error)));
        }
        if (!faults.isEmpty()) {
            throw new UnreadableSheetException(faults, null);
        }
        return places;
    }

    /** What stands there, and what may. */
    private static String said(Error error) {
        JsonNode given = error.getInstanceNode();
        String why = error.getMessage().replaceFirst("^[^ ]*: ", "");
        if (given == null || given.isContainer()) {
            return why;
        }
        return "%s is not possible here; %s".formatted(given,
                error.getKeyword().equals("pattern") ? SheetSchema.allowed(error.getSchemaNode().asString("")).orElse(why) : why);
    }

    private static <T> T bind(JsonPlaces places, String at, JsonNode node, Class<T> type) {
        try {
            return SheetJson.mapper().treeToValue(node, type);
        } catch (JacksonException e) {
            StringBuilder path = new StringBuilder(at);
            e.getPath().forEach(
                    r -> path.append('/').append(r.getPropertyName() == null ? String.valueOf(r.getIndex()) : r.getPropertyName()));
            throw new UnreadableSheetException(List.of(places.fault(path.toString(), why(e))), e);
        }
    }

    /** What a record says of its own figures, not how it was made. */
    private static String why(JacksonException e) {
        return e.getCause() instanceof IllegalArgumentException own ? own.getMessage() : e.getOriginalMessage();
    }

    /** RFC 7386: objects are merged, null takes away, anything else replaces. */
    private static void merge(ObjectNode target, JsonNode patch) {
        for (Map.Entry<String, JsonNode> change : patch.properties()) {
            if (change.getValue().isNull()) {
                target.remove(change.getKey());
            } else if (change.getValue().isObject() && target.get(change.getKey()) instanceof ObjectNode inner) {
                merge(inner, change.getValue());
            } else {
                target.set(change.getKey(), change.getValue().deepCopy());
            }
        }
    }
}
