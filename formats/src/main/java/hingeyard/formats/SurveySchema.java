package hingeyard.formats;

import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.Choice;
import hingeyard.core.bike.ChoiceMeasure;
import hingeyard.core.bike.LengthMeasure;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.core.bike.NumberMeasure;
import hingeyard.core.bike.Tool;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The JSON Schema of a survey file, written from the catalogue of measures; published as docs/formats/survey.schema.json. */
public final class SurveySchema {

    private static final JsonMapper MAPPER = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private SurveySchema() {
    }

    public static String text() {
        return MAPPER.writeValueAsString(tree()) + "\n";
    }

    static JsonNode tree() {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("$schema", "https://json-schema.org/draft/2020-12/schema").put("title", "A bike's survey").put("type", "object")
                .put("additionalProperties", false);
        required(root, "format", "version", "bike", "readings");
        ObjectNode properties = root.putObject("properties");
        properties.putObject("format").put("const", SurveyJson.FORMAT);
        properties.putObject("version").put("const", 1);
        ObjectNode bike = properties.putObject("bike").put("type", "object").put("additionalProperties", false);
        required(bike, "kind");
        ObjectNode of = bike.putObject("properties");
        ArrayNode kinds = of.putObject("kind").putArray("enum");
        for (BikeKind kind : BikeKind.values()) {
            kinds.add(BikeCode.of(kind));
        }
        for (String text : new String[]{"name", "size", "frameNumber"}) {
            of.putObject(text).put("type", "string").put("maxLength", 120);
        }
        ObjectNode readings = properties.putObject("readings").put("type", "array").put("maxItems", 500);
        readings.set("items", reading());
        return root;
    }

    private static ObjectNode reading() {
        ObjectNode reading = MAPPER.createObjectNode().put("type", "object").put("additionalProperties", false);
        required(reading, "measure", "value", "tool", "by", "at");
        ObjectNode properties = reading.putObject("properties");
        ArrayNode keys = properties.putObject("measure").put("description", "Which measure; the catalogue says how it is taken.")
                .putArray("enum");
        MeasureCatalogue.all().forEach(m -> keys.add(m.key()));
        properties.putObject("value").put("type", "string").put("maxLength", 60)
                .put("description", "As one says it: \"73 mm\", \"1 3/8 in\", \"14.5 kg\", \"42 teeth\", or the code of a choice.");
        properties.putObject("plusMinus").put("type", "string").put("maxLength", 20).put("description",
                "Half width of the uncertainty band; the tool's own where absent.");
        ArrayNode tools = properties.putObject("tool").putArray("enum");
        for (Tool tool : Tool.values()) {
            tools.add(tool.code());
        }
        properties.putObject("by").put("type", "string").put("minLength", 1).put("maxLength", 80);
        properties.putObject("at").put("type", "string").put("format", "date-time");
        ArrayNode perMeasure = reading.putArray("allOf");
        MeasureCatalogue.all().forEach(m -> perMeasure.add(ofMeasure(m)));
        return reading;
    }

    /** What is possible for one measure: choices are held to by the schema, lengths and numbers say their limits. */
    private static ObjectNode ofMeasure(Measure measure) {
        ObjectNode rule = MAPPER.createObjectNode();
        ObjectNode when = rule.putObject("if");
        when.putObject("properties").putObject("measure").put("const", measure.key());
        required(when, "measure");
        ObjectNode value = rule.putObject("then").putObject("properties").putObject("value");
        if (measure instanceof ChoiceMeasure<?> choice) {
            ArrayNode codes = value.put("description", measure.title() + ".").putArray("enum");
            choice.options().stream().map(Choice.class::cast).forEach(o -> codes.add(o.code()));
        } else if (measure instanceof LengthMeasure length) {
            value.put("description", "%s: %s.".formatted(measure.title(), length.possible()));
        } else if (measure instanceof NumberMeasure number) {
            value.put("description", "%s: %s to %s.".formatted(measure.title(), number.scale().text(number.least()),
                    number.scale().text(number.greatest())));
        }
        return rule;
    }

    private static void required(ObjectNode node, String... names) {
        ArrayNode required = node.putArray("required");
        for (String name : names) {
            required.add(name);
        }
    }
}
