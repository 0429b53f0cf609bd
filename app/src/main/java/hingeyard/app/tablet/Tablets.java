package hingeyard.app.tablet;

import hingeyard.app.person.Doors;
import hingeyard.app.person.KnownTablets;
import hingeyard.app.person.PairedTablet;
import hingeyard.app.person.SecurityLog;
import hingeyard.app.problem.Refused;
import hingeyard.app.shop.ShopBook;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.rights.OneTimeCode;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.security.SecureRandom;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The tablets the shop knows. At one of them a PIN is enough to sign in: the tablet itself is what one has, the PIN what one knows. A
 * tablet comes to be known by a code that a manager made for it, and is let go by the manager, wherever it is.
 */
@Service
public class Tablets implements KnownTablets {

    /** With it a browser says which tablet it is. */
    static final String COOKIE = "YARD-TABLET";
    /** A manager walks over to the tablet with it. */
    static final Duration CODE_LASTS = Duration.ofHours(1);
    private static final SecureRandom RANDOM = new SecureRandom();
    private static final int TOKEN_BYTES = 24;
    private static final int MOST = 40;

    /** @param code shown once */
    record Made(String name, Optional<Integer> stand, String code, Instant until) {
    }

    /** One that is known. */
    record Known(int id, String name, Optional<Integer> stand, String pairedBy, Instant pairedAt) {
    }

    /** A code that lies ready. */
    record Waiting(String name, Optional<Integer> stand, Instant until) {
    }

    /** @param token for its cookie; kept nowhere else */
    record Paired(PairedTablet tablet, String token) {
    }

    private final JdbcTemplate jdbc;
    private final ShopBook book;
    private final Doors doors;
    private final SecurityLog log;
    private final ShopClock clock;

    Tablets(JdbcTemplate jdbc, ShopBook book, Doors doors, SecurityLog log, ShopClock clock) {
        this.jdbc = jdbc;
        this.book = book;
        this.doors = doors;
        this.log = log;
        this.clock = clock;
    }

    private static Optional<Integer> stand(ResultSet r, int column) throws SQLException {
        int stand = r.getInt(column);
        return r.wasNull() ? Optional.empty() : Optional.of(stand);
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<PairedTablet> of(HttpServletRequest request) {
        return Stream.of(Objects.requireNonNullElse(request.getCookies(), new Cookie[0])).filter(c -> COOKIE.equals(c.getName()))
                .map(Cookie::getValue).filter(v -> !v.isBlank()).findFirst()
                .flatMap(token -> jdbc.query("SELECT id, name, stand FROM tablet WHERE token_hash = ?",
                        (r, n) -> new PairedTablet(r.getInt(1), r.getString(2), stand(r, 3)), OneTimeCode.kept(token)).stream()
                        .findFirst());
    }

    @Transactional(readOnly = true)
    public List<Known> known() {
        return jdbc.query("SELECT id, name, stand, paired_by, paired_at FROM tablet ORDER BY stand IS NULL, stand, name",
                (r, n) -> new Known(r.getInt(1), r.getString(2), stand(r, 3), r.getString(4), r.getTimestamp(5).toInstant()));
    }

    @Transactional(readOnly = true)
    public List<Waiting> waiting() {
        return jdbc.query("SELECT name, stand, until FROM tablet_code WHERE until > ? ORDER BY name",
                (r, n) -> new Waiting(r.getString(1), stand(r, 2), r.getTimestamp(3).toInstant()), Timestamp.from(clock.now()));
    }

    /** A code for a tablet that is to come; one made before under the same name counts no more. */
    @Transactional
    public Made code(String name, Optional<Integer> stand, String by) {
        stand.filter(s -> !book.holds(s)).ifPresent(s -> {
            throw Refused.input("stand", String.valueOf(s), "one of the shop’s stands: " + book.now().numbers() + ", or none");
        });
        if (!jdbc.queryForList("SELECT id FROM tablet WHERE name = ?", name).isEmpty()) {
            throw Refused.input("name", name, "a name no other tablet has. Remove that one first, if this one replaces it");
        }
        if (known().size() >= MOST) {
            throw Refused.conflict("The shop knows %d tablets already: remove one first.".formatted(MOST));
        }
        String code = OneTimeCode.made(RANDOM);
        Instant until = clock.now().plus(CODE_LASTS);
        jdbc.update("REPLACE INTO tablet_code (name, stand, code_hash, made_by, until) VALUES (?, ?, ?, ?, ?)", name, stand.orElse(null),
                OneTimeCode.kept(code), by, Timestamp.from(until));
        log.note(SecurityLog.What.TABLET, name, "code made by " + by);
        return new Made(name, stand, code, until);
    }

    /** Takes a code that was not used back. */
    @Transactional
    public void forgetCode(String name) {
        jdbc.update("DELETE FROM tablet_code WHERE name = ?", name);
    }

    private record Waits(String name, Optional<Integer> stand, String by) {
    }

    /**
     * A tablet comes to be known. Of two that use one code at once, one does.
     *
     * @param before as what it was known till now; it is that no more
     * @throws Refused when nothing waits under that code
     */
    @Transactional
    public Paired pair(String code, Optional<PairedTablet> before) {
        Waits waits = jdbc.query("SELECT name, stand, made_by FROM tablet_code WHERE code_hash = ? AND until > ? FOR UPDATE",
                (r, n) -> new Waits(r.getString(1), stand(r, 2), r.getString(3)), OneTimeCode.kept(code), Timestamp.from(clock.now()))
                .stream().findFirst().orElseThrow(Tablets::noCode);
        if (jdbc.update("DELETE FROM tablet_code WHERE name = ?", waits.name) == 0) {
            throw noCode();
        }
        byte[] bytes = new byte[TOKEN_BYTES];
        RANDOM.nextBytes(bytes);
        String token = HexFormat.of().formatHex(bytes);
        try {
            jdbc.update("INSERT INTO tablet (name, stand, token_hash, paired_by, paired_at) VALUES (?, ?, ?, ?, ?)", waits.name,
                    waits.stand.orElse(null), OneTimeCode.kept(token), waits.by, Timestamp.from(clock.now()));
        } catch (DuplicateKeyException there) {
            throw noCode();
        }
        before.ifPresent(b -> letGo(b.id(), "itself, which is “%s” now".formatted(waits.name)));
        log.note(SecurityLog.What.TABLET, waits.name, "paired");
        return new Paired(jdbc.queryForObject("SELECT id, name, stand FROM tablet WHERE name = ?",
                (r, n) -> new PairedTablet(r.getInt(1), r.getString(2), stand(r, 3)), waits.name), token);
    }

    static Refused noCode() {
        return Refused.input("code", "hidden", "the code a manager made for this tablet under Tablets, within an hour, once");
    }

    /** Lets a tablet go: whoever is signed in at it is signed out, and it opens to nobody's PIN any more. */
    @Transactional
    public void letGo(int id, String by) {
        String name = jdbc.queryForList("SELECT name FROM tablet WHERE id = ?", String.class, id).stream().findFirst()
                .orElseThrow(() -> Refused.notFound("tablet", id));
        jdbc.update("DELETE FROM tablet WHERE id = ?", id);
        doors.endAt(id);
        log.note(SecurityLog.What.TABLET, name, "removed by " + by);
    }
}
