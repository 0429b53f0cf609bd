package hingeyard.app.bill;

import hingeyard.app.install.BilledParts;
import hingeyard.app.install.MadeHere;
import hingeyard.app.match.Drawn;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bill.BillLine;
import hingeyard.core.explain.Making;
import hingeyard.core.stack.StackSection;
import java.sql.Timestamp;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The lines of the bill in force, as the steps of its job see them. */
@Component
class LinesOfSteps implements BilledParts {

    private static final String LINES = " FROM bill_line l JOIN bill b ON b.id = l.bill_id WHERE b.job_id = ? AND b.withdrawn_reason IS NULL AND l.role <> ''";
    private static final String IN_FORCE = "l JOIN bill b ON b.id = l.bill_id ";
    private static final String OF_ROLES = "WHERE b.job_id = :job AND b.withdrawn_reason IS NULL AND l.role IN (:roles)";

    private static final List<String> WAITED_FOR = Arrays.stream(BillLine.Source.values()).filter(BillLine.Source::waitedFor)
            .map(Enum::name).toList();

    private final ShopClock clock;
    private final NamedParameterJdbcTemplate named;
    private final JdbcTemplate jdbc;
    private final JsonMapper json;

    LinesOfSteps(ShopClock clock, NamedParameterJdbcTemplate named, JdbcTemplate jdbc, JsonMapper json) {
        this.clock = clock;
        this.named = named;
        this.jdbc = jdbc;
        this.json = json;
    }

    @Override
    public Optional<Long> bill(long job) {
        return jdbc.queryForList("SELECT id FROM bill WHERE job_id = ? AND withdrawn_reason IS NULL", Long.class, job).stream().findFirst();
    }

    @Override
    public Map<String, Drawn> drawings(long job) {
        List<String> stored = jdbc.queryForList("SELECT drawings FROM bill WHERE job_id = ? AND withdrawn_reason IS NULL", String.class,
                job);
        Map<String, Drawn> drawings = new HashMap<>();
        if (!stored.isEmpty()) {
            json.readTree(stored.get(0)).forEachEntry((check, node) -> drawings.put(check, drawn(node)));
        }
        return drawings;
    }

    /** Bills of before there were other drawings than stacks keep them bare. */
    private Drawn drawn(JsonNode node) {
        return node.has("stack") || node.has("bay") || node.has("bars") ? json.treeToValue(node, Drawn.class)
                : Drawn.of(json.treeToValue(node, StackSection.class));
    }

    @Override
    public Map<String, List<String>> byRole(long job) {
        Map<String, List<String>> parts = new HashMap<>();
        jdbc.query("SELECT l.role, l.count, l.name, l.place, l.source" + LINES + " ORDER BY l.ordinal", r -> {
            String from = switch (BillLine.Source.valueOf(r.getString(5))) {
                case FROM_DRAWER -> ", drawer " + r.getString(4);
                case TO_ORDER -> ", to order";
                case TO_MAKE -> ", to make";
                case MADE -> ", made here";
                case NOT_TAKEN -> ", not from stock: see the bill";
                case FROM_KIT -> ", from the box";
                default -> "";
            };
            parts.computeIfAbsent(r.getString(1), k -> new ArrayList<>()).add(r.getInt(2) + " × " + r.getString(3) + from);
        }, job);
        return parts;
    }

    @Override
    public Map<String, List<MadeHere>> madeByRole(long job) {
        Map<String, List<MadeHere>> made = new HashMap<>();
        jdbc.query("SELECT l.role, l.name, l.making, l.source, l.ordinal" + LINES + " AND l.making IS NOT NULL ORDER BY l.ordinal", r -> {
            made.computeIfAbsent(r.getString(1), k -> new ArrayList<>()).add(MadeHere.of(r.getInt(5), r.getString(2),
                    Making.parse(r.getString(3)), BillLine.Source.valueOf(r.getString(4)) == BillLine.Source.MADE));
        }, job);
        return made;
    }

    @Override
    public Map<String, Set<String>> checksByRole(long job) {
        Map<String, Set<String>> checks = new HashMap<>();
        jdbc.query("SELECT l.role, l.check_id" + LINES + " AND l.check_id <> ''", r -> {
            checks.computeIfAbsent(r.getString(1), k -> new HashSet<>()).add(r.getString(2));
        }, job);
        return checks;
    }

    @Override
    public List<String> names(long job) {
        return jdbc.queryForList("SELECT DISTINCT l.name" + LINES + " ORDER BY l.name", String.class, job);
    }

    @Override
    public boolean onHand(long job, Set<String> roles) {
        return roles.isEmpty() || Boolean.TRUE
                .equals(named.queryForObject("SELECT COUNT(*) = 0 FROM bill_line " + IN_FORCE + OF_ROLES + " AND l.source IN (:waited)",
                        Map.of("job", job, "waited", WAITED_FOR, "roles", roles), Boolean.class));
    }

    @Override
    public void markUsed(long job, Set<String> roles) {
        if (!roles.isEmpty()) {
            named.update("UPDATE bill_line " + IN_FORCE + "SET l.used_at = :now " + OF_ROLES,
                    Map.of("job", job, "now", Timestamp.from(clock.now()), "roles", roles));
        }
    }

    @Override
    public void markUnused(long job, Set<String> roles) {
        if (!roles.isEmpty()) {
            named.update("UPDATE bill_line " + IN_FORCE + "SET l.used_at = NULL " + OF_ROLES, Map.of("job", job, "roles", roles));
        }
    }
}
