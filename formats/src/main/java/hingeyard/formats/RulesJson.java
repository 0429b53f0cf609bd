package hingeyard.formats;

import hingeyard.core.rules.Rule;
import hingeyard.core.rules.ShopRules;
import hingeyard.formats.UnreadableSheetException.Fault;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/** A shop's own thresholds: {@code {"format": "hinge-yard-rules", "version": 1, "rules": {"wheel.dish": "1.5 mm"}}}. */
public final class RulesJson {

    static final String FORMAT = "hinge-yard-rules";

    private RulesJson() {
    }

    /** @throws UnreadableSheetException naming line, column and reason */
    public static ShopRules read(String json) {
        JsonPlaces places = new JsonPlaces(json);
        List<Fault> faults = new ArrayList<>();
        if (!FORMAT.equals(places.root().path("format").asString(""))) {
            faults.add(places.fault("/format", "\"" + FORMAT + "\" is wanted"));
        }
        ShopRules rules = ShopRules.standard();
        for (Map.Entry<String, JsonNode> entry : places.root().path("rules").properties()) {
            String pointer = "/rules/" + entry.getKey().replace("~", "~0").replace("/", "~1");
            Optional<Rule> rule = Rule.find(entry.getKey());
            if (rule.isEmpty()) {
                faults.add(places.fault(pointer, "no rule is called '%s'; there are %s".formatted(entry.getKey(),
                        Rule.all().stream().map(Rule::key).collect(Collectors.joining(", ")))));
                continue;
            }
            try {
                rules = rules.with(rule.get(), entry.getValue().asString(""));
            } catch (IllegalArgumentException e) {
                faults.add(places.fault(pointer, e.getMessage()));
            }
        }
        if (!faults.isEmpty()) {
            throw new UnreadableSheetException(faults, null);
        }
        return rules;
    }
}
