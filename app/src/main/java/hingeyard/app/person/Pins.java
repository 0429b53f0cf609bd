package hingeyard.app.person;

import hingeyard.app.problem.Refused;
import hingeyard.core.rights.Role;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Short numbers for changing hands at one tablet. They open nothing by themselves: somebody has signed in at that tablet with a password.
 */
@Service
public class Pins {

    private static final String PIN_WAY = "pin";
    private static final Pattern PIN = Pattern.compile("\\d{4,8}");

    /** @param pin whether they have a number */
    record Hand(String username, String displayName, List<Role> roles, boolean pin) {
    }

    private final JdbcTemplate jdbc;
    private final PasswordEncoder encoder;
    private final Attempts attempts;
    private final Staff staff;

    Pins(JdbcTemplate jdbc, PasswordEncoder encoder, Attempts attempts, Staff staff) {
        this.jdbc = jdbc;
        this.encoder = encoder;
        this.attempts = attempts;
        this.staff = staff;
    }

    /** Everybody who may take a tablet over. */
    List<Hand> hands() {
        return jdbc.query(
                "SELECT p.username, p.display_name, p.roles, n.username IS NOT NULL FROM person p LEFT JOIN person_pin n ON n.username = p.username WHERE p.standing = 'ACTIVE' ORDER BY p.display_name",
                (r, n) -> new Hand(r.getString(1), r.getString(2), Staff.roles(r.getString(3)).stream().sorted().toList(),
                        r.getBoolean(4)));
    }

    /** @throws Refused when it is no number of four to eight digits, or one that everybody tries first */
    static void holdToRules(String pin) {
        if (pin == null || !PIN.matcher(pin).matches() || pin.chars().distinct().count() == 1 || "0123456789".contains(pin)) {
            throw Refused.input("pin", "hidden", "four to eight digits, not all alike and not counted up");
        }
    }

    /** @throws Refused when it is no number of four to eight digits, or one that everybody tries first */
    @Transactional
    public void set(String username, String pin) {
        holdToRules(pin);
        keep(username, encoder.encode(pin));
        attempts.succeeded(PIN_WAY, username);
    }

    /** Whoever left takes no tablet over any more. */
    void forget(String username) {
        jdbc.update("DELETE FROM person_pin WHERE username = ?", username);
    }

    /** @param hash of a PIN */
    public void keep(String username, String hash) {
        jdbc.update("INSERT INTO person_pin (username, pin_hash) VALUES (?, ?) ON DUPLICATE KEY UPDATE pin_hash = VALUES(pin_hash)",
                username, hash);
    }

    /** @throws Refused when it is not theirs, or has been tried in vain too often */
    SignedIn proven(String username, String pin) {
        attempts.tries(PIN_WAY, username);
        List<String> hash = jdbc.queryForList("SELECT pin_hash FROM person_pin WHERE username = ?", String.class, username);
        if (hash.isEmpty() || !encoder.matches(pin, hash.get(0))) {
            attempts.missed(PIN_WAY, username);
            throw Refused.conflict(
                    hash.isEmpty() ? "They have no PIN yet: sign in with the password and choose one." : "That is not their PIN.");
        }
        attempts.succeeded(PIN_WAY, username);
        return staff.known(username);
    }
}
