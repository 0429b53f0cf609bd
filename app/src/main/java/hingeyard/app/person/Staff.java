package hingeyard.app.person;

import hingeyard.app.problem.Refused;
import hingeyard.core.explain.Ruling;
import hingeyard.core.rights.PasswordRules;
import hingeyard.core.rights.Role;
import java.util.List;
import org.springframework.data.domain.Sort;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people of the shop. */
@Service
public class Staff implements UserDetailsService {

    private final People people;
    private final PasswordEncoder encoder;

    Staff(People people, @org.springframework.context.annotation.Lazy PasswordEncoder encoder) {
        this.people = people;
        this.encoder = encoder;
    }

    /** Somebody of the shop while their password is proven; the hash goes no further. */
    private record Account(SignedIn who, String hash) implements UserDetails {

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
        return people.findByUsername(username).map(p -> new Account(who(p), p.passwordHash))
                .orElseThrow(() -> new UsernameNotFoundException(username));
    }

    private static SignedIn who(Person person) {
        return new SignedIn(person.username, person.displayName, person.role);
    }

    @Transactional(readOnly = true)
    List<SignedIn> everybody() {
        return people.findAll(Sort.by("displayName")).stream().map(Staff::who).toList();
    }

    /** Somebody whose password or number was proven. */
    @Transactional(readOnly = true)
    public SignedIn known(String username) {
        return people.findByUsername(username).map(Staff::who).orElseThrow(() -> Refused.notFound("account", username));
    }

    /**
     * A new password.
     *
     * @throws Refused when it is too short, or one that is guessed first
     */
    @Transactional
    public void choosePassword(String username, String password) {
        Ruling ruling = PasswordRules.mayBe(password, username);
        if (!ruling.allowed()) {
            throw Refused.input("fresh", "hidden", ruling.reason());
        }
        people.findByUsername(username).orElseThrow(() -> Refused.notFound("account", username)).passwordHash = encoder.encode(password);
    }

    /** What is kept of a password or a PIN; takes a good part of a second, on purpose. */
    public String hash(String secret) {
        return encoder.encode(secret);
    }

    /** @param hash of the password */
    @Transactional
    public void add(String username, String displayName, Role role, String hash) {
        people.save(new Person(username, displayName, role, hash));
    }

    /** @param hash of a password that was chosen elsewhere */
    @Transactional
    public void keep(String username, String hash) {
        people.findByUsername(username).orElseThrow(() -> Refused.notFound("account", username)).passwordHash = hash;
    }

    public boolean isEmpty() {
        return people.count() == 0;
    }
}
