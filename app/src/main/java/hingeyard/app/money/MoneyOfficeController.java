package hingeyard.app.money;

import hingeyard.app.money.MoneyOffice.OpenMoney;
import hingeyard.app.money.MoneyOffice.Table;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The whole shop's money. */
@RestController
@RequestMapping("/api/money")
class MoneyOfficeController {

    private final MoneyOffice office;

    MoneyOfficeController(MoneyOffice office) {
        this.office = office;
    }

    @GetMapping
    OpenMoney open(@RequestParam(name = "customer") Optional<Long> customer) {
        return office.open(customer);
    }

    @GetMapping("/papers")
    List<MoneyPaperView> papers(@RequestParam(name = "from") LocalDate from, @RequestParam(name = "to") LocalDate to) {
        return office.papers(from, to).stream().map(MoneyPaperView::of).toList();
    }

    /** What does not add up when every document and payment is added up again; empty when all does. */
    @GetMapping("/audit")
    List<String> audited() {
        return office.audited();
    }

    /** As it was handed over, to the byte. */
    @GetMapping(path = "/papers/{number}/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> paper(@PathVariable(name = "number") String number) {
        return named(number + ".pdf", office.pdf(number));
    }

    @GetMapping(path = "/tables/{table}", produces = "text/csv;charset=UTF-8")
    ResponseEntity<String> table(@PathVariable(name = "table") Table table, @RequestParam(name = "from") LocalDate from,
            @RequestParam(name = "to") LocalDate to) {
        return named("%s-%s-%s.csv".formatted(table.name().toLowerCase(Locale.ROOT), from, to), office.table(table, from, to));
    }

    private static <T> ResponseEntity<T> named(String file, T body) {
        return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.inline().filename(file).build().toString())
                .body(body);
    }
}
