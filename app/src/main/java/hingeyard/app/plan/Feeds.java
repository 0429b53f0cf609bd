package hingeyard.app.plan;

import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Calendars of the plan at addresses that nobody guesses. An address is shown once, when it is made: what is kept of it does not lead back
 * to it. Whoever has one reads that calendar until it is taken back.
 */
@Service
class Feeds {

    private static final int SECRET_BYTES = 24;

    /** Whose work it shows. */
    enum Of {
        SHOP,
        STAND,
        PERSON
    }

    /**
     * @param name of the person, or the stand's number; blank for the shop
     * @param read when it was last asked for; empty while it never was
     */
    record Feed(long id, Of of, String name, String by, Instant at, Optional<Instant> read) {
    }

    private final JdbcTemplate jdbc;
    private final ShopClock clock;
    private final SecureRandom random = new SecureRandom();

    Feeds(JdbcTemplate jdbc, ShopClock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<Feed> all() {
        return jdbc.query("SELECT id, shows, name, made_by, made_at, read_at FROM plan_feed ORDER BY id", (r, n) -> new Feed(r.getLong(1),
                Of.valueOf(r.getString(2)), r.getString(3), r.getString(4), r.getTimestamp(5).toInstant(),
                Optional.ofNullable(r.getTimestamp(6)).map(Timestamp::toInstant)));
    }

    /** Answers its number; nobody knows its address before it is asked for. */
    @Transactional(propagation = Propagation.MANDATORY)
    public long make(Of of, String name, String by) {
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        jdbc.update(c -> {
            var insert = c.prepareStatement("INSERT INTO plan_feed (secret_hash, shows, name, made_by, made_at) VALUES (?, ?, ?, ?, ?)",
                    new String[]{"id"});
            insert.setString(1, hash(secret()));
            insert.setString(2, of.name());
            insert.setString(3, name);
            insert.setString(4, by);
            insert.setTimestamp(5, Timestamp.from(clock.now()));
            return insert;
        }, key);
        return key.getKey().longValue();
    }

    /**
     * A new address of one that was made, in place of any before. Whoever repeats a command whose answer was lost gets another, and the one
     * that nobody saw is worth nothing; no answer that is kept for repeating has it in it.
     *
     * @return the part of it that nobody guesses
     * @throws Refused when it was taken back meanwhile
     */
    @Transactional
    public String address(long id) {
        String secret = secret();
        if (jdbc.update("UPDATE plan_feed SET secret_hash = ? WHERE id = ?", hash(secret), id) == 0) {
            throw Refused.notFound("calendar address", id);
        }
        return secret;
    }

    private String secret() {
        byte[] bytes = new byte[SECRET_BYTES];
        random.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** @throws Refused when there is none of that number */
    @Transactional(propagation = Propagation.MANDATORY)
    public void takeBack(long id) {
        if (jdbc.update("DELETE FROM plan_feed WHERE id = ?", id) == 0) {
            throw Refused.notFound("calendar address", id);
        }
    }

    /** The calendar at an address; it is kept when it was asked for. */
    @Transactional
    public Optional<Feed> at(String secret) {
        String hash = hash(secret);
        jdbc.update("UPDATE plan_feed SET read_at = ? WHERE secret_hash = ?", Timestamp.from(clock.now()), hash);
        return jdbc.query("SELECT id, shows, name, made_by, made_at FROM plan_feed WHERE secret_hash = ?",
                (r, n) -> new Feed(r.getLong(1), Of.valueOf(r.getString(2)), r.getString(3), r.getString(4),
                        r.getTimestamp(5).toInstant(), Optional.of(clock.now())),
                hash).stream().findFirst();
    }

    private static String hash(String secret) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
