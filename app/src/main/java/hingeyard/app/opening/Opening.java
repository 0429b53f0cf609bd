package hingeyard.app.opening;

import hingeyard.app.face.Faces;
import hingeyard.app.face.ShopFace;
import hingeyard.app.person.Joining;
import hingeyard.app.problem.Refused;
import hingeyard.app.rules.RulesInForce;
import hingeyard.app.shop.ShopBook;
import hingeyard.app.shop.Team;
import hingeyard.core.explain.Ruling;
import hingeyard.core.floor.Stand;
import hingeyard.core.people.Skills;
import hingeyard.core.people.WorkingHours;
import hingeyard.core.rights.OneTimeCode;
import hingeyard.core.rights.Role;
import hingeyard.core.rules.NumberRule;
import hingeyard.core.rules.ShopRules;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Opens a shop that was empty until then: everything of its first page, or nothing. */
@Service
class Opening {

    /** What the first page says of money and papers. @param rules value by rule, as it is entered */
    record Face(String name, String address, String telephone, String taxNumber, String currency, Map<NumberRule, String> rules) {
    }

    /** The first manager. @param roles what they do besides */
    record First(String username, String displayName, String password, Set<Role> roles) {
    }

    private final String code;
    private final Faces faces;
    private final ShopBook book;
    private final RulesInForce rules;
    private final Joining joining;
    private final Team team;

    Opening(@Value("${yard.opening.code:}") String code, Faces faces, ShopBook book, RulesInForce rules, Joining joining, Team team) {
        this.code = code;
        this.faces = faces;
        this.book = book;
        this.rules = rules;
        this.joining = joining;
        this.team = team;
    }

    private void prove(String given) {
        boolean right = !code.isBlank() && MessageDigest.isEqual(OneTimeCode.kept(code).getBytes(StandardCharsets.UTF_8),
                OneTimeCode.kept(given).getBytes(StandardCharsets.UTF_8));
        if (!right) {
            throw Refused.input("code", "hidden", "the code that ./yard open printed; run it again and it is printed again");
        }
    }

    @Transactional
    void open(String given, Face face, List<Stand> stands, WorkingHours hours, First first) {
        if (faces.now().kind().isPresent()) {
            throw Refused.conflict("The shop is open already: sign in.");
        }
        prove(given);
        faces.open(ShopFace.Kind.OWN, face.name(), face.address(), face.telephone(), face.taxNumber(), face.currency());
        Set<Role> roles = EnumSet.of(Role.MANAGER);
        roles.addAll(first.roles());
        joining.first(first.username(), first.displayName(), roles, first.password());
        book.change(book.now().version(), stands, hours, Map.of(), List.of());
        // Whoever works at the stand in a shop of one's own does all of it, until the shop says otherwise.
        team.change(first.username(), 0, roles.contains(Role.TECHNICIAN) ? Skills.all() : Skills.NONE, hours, List.of());
        face.rules().forEach((rule, value) -> {
            Ruling ruling = ShopRules.standard().mayBe(rule, value);
            if (!ruling.allowed()) {
                throw Refused.input(FIELDS.get(rule), value, ruling.reason());
            }
            if (!ShopRules.standard().with(rule, value).text(rule).equals(ShopRules.standard().text(rule))) {
                rules.set(rule.key(), Optional.of(value), "as the shop was opened", 0, first.displayName().strip());
            }
        });
    }

    /** The fields of the first page that are rules. */
    static final Map<NumberRule, String> FIELDS = Map.of(NumberRule.TAX, "taxPercent", NumberRule.LABOUR, "labourAnHour",
            NumberRule.DEPOSIT, "depositPercent");
}
