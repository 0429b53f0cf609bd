package hingeyard.app.stock;

import hingeyard.core.stock.DrawerPart;
import hingeyard.core.stock.Drawers;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** All drawers in memory, for as long as nothing moved; then only what moved is read again. */
@Component
class DrawersReading {

    /**
     * A movement written before the newest may be committed after it: so many are looked at again. Whether that was enough, the versions
     * tell.
     */
    private static final int LATE = 100;
    /** More parts than this are read all at once. */
    private static final int FEW = 200;

    /**
     * Sums of versions, which no transaction that commits late can hide from.
     *
     * @param levels of what lies in the drawers
     * @param sheets of what the parts are and who sells them
     * @param others of kits, batteries and rules
     */
    private record State(long levels, String sheets, String others) {
    }

    /** The drawers as they were read in a state of them, the levels with the sum of their versions and the newest movement they know of. */
    private record Read(State state, Drawers drawers, Map<String, Level> levels, long versions, long newest) {
    }

    /** @param version how many movements made it */
    private record Level(int free, int version) {
    }

    private volatile Read last;
    private final PartRows parts;
    private final JdbcTemplate jdbc;

    DrawersReading(PartRows parts, JdbcTemplate jdbc) {
        this.parts = parts;
        this.jdbc = jdbc;
    }

    /** Read anew only when something changed: matches ask far oftener than a drawer moves. */
    Drawers drawers() {
        State state = read();
        Read read = last;
        if (read == null || !read.state().equals(state)) {
            read = read != null && read.state().sheets().equals(state.sheets()) ? followed(state, read) : anew(state);
            last = read;
        }
        return read.drawers();
    }

    private Read anew(State state) {
        // How far the movements go is asked before the levels: what comes between is looked at again, never missed.
        long newest = newest();
        Map<String, Level> levels = read("SELECT part_number, on_hand - held, version FROM stock_level");
        Map<String, Integer> leads = new HashMap<>();
        jdbc.query("SELECT name, lead_days FROM supplier", r -> {
            leads.put(r.getString(1), r.getInt(2));
        });
        List<DrawerPart> known = parts.findAll().stream().map(p -> p.sheet(0).part().comingIn(leads.getOrDefault(p.supplier, 0)))
                .map(p -> p.withFree(levels.containsKey(p.number()) ? levels.get(p.number()).free() : 0)).toList();
        return new Read(state, new Drawers(known), levels, levels.values().stream().mapToLong(Level::version).sum(), newest);
    }

    /**
     * Only of parts that moved, as long as the versions add up to what the database says; else all of them. What a part is changes rarely,
     * how many there are often.
     */
    private Read followed(State state, Read before) {
        long newest = newest();
        List<String> moved = jdbc.queryForList("SELECT DISTINCT part_number FROM stock_movement WHERE id > ? LIMIT " + FEW, String.class,
                before.newest() - LATE);
        if (moved.size() == FEW) {
            return anew(state);
        }
        Map<String, Level> fresh = moved.isEmpty() ? Map.of()
                : read("SELECT part_number, on_hand - held, version FROM stock_level WHERE part_number IN (" + "?,".repeat(moved.size() - 1)
                        + "?)", moved.toArray());
        long versions = before.versions();
        Map<String, Level> levels = new HashMap<>(before.levels());
        Map<String, Integer> free = new HashMap<>();
        for (Map.Entry<String, Level> one : fresh.entrySet()) {
            Level was = levels.put(one.getKey(), one.getValue());
            versions += one.getValue().version() - (was == null ? 0 : was.version());
            free.put(one.getKey(), one.getValue().free());
        }
        // Asked after the levels: by the sum of before, one that was missed and one that came since would make up for one another.
        boolean whole = jdbc.queryForObject("SELECT COALESCE(SUM(version), 0) FROM stock_level", Long.class) == versions;
        return whole ? new Read(state, before.drawers().withFree(free), levels, versions, newest) : anew(state);
    }

    private long newest() {
        return jdbc.queryForObject("SELECT COALESCE(MAX(id), 0) FROM stock_movement", Long.class);
    }

    private Map<String, Level> read(String sql, Object... values) {
        Map<String, Level> levels = new HashMap<>();
        jdbc.query(sql, r -> {
            levels.put(r.getString(1), new Level(r.getInt(2), r.getInt(3)));
        }, values);
        return levels;
    }

    /** Changes with anything in the drawers, their prices, the kit sheets and the rules. */
    String state() {
        State state = read();
        return "%d/%s/%s".formatted(state.levels(), state.sheets(), state.others());
    }

    private State read() {
        return jdbc.queryForObject(
                """
                SELECT (SELECT COALESCE(SUM(version), 0) FROM stock_level),
                  CONCAT_WS('/', (SELECT CONCAT(COUNT(*), '/', COALESCE(SUM(version), 0)) FROM part), (SELECT COALESCE(SUM(version), 0) FROM supplier)),
                  CONCAT_WS('/', (SELECT COALESCE(SUM(version), 0) FROM kit_sheet), (SELECT COALESCE(SUM(version), 0) FROM battery_sheet), (SELECT COUNT(*) FROM rule_change))""",
                (r, n) -> new State(r.getLong(1), r.getString(2), r.getString(3)));
    }
}
