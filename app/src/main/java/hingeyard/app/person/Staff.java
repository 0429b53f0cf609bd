package hingeyard.app.person;

import hingeyard.app.cluster.Everywhere;
import hingeyard.app.problem.Refused;
import hingeyard.core.explain.Ruling;
import hingeyard.core.rights.PasswordRules;
import hingeyard.core.rights.Accounts;
import hingeyard.core.rights.Accounts.Account;
import hingeyard.core.rights.Role;
import hingeyard.core.rights.Standing;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.data.domain.Sort;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The people of the shop. */
@Service
public class Staff implements UserDetailsService {

    /** The hash of no password. */
    static final String NO_WAY_IN = "";

    private final People people;
    private final PasswordEncoder encoder;
    private final Everywhere everywhere;

    Staff(People people, @org.springframework.context.annotation.Lazy PasswordEncoder encoder, Everywhere everywhere) {
        this.people = people;
        this.encoder = encoder;
        this.everywhere = everywhere;
    }

    /** Somebody of the shop while their password is proven; the hash goes no further. */
    private record Proven(SignedIn who, String hash) implements UserDetails {

        @Override
        public List<GrantedAuthority> getAuthorities() {
            return List.of();
        }

        @Override
        public String getPassword() {
            return hash;
        }

        @Override
        public String getUsername() {
            return who.username();
        }
    }

    @Override
    public UserDetails loadUserByUsername(String username) {
        return people.findByUsername(username).filter(p -> p.standing == Standing.ACTIVE).map(p -> new Proven(who(p), p.passwordHash))
                .orElseThrow(() -> new UsernameNotFoundException(username));
    }

    private static SignedIn who(Person person) {
        return new SignedIn(person.username, person.displayName, person.roles);
    }

    /** As they stand in a column. */
    public static Set<Role> roles(String column) {
        return column.isEmpty() ? Set.of()
                : Arrays.stream(column.split(",")).map(Role::valueOf).collect(Collectors.toUnmodifiableSet());
    }

    /** Everybody there ever was. */
    @Transactional(readOnly = true)
    public Accounts everybody() {
        return new Accounts(people.findAll(Sort.by("displayName")).stream()
                .map(p -> new Account(p.username, p.displayName, p.roles, p.standing)).toList());
    }

    /** The same, and nobody changes it until this transaction ends. */
    @Transactional(propagation = Propagation.MANDATORY)
    Accounts everybodyLocked() {
        everywhere.hold("people");
        people.lock();
        return everybody();
    }

    /** Somebody who works here and whose password or number was proven. */
    @Transactional(readOnly = true)
    public SignedIn known(String username) {
        return standing(username).orElseThrow(() -> Refused.notFound("account", username));
    }

    /** As what somebody is known at this moment; empty for whoever is paused, has left, or never was. */
    @Transactional(readOnly = true)
    Optional<SignedIn> standing(String username) {
        return people.standing(username).filter(s -> Standing.valueOf(s.getStanding()) == Standing.ACTIVE)
                .map(s -> new SignedIn(username, s.getDisplayName(), roles(s.getRoles())));
    }

    /**
     * A new password.
     *
     * @throws Refused when it is too short, or one that is guessed first
     */
    @Transactional
    public void choosePassword(String username, String password) {
        holdToRules(username, password);
        people.findByUsername(username).orElseThrow(() -> Refused.notFound("account", username)).passwordHash = encoder.encode(password);
    }

    /** @throws Refused when it is too short, or one that is guessed first */
    void holdToRules(String username, String password) {
        Ruling ruling = PasswordRules.mayBe(password, username);
        if (!ruling.allowed()) {
            throw Refused.input("fresh", "hidden", ruling.reason());
        }
    }

    /** What is kept of a password or a PIN; takes a good part of a second, on purpose. */
    public String hash(String secret) {
        return encoder.encode(secret);
    }

    /** @param hash of the password */
    @Transactional
    public void add(String username, String displayName, Set<Role> roles, String hash) {
        people.save(new Person(username, displayName, roles, hash));
    }

    /** Writes down what somebody is from now on; whoever left has no password any more. */
    @Transactional(propagation = Propagation.MANDATORY)
    void become(String username, Set<Role> roles, Standing standing) {
        Person person = people.findByUsername(username).orElseThrow(() -> Refused.notFound("account", username));
        person.roles = Set.copyOf(roles);
        person.standing = standing;
        if (standing == Standing.GONE) {
            person.passwordHash = NO_WAY_IN;
        }
    }

    /** @param hash of a password that was chosen elsewhere */
    @Transactional
    public void keep(String username, String hash) {
        people.findByUsername(username).orElseThrow(() -> Refused.notFound("account", username)).passwordHash = hash;
    }

    /** How many work here. */
    @Transactional(readOnly = true)
    public int working() {
        return (int) everybody().everybody().stream().filter(a -> a.standing() == Standing.ACTIVE).count();
    }

    /** How many of them have chosen a password. */
    @Transactional(readOnly = true)
    public int workingWithPassword() {
        return (int) people.findAll().stream().filter(p -> p.standing == Standing.ACTIVE && !p.passwordHash.equals(NO_WAY_IN)).count();
    }

    /** Names of those who have chosen a password. */
    @Transactional(readOnly = true)
    Set<String> withPassword() {
        return people.findAll().stream().filter(p -> !p.passwordHash.equals(NO_WAY_IN)).map(p -> p.username).collect(Collectors.toSet());
    }

    public boolean isEmpty() {
        return people.count() == 0;
    }
}
