package hingeyard.app.install;

import hingeyard.app.match.Drawn;
import hingeyard.core.bill.BillLine;
import hingeyard.core.stack.StackSection;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a job's bill gives its steps to show: drawings of the match, and the parts with their places. */
@Component
class StepExhibits {

    private final JdbcTemplate jdbc;
    private final JsonMapper json;

    StepExhibits(JdbcTemplate jdbc, JsonMapper json) {
        this.jdbc = jdbc;
        this.json = json;
    }

    /** By the id of the check that they show. */
    Map<String, Drawn> drawings(long number) {
        List<String> stored = jdbc.queryForList("SELECT drawings FROM bill WHERE job_id = ? AND withdrawn_reason IS NULL", String.class, number);
        Map<String, Drawn> drawings = new HashMap<>();
        if (!stored.isEmpty()) {
            json.readTree(stored.get(0)).forEachEntry((check, node) -> drawings.put(check, drawn(node)));
        }
        return drawings;
    }

    /** Bills of before there were other drawings than stacks keep them bare. */
    private Drawn drawn(JsonNode node) {
        return node.has("stack") || node.has("bay") || node.has("bars") ? json.treeToValue(node, Drawn.class) : Drawn.of(json.treeToValue(node, StackSection.class));
    }

    Map<String, List<String>> partsByRole(long number) {
        Map<String, List<String>> parts = new HashMap<>();
        jdbc.query("""
                SELECT l.role, l.count, l.name, l.place, l.source FROM bill_line l JOIN bill b ON b.id = l.bill_id
                WHERE b.job_id = ? AND b.withdrawn_reason IS NULL AND l.role <> '' ORDER BY l.ordinal""", r -> {
            String from = switch (BillLine.Source.valueOf(r.getString(5))) {
                case FROM_DRAWER -> ", drawer " + r.getString(4);
                case TO_ORDER -> ", to order";
                case NOT_TAKEN -> ", not from stock: see the bill";
                case FROM_KIT -> ", from the box";
                default -> "";
            };
            parts.computeIfAbsent(r.getString(1), k -> new ArrayList<>()).add(r.getInt(2) + " × " + r.getString(3) + from);
        }, number);
        return parts;
    }

    /** The checks that asked for what is mounted, by role. */
    Map<String, Set<String>> checksByRole(long number) {
        Map<String, Set<String>> checks = new HashMap<>();
        jdbc.query("SELECT l.role, l.check_id FROM bill_line l JOIN bill b ON b.id = l.bill_id WHERE b.job_id = ? AND b.withdrawn_reason IS NULL AND l.role <> '' AND l.check_id <> ''",
                r -> {
                    checks.computeIfAbsent(r.getString(1), k -> new HashSet<>()).add(r.getString(2));
                }, number);
        return checks;
    }
}
