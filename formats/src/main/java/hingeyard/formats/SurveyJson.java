package hingeyard.formats;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import hingeyard.core.bike.BikeKind;
import hingeyard.core.bike.Contradiction;
import hingeyard.core.bike.FrameSurvey;
import hingeyard.core.bike.Measure;
import hingeyard.core.bike.MeasureCatalogue;
import hingeyard.core.bike.MeasureEntry;
import hingeyard.core.bike.Reading;
import hingeyard.core.bike.SurveyConsistency;
import hingeyard.core.bike.Tool;
import hingeyard.core.quantity.Length;
import hingeyard.core.quantity.LengthParser;
import hingeyard.formats.UnreadableSheetException.Fault;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Surveys as JSON that a person can read; the schema is {@link SurveySchema}. */
public final class SurveyJson {

    static final String FORMAT = "hinge-yard-survey";
    private static final JsonMapper MAPPER = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
    private static final Schema SCHEMA = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(SurveySchema.tree());

    private SurveyJson() {
    }

    public static String write(SurveyFile file) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", FORMAT).put("version", 1);
        root.putObject("bike").put("kind", BikeCode.of(file.kind())).put("name", file.bike()).put("size", file.size()).put("frameNumber",
                file.frameNumber());
        ArrayNode readings = root.putArray("readings");
        for (Reading r : file.survey().readings()) {
            ObjectNode node = readings.addObject().put("measure", r.measure().key()).put("value", value(r));
            if (r instanceof Reading.OfLength length) {
                node.put("plusMinus", length.plusMinus().text());
            }
            node.put("tool", r.tool().code()).put("by", r.by()).put("at", r.at().toString());
        }
        return MAPPER.writeValueAsString(root) + "\n";
    }

    private static String value(Reading reading) {
        return reading instanceof Reading.OfChoice choice ? choice.value().code() : reading.text();
    }

    /** @throws UnreadableSheetException naming line, column and reason of everything that is wrong; nothing of it is answered */
    public static SurveyFile read(String json) {
        JsonPlaces places = new JsonPlaces(json);
        List<Fault> faults = new ArrayList<>();
        for (Error error : SCHEMA.validate(places.root())) {
            faults.add(places.fault(error.getInstanceLocation().toString(), error.getMessage().replaceFirst("^[^ ]*: ", "")));
        }
        refuse(faults);
        JsonNode bike = places.root().path("bike");
        BikeKind kind = BikeCode.find(bike.path("kind").asString()).orElseThrow();
        FrameSurvey survey = readings(places, kind, faults);
        refuse(faults);
        return new SurveyFile(kind, bike.path("name").asString(""), bike.path("size").asString(""), bike.path("frameNumber").asString(""),
                survey);
    }

    private static void refuse(List<Fault> faults) {
        if (!faults.isEmpty()) {
            throw new UnreadableSheetException(faults, null);
        }
    }

    private static FrameSurvey readings(JsonPlaces places, BikeKind kind, List<Fault> faults) {
        List<Reading> readings = new ArrayList<>();
        Map<String, Integer> index = new HashMap<>();
        JsonNode array = places.root().path("readings");
        for (int i = 0; i < array.size(); i++) {
            String pointer = "/readings/" + i;
            Measure measure = MeasureCatalogue.find(array.get(i).path("measure").asString()).orElseThrow();
            if (index.putIfAbsent(measure.key(), i) != null) {
                faults.add(places.fault(pointer + "/measure", "'" + measure.key() + "' stands here a second time"));
            } else if (!measure.concerns(kind)) {
                faults.add(places.fault(pointer + "/measure", "a " + kind.label() + " has no such thing"));
            } else {
                reading(places, pointer, measure, array.get(i), faults).ifPresent(readings::add);
            }
        }
        FrameSurvey survey = FrameSurvey.of(readings);
        if (faults.isEmpty()) {
            for (Contradiction c : SurveyConsistency.of(survey)) {
                faults.add(places.fault("/readings/" + index.get(c.measures().get(0).key()) + "/value", c.sentence()));
            }
        }
        return survey;
    }

    private static Optional<Reading> reading(JsonPlaces places, String pointer, Measure measure, JsonNode node, List<Fault> faults) {
        Tool tool = Tool.ofCode(node.path("tool").asString()).orElseThrow();
        Instant at;
        try {
            at = Instant.parse(node.path("at").asString());
        } catch (DateTimeException e) {
            faults.add(places.fault(pointer + "/at", "an instant such as 2026-03-24T09:00:00Z is wanted"));
            return Optional.empty();
        }
        Length plusMinus = tool.uncertainty();
        try {
            plusMinus = node.has("plusMinus") ? LengthParser.parse(node.path("plusMinus").asString()) : plusMinus;
        } catch (IllegalArgumentException e) {
            faults.add(places.fault(pointer + "/plusMinus", e.getMessage()));
            return Optional.empty();
        }
        try {
            return Optional.of(MeasureEntry.readFromElsewhere(measure, node.path("value").asString(), tool, plusMinus.abs(),
                    node.path("by").asString(), at));
        } catch (IllegalArgumentException e) {
            faults.add(places.fault(pointer + "/value", e.getMessage().replace(" Nothing was saved.", "")));
            return Optional.empty();
        }
    }
}
