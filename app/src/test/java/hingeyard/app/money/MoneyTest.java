package hingeyard.app.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import hingeyard.app.Shopfloor;
import hingeyard.formats.MoneyLedger;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/** Money at the counter: what is asked, taken, invoiced and credited; papers that never change and numbers without a gap. */
@ExtendWith(RunningApp.class)
class MoneyTest {

    private static final String KIT = "VM4-S";

    private ShopClient orla;
    private Shopfloor floor;
    private JdbcTemplate jdbc;
    private String today;

    @BeforeEach
    void people(RunningApp.App app) {
        floor = new Shopfloor(app);
        orla = ShopClient.signedIn(app.url(), "orla");
        jdbc = app.bean(JdbcTemplate.class);
        today = orla.get("/api/yard").body().path("today").asString();
    }

    private long billed() {
        long job = orla.book("Pays");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        orla.post("/api/drawers/%s/receipts".formatted(KIT), "{\"count\":1,\"note\":\"\"}");
        assertThat(orla.bill(job, KIT).status()).isEqualTo(200);
        return job;
    }

    /** As when its last step is done: what a bill comes to and when an invoice may be written hang on nothing else. */
    private long finished() {
        long job = billed();
        jdbc.update("UPDATE job SET place = 'RAIL' WHERE id = ?", job);
        return job;
    }

    private JsonNode money(long job) {
        return orla.get("/api/jobs/%d/money".formatted(job)).body();
    }

    private Answer pay(long job, String amount, boolean back) {
        return orla.post("/api/jobs/%d/money/payments".formatted(job), payment(amount, back, today));
    }

    private static String payment(String amount, boolean back, String on) {
        return "{\"amount\":%s,\"back\":%s,\"how\":\"CARD\",\"on\":\"%s\",\"note\":\"at the counter\"}".formatted(amount, back, on);
    }

    private Answer invoice(long job, String further) {
        return orla.post("/api/jobs/%d/money/invoices".formatted(job),
                "{\"to\":\"Test Customer\\nQuay 2\",\"further\":[%s],\"note\":\"\"}".formatted(further));
    }

    private Answer credit(long job, String invoice, String places) {
        return orla.post("/api/jobs/%d/money/credits".formatted(job),
                "{\"invoice\":\"%s\",\"places\":[%s],\"reason\":\"agreed otherwise\"}".formatted(invoice, places));
    }

    private BigDecimal due(long job) {
        return new BigDecimal(money(job).path("due").asString());
    }

    @Test
    void fromTheDepositToTheEvenAccount() {
        long job = billed();
        JsonNode asked = money(job);
        BigDecimal total = new BigDecimal(asked.path("owed").path("total").asString());
        BigDecimal deposit = new BigDecimal(asked.path("owed").path("deposit").asString());
        JsonNode charges = orla.get("/api/jobs/%d/bill".formatted(job)).body().path("bill").path("charges");
        assertThat(asked.path("owed").path("total").asString()).isEqualTo(charges.path("total").asString());
        assertThat(asked.path("due").asString()).isEqualTo(charges.path("deposit").asString());
        assertThat(asked.path("said").asString()).endsWith("to pay as deposit");
        assertThat(invoice(job, "").detail()).contains("The bike is not finished");

        Answer more = pay(job, total.add(new BigDecimal("0.01")).toPlainString(), false);
        assertThat(more.status()).isEqualTo(422);
        assertThat(more.body().path("faults").findValuesAsString("field")).containsExactly("amount");
        assertThat(more.detail()).contains("at most " + total);
        assertThat(pay(job, "1", true).detail()).contains("no more was paid than is owed");
        assertThat(pay(job, deposit.toPlainString(), false).status()).isEqualTo(200);
        assertThat(money(job).path("said").asString()).isEqualTo("nothing to pay now");

        jdbc.update("UPDATE job SET place = 'RAIL' WHERE id = ?", job);
        Answer written = invoice(job, "");
        assertThat(written.status()).as("%s", written).isEqualTo(200);
        assertThat(written.body().path("invoice").path("total").asString()).isEqualTo(total.toPlainString());
        assertThat(invoice(job, "").detail()).contains("is valid. Credit it before");
        assertThat(due(job)).isEqualTo(total.subtract(deposit));
        assertThat(open(job)).isTrue();
        assertThat(pay(job, total.subtract(deposit).toPlainString(), false).body().path("said").asString()).isEqualTo("paid in full");
        assertThat(open(job)).as("an even account is on no list").isFalse();
        assertThat(pay(job, "1", false).detail()).contains("it is paid in full");
    }

