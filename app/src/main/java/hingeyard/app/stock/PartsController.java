package hingeyard.app.stock;

import hingeyard.app.command.Commands;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import hingeyard.formats.StockCsv;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** One part: its sheet, its ledger, what may stand in for it; and all of them as a list. */
@RestController
@RequestMapping("/api/parts")
class PartsController {

    private static final String KEEPERS = "hasAnyRole('MANAGER', 'STOCK_KEEPER')";

    /** @param onHand after it */
    record Movement(Instant at, String by, StockMovement.Kind kind, int delta, int heldDelta, Optional<Long> job, String note, String lot, int onHand) {
    }

    record PartChange(Instant at, String by, String changes, String reason) {
    }

    record Alternative(String number, String name, String when, int free) {
    }

    /** @param cells by name, lengths in millimetres, empty where there is none */
    record PartView(DrawerRow row, int version, Map<String, String> cells, List<Movement> movements, List<PartChange> changes, List<Alternative> alternatives) {
    }

    /** @param seen the version that was looked at; none for a part that is new */
    record PartEdit(@NotNull(message = "cells by name") Map<String, String> cells, Optional<Integer> seen,
                    @NotBlank(message = "why, 1 to 400 letters") @Size(max = 400, message = "at most 400 letters") String reason) {
    }

    record StandIn(@NotBlank(message = "a part's number") String number, @NotBlank(message = "when it may stand in, 1 to 200 letters") @Size(max = 200, message = "at most 200 letters") String when) {
    }

    /** @param dryRun whether only to say what it would change */
    record PartList(@NotBlank(message = "a list of parts") String csv, boolean dryRun, @NotNull(message = "why; may be empty for a dry run") @Size(max = 200, message = "at most 200 letters") String reason) {
    }

    record ListAnswer(int lines, List<PartSheets.ListChange> changes, boolean saved) {
    }

    private final Stock stock;
    private final PartSheets sheets;
    private final Commands commands;
    private final JdbcTemplate jdbc;

    PartsController(Stock stock, PartSheets sheets, Commands commands, JdbcTemplate jdbc) {
        this.stock = stock;
        this.sheets = sheets;
        this.commands = commands;
        this.jdbc = jdbc;
    }

    @GetMapping("/{number}")
    PartView part(@PathVariable(name = "number") String number) {
        DrawerRow row = stock.row(number);
        Part part = sheets.part(number);
        List<Movement> movements = jdbc.query("""
                SELECT * FROM (SELECT id, moved_at, moved_by, kind, delta, held_delta, job_id, note, lot, SUM(delta) OVER (ORDER BY id) on_hand FROM stock_movement WHERE part_number = ?) m
                ORDER BY id DESC LIMIT 200""", (r, n) -> new Movement(r.getTimestamp("moved_at").toInstant(), r.getString("moved_by"), StockMovement.Kind.valueOf(r.getString("kind")), r.getInt("delta"),
                r.getInt("held_delta"), Optional.ofNullable(r.getObject("job_id", Long.class)), r.getString("note"), r.getString("lot"), r.getInt("on_hand")), number);
        List<PartChange> changes = jdbc.query("SELECT changed_at, changed_by, changes, reason FROM part_change WHERE part_number = ? ORDER BY id DESC LIMIT 100",
                (r, n) -> new PartChange(r.getTimestamp(1).toInstant(), r.getString(2), r.getString(3), r.getString(4)), number);
        List<Alternative> alternatives = jdbc.query("""
                SELECT a.alternative, p.name, a.condition_text, l.on_hand - l.held FROM part_alternative a JOIN part p ON p.number = a.alternative JOIN stock_level l ON l.part_number = a.alternative
                WHERE a.part_number = ? ORDER BY a.alternative""", (r, n) -> new Alternative(r.getString(1), r.getString(2), r.getString(3), r.getInt(4)), number);
        return new PartView(row, part.version, sheets.cells(part, row.onHand()), movements, changes, alternatives);
    }

    @PutMapping("/{number}")
    @PreAuthorize(KEEPERS)
    PartView save(@PathVariable(name = "number") String number, @Valid @RequestBody PartEdit edit, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        done(key, () -> sheets.save(number, edit.cells(), edit.seen() == null ? Optional.empty() : edit.seen(), edit.reason().strip(), SignedIn.name()));
        return part(number);
    }

    @PostMapping("/{number}/alternatives")
    @PreAuthorize(KEEPERS)
    PartView standIn(@PathVariable(name = "number") String number, @Valid @RequestBody StandIn other, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        done(key, () -> sheets.standIn(number, other.number(), other.when().strip()));
        return part(number);
    }

    @DeleteMapping("/{number}/alternatives/{other}")
    @PreAuthorize(KEEPERS)
    PartView noStandIn(@PathVariable(name = "number") String number, @PathVariable(name = "other") String other) {
        done(null, () -> sheets.noStandIn(number, other));
        return part(number);
    }

    @GetMapping(value = "/parts.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> list() {
        return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename("parts.csv").build().toString()).body(sheets.list());
    }

    @PostMapping("/list")
    @PreAuthorize(KEEPERS)
    ListAnswer bringIn(@Valid @RequestBody PartList list, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        var read = StockCsv.sheets(list.csv());
        List<PartSheets.ListChange> changes = sheets.wouldChange(read);
        if (!list.dryRun()) {
            if (list.reason().isBlank()) {
                throw Refused.input("reason", list.reason(), "why the list is brought in, 1 to 200 letters");
            }
            done(key, () -> sheets.bringIn(read, list.reason().strip(), SignedIn.name()));
        }
        return new ListAnswer(read.size(), changes, !list.dryRun());
    }

    private void done(String key, Runnable work) {
        commands.once(key, Boolean.class, () -> {
            work.run();
            return true;
        });
    }
}
