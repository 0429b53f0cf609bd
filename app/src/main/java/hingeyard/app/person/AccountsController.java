package hingeyard.app.person;

import hingeyard.app.command.Commands;
import hingeyard.core.rights.Role;
import hingeyard.core.rights.Standing;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Who has an account, as what, and whether they get in. */
@RestController
@RequestMapping("/api/accounts")
class AccountsController {

    /** A role in words. */
    record RoleView(Role role, String label) {
    }

    /**
     * Somebody.
     *
     * @param said      whether they work here, in words
     * @param password  whether they have chosen one
     * @param codeUntil until when a code for them counts
     */
    record AccountView(String username, String displayName, List<Role> roles, Standing standing, String said, boolean password,
            boolean pin, Optional<Instant> codeUntil) {
    }

    record AccountsView(List<RoleView> roles, List<AccountView> accounts) {
    }

    record AccountGiven(@NotBlank(message = "a name to sign in with") String username,
            @NotBlank(message = "a name for steps and papers") @Size(max = 40, message = "at most 40 letters") String displayName,
            @NotNull(message = "at least one role") List<@NotNull(message = "a role") Role> roles) {
    }

    record RolesGiven(@NotNull(message = "at least one role") List<@NotNull(message = "a role") Role> roles) {
    }

    record StandingGiven(@NotNull(message = "ACTIVE, PAUSED or GONE") Standing standing) {
    }

    /** @param code to be handed over; shown this once */
    record CodeMade(String username, String code, Instant until) {
    }

    private final Joining joining;
    private final Staff staff;
    private final Pins pins;
    private final Codes codes;
    private final Commands commands;

    AccountsController(Joining joining, Staff staff, Pins pins, Codes codes, Commands commands) {
        this.joining = joining;
        this.staff = staff;
        this.pins = pins;
        this.codes = codes;
        this.commands = commands;
    }

    @GetMapping
    AccountsView accounts() {
        Set<String> withPin = pins.hands().stream().filter(Pins.Hand::pin).map(Pins.Hand::username).collect(Collectors.toSet());
        Set<String> withPassword = staff.withPassword();
        Map<String, Instant> open = codes.open();
        return new AccountsView(Stream.of(Role.values()).map(r -> new RoleView(r, r.label())).toList(),
                staff.everybody().everybody().stream().map(a -> new AccountView(a.username(), a.displayName(),
                        a.roles().stream().sorted().toList(), a.standing(), a.standing().label(), withPassword.contains(a.username()),
                        withPin.contains(a.username()), Optional.ofNullable(open.get(a.username())))).toList());
    }

    private static Set<Role> set(List<Role> roles) {
        Set<Role> set = EnumSet.noneOf(Role.class);
        set.addAll(roles);
        return set;
    }

    @PostMapping
    AccountsView add(@Valid @RequestBody AccountGiven given, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            joining.add(given.username().strip(), given.displayName(), set(given.roles()), SignedIn.name());
            return true;
        });
        return accounts();
    }

    @PutMapping("/{username}/roles")
    AccountsView roles(@PathVariable(name = "username") String username, @Valid @RequestBody RolesGiven given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            joining.become(username, Optional.of(set(given.roles())), Optional.empty(), SignedIn.name());
            return true;
        });
        return accounts();
    }

    @PutMapping("/{username}/standing")
    AccountsView standing(@PathVariable(name = "username") String username, @Valid @RequestBody StandingGiven given,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        commands.once(key, Boolean.class, () -> {
            joining.become(username, Optional.empty(), Optional.of(given.standing()), SignedIn.name());
            return true;
        });
        return accounts();
    }

    /** Takes no key: the answer is a secret, and is kept nowhere for a second asking. Pressed twice, the second code counts. */
    @PostMapping("/{username}/code")
    CodeMade code(@PathVariable(name = "username") String username) {
        Codes.Made made = joining.code(username, SignedIn.name());
        return new CodeMade(made.username(), made.code(), made.until());
    }
}
