package hingeyard.app.bill;

import hingeyard.app.face.Faces;
import hingeyard.app.problem.Refused;
import hingeyard.core.bill.BillDifference;
import hingeyard.core.bill.Charges;
import hingeyard.formats.BillCsv;
import hingeyard.formats.BillFile;
import hingeyard.formats.BillJson;
import hingeyard.formats.BillPdf;
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
    private final BillPapers papers;
    private final JsonMapper json;
    private final Faces faces;

    BillPapersController(Bills bills, Quotes quotes, Revisions revisions, BillPapers papers, JsonMapper json,
            Faces faces) {
        this.faces = faces;
        this.bills = bills;
        this.quotes = quotes;
        this.revisions = revisions;
        this.papers = papers;
        this.json = json;
    }

    @GetMapping(path = "/quotes/{ordinal}/quote.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> quote(@PathVariable(name = "number") long number, @PathVariable(name = "ordinal") int ordinal) {
        QuoteRow row = quotes.one(number, ordinal);
        return sent("quote-%d-%d.pdf".formatted(number, ordinal), papers.quote(row, quotes.bill(row), quotes.charges(row)));
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
        return papers.file(number, "Bill of materials, revision " + BillRow.letter(row.revision), row.kitCode, row.madeAt, row.madeBy,
                row.agreedText(), row.signature(), Optional.empty(), "",
                difference.changes().stream().map(BillDifference.Change::text).toList(), row.billAsAgreed(),
                json.readValue(row.charges, Charges.class));
    }

    private static <T> ResponseEntity<T> sent(String name, T body) {
        return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.inline().filename(name).build().toString())
                .body(body);
    }
}
