package hingeyard.app.receiving;

import hingeyard.app.booking.JobCard;
import hingeyard.app.claim.Claim;
import hingeyard.app.claim.Claim.Fault;
import hingeyard.app.command.Commands;
import hingeyard.app.face.Faces;
import hingeyard.app.person.SignedIn;
import hingeyard.core.rights.Right;
import hingeyard.core.explain.Ruling;
import hingeyard.core.receiving.KitCheck;
import hingeyard.core.receiving.KitCheck.Numbered;
import hingeyard.core.stock.SerialNumbers;
import hingeyard.formats.LabelPdf;
import hingeyard.formats.LabelPdf.Label;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Digits;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.ArrayList;
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

/** The box of a job on a tablet. */
@RestController
@RequestMapping("/api/jobs/{number}/kit-check")
class KitCheckController {

    /** @param used how many this job mounts; @param good as found; empty while nobody looked */
    record ContentView(String name, int count, int used, Optional<Integer> good, Optional<Fault> fault, String note, String by) {
    }

    /** @param number empty where none is written down; a key's is told to the manager only */
    record NumberedView(Numbered what, String label, boolean written, String number, boolean secret, String by) {
    }

    record RunView(BigDecimal volts, boolean passed, String note, String by, Instant at) {
    }

    record ClaimBrief(long id, String text, boolean blocks, String note, Optional<String> settlement) {
    }

    /** @param window which volts the battery can have, as said; @param open what keeps the check from being closed */
    record KitCheckView(JobCard job, String kitName, String boxNumber, List<ContentView> contents, List<NumberedView> numbers,
            Optional<RunView> run, String window, List<ClaimBrief> claims, List<String> open, boolean closed) {
    }

    record MarkLine(@NotBlank(message = "a line of the contents") @Size(max = 160, message = "at most 160 letters") String item,
            @Min(value = 0, message = "0 or more") @Max(value = 999, message = "at most 999") int good,
            @NotNull(message = "what is wrong with the others") Fault fault,
            @NotNull(message = "a note, may be empty") @Size(max = 300, message = "at most 300 letters") String note) {
    }

    record WriteNumber(@NotNull(message = "what has the number") Numbered what,
            @NotNull(message = SerialNumbers.SAID) @Pattern(regexp = SerialNumbers.PATTERN, message = SerialNumbers.SAID) String serial) {
    }

    record BenchRun(
            @NotNull(message = "volts at the plug") @DecimalMin(value = "0", message = "0 to 120 V") @DecimalMax(value = "120", message = "0 to 120 V") @Digits(integer = 3, fraction = 2, message = "volts such as 39.40") BigDecimal volts,
            boolean ran, @NotNull(message = "a note, may be empty") @Size(max = 300, message = "at most 300 letters") String note) {
    }

    private final KitChecks checks;
    private final Commands commands;
    private final Faces faces;

    KitCheckController(KitChecks checks, Commands commands, Faces faces) {
        this.faces = faces;
        this.checks = checks;
        this.commands = commands;
    }

    @GetMapping
    KitCheckView sheet(@PathVariable(name = "number") long number) {
        return view(checks.sheet(number));
    }

    private static KitCheckView view(KitChecks.Sheet s) {
        boolean manager = SignedIn.may(Right.SEE_CODES);
        return new KitCheckView(s.job(), s.kit().fullName(), s.kit().boxNumber(),
                s.contents().stream().map(c -> content(c, Optional.ofNullable(s.marks().get(c.name())))).toList(),
                s.wanted().stream().map(w -> numbered(w, Optional.ofNullable(s.serials().get(w)), manager)).toList(),
                s.run().map(r -> new RunView(r.volts().stripTrailingZeros(), r.passed(), r.note(), r.by(), r.at())),
                s.kit().battery().empty().text() + " to " + s.kit().battery().full().text(),
                s.claims().stream().map(KitCheckController::brief).toList(), s.open(), s.closed());
    }

    private static ContentView content(KitCheck.Content c, Optional<KitChecks.Mark> mark) {
        return new ContentView(c.name(), c.count(), c.used(), mark.map(KitChecks.Mark::found),
                mark.filter(m -> m.found() < m.expected()).map(KitChecks.Mark::fault), mark.map(KitChecks.Mark::note).orElse(""),
                mark.map(KitChecks.Mark::by).orElse(""));
    }

    private static NumberedView numbered(Numbered what, Optional<KitChecks.Serial> serial, boolean manager) {
        boolean secret = what == Numbered.KEY;
        return new NumberedView(what, what.label(), serial.isPresent(),
                secret && !manager ? "" : serial.map(KitChecks.Serial::number).orElse(""), secret,
                serial.map(KitChecks.Serial::by).orElse(""));
    }

    private static ClaimBrief brief(Claim c) {
        return new ClaimBrief(c.id(), c.raised().text(), c.open() && c.raised().blocks(), c.raised().note(), c.settlement());
    }

    @PostMapping("/marks")
    KitCheckView mark(@PathVariable(name = "number") long number, @Valid @RequestBody MarkLine mark,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, key, () -> checks.mark(number, mark.item(), mark.good(), mark.fault(), mark.note().strip(), SignedIn.name()));
    }

    @PostMapping("/numbers")
    KitCheckView number(@PathVariable(name = "number") long number, @Valid @RequestBody WriteNumber write,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, key, () -> checks.number(number, write.what(), write.serial().strip(), SignedIn.name()));
    }

    /** @param ruling whether the kit is proven, and why not; the run is kept either way */
    record RunAnswer(Ruling ruling, KitCheckView sheet) {
    }

    @PostMapping("/runs")
    RunAnswer run(@PathVariable(name = "number") long number, @Valid @RequestBody BenchRun run,
            @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        Ruling ruling = commands.once(key, Ruling.class,
                () -> checks.ran(number, run.volts(), run.ran(), run.note().strip(), SignedIn.name()));
        return new RunAnswer(ruling, sheet(number));
    }

    @PostMapping("/closing")
    KitCheckView close(@PathVariable(name = "number") long number, @RequestHeader(name = "Idempotency-Key", required = false) String key) {
        return done(number, key, () -> checks.close(number, SignedIn.name()));
    }

    /** Stickers for the box, the bag of what is handed back, battery and spare key; a key's number is on none of them. */
    @GetMapping(path = "/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> labels(@PathVariable(name = "number") long number) {
        KitChecks.Sheet s = checks.sheet(number);
        String link = ServletUriComponentsBuilder.fromCurrentContextPath().path("/jobs/{number}/sheet").buildAndExpand(number)
                .toUriString();
        List<Label> labels = new ArrayList<>();
        labels.add(new Label(String.valueOf(number), List.of("Kit's box", s.kit().fullName(), s.job().bike()), link));
        labels.add(new Label(String.valueOf(number), List.of("Parts handed back", s.job().customer(), s.job().bike()), link));
        s.serials().forEach((what, serial) -> labels.add(new Label(String.valueOf(number), what == Numbered.KEY
                ? List.of("Spare key", s.job().customer()) : List.of(what.label(), serial.number(), s.kit().fullName()), link)));
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename("labels-%d.pdf".formatted(number)).build().toString())
                .body(LabelPdf.write(faces.letterhead(), labels));
    }

    private KitCheckView done(long number, String key, Runnable work) {
        commands.once(key, Boolean.class, () -> {
            work.run();
            return true;
        });
        return sheet(number);
    }
}