    private boolean open(long job) {
        return orla.get("/api/money").body().path("jobs").valueStream().anyMatch(j -> j.path("job").asLong() == job);
    }

    /** Some lines, then the rest, then anew: the sums of all papers are what is owed. */
    @Test
    void whatIsCreditedIsOwedNoMoreAndCanBeWrittenAnew() {
        long job = finished();
        String first = invoice(job, "{\"text\":\"Towpath trailer hitch\",\"count\":2,\"each\":12.35,\"taxPercent\":7}").body()
                .path("invoice")
                .path("number").asString();
        JsonNode whole = money(job).path("invoice");
        int last = whole.path("lines").size() - 1;
        assertThat(credit(job, first, "0," + last + "," + (last + 1)).body().path("faults").findValuesAsString("field"))
                .containsExactly("places");
        Answer some = credit(job, first, String.valueOf(last));
        assertThat(some.status()).as("%s", some).isEqualTo(200);
        assertThat(new BigDecimal(whole.path("total").asString()).subtract(new BigDecimal("26.43")))
                .as("two at 12.35 and 7 %% of tax").isEqualTo(due(job));
        assertThat(credit(job, first, String.valueOf(last)).body().path("faults").findValuesAsString("field")).containsExactly("places");
        assertThat(invoice(job, "").detail()).contains("is valid");
        assertThat(credit(job, first, "").status()).isEqualTo(200);
        assertThat(credit(job, first, "").detail()).contains("credited whole already");
        Answer anew = invoice(job, "");
        assertThat(anew.status()).isEqualTo(200);
        assertThat(anew.body().path("invoice").path("number").asString()).isNotEqualTo(first);
        BigDecimal papers = anew.body().path("papers").valueStream().map(p -> new BigDecimal(p.path("amount").asString()))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        assertThat(papers).isEqualTo(due(job));
    }

    @Test
    void whatCameTooMuchIsGivenBackAndNoMore() {
        long job = finished();
        String total = money(job).path("owed").path("total").asString();
        assertThat(pay(job, total, false).status()).isEqualTo(200);
        String number = invoice(job, "{\"text\":\"Goodwill\",\"count\":1,\"each\":-50,\"taxPercent\":0}").body().path("invoice")
                .path("number")
                .asString();
        assertThat(money(job).path("due").asString()).isEqualTo("-50.00");
        assertThat(pay(job, "50.01", true).detail()).contains("at most 50.00");
        assertThat(pay(job, "1", false).detail()).contains("50.00 is to be given back");
        Answer back = pay(job, "50", true);
        assertThat(back.body().path("said").asString()).isEqualTo("paid in full");
        String receipt = back.body().path("payments").path(0).path("receipt").asString();
        String wrong = "/api/jobs/%d/money/payments/%s/wrong".formatted(job, receipt);
        assertThat(orla.post(wrong, "{\"reason\":\"the other job\"}").detail()).contains("more would have gone out than came");
        assertThat(orla.post(wrong, "{\"reason\":\" \"}").body().path("faults").findValuesAsString("field")).containsExactly("reason");
        String refund = back.body().path("payments").path(1).path("receipt").asString();
        assertThat(orla.post("/api/jobs/%d/money/payments/%s/wrong".formatted(job, refund), "{\"reason\":\"was not handed over\"}").body()
                .path("due").asString()).isEqualTo("-50.00");
        assertThat(orla.post(wrong, "{\"reason\":\"the other job\"}").body().path("invoice").path("number").asString()).isEqualTo(number);
        assertThat(money(job).path("paid").asString()).isEqualTo("0.00");
        assertThat(orla.post(wrong, "{\"reason\":\"again\"}").detail()).contains("was taken back already");
        assertThat(money(job).path("payments")).hasSize(4);
    }

