package hingeyard.app.kit;

import hingeyard.app.wiring.Remembered;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.problem.Refused;
import hingeyard.app.stock.DrawerRow;
import hingeyard.app.stock.Stock;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.kit.Battery;
import hingeyard.core.kit.Kit;
import hingeyard.core.kit.ShopWork;
import hingeyard.core.stock.PartFacts;
import hingeyard.formats.KitSheetFile;
import hingeyard.formats.KitSheetJson;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The kits and batteries the shop knows. Sheets are read once for each version: what is kept in memory another instance would read the
 * same.
 */
@Service
public class Kits {

    private static final String BOX = "kit-box";
    private static final String BATTERY = "battery";

    /** @param version of the sheet it made */
    public record SheetChange(int version, String reason, String by, Instant at) {
    }

    record SheetNow(String text, int version) {
    }

    private final KitSheetRows sheets;
    private final JdbcTemplate jdbc;
    private final Stock stock;
    private final LiveEvents live;
    private final ShopClock clock;
    /** By their versions; far more than a shop has. */
    private final Remembered<String, Integer, KitSheetFile> readSheets = new Remembered<>(10_000);
    private final Remembered<String, Integer, Battery> readBatteries = new Remembered<>(10_000);

    Kits(KitSheetRows sheets, JdbcTemplate jdbc, Stock stock, LiveEvents live, ShopClock clock) {
        this.sheets = sheets;
        this.jdbc = jdbc;
        this.stock = stock;
        this.live = live;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<SheetChange> changes(String sheet) {
        return changes("SELECT version, reason, changed_by, changed_at FROM kit_sheet_change WHERE sheet_code = ? ORDER BY version DESC",
                sheet);
    }

    @Transactional(readOnly = true)
    List<SheetChange> batteryChanges(String battery) {
        return changes(
                "SELECT version, reason, changed_by, changed_at FROM battery_sheet_change WHERE battery_code = ? ORDER BY version DESC",
                battery);
    }

    private List<SheetChange> changes(String sql, String code) {
        return jdbc.query(sql, (r, n) -> new SheetChange(r.getInt(1), r.getString(2), r.getString(3), r.getTimestamp(4).toInstant()), code);
    }

    @Transactional(readOnly = true)
    Optional<SheetNow> batteryText(String battery) {
        return jdbc
                .query("SELECT sheet, version FROM battery_sheet WHERE code = ?", (r, n) -> new SheetNow(r.getString(1), r.getInt(2)),
                        battery)
                .stream().findFirst();
    }

    /** Every kit with the battery it comes with, variants of a sheet one after another. */
    @Transactional(readOnly = true)
    public List<Kit> all() {
        return files().stream().flatMap(f -> f.kits().stream()).toList();
    }

    /** Kits of which a box lies on the shelf, held by a job or not: what a survey is taken for unless others are chosen. */
    @Transactional(readOnly = true)
    public List<Kit> inStock() {
        Set<String> boxes = stock.rows().stream().filter(r -> r.onHand() > 0).map(DrawerRow::number).collect(Collectors.toSet());
        return all().stream().filter(k -> boxes.contains(k.code())).toList();
    }

    /** Every sheet, by code. */
    @Transactional(readOnly = true)
    public List<KitSheetFile> files() {
        return sheets.heads().stream().map(h -> read(h.code(), h.version())).toList();
    }

    private KitSheetFile read(String code, int version) {
        return readSheets.of(code, version, () -> KitSheetJson.read(sheets.findById(code).orElseThrow().sheet));
    }

    /** @param code a kit's code, {@code CODE+BATTERY}, or that of the shop's own work */
    @Transactional(readOnly = true)
    public Kit kit(String code) {
        Optional<ShopWork> own = ShopWork.find(code);
        if (own.isPresent()) {
            return own.get().kit();
        }
        String box = Kit.boxNumber(code);
        String sheet = jdbc.queryForList("SELECT sheet_code FROM kit_variant WHERE code = ?", String.class, box).stream().findFirst()
                .orElseThrow(() -> Refused.notFound("kit", code));
        int version = jdbc.queryForObject("SELECT version FROM kit_sheet WHERE code = ?", Integer.class, sheet);
        Kit kit = read(sheet, version).kits().stream().filter(k -> k.code().equals(box)).findFirst()
                .orElseThrow(() -> Refused.notFound("kit", code));
        return withBattery(code, kit);
    }

    private Kit withBattery(String code, Kit kit) {
        String battery = Kit.batteryCode(code);
        return battery.isEmpty() ? kit : kit.with(batteries().stream().filter(b -> b.code().equals(battery)).findFirst()
                .orElseThrow(() -> Refused.notFound("battery", battery)));
    }

    /** The same of many at once, by their codes. */
    @Transactional(readOnly = true)
    public Map<String, Kit> kits(Collection<String> codes) {
        Map<String, Kit> boxes = all().stream().collect(Collectors.toMap(Kit::code, k -> k));
        return codes.stream().distinct().collect(Collectors.toMap(c -> c, c -> ShopWork.find(c).map(ShopWork::kit).orElseGet(
                () -> withBattery(c, Optional.ofNullable(boxes.get(Kit.boxNumber(c))).orElseThrow(() -> Refused.notFound("kit", c))))));
    }

    /** Batteries that may go in the place of a kit's own. */
    @Transactional(readOnly = true)
    public List<Battery> batteries() {
        return jdbc.query("SELECT code, version FROM battery_sheet ORDER BY code", (r, n) -> {
            String code = r.getString(1);
            return readBatteries.of(code, r.getInt(2), () -> KitSheetJson
                    .readBattery(jdbc.queryForObject("SELECT sheet FROM battery_sheet WHERE code = ?", String.class, code)));
        });
    }

    /** The sheet's text as it is kept. */
    @Transactional(readOnly = true)
    public Optional<String> text(String sheetCode) {
        return sheets.findById(sheetCode).map(s -> s.sheet);
    }

    @Transactional(readOnly = true)
    public int version(String sheetCode) {
        return sheets.findById(sheetCode).map(s -> s.version).orElseThrow(() -> Refused.notFound("kit sheet", sheetCode));
    }

    /**
     * Saves a sheet whole or not at all. Boxes of variants that no drawer knows get a place to lie in.
     *
     * @param seen   the version that was looked at; empty for a sheet that is new
     * @param reason why, for its history
     * @throws hingeyard.formats.UnreadableSheetException naming line, column and reason
     * @throws Refused                                    when somebody changed it since, or a code belongs to another sheet
     */
    @Transactional
    public KitSheetFile save(String text, Optional<Integer> seen, String reason, String by) {
        KitSheetFile file = KitSheetJson.read(text);
        Optional<KitSheet> before = sheets.lock(file.code());
        refuseStale("Sheet", file.code(), before.map(b -> b.version), seen);
        for (Kit kit : file.kits()) {
            if (!kit.boxed()) {
                throw Refused.conflict("code", kit.code(),
                        "Code %s is the shop's own work, not a kit's. Nothing was saved.".formatted(kit.code()));
            }
            jdbc.queryForList("SELECT sheet_code FROM kit_variant WHERE code = ? AND sheet_code <> ?", String.class, kit.code(),
                    file.code()).stream().findFirst().ifPresent(other -> {
                        throw Refused.conflict("code", kit.code(),
                                "Code %s stands on sheet %s already. Nothing was saved.".formatted(kit.code(), other));
                    });
        }
        KitSheet row = before.orElseGet(() -> new KitSheet(file.code()));
        row.sheet = text;
        row.version++;
        sheets.saveAndFlush(row);
        jdbc.update("DELETE FROM kit_variant WHERE sheet_code = ?", file.code());
        for (Kit kit : file.kits()) {
            jdbc.update("INSERT INTO kit_variant (code, sheet_code) VALUES (?, ?)", kit.code(), file.code());
            stock.addIfUnknown(kit.code(), kit.fullName() + " kit box", BOX,
                    new PartFacts(Optional.empty(), Optional.empty(), Optional.empty(), kit.equipment().priceMinor(), 0));
        }
        jdbc.update("INSERT INTO kit_sheet_change (sheet_code, version, sheet, reason, changed_by, changed_at) VALUES (?, ?, ?, ?, ?, ?)",
                file.code(), row.version, text, reason, by,
                Timestamp.from(clock.now()));
        live.stockChanged();
        return file;
    }

    /**
     * Saves a battery's sheet whole or not at all; it lies in the drawers under its code.
     *
     * @param seen the version that was looked at; empty for a sheet that is new
     * @throws Refused when somebody changed it since
     */
    @Transactional
    public Battery saveBattery(String text, Optional<Integer> seen, String reason, String by) {
        Battery battery = KitSheetJson.readBattery(text);
        Optional<Integer> now = jdbc
                .queryForList("SELECT version FROM battery_sheet WHERE code = ? FOR UPDATE", Integer.class, battery.code()).stream()
                .findFirst();
        refuseStale("Battery sheet", battery.code(), now, seen);
        jdbc.update(
                "INSERT INTO battery_sheet (code, sheet, version) VALUES (?, ?, 1) ON DUPLICATE KEY UPDATE sheet = VALUES(sheet), version = version + 1",
                battery.code(), text);
        jdbc.update(
                "INSERT INTO battery_sheet_change (battery_code, version, sheet, reason, changed_by, changed_at) SELECT code, version, sheet, ?, ?, ? FROM battery_sheet WHERE code = ?",
                reason, by,
                Timestamp.from(clock.now()), battery.code());
        stock.addIfUnknown(battery.code(), battery.name(), BATTERY, PartFacts.none());
        live.stockChanged();
        return battery;
    }

    /** @param now,seen the version that is kept, and the one that was looked at */
    private static void refuseStale(String what, String code, Optional<Integer> now, Optional<Integer> seen) {
        if (now.equals(seen)) {
            return;
        }
        if (seen.isEmpty()) {
            throw Refused.conflict("code", code,
                    "%s %s is here already: give the new one another code, or open that one and change it. Nothing was saved."
                            .formatted(what, code));
        }
        if (now.isEmpty()) {
            throw Refused.conflict("code", code,
                    "%s %s is not here: one that is changed keeps its code, a new one is made from a copy. Nothing was saved."
                            .formatted(what, code));
        }
        throw Refused.conflict("%s %s was changed since you looked (version %d). Nothing was saved; look at it again first."
                .formatted(what, code, now.get()));
    }
}
