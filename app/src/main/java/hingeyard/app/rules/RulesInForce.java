package hingeyard.app.rules;

import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.explain.Ruling;
import hingeyard.core.rules.Rule;
import hingeyard.core.rules.ShopRules;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the shop has set its rules to, and the history of each. */
@Service
public class RulesInForce {

    /** @param value empty when the standard was put back */
    record Change(long id, String key, Optional<String> value, String reason, String by, Instant at) {
    }

    private static final String COLUMNS = "SELECT id, rule_key, value, reason, changed_by, changed_at FROM rule_change";

    private final JdbcTemplate jdbc;
    private final LiveEvents live;
    private final ShopClock clock;

    RulesInForce(JdbcTemplate jdbc, LiveEvents live, ShopClock clock) {
        this.jdbc = jdbc;
        this.live = live;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public ShopRules now() {
        ShopRules rules = ShopRules.standard();
        for (Change change : jdbc.query(COLUMNS + " WHERE id IN (SELECT MAX(id) FROM rule_change GROUP BY rule_key)",
                RulesInForce::change)) {
            Optional<Rule> rule = Rule.find(change.key());
            if (rule.isPresent() && change.value().isPresent()) {
                rules = rules.with(rule.get(), change.value().get());
            }
        }
        return rules;
    }

    @Transactional(readOnly = true)
    List<Change> history() {
        return jdbc.query(COLUMNS + " ORDER BY id", RulesInForce::change);
    }

    private static Change change(ResultSet r, int n) throws SQLException {
        return new Change(r.getLong(1), r.getString(2), Optional.ofNullable(r.getString(3)), r.getString(4), r.getString(5),
                r.getTimestamp(6).toInstant());
    }

    /**
     * @param value empty puts the standard back
     * @param seen  id of the last change that was looked at, 0 for none
     */
    @Transactional
    public void set(String key, Optional<String> value, String reason, long seen, String by) {
        Rule rule = Rule.find(key).orElseThrow(() -> Refused.notFound("rule", key));
        value.ifPresent(v -> {
            Ruling ruling = now().mayBe(rule, v);
            if (!ruling.allowed()) {
                throw Refused.input("value", v, ruling.reason());
            }
        });
        long last = jdbc.queryForList("SELECT id FROM rule_change WHERE rule_key = ? ORDER BY id DESC LIMIT 1 FOR UPDATE", Long.class, key)
                .stream().findFirst().orElse(0L);
        if (last != seen) {
            throw changedMeanwhile(rule);
        }
        try {
            jdbc.update("INSERT INTO rule_change (rule_key, follows, value, reason, changed_by, changed_at) VALUES (?, ?, ?, ?, ?, ?)", key,
                    seen, value.orElse(null), reason, by, Timestamp.from(clock.now()));
        } catch (DuplicateKeyException other) {
            // Where nothing was changed yet there is no row to lock: two came at once, and the other was let in.
            throw changedMeanwhile(rule);
        }
        live.stockChanged();
    }

    private static Refused changedMeanwhile(Rule rule) {
        return Refused.conflict("'%s' was changed since you looked. Nothing was saved; look at it again first.".formatted(rule.title()));
    }
}