    /** A part is added after the invoice was written: the invoice stays, and it is told that it no longer says what was agreed. */
    @Test
    void aBillThatChangesAfterItsInvoiceIsTold() {
        long job = finished();
        String total = money(job).path("owed").path("total").asString();
        assertThat(invoice(job, "").body().path("otherwise").isMissingNode() || money(job).path("otherwise").isNull()).isTrue();
        assertThat(pay(job, total, false).status()).isEqualTo(200);
        assertThat(open(job)).isFalse();
        // A finished bike's bill stays as it is: it comes back to be worked on.
        jdbc.update("UPDATE job SET place = 'RACK' WHERE id = ?", job);
        JsonNode line = orla.get("/api/jobs/%d/bill".formatted(job)).body().path("bill").path("lines").valueStream()
                .filter(l -> l.path("changes").toString().contains("OTHER_COUNT") && !l.path("sum").asString().isEmpty()).findFirst()
                .orElseThrow();
        Answer changed = orla.post("/api/jobs/%d/bill/changes".formatted(job),
                "{\"kind\":\"OTHER_COUNT\",\"ordinal\":%d,\"count\":%d,\"reason\":\"one more\"}"
                        .formatted(line.path("ordinal").asInt(), line.path("count").asInt() + 1));
        assertThat(changed.status()).as("%s", changed).isEqualTo(200);
        JsonNode now = money(job);
        assertThat(now.path("otherwise").asString()).contains("was written for a bill of", "Credit the invoice and write a new one");
        assertThat(now.path("left").asString()).as("the invoice stays what is owed").isEqualTo("0.00");
        assertThat(open(job)).as("the office sees it, although it is paid").isTrue();
    }

