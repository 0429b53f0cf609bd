package hingeyard.app.rules;

import hingeyard.app.command.Commands;
import hingeyard.app.person.SignedIn;
import hingeyard.app.reader.ReadIn;
import hingeyard.core.rules.Rule;
import hingeyard.core.rules.School;
import hingeyard.core.rules.ShopRules;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** The shop's rules, each with its reason and its history. */
@RestController
class RulesController {

    /**
     * @param value   in the unit of whoever reads it
     * @param entered as it is entered
     * @param options the schools to choose from; empty for a threshold
     * @param kind    what sort of limit it is, and so how a value on it is decided; empty where it is none
     * @param own     whether the shop has set a value of its own
     * @param seen    the change a new one builds on
     */
    record RuleView(String key, String group, String title, String value, String entered, String standard, String reason, String source,
            String allowed, Optional<LimitKindView> kind, List<String> options, boolean own, long seen,
            List<RuleChanged> history) {
    }

    /** @param label screening, maker's or safety; @param decided how a value on it is decided */
    record LimitKindView(String label, String decided) {
    }

    record RuleChanged(String value, String reason, String by, Instant at) {
    }

    /** @param value nothing puts the standard back */
    record NewRule(
            @NotNull(message = "a value, or nothing for the standard") Optional<@Size(max = 60, message = "at most 60 letters") String> value,
            @NotBlank(message = "a reason") @Size(max = 400, message = "at most 400 letters") String reason, long seen) {
    }

    private final RulesInForce rules;
    private final Commands commands;

    RulesController(RulesInForce rules, Commands commands) {
        this.rules = rules;
        this.commands = commands;
    }

    @GetMapping("/api/rules")
    List<RuleView> list() {
        ShopRules now = rules.now();
        Map<String, List<RulesInForce.Change>> history = rules.history().stream().collect(Collectors.groupingBy(RulesInForce.Change::key));
        return Rule.all().stream().map(r -> view(r, now, history.getOrDefault(r.key(), List.of()))).toList();
    }

    private static RuleView view(Rule r, ShopRules now, List<RulesInForce.Change> history) {
        boolean own = !history.isEmpty() && history.get(history.size() - 1).value().isPresent();
        return new RuleView(r.key(), r.group(), r.title(), now.text(r, ReadIn.units()), now.text(r), r.standardText(), r.reason(),
                r.source(), r.allowed(), r.kind().map(k -> new LimitKindView(k.label(), k.decided())),
                r instanceof School s ? s.options() : List.of(), own,
                history.isEmpty() ? 0 : history.get(history.size() - 1).id(),
                history.stream().map(c -> new RuleChanged(c.value().orElse("standard"), c.reason(), c.by(), c.at())).toList());
    }

    @PostMapping("/api/rules/{key}")
    List<RuleView> set(@PathVariable(name = "key") String ruleKey, @Valid @RequestBody NewRule rule,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            rules.set(ruleKey, rule.value(), rule.reason(), rule.seen(), SignedIn.name());
            return true;
        });
        return list();
    }
}
