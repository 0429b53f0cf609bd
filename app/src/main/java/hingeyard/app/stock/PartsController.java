package hingeyard.app.stock;

import hingeyard.app.command.Commands;
import hingeyard.app.person.SecurityLog;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import hingeyard.formats.StockCsv;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** One part: its sheet, its ledger, what may stand in for it; and all of them as a list. */
@RestController
@RequestMapping("/api/parts")
class PartsController {

    /** @param cells by name, lengths in millimetres, empty where there is none */
    record PartView(DrawerRow row, int version, Map<String, String> cells, List<PartHistory.Movement> movements,
            List<PartHistory.PartChange> changes, List<PartHistory.Alternative> alternatives) {
    }

    /** @param seen the version that was looked at; none for a part that is new */
    record PartEdit(@NotNull(message = "cells by name") Map<String, String> cells, Optional<Integer> seen,
            @NotBlank(message = "why, 1 to 400 letters") @Size(max = 400, message = "at most 400 letters") String reason) {
    }

    record StandIn(@NotBlank(message = "a part's number") String number,
            @NotBlank(message = "when it may stand in, 1 to 200 letters") @Size(max = 200, message = "at most 200 letters") String when) {
    }

    /** @param dryRun whether only to say what it would change */
    record PartList(@NotBlank(message = "a list of parts") String csv, boolean dryRun,
            @NotNull(message = "why; may be empty for a dry run") @Size(max = 200, message = "at most 200 letters") String reason) {
    }

    record ListAnswer(int lines, List<PartSheets.ListChange> changes, boolean saved) {
    }

    private final Stock stock;
    private final PartSheets sheets;
    private final Commands commands;
    private final PartHistory history;
    private final SecurityLog log;

    PartsController(Stock stock, PartSheets sheets, Commands commands, PartHistory history, SecurityLog log) {
        this.log = log;
        this.stock = stock;
        this.sheets = sheets;
        this.commands = commands;
        this.history = history;
    }

    @GetMapping("/{number}")
    PartView part(@PathVariable(name = "number") String number) {
        DrawerRow row = stock.row(number);
        Part part = sheets.part(number);
        return new PartView(row, part.version, sheets.cells(part, row.onHand()), history.movements(number), history.changes(number),
                history.alternatives(number));
    }

    @PutMapping("/{number}")
    PartView save(@PathVariable(name = "number") String number, @Valid @RequestBody PartEdit edit,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        done(key, () -> sheets.save(number, edit.cells(), edit.seen() == null ? Optional.empty() : edit.seen(), edit.reason().strip(),
                SignedIn.name()));
        return part(number);
    }

    @PostMapping("/{number}/alternatives")
    PartView standIn(@PathVariable(name = "number") String number, @Valid @RequestBody StandIn other,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        done(key, () -> sheets.standIn(number, other.number(), other.when().strip()));
        return part(number);
    }

    @DeleteMapping("/{number}/alternatives/{other}")
    PartView noStandIn(@PathVariable(name = "number") String number, @PathVariable(name = "other") String other,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        done(key, () -> sheets.noStandIn(number, other));
        return part(number);
    }

    /** Where a piece or a delivery was, by its serial or lot number: the newest first. */
    @GetMapping("/numbers")
    List<PartHistory.Traced> traced(@RequestParam(name = "text") String text) {
        return history.traced(text.strip());
    }

    @GetMapping(value = "/parts.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> list() {
        log.note(SecurityLog.What.TAKEN_OUT, SignedIn.account(), "list of all parts");
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.attachment().filename("parts.csv").build().toString())
                .body(sheets.list());
    }

    @PostMapping("/list")
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
