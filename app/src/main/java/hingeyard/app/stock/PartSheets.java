package hingeyard.app.stock;

import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.Ledger.Level;
import hingeyard.app.stock.Ledger.Line;
import hingeyard.app.stock.StockMovement.Kind;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.stock.PartSheet;
import hingeyard.formats.PartCells;
import hingeyard.formats.StockCsv;
import java.sql.Timestamp;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What the shop knows of each part: edited one by one or by list, every change kept with its reason. */
@Service
class PartSheets {

    /** @param cell which cell; @param before,after as text, empty when there was or is none */
    record CellChange(String cell, String before, String after) {
    }

    /**
     * What a list would do to one part.
     *
     * @param added whether no drawer knows it yet
     */
    record ListChange(String number, String name, boolean added, List<CellChange> cells) {
    }

    private final PartRows parts;
    private final Ledger ledger;
    private final JdbcTemplate jdbc;
    private final LiveEvents live;
    private final ShopClock clock;

    PartSheets(PartRows parts, Ledger ledger, JdbcTemplate jdbc, LiveEvents live, ShopClock clock) {
        this.parts = parts;
        this.ledger = ledger;
        this.jdbc = jdbc;
        this.live = live;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    Part part(String number) {
        return parts.findById(number).orElseThrow(() -> Refused.notFound("part", number));
    }

    /** The cells of a part, its count among them. */
    Map<String, String> cells(Part part, int onHand) {
        return PartCells.write(part.sheet(onHand));
    }

    /**
     * Saves a part's cells; its number and its count stay as they are.
     *
     * @param seen the version that was looked at; empty for a part that is new
     * @throws Refused naming the first cell that is wrong, or when somebody changed the part since
     */
    @Transactional(propagation = Propagation.MANDATORY)
    void save(String number, Map<String, String> cells, Optional<Integer> seen, String reason, String by) {
        List<PartCells.Wrong> wrong = new ArrayList<>();
        Map<String, String> whole = new HashMap<>(cells);
        whole.put("number", number);
        whole.put("on hand", "0");
        PartSheet sheet = PartCells.read(whole, wrong)
                .orElseThrow(() -> Refused.input(wrong.get(0).cell(), whole.getOrDefault(wrong.get(0).cell(), ""), wrong.get(0).reason()));
        Optional<Part> before = parts.lock(number);
        if (before.isPresent() && !seen.equals(Optional.of(before.get().version))) {
            if (seen.isEmpty()) {
                throw Refused.conflict("number", number, "%s lies in drawer %s already. Nothing was saved; open it and change it there."
                        .formatted(number, before.get().place));
            }
            throw Refused.conflict("%s was changed since you looked. Nothing was saved; look at it again first.".formatted(number));
        }
        write(List.of(sheet), before.map(b -> Map.of(number, b)).orElse(Map.of()), reason, by);
        live.stockChanged();
    }

    /** @param known the parts that are there already, locked, by number */
    private void write(List<PartSheet> sheets, Map<String, Part> known, String reason, String by) {
        List<Part> made = new ArrayList<>();
        List<Object[]> history = new ArrayList<>();
        Timestamp now = Timestamp.from(clock.now());
        for (PartSheet sheet : sheets) {
            Part part = known.get(sheet.part().number());
            List<CellChange> changes = part == null ? List.of() : changes(part.sheet(0), sheet, false);
            if (part == null) {
                part = new Part(sheet);
                made.add(part);
            } else if (changes.isEmpty()) {
                continue;
            } else {
                part.become(sheet);
            }
            history.add(new Object[]{part.number, part.version, changes.isEmpty() ? "new" : said(changes), reason, by, now});
        }
        parts.saveAll(made);
        parts.flush();
        jdbc.batchUpdate(
                "INSERT INTO part_change (part_number, version, changes, reason, changed_by, changed_at) VALUES (?, ?, ?, ?, ?, ?)",
                history);
    }

    private static String said(List<CellChange> changes) {
        String all = String.join("; ", changes.stream()
                .map(c -> "%s: %s → %s".formatted(c.cell(), c.before().isEmpty() ? "–" : c.before(), c.after().isEmpty() ? "–" : c.after()))
                .toList());
        return all.substring(0, Math.min(all.length(), 2000));
    }

    private static List<CellChange> changes(PartSheet before, PartSheet after, boolean count) {
        Map<String, String> old = PartCells.write(before);
        List<CellChange> changes = new ArrayList<>();
        PartCells.write(after).forEach((cell, value) -> {
            if (!old.get(cell).equals(value) && (count || !cell.equals("on hand"))) {
                changes.add(new CellChange(cell, old.get(cell), value));
            }
        });
        return changes;
    }

    /** What a list would change, in its order; nothing is saved. */
    @Transactional(readOnly = true)
    List<ListChange> wouldChange(List<PartSheet> list) {
        Map<String, Integer> onHand = new HashMap<>();
        jdbc.query("SELECT part_number, on_hand FROM stock_level", r -> {
            onHand.put(r.getString(1), r.getInt(2));
        });
        Map<String, Part> known = new HashMap<>();
        parts.findAllById(list.stream().map(s -> s.part().number()).toList()).forEach(p -> known.put(p.number, p));
        List<ListChange> changes = new ArrayList<>();
        for (PartSheet sheet : list) {
            String number = sheet.part().number();
            Part part = known.get(number);
            List<CellChange> cells = part == null ? List.of() : changes(part.sheet(onHand.getOrDefault(number, 0)), sheet, true);
            if (part == null || !cells.isEmpty()) {
                changes.add(new ListChange(number, sheet.part().name(), part == null, cells));
            }
        }
        return changes;
    }

    /**
     * Does what {@link #wouldChange} said, all or nothing. Another count becomes a movement with the list's reason.
     *
     * @throws Refused when a count lies below what jobs hold
     */
    @Transactional(propagation = Propagation.MANDATORY)
    int bringIn(List<PartSheet> list, String reason, String by) {
        int changed = wouldChange(list).size();
        List<String> numbers = list.stream().map(s -> s.part().number()).toList();
        Map<String, Part> known = new HashMap<>();
        parts.lockAll(numbers).forEach(p -> known.put(p.number, p));
        write(list, known, reason, by);
        Map<String, Level> levels = ledger.lock(numbers);
        List<Line> differences = new ArrayList<>();
        for (PartSheet sheet : list) {
            String number = sheet.part().number();
            Level level = levels.get(number);
            if (sheet.part().free() < level.held()) {
                throw Refused.conflict("on hand", String.valueOf(sheet.part().free()),
                        "%d of %s are held for jobs: a list does not take them away, a count of the drawer does. Nothing was saved."
                                .formatted(level.held(), number));
            }
            if (sheet.part().free() != level.onHand()) {
                differences.add(Line.of(number, Kind.COUNTED, sheet.part().free() - level.onHand(), 0, null, reason));
            }
        }
        ledger.add(differences, by);
        return changed;
    }

    /** @throws Refused when a part would stand in for itself, or no drawer knows one of them */
    @Transactional(propagation = Propagation.MANDATORY)
    void standIn(String number, String other, String when) {
        part(number);
        part(other);
        if (other.equals(number)) {
            throw Refused.input("number", number, "another part than this one");
        }
        jdbc.update(
                "INSERT INTO part_alternative (part_number, alternative, condition_text) VALUES (?, ?, ?) ON DUPLICATE KEY UPDATE condition_text = VALUES(condition_text)",
                number, other, when);
        live.stockChanged();
    }

    @Transactional(propagation = Propagation.MANDATORY)
    void noStandIn(String number, String other) {
        jdbc.update("DELETE FROM part_alternative WHERE part_number = ? AND alternative = ?", number, other);
        live.stockChanged();
    }

    /** Every part with what is on hand, as a list that is read again. */
    @Transactional(readOnly = true)
    String list() {
        Map<String, Integer> onHand = new HashMap<>();
        jdbc.query("SELECT part_number, on_hand FROM stock_level", r -> {
            onHand.put(r.getString(1), r.getInt(2));
        });
        return StockCsv.write(parts.findAll().stream().map(p -> p.sheet(onHand.getOrDefault(p.number, 0))).toList());
    }
}