    /** The shop is called otherwise, the customer too: what was handed over says what it said, to the byte. */
    @Test
    void aClosedDocumentNeverChanges() {
        long job = finished();
        pay(job, "10", false);
        String number = invoice(job, "").body().path("invoice").path("number").asString();
        String paper = "/api/money/papers/%s/pdf".formatted(number);
        byte[] before = orla.bytes(paper).body();
        long offered = orla.book("Asks");
        orla.survey(offered, "");
        assertThat(
                orla.post("/api/jobs/%d/quotes".formatted(offered), "{\"kitCode\":\"%s\",\"stamp\":\"%s\",\"notTaken\":[]}".formatted(KIT,
                        orla.match(offered, KIT).path("stamp").asString())).status())
                .isEqualTo(200);
        String quote = "/api/jobs/%d/quotes/1/quote.pdf".formatted(offered);
        byte[] quoted = orla.bytes(quote).body();
        assertThat(new String(before, 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
        JsonNode face = orla.get("/api/shop/face").body();
        jdbc.update("UPDATE shop_face SET name = 'Another Wharf', tax_number = 'T 1' WHERE id = 1");
        try {
            assertThat(orla.bytes(paper).body()).isEqualTo(before);
            assertThat(orla.bytes(quote).body()).as("an offer says what it said").isEqualTo(quoted);
        } finally {
            jdbc.update("UPDATE shop_face SET name = ?, tax_number = ? WHERE id = 1", face.path("name").asString(),
                    face.path("taxNumber").asString());
        }
        for (String forged : List.of("UPDATE money_paper SET pdf = ''", "DELETE FROM money_paper",
                "UPDATE money_payment SET amount_minor = 1",
                "DELETE FROM money_payment", "UPDATE money_tax SET tax_minor = 0", "DELETE FROM money_tax",
                "UPDATE quote_paper SET pdf = ''", "DELETE FROM quote_paper")) {
            assertThatThrownBy(() -> jdbc.update(forged)).as(forged).hasMessageMatching("(?s).*(never changes|only ever added to).*");
        }
    }

    /** What is open is added up in one currency: it ends with the first document. */
    @Test
    void theCurrencyStaysOnceSomethingWasWritten() {
        pay(billed(), "10", false);
        JsonNode face = orla.get("/api/shop/face").body();
        Answer refused = orla.put("/api/shop/face", face(face, "NOK"));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().path("faults").findValuesAsString("field")).containsExactly("currency");
        assertThat(refused.detail()).contains("Documents are written in EUR");
        assertThat(orla.get("/api/shop/face").body()).isEqualTo(face);
        assertThat(orla.put("/api/shop/face", face(face, "EUR")).status()).isEqualTo(200);
    }

    private static String face(JsonNode face, String currency) {
        return "{\"version\":%d,\"name\":\"%s\",\"address\":\"%s\",\"telephone\":\"%s\",\"taxNumber\":\"%s\",\"terms\":\"\",\"currency\":\"%s\"}"
                .formatted(face.path("version").asInt(), face.path("name").asString(), face.path("address").asString(),
                        face.path("telephone").asString(), face.path("taxNumber").asString(), currency);
    }

    /** Six people at six jobs and two at one: nobody gets another's number, none is left out, and what is paid twice is refused. */
    @Test
    void numbersRunWithoutAGap() throws Exception {
        List<Long> jobs = IntStream.range(0, 6).mapToObj(i -> finished()).toList();
        long one = finished();
        String total = money(one).path("owed").path("total").asString();
        List<Callable<Answer>> all = new ArrayList<>();
        jobs.forEach(j -> all.add(() -> pay(j, "10", false)));
        jobs.forEach(j -> all.add(() -> invoice(j, "")));
        IntStream.range(0, 4).forEach(i -> all.add(() -> pay(one, total, false)));
        ExecutorService hands = Executors.newFixedThreadPool(8);
        List<Integer> answered = new ArrayList<>();
        try {
            for (Future<Answer> f : hands.invokeAll(all)) {
                answered.add(f.get().status());
            }
        } finally {
            hands.shutdownNow();
        }
        assertThat(answered.subList(0, 12)).containsOnly(200);
        assertThat(answered.subList(12, 16)).containsExactlyInAnyOrder(200, 422, 422, 422);
        withoutGap();
    }

    private void withoutGap() {
        Map<String, List<Integer>> rows = new HashMap<>();
        jdbc.query("SELECT kind, number FROM money_paper", r -> {
            String number = r.getString(2);
            rows.computeIfAbsent(r.getString(1) + number.substring(0, number.indexOf('-')), k -> new ArrayList<>())
                    .add(Integer.parseInt(number.substring(number.indexOf('-') + 1)));
        });
        assertThat(rows).isNotEmpty();
        rows.forEach((row, numbers) -> assertThat(numbers.stream().sorted().toList()).as(row)
                .isEqualTo(IntStream.rangeClosed(1, numbers.size()).boxed().toList()));
    }

    @Test
    void oneTapThatIsSentTwiceIsOnePayment() {
        long job = billed();
        String key = UUID.randomUUID().toString();
        for (int i = 0; i < 2; i++) {
            assertThat(orla.post("/api/jobs/%d/money/payments".formatted(job), payment("25", false, today), key).status()).isEqualTo(200);
        }
        assertThat(money(job).path("payments")).hasSize(1);
        assertThat(money(job).path("paid").asString()).isEqualTo("25.00");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "payments | {\"amount\":0,\"back\":false,\"how\":\"CASH\",\"on\":\"DAY\"}         | amount",
        "payments | {\"amount\":-5,\"back\":false,\"how\":\"CASH\",\"on\":\"DAY\"}        | amount",
        "payments | {\"amount\":1.005,\"back\":false,\"how\":\"CASH\",\"on\":\"DAY\"}     | amount",
        "payments | {\"amount\":1,\"back\":false,\"on\":\"DAY\"}                           | how",
        "payments | {\"amount\":1,\"back\":false,\"how\":\"CASH\",\"on\":\"2124-01-01\"}  | on",
        "payments | {\"amount\":1,\"back\":false,\"how\":\"CASH\",\"on\":\"2020-01-01\"}  | on",
        "invoices | {\"to\":\" \",\"further\":[]}                                           | to",
        "invoices | {\"to\":\"A\\nB\\nC\\nD\\nE\\nF\\nG\\nH\\nI\",\"further\":[]}          | to",
        "invoices | {\"to\":\"A\",\"further\":[{\"text\":\"x\",\"count\":0,\"each\":1,\"taxPercent\":20}]}    | further[0].count",
        "invoices | {\"to\":\"A\",\"further\":[{\"text\":\"x\",\"count\":1,\"each\":1,\"taxPercent\":41}]}    | further[0].taxPercent",
        "invoices | {\"to\":\"A\",\"further\":[{\"text\":\"x\",\"count\":1,\"each\":-999999,\"taxPercent\":0}]} | further",
        "credits  | {\"invoice\":\"\",\"places\":[],\"reason\":\"why\"}                    | invoice",
        "credits  | {\"invoice\":\"2026-0001\",\"places\":[],\"reason\":\"\"}              | reason"})
    void whatCannotBeIsRefusedAtItsField(String what, String body, String field) {
        long job = finished();
        Answer refused = orla.post("/api/jobs/%d/money/%s".formatted(job, what), body.replace("DAY", today));
        assertThat(refused.status()).as("%s", refused).isEqualTo(422);
        assertThat(refused.body().path("faults").findValuesAsString("field")).containsExactly(field);
        assertThat(money(job).path("papers")).isEmpty();
    }

