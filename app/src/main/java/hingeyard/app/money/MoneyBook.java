package hingeyard.app.money;

import hingeyard.app.problem.Refused;
import hingeyard.app.wiring.ShopClock;
import hingeyard.core.money.Invoiced;
import hingeyard.core.money.MoneyPaper;
import hingeyard.core.money.PaidHow;
import hingeyard.core.money.PaperKind;
import hingeyard.core.money.Payment;
import hingeyard.core.money.TaxSum;
import hingeyard.formats.MoneyCsv.DayLine;
import hingeyard.formats.MoneyCsv.PaperLine;
import hingeyard.formats.MoneyCsv.PaymentLine;
import hingeyard.formats.MoneyLedger;
import java.sql.Timestamp;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The closed documents and the payments, which are only ever added to. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
class MoneyBook {

    /** A document as lists show it. */
    record Filed(MoneyPaper paper, long byMinor) {
    }

    private final NamedParameterJdbcTemplate jdbc;
    private final ShopClock clock;
    private final JsonMapper json;

    MoneyBook(NamedParameterJdbcTemplate jdbc, ShopClock clock, JsonMapper json) {
        this.jdbc = jdbc;
        this.clock = clock;
        this.json = json;
    }

    /** The next number of its kind. Whoever comes second waits until the first is written, or gave its number back. */
    String next(PaperKind kind, LocalDate on) {
        MapSqlParameterSource at = new MapSqlParameterSource("kind", kind.name()).addValue("year", on.getYear());
        jdbc.update("INSERT INTO money_number (kind, year, last) VALUES (:kind, :year, 1) ON DUPLICATE KEY UPDATE last = last + 1", at);
        return kind.number(on.getYear(),
                jdbc.queryForObject("SELECT last FROM money_number WHERE kind = :kind AND year = :year", at, Integer.class));
    }

    /** @param byMinor what the bill that an invoice is of comes to; 0 for others */
    void file(MoneyPaper paper, long customer, long byMinor, byte[] pdf) {
        jdbc.update("""
                INSERT INTO money_paper (number, kind, job_id, customer_id, on_day, corrects, by_minor, paper, pdf, made_by, made_at)
                VALUES (:number, :kind, :job, :customer, :on, :corrects, :byMinor, :paper, :pdf, :by, :at)""",
                new MapSqlParameterSource("number", paper.number()).addValue("kind", paper.kind().name()).addValue("job", paper.job())
                        .addValue("customer", customer).addValue("on", paper.on()).addValue("corrects", paper.corrects().orElse(null))
                        .addValue("byMinor", byMinor).addValue("paper", json.writeValueAsString(paper)).addValue("pdf", pdf)
                        .addValue("by", paper.by()).addValue("at", Timestamp.from(clock.now())));
        for (TaxSum tax : paper.sums().taxes()) {
            jdbc.update("INSERT INTO money_tax (number, percent, net_minor, tax_minor) VALUES (:number, :percent, :net, :tax)",
                    new MapSqlParameterSource("number", paper.number()).addValue("percent", tax.percent()).addValue("net", tax.netMinor())
                            .addValue("tax", tax.taxMinor()));
        }
        paper.handed().ifPresent(h -> jdbc.update("""
                INSERT INTO money_payment (receipt, job_id, amount_minor, how, on_day, takes_back)
                VALUES (:number, :job, :amount, :how, :on, :takesBack)""",
                new MapSqlParameterSource("number", paper.number()).addValue("job", paper.job()).addValue("amount", h.amountMinor())
                        .addValue("how", h.how().name()).addValue("on", h.on()).addValue("takesBack", paper.corrects().orElse(null))));
    }

    void credited(String invoice, Set<Integer> places, String credit) {
        places.forEach(p -> jdbc.update("INSERT INTO money_credited (invoice, place, credit) VALUES (:invoice, :place, :credit)",
                new MapSqlParameterSource("invoice", invoice).addValue("place", p).addValue("credit", credit)));
    }

    /** Every document of these jobs, in the order they were written. */
    Map<Long, List<Filed>> papers(Collection<Long> jobs) {
        return jobs.isEmpty() ? Map.of()
                : jdbc.query("SELECT paper, by_minor FROM money_paper WHERE job_id IN (:jobs) ORDER BY made_at, number",
                        Map.of("jobs", jobs), (r, n) -> new Filed(paper(r.getString(1)), r.getLong(2))).stream()
                        .collect(Collectors.groupingBy(f -> f.paper.job()));
    }

    private MoneyPaper paper(String text) {
        return json.readValue(text, MoneyPaper.class);
    }

    MoneyPaper paperOf(String number) {
        return jdbc.queryForList("SELECT paper FROM money_paper WHERE number = :number", Map.of("number", number), String.class).stream()
                .findFirst().map(this::paper).orElseThrow(() -> Refused.notFound("document", number));
    }

    byte[] pdf(String number) {
        return jdbc.queryForList("SELECT pdf FROM money_paper WHERE number = :number", Map.of("number", number), byte[].class).stream()
                .findFirst().orElseThrow(() -> Refused.notFound("document", number));
    }

