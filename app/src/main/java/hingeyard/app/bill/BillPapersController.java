package hingeyard.app.bill;

import hingeyard.app.booking.JobCard;
import hingeyard.app.booking.Jobs;
import hingeyard.app.face.Faces;
import hingeyard.app.kit.Kits;
import hingeyard.app.problem.Refused;
import hingeyard.app.survey.Surveys;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.bike.BikeGeometry;
import hingeyard.core.bike.Shape.Ink;
import hingeyard.core.bill.Bill;
import hingeyard.core.bill.BillDifference;
import hingeyard.core.bill.Charges;
import hingeyard.core.bill.Signature;
import hingeyard.core.kit.Kit;
import hingeyard.formats.BillCsv;
import hingeyard.formats.BillFile;
import hingeyard.formats.BillJson;
import hingeyard.formats.BillPdf;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Bills and quotes on paper and as files. */
@RestController
@RequestMapping("/api/jobs/{number}")
class BillPapersController {

    private final Bills bills;
    private final Quotes quotes;
    private final Revisions revisions;
    private final Jobs jobs;
    private final Kits kits;
    private final Surveys surveys;
    private final ShopClock clock;
    private final JsonMapper json;
    private final Faces faces;

    BillPapersController(Bills bills, Quotes quotes, Revisions revisions, Jobs jobs, Kits kits, Surveys surveys, ShopClock clock,
            JsonMapper json, Faces faces) {
        this.faces = faces;
        this.bills = bills;
        this.quotes = quotes;
        this.revisions = revisions;
        this.jobs = jobs;
        this.kits = kits;
        this.surveys = surveys;
        this.clock = clock;
        this.json = json;
    }

    @GetMapping(path = "/quotes/{ordinal}/quote.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> quote(@PathVariable(name = "number") long number, @PathVariable(name = "ordinal") int ordinal) {
        QuoteRow row = quotes.one(number, ordinal);
        return sent("quote-%d-%d.pdf".formatted(number, ordinal),
                BillPdf.write(faces.letterhead(),
                        file(number, "Quote " + ordinal, row.kitCode, row.madeAt, row.madeBy, "", Optional.empty(),
                                Optional.of(row.validUntil), row.ready,
                                List.of(), quotes.bill(row),
                                quotes.charges(row))));
    }

    @GetMapping(path = "/bill/bill.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> paper(@PathVariable(name = "number") long number) {
        return sent("bill-%d.pdf".formatted(number), BillPdf.write(faces.letterhead(), file(number)));
    }

    @GetMapping(path = "/bill/bill.csv", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> table(@PathVariable(name = "number") long number) {
        return sent("bill-%d.csv".formatted(number), BillCsv.write(file(number)));
    }

    @GetMapping(path = "/bill/bill.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> data(@PathVariable(name = "number") long number) {
        return sent("bill-%d.json".formatted(number), BillJson.write(file(number)));
    }

    private BillFile file(long number) {
        List<BillRow> all = bills.all(number);
        BillRow row = all.stream().filter(b -> b.withdrawnReason == null).findFirst()
                .orElseThrow(() -> Refused.notFound("bill for job", number));
        BillDifference difference = revisions.history(all).getOrDefault(row.revision, new BillDifference(List.of()));
        if (row.charges == null) {
            throw Refused.conflict("The bill of job %d is from before bills had prices. Make its next revision first.".formatted(number));
        }
        return file(number, "Bill of materials, revision " + BillRow.letter(row.revision), row.kitCode, row.madeAt, row.madeBy,
                row.agreedText(), row.signature(), Optional.empty(), "",
                difference.changes().stream().map(BillDifference.Change::text).toList(), row.billAsAgreed(),
                json.readValue(row.charges, Charges.class));
    }

    private BillFile file(long number, String title, String kitCode, Instant at, String by, String agreedBy, Optional<Signature> signature,
            Optional<LocalDate> validUntil, String ready,
            List<String> changes, Bill bill, Charges charges) {
        JobCard job = jobs.card(number);
        Kit kit = kits.kit(kitCode);
        return new BillFile(number, title, job.customer(), kit.fullName(),
                List.of(job.bike() + ", " + job.frame(), job.need()),
                BikeGeometry.draw(job.kind(), surveys.of(job.bikeId()), Optional.of(kit.drive().outline(kit.battery())), Ink.PLANNED,
                        Ink.PLANNED).bare(),
                job.paint(),
                clock.day(at), by, agreedBy, signature, validUntil, ready, changes, bill, charges);
    }

    private static <T> ResponseEntity<T> sent(String name, T body) {
        return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.inline().filename(name).build().toString())
                .body(body);
    }
}
