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

    /** A movement written before the newest may be committed after it: so many are looked at again. Whether that was enough, the versions tell. */
    private static final int LATE = 100;
    /** More parts than this are read all at once. */
    private static final int FEW = 200;

    /** The drawers as they were read in a state of them, the state of what the parts are, and the levels with the newest movement they know of. */
    private record Read(String state, String sheets, Drawers drawers, Map<String, Level> levels, long newest) {
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
        String state = state();
        Read read = last;
        if (read == null || !read.state().equals(state)) {
            String sheets = sheetState();
            // What a part is changes rarely, how many there are often.
            List<DrawerPart> known = read != null && read.sheets().equals(sheets) ? read.drawers().parts() : parts.findAll().stream().map(p -> p.sheet(0).part()).toList();
            long newest = jdbc.queryForObject("SELECT COALESCE(MAX(id), 0) FROM stock_movement", Long.class);
            Map<String, Level> levels = levels(read);
            read = new Read(state, sheets, new Drawers(known.stream().map(p -> withFree(p, levels.containsKey(p.number()) ? levels.get(p.number()).free() : 0)).toList()), levels, newest);
            last = read;
        }
        return read.drawers();
    }

    /** Only of parts that moved, as long as the versions add up to what the database says; else all of them. */
    private Map<String, Level> levels(Read before) {
        List<String> moved = before == null ? List.of() : jdbc.queryForList("SELECT DISTINCT part_number FROM stock_movement WHERE id > ? LIMIT " + FEW, String.class, before.newest() - LATE);
        if (before == null || moved.size() == FEW) {
            return read("SELECT part_number, on_hand - held, version FROM stock_level");
        }
        Map<String, Level> levels = new HashMap<>(before.levels());
        if (!moved.isEmpty()) {
            levels.putAll(read("SELECT part_number, on_hand - held, version FROM stock_level WHERE part_number IN (" + "?,".repeat(moved.size() - 1) + "?)", moved.toArray()));
        }
        long known = levels.values().stream().mapToLong(Level::version).sum();
        return jdbc.queryForObject("SELECT COALESCE(SUM(version), 0) FROM stock_level", Long.class) == known ? levels : read("SELECT part_number, on_hand - held, version FROM stock_level");
    }

    private Map<String, Level> read(String sql, Object... values) {
        Map<String, Level> levels = new HashMap<>();
        jdbc.query(sql, r -> {
            levels.put(r.getString(1), new Level(r.getInt(2), r.getInt(3)));
        }, values);
        return levels;
    }

    private static DrawerPart withFree(DrawerPart part, int free) {
        return part.free() == free ? part : part.withFree(free);
    }

    private String sheetState() {
        return jdbc.queryForObject("SELECT CONCAT(COUNT(*), '/', COALESCE(SUM(version), 0)) FROM part", String.class);
    }

    /** Changes with anything in the drawers, their prices, the kit sheets and the rules: sums of versions, which no transaction that commits late can hide from. */
    String state() {
        return jdbc.queryForObject("""
                SELECT CONCAT_WS('/', (SELECT COALESCE(SUM(version), 0) FROM stock_level), (SELECT CONCAT(COUNT(*), '/', COALESCE(SUM(version), 0)) FROM part),
                  (SELECT COALESCE(SUM(version), 0) FROM kit_sheet), (SELECT COALESCE(SUM(version), 0) FROM battery_sheet), (SELECT COUNT(*) FROM rule_change))""", String.class);
    }
}