    /** By day and rate, paper by paper, payment by payment: each table comes to what the papers come to. */
    @Test
    void theAccountantsTablesComeToThePapers() {
        long job = finished();
        pay(job, "10.50", false);
        String number = invoice(job, "{\"text\":\"=SUM(A1)\",\"count\":1,\"each\":10,\"taxPercent\":7}").body().path("invoice")
                .path("number")
                .asString();
        credit(job, number, "0");
        String days = "?from=%s&to=%s".formatted(today, today);
        JsonNode papers = orla.get("/api/money/papers" + days).body();
        BigDecimal priced = sum(papers.valueStream().filter(p -> !p.path("kind").asString().equals("RECEIPT"))
                .map(p -> p.path("amount").asString()).toList());
        BigDecimal received = sum(papers.valueStream().filter(p -> p.path("kind").asString().equals("RECEIPT"))
                .map(p -> p.path("amount").asString()).toList());
        assertThat(column("DAYS" + days, "gross")).isEqualTo(priced);
        assertThat(column("DOCUMENTS" + days, "gross")).isEqualTo(priced);
        assertThat(column("DOCUMENTS" + days, "net").add(column("DOCUMENTS" + days, "tax"))).isEqualTo(priced);
        assertThat(column("PAYMENTS" + days, "amount")).isEqualTo(received);
        assertThat(table("DOCUMENTS" + days)).anyMatch(l -> l.contains(number) && l.contains(",7,"));
        assertThat(orla.get("/api/money/papers?from=%s&to=2020-01-01".formatted(today)).body().path("faults").findValuesAsString("field"))
                .containsExactly("to");
    }

    private List<String> table(String path) {
        return new String(orla.bytes("/api/money/tables/" + path).body(), StandardCharsets.UTF_8).lines().toList();
    }

    private BigDecimal column(String path, String name) {
        List<String> lines = table(path);
        int at = List.of(lines.get(0).split(",")).indexOf(name);
        return sum(lines.stream().skip(1).map(l -> l.split(",")[at]).toList());
    }

    private static BigDecimal sum(List<String> amounts) {
        return amounts.stream().map(BigDecimal::new).reduce(new BigDecimal("0.00"), BigDecimal::add);
    }

    /** The audit finds a figure that was changed behind the triggers' back, a payment that is another, a number that is left out. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "money_tax | a closed document never changes | UPDATE money_tax SET tax_minor = tax_minor %s 1 LIMIT 1 | its lines come to",
        "money_payment | payments are only ever added to | UPDATE money_payment SET amount_minor = amount_minor %s 1 LIMIT 1 | the receipt says",
        "money_paper | a closed document never changes | UPDATE money_number SET last = last %s 1 WHERE kind = 'INVOICE' | counted to"})
    void theAuditAddsItUpAgain(String table, String why, String forged, String found, RunningApp.App app) {
        pay(finished(), "10", false);
        assertThat(audited()).isEmpty();
        app.asOwner("DROP TRIGGER %s_is_not_rewritten".formatted(table));
        try {
            app.asOwner(forged.formatted("+"));
            assertThat(audited()).anyMatch(f -> f.contains(found));
            app.asOwner(forged.formatted("-"));
        } finally {
            app.asOwner(
                    "CREATE TRIGGER %1$s_is_not_rewritten BEFORE UPDATE ON %1$s FOR EACH ROW SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = '%2$s'"
                            .formatted(table, why));
        }
        assertThat(audited()).isEmpty();
    }

    private List<String> audited() {
        return jdbc.execute((ConnectionCallback<List<String>>) MoneyLedger::findings);
    }

    /** The pair: what every bill of the demo says, its account says. */
    @Test
    void everyAccountSaysWhatItsBillSays() {
        int seen = 0;
        for (JsonNode bike : orla.get("/api/yard").body().path("bikes")) {
            long job = bike.path("job").path("number").asLong();
            JsonNode bill = orla.get("/api/jobs/%d/bill".formatted(job)).body().path("bill").path("charges");
            JsonNode owed = money(job).path("owed");
            if (bill.has("total") && owed.path("what").asString().equals("the bill")) {
                assertThat(owed.path("total").asString()).as("job %d", job).isEqualTo(bill.path("total").asString());
                assertThat(owed.path("deposit").asString()).isEqualTo(bill.path("deposit").asString());
                seen++;
            }
        }
        assertThat(seen).isGreaterThan(5);
    }
}
