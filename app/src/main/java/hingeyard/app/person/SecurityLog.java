package hingeyard.app.person;

import hingeyard.app.wiring.ShopClock;
import hingeyard.core.rights.Right;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** What happened at the doors, for the manager to read. No password, number or session ever stands in it. */
@Component
public class SecurityLog {

    private static final int LONGEST_NAME = 60;
    private static final int LONGEST_DETAIL = 200;

    /** What is noted. */
    public enum What {
        SIGNED_IN("signed in"),
        HANDS_CHANGED("took a tablet over by PIN"),
        MISSED("tried in vain"),
        LOCKED("locked"),
        UNLOCKED("unlocked"),
        SIGNED_OUT("signed out"),
        ENDED("signed out from afar"),
        REFUSED("tried what is not theirs to do"),
        SECRET_CHANGED("changed password or PIN"),
        TAKEN_OUT("took data out"),
        ACCOUNT_CHANGED("changed an account"),
        CODE_MADE("made a one-time code"),
        CAME_BY_CODE("chose a password by one-time code"),
        TABLET("tablet"),
        ERASED("erased what was known");

        private final String label;

        What(String label) {
            this.label = label;
        }
    }

    /**
     * One thing that happened.
     *
     * @param said    what it was, in words
     * @param who     the account it was done with; what stands for a name that nobody has begins with #
     * @param address where it came from
     */
    public record Noted(What what, String said, String who, String address, String detail, Instant at) {
    }

    private final JdbcTemplate jdbc;
    private final ShopClock clock;

    SecurityLog(JdbcTemplate jdbc, ShopClock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** Notes it; whoever is about to be refused has no transaction open that would take it back. */
    @Transactional
    public void note(What what, String who, String detail) {
        jdbc.update("INSERT INTO security_event (what, who, address, detail, at) VALUES (?, ?, ?, ?, ?)", what.name(),
                cut(who, LONGEST_NAME), address(), cut(detail, LONGEST_DETAIL), Timestamp.from(clock.now()));
    }

    @Transactional
    public void refused(String who, Right right) {
        note(What.REFUSED, who, right.does());
    }

    /** Whether somebody came in under this name from here before, so that misses elsewhere do not keep them out. */
    @Transactional(readOnly = true)
    public boolean cameInFrom(String who, String address) {
        return jdbc.queryForObject("SELECT EXISTS (SELECT 1 FROM security_event WHERE who = ? AND what = 'SIGNED_IN' AND address = ?)",
                Boolean.class, who, address);
    }

    /** The newest first. */
    @Transactional(readOnly = true)
    public List<Noted> newest(int most) {
        return jdbc.query("SELECT what, who, address, detail, at FROM security_event ORDER BY id DESC LIMIT ?", (r, n) -> {
            What what = What.valueOf(r.getString(1));
            return new Noted(what, what.label, r.getString(2), r.getString(3), r.getString(4), r.getTimestamp(5).toInstant());
        }, most);
    }

    /** Where the current request comes from. */
    static String address() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes asked
                ? asked.getRequest().getRemoteAddr().toLowerCase(Locale.ROOT)
                : "";
    }

    private static String cut(String text, int most) {
        return text.length() > most ? text.substring(0, most) : text;
    }
}