    /** The last of them, by number, customer, bike or job; those of a stretch of days. */
    List<MoneyPaper> found(LocalDate from, LocalDate to, int most) {
        return jdbc.query(
                "SELECT paper FROM money_paper WHERE on_day BETWEEN :from AND :to ORDER BY made_at DESC, number DESC LIMIT :most",
                new MapSqlParameterSource("from", from).addValue("to", to).addValue("most", most), (r, n) -> paper(r.getString(1)));
    }

    List<Invoiced> invoices(List<Filed> papers) {
        List<Filed> written = papers.stream().filter(f -> f.paper.kind() == PaperKind.INVOICE).toList();
        if (written.isEmpty()) {
            return List.of();
        }
        Map<String, Set<Integer>> credited = new HashMap<>();
        jdbc.query("SELECT invoice, place FROM money_credited WHERE invoice IN (:invoices)",
                Map.of("invoices", written.stream().map(f -> f.paper.number()).toList()), r -> {
                    credited.computeIfAbsent(r.getString(1), i -> new TreeSet<>()).add(r.getInt(2));
                });
        return written.stream().map(
                f -> new Invoiced(f.paper.number(), f.byMinor, f.paper.lines(), credited.getOrDefault(f.paper.number(), Set.of())))
                .toList();
    }

    Map<Long, List<Payment>> payments(Collection<Long> jobs) {
        Map<Long, List<Payment>> found = new HashMap<>();
        if (!jobs.isEmpty()) {
            jdbc.query("""
                    SELECT p.job_id, p.receipt, p.amount_minor, p.how, p.on_day,
                      p.takes_back IS NOT NULL OR EXISTS (SELECT 1 FROM money_payment w WHERE w.takes_back = p.receipt)
                    FROM money_payment p WHERE p.job_id IN (:jobs) ORDER BY p.receipt""", Map.of("jobs", jobs), r -> {
                found.computeIfAbsent(r.getLong(1), j -> new ArrayList<>()).add(new Payment(r.getString(2), r.getLong(3),
                        PaidHow.valueOf(r.getString(4)), r.getObject(5, LocalDate.class), r.getBoolean(6)));
            });
        }
        return found;
    }

    /** Jobs whose account is not closed. */
    List<Long> open() {
        return jdbc.queryForList("SELECT job_id FROM money_open ORDER BY job_id", Map.of(), Long.class);
    }

    void open(long job, boolean open) {
        jdbc.update(open ? "INSERT IGNORE INTO money_open (job_id) VALUES (:job)" : "DELETE FROM money_open WHERE job_id = :job",
                Map.of("job", job));
    }

    /** The address that a customer's last invoice went to; empty where there was none. */
    Optional<List<String>> lastAddress(long customer) {
        return jdbc.queryForList(
                """
                SELECT paper FROM money_paper WHERE customer_id = :customer AND kind = 'INVOICE' ORDER BY made_at DESC, number DESC LIMIT 1""",
                Map.of("customer", customer), String.class).stream().findFirst().map(p -> paper(p).to());
    }

    List<String> audited() {
        return jdbc.getJdbcTemplate().execute((ConnectionCallback<List<String>>) MoneyLedger::findings);
    }

    private static MapSqlParameterSource between(LocalDate from, LocalDate to) {
        return new MapSqlParameterSource("from", from).addValue("to", to);
    }

    List<DayLine> days(LocalDate from, LocalDate to) {
        return jdbc.query("""
                SELECT p.on_day, t.percent, COUNT(*), SUM(t.net_minor), SUM(t.tax_minor) FROM money_tax t
                JOIN money_paper p ON p.number = t.number WHERE p.on_day BETWEEN :from AND :to
                GROUP BY p.on_day, t.percent ORDER BY p.on_day, t.percent DESC""", between(from, to),
                (r, n) -> new DayLine(r.getObject(1, LocalDate.class), r.getBigDecimal(2), r.getInt(3), r.getLong(4), r.getLong(5)));
    }

    List<PaperLine> lines(LocalDate from, LocalDate to) {
        return jdbc.query("""
                SELECT p.on_day, p.kind, p.number, p.job_id, JSON_VALUE(p.paper, '$.customer'), COALESCE(p.corrects, ''), t.percent,
                  t.net_minor, t.tax_minor
                FROM money_tax t JOIN money_paper p ON p.number = t.number WHERE p.on_day BETWEEN :from AND :to
                ORDER BY p.on_day, p.made_at, p.number, t.percent DESC""", between(from, to),
                (r, n) -> new PaperLine(r.getObject(1, LocalDate.class), PaperKind.valueOf(r.getString(2)), r.getString(3), r.getLong(4),
                        r.getString(5), r.getString(6), r.getBigDecimal(7), r.getLong(8), r.getLong(9)));
    }

    List<PaymentLine> payments(LocalDate from, LocalDate to) {
        return jdbc.query("""
                SELECT m.on_day, m.how, m.receipt, m.job_id, JSON_VALUE(p.paper, '$.customer'), m.amount_minor, COALESCE(m.takes_back, '')
                FROM money_payment m JOIN money_paper p ON p.number = m.receipt WHERE m.on_day BETWEEN :from AND :to
                ORDER BY m.on_day, p.made_at, m.receipt""", between(from, to),
                (r, n) -> new PaymentLine(r.getObject(1, LocalDate.class), PaidHow.valueOf(r.getString(2)), r.getString(3), r.getLong(4),
                        r.getString(5), r.getLong(6), r.getString(7)));
    }
}
