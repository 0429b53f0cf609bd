package hingeyard.formats;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import hingeyard.core.order.SupplierAnswer;
import hingeyard.formats.UnreadableSheetException.Fault;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Orders out and suppliers' answers in, as JSON; schemas in docs/formats/order.schema.json and order-answer.schema.json. */
public final class OrderJson {

    /** An order as it leaves the shop. */
    public record OrderFile(long order, String supplier, LocalDate on, String by, List<Line> lines) {

        public record Line(String part, String name, int count, LocalDate wantedOn) {
        }
    }

    private static final JsonMapper MAPPER = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
    private static final Schema ANSWER = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12).getSchema(answerSchema());

    private OrderJson() {
    }

    public static String write(OrderFile file) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", "hinge-yard-order").put("version", 1).put("order", file.order()).put("supplier", file.supplier())
                .put("on", file.on().toString()).put("by", file.by());
        ArrayNode lines = root.putArray("lines");
        file.lines().forEach(l -> lines.addObject().put("part", l.part()).put("name", l.name()).put("count", l.count()).put("wantedOn",
                l.wantedOn().toString()));
        return MAPPER.writeValueAsString(root) + "\n";
    }

    public static String write(SupplierAnswer answer) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", "hinge-yard-order-answer").put("version", 1).put("order", answer.order()).put("supplier", answer.supplier())
                .put("on", answer.on().toString());
        ArrayNode lines = root.putArray("lines");
        for (SupplierAnswer.Line l : answer.lines()) {
            ObjectNode line = lines.addObject().put("part", l.part());
            ArrayNode promises = line.putArray("promises");
            l.promises().forEach(p -> promises.addObject().put("count", p.count()).put("on", p.on().toString()));
            if (!l.instead().isEmpty()) {
                line.put("instead", l.instead());
            }
            if (!l.note().isEmpty()) {
                line.put("note", l.note());
            }
        }
        return MAPPER.writeValueAsString(root) + "\n";
    }

    /** The schema an answer is held against, as it lies in docs/formats. */
    public static String answerSchema() {
        try (InputStream in = Objects.requireNonNull(OrderJson.class.getResourceAsStream("order-answer.schema.json"))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @throws UnreadableSheetException naming line, column and reason of everything that is wrong; nothing of it is answered */
    public static SupplierAnswer readAnswer(String json) {
        JsonPlaces places = new JsonPlaces(json);
        List<Fault> faults = new ArrayList<>();
        for (Error error : ANSWER.validate(places.root())) {
            faults.add(places.fault(error.getInstanceLocation().toString(), error.getMessage().replaceFirst("^[^ ]*: ", "")));
        }
        refuse(faults);
        JsonNode root = places.root();
        List<SupplierAnswer.Line> lines = new ArrayList<>();
        Set<String> parts = new HashSet<>();
        for (int i = 0; i < root.path("lines").size(); i++) {
            JsonNode line = root.path("lines").get(i);
            if (!parts.add(line.path("part").asString())) {
                faults.add(places.fault("/lines/" + i + "/part", "'" + line.path("part").asString() + "' stands here a second time"));
            }
            List<SupplierAnswer.Promise> promises = new ArrayList<>();
            for (int p = 0; p < line.path("promises").size(); p++) {
                JsonNode promise = line.path("promises").get(p);
                promises.add(new SupplierAnswer.Promise(promise.path("count").asInt(),
                        day(places, "/lines/" + i + "/promises/" + p + "/on", promise.path("on").asString(), faults)));
            }
            lines.add(new SupplierAnswer.Line(line.path("part").asString(), promises, line.path("instead").asString(""),
                    line.path("note").asString("")));
        }
        LocalDate on = day(places, "/on", root.path("on").asString(), faults);
        refuse(faults);
        return new SupplierAnswer(root.path("order").asLong(), root.path("supplier").asString(), on, lines);
    }

    private static LocalDate day(JsonPlaces places, String pointer, String text, List<Fault> faults) {
        try {
            return LocalDate.parse(text);
        } catch (DateTimeException e) {
            faults.add(places.fault(pointer, "a day such as 2026-03-24 is wanted"));
            return LocalDate.EPOCH;
        }
    }

    private static void refuse(List<Fault> faults) {
        if (!faults.isEmpty()) {
            throw new UnreadableSheetException(faults, null);
        }
    }
}
