package hingeyard.app.person;

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

    @Override
    public UserDetails loadUserByUsername(String username) {
        return people.findByUsername(username).map(p -> new SignedIn(p.username, p.displayName, p.role, p.passwordHash))
                .orElseThrow(() -> new UsernameNotFoundException(username));
    }

    /** Adds somebody; only the hash of the password is kept. */
    @Transactional
    public void add(String username, String displayName, Role role, String password) {
        people.save(new Person(username, displayName, role, encoder.encode(password)));
    }

    public boolean isEmpty() {
        return people.count() == 0;
    }
}
