package hingeyard.app.stock;

import hingeyard.app.command.Commands;
import hingeyard.app.face.Faces;
import hingeyard.app.person.SignedIn;
import hingeyard.app.problem.Refused;
import hingeyard.core.stock.SerialNumbers;
import hingeyard.formats.LabelPdf;
import hingeyard.formats.LabelPdf.Label;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The drawers: what comes in, what is counted, what goes out without a job. */
@RestController
@RequestMapping("/api/drawers")
class DrawersController {

    record Receipt(@Min(value = 1, message = "1 to 9999") @Max(value = 9999, message = "1 to 9999") int count,
            @NotNull(message = "a note, may be empty") @Size(max = 200, message = "at most 200 letters") String note,
            @Size(max = 40, message = "at most 40 letters") String lot,
            Optional<List<@Pattern(regexp = SerialNumbers.PATTERN, message = SerialNumbers.SAID) String>> serials) {

        Stock.Delivery delivery() {
            return new Stock.Delivery(count, note.strip(), lot == null ? "" : lot.strip(),
                    serials == null ? List.of() : serials.orElse(List.of()));
        }
    }

    record Scrap(@Min(value = 1, message = "1 to 9999") @Max(value = 9999, message = "1 to 9999") int count,
            @NotBlank(message = "why it is thrown away") @Size(max = 200, message = "at most 200 letters") String reason) {
    }

    record HandOver(@Min(value = 1, message = "1 to 9999") @Max(value = 9999, message = "1 to 9999") int count,
            @Min(value = 1, message = "a job's number") long job,
            @NotNull(message = "a note, may be empty") @Size(max = 200, message = "at most 200 letters") String note) {
    }

    record Counted(@NotBlank(message = "a part's number") String part, @Min(value = 0, message = "0 or more") int seen,
            @Min(value = 0, message = "0 to 9999") @Max(value = 9999, message = "0 to 9999") int counted,
            @NotNull(message = "a reason, empty where the count is right") @Size(max = 200, message = "at most 200 letters") String reason) {
    }

    record DrawerCount(@NotEmpty(message = "at least one part") List<@Valid Counted> counts) {
    }

    /** @param lost jobs that no longer hold what was not there */
    record Stocktake(List<DrawerRow> rows, List<Stocktakes.Lost> lost) {
    }

    private record LostOnes(List<Stocktakes.Lost> lost) {
    }

    private final Stock stock;
    private final Stocktakes stocktakes;
    private final StockAudit audit;
    private final Commands commands;
    private final Faces faces;

    DrawersController(Stock stock, Stocktakes stocktakes, StockAudit audit, Commands commands, Faces faces) {
        this.faces = faces;
        this.stock = stock;
        this.stocktakes = stocktakes;
        this.audit = audit;
        this.commands = commands;
    }

    @GetMapping
    List<DrawerRow> rows() {
        return stock.rows();
    }

    /** What does not add up when the ledger is added up again; empty when all does. */
    @GetMapping("/audit")
    List<String> audited() {
        return audit.findings();
    }

    @PostMapping("/{part}/receipts")
    DrawerRow receive(@PathVariable(name = "part") String part, @Valid @RequestBody Receipt receipt,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return moved(part, key, () -> stocktakes.receive(part, receipt.delivery(), SignedIn.name()));
    }

    @PostMapping("/{part}/scraps")
    DrawerRow scrap(@PathVariable(name = "part") String part, @Valid @RequestBody Scrap scrap,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return moved(part, key, () -> stocktakes.scrap(part, scrap.count(), scrap.reason().strip(), SignedIn.name()));
    }

    @PostMapping("/{part}/put-backs")
    DrawerRow putBack(@PathVariable(name = "part") String part, @Valid @RequestBody Receipt back,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return moved(part, key, () -> stocktakes.putBack(part, back.count(), back.note().strip(), SignedIn.name()));
    }

    /** A free piece goes to a customer with the bike of a job. */
    @PostMapping("/{part}/hand-overs")
    DrawerRow handOver(@PathVariable(name = "part") String part, @Valid @RequestBody HandOver over,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return moved(part, key, () -> stocktakes.handOver(part, over.count(), over.job(), over.note().strip(), SignedIn.name()));
    }

    /** Stickers for the parts of a drawer; the code is the part's address, which a scanner types when a delivery is taken in. */
    @GetMapping(path = "/places/{place}/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> labels(@PathVariable(name = "place") String place) {
        List<Label> labels = stock.rows().stream().filter(r -> r.place().equals(place))
                .map(r -> new Label(r.number(), List.of(r.name(), r.size(), "Drawer " + place),
                        ServletUriComponentsBuilder.fromCurrentContextPath().path("/drawers").queryParam("part", "{part}")
                                .buildAndExpand(r.number()).toUriString()))
                .toList();
        if (labels.isEmpty()) {
            throw Refused.notFound("drawer", place);
        }
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename("labels-%s.pdf".formatted(place)).build().toString())
                .body(LabelPdf.write(faces.letterhead(), labels));
    }

    private DrawerRow moved(String part, String key, Runnable movement) {
        commands.once(key, Boolean.class, () -> {
            movement.run();
            return true;
        });
        return stock.row(part);
    }

    @PostMapping("/places/{place}/counts")
    Stocktake count(@PathVariable(name = "place") String place, @Valid @RequestBody DrawerCount count,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        LostOnes lost = commands.once(key, LostOnes.class, () -> new LostOnes(stocktakes.count(place,
                count.counts().stream().map(c -> new Stocktakes.Count(c.part(), c.seen(), c.counted(), c.reason())).toList(),
                SignedIn.name())));
        return new Stocktake(stock.rows().stream().filter(r -> r.place().equals(place)).toList(), lost.lost());
    }
}
