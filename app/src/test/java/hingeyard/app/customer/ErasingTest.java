package hingeyard.app.customer;

import static org.assertj.core.api.Assertions.assertThat;

import hingeyard.app.PhotoTest;
import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import hingeyard.app.ShopClient.Answer;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.core.io.ClassPathResource;
import org.springframework.jdbc.core.JdbcTemplate;
import tools.jackson.databind.JsonNode;

/**
 * A customer asks for what the shop knows, and to be forgotten. Every column of text there is says what becomes of it
 * ({@code personal-columns.txt}); afterwards the whole database is read for the name, byte by byte.
 */
@ExtendWith(RunningApp.class)
class ErasingTest {

    private static final String NAME = "Quenja Røsvik";
    private static final String CONTACT = "rosvik, ext. 8461";
    private static final String KIT = "VM4-S";
    private static final String WORDS = "as quenja RØSVIK said on " + CONTACT + ", not Quenjas; Ext. 8461 again";
    private ShopClient orla;
    private JdbcTemplate jdbc;
    private long job;
    private long customer;

    @BeforeEach
    void people(RunningApp.App app) {
        orla = ShopClient.signedIn(app.url(), "orla");
        jdbc = app.bean(JdbcTemplate.class);
    }

    private Answer book(String bike) {
        return orla.post("/api/jobs", ShopClient.booking(NAME, CONTACT, bike, "").replace("\"newCustomer\":false", "\"newCustomer\":true"));
    }

    /** Booked, arrived, measured, offered, billed, photographed, invoiced. */
    private void aWholeJob() throws IOException {
        Answer booked = book("Long tail of " + NAME);
        assertThat(booked.status()).as("%s", booked).isEqualTo(201);
        job = booked.body().path("number").asLong();
        customer = jdbc.queryForObject("SELECT b.customer_id FROM job j JOIN bike b ON b.id = j.bike_id WHERE j.id = ?", Long.class, job);
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        orla.post("/api/drawers/%s/receipts".formatted(KIT), "{\"count\":1,\"note\":\"\"}");
        assertThat(orla.post("/api/jobs/%d/quotes".formatted(job), "{\"kitCode\":\"%s\",\"stamp\":\"%s\",\"notTaken\":[]}".formatted(KIT,
                orla.match(job, KIT).path("stamp").asString())).status()).isEqualTo(200);
        assertThat(orla.bill(job, KIT).status()).isEqualTo(200);
        assertThat(orla.photo(job, "bike", "a.png", PhotoTest.picture(400, 300, "png")).status()).isEqualTo(201);
        jdbc.update("UPDATE job SET place = 'RAIL' WHERE id = ?", job);
    }

    private void invoiceAndPay() {
        assertThat(orla.post("/api/jobs/%d/money/invoices".formatted(job),
                "{\"to\":\"%s\\nQuay 2\",\"further\":[],\"note\":\"\"}".formatted(NAME)).status()).isEqualTo(200);
        JsonNode money = orla.get("/api/jobs/%d/money".formatted(job)).body();
        assertThat(orla.post("/api/jobs/%d/money/payments".formatted(job),
                "{\"amount\":%s,\"back\":false,\"how\":\"CARD\",\"on\":\"%s\",\"note\":\"\"}".formatted(money.path("due").asString(),
                        orla.get("/api/yard").body().path("today").asString()))
                .status()).isEqualTo(200);
    }

    private Answer erase(String name, int version) {
        return orla.post("/api/customers/%d/erasure".formatted(customer), "{\"name\":\"%s\",\"version\":%d}".formatted(name, version));
    }

    private int version() {
        return orla.get("/api/customers/" + customer).body().path("version").asInt();
    }

    private JsonNode may() {
        return orla.get("/api/customers/%d/erasure".formatted(customer)).body().path("may");
    }

    private static Map<String, String> columns() throws IOException {
        Map<String, String> columns = new TreeMap<>();
        new ClassPathResource("personal-columns.txt").getContentAsString(StandardCharsets.UTF_8).lines().filter(l -> !l.startsWith("#"))
                .map(l -> l.split("\\|")).forEach(l -> columns.put(l[0].strip(), l[1].strip()));
        return columns;
    }

    private List<String> textColumns() {
        return jdbc
                .queryForList("SELECT CONCAT(table_name, '.', column_name) FROM information_schema.columns WHERE table_schema = DATABASE() "
                        + "AND data_type IN ('varchar', 'text', 'mediumtext', 'longtext', 'blob', 'mediumblob', 'longblob') "
                        + "AND table_name <> 'flyway_schema_history' ORDER BY 1", String.class);
    }

    /** A new column of text is thought of here, or this fails. */
    @Test
    void everyColumnOfTextSaysWhatBecomesOfIt() throws IOException {
        assertThat(columns().keySet()).containsExactlyInAnyOrderElementsOf(textColumns());
        assertThat(columns().values()).isSubsetOf("NAME", "EMPTIED", "GONE", "WORDS", "STAYS", "none");
    }

    /** Which rows of a table are this job's; empty where there are none by that way. */
    private String theirs(String table) {
        List<String> has = jdbc.queryForList(
                "SELECT column_name FROM information_schema.columns WHERE table_schema = DATABASE() AND table_name = ?",
                String.class, table);
        return table.equals("job") ? "id = " + job
                : has.contains("job_id") ? "job_id = " + job
                        : has.contains("bill_id") ? "bill_id IN (SELECT id FROM bill WHERE job_id = %d)".formatted(job) : "1 = 0";
    }

    /** Words of people, put wherever there is a row of this job: somebody may have typed them there. */
    private List<String> plantWords() throws IOException {
        List<String> planted = new ArrayList<>();
        for (Map.Entry<String, String> column : columns().entrySet()) {
            String[] at = column.getKey().split("\\.");
            boolean list = List.of("by_hand", "not_taken", "stays").contains(at[1]);
            String put = column.getValue().equals("WORDS") && !list && !at[0].equals("command_receipt") ? WORDS
                    : column.getValue().equals("NAME") && !at[0].equals("customer") ? NAME
                            : column.getKey().equals("bill.agreed_drawn") ? "M1 1L2 2" : "";
            if (!put.isEmpty() && jdbc.update("UPDATE %s SET %s = ? WHERE %s".formatted(at[0], at[1], theirs(at[0])), put) > 0) {
                planted.add(column.getKey());
            }
        }
        return planted;
    }

    /** Where the name or the contact stands, in any letters. */
    private List<String> stillHolding(String... words) {
        List<String> found = new ArrayList<>();
        for (String column : textColumns()) {
            String[] at = column.split("\\.");
            for (String word : words) {
                if (jdbc.queryForObject(
                        "SELECT COUNT(*) FROM %s WHERE LOCATE(LOWER(?), LOWER(CONVERT(%s USING utf8mb4))) > 0".formatted(at[0],
                                at[1]),
                        Integer.class, word) > 0) {
                    found.add(column);
                }
            }
        }
        return found.stream().distinct().toList();
    }

    private Map<String, byte[]> handedOut() throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(
                new ByteArrayInputStream(orla.bytes("/api/customers/%d/data".formatted(customer)).body()), StandardCharsets.UTF_8)) {
            for (ZipEntry e = zip.getNextEntry(); e != null; e = zip.getNextEntry()) {
                files.put(e.getName(), zip.readAllBytes());
            }
        }
        return files;
    }

    @Test
    void whatIsKnownIsHandedOutAndForgotten() throws IOException {
        aWholeJob();
        assertThat(may().path("reason").asString())
                .isEqualTo("Job %d is not finished: hand the bike over, or call it off, first.".formatted(job));
        assertThat(erase(NAME, version()).status()).isEqualTo(409);
        jdbc.update("UPDATE job SET place = 'GONE' WHERE id = ?", job);
        assertThat(may().path("reason").asString())
                .isEqualTo("Job %d is not settled: see to payments and invoice first.".formatted(job));
        jdbc.update("UPDATE job SET place = 'RAIL' WHERE id = ?", job);
        invoiceAndPay();
        jdbc.update("UPDATE job SET place = 'GONE' WHERE id = ?", job);
        assertThat(may().path("allowed").asBoolean()).isTrue();
        List<String> planted = plantWords();
        assertThat(planted).contains("job.wish", "bill.agreed_by", "bill_line.agreed_by", "bill_line.reason", "bill.agreed_drawn",
                "step.handover", "quote.withdrawn_reason");

        Map<String, byte[]> files = handedOut();
        String data = new String(files.get("data.json"), StandardCharsets.UTF_8);
        assertThat(data).contains(NAME, CONTACT, WORDS, "M1 1L2 2", "measurements", "invoices, credit notes and receipts")
                .containsPattern("\"taken_at\" : \"[0-9-]{10}T[0-9:.]{8,12}Z\"");
        assertThat(files.keySet()).contains("README.txt", "papers/quote-%d-1.pdf".formatted(job)).anyMatch(f -> f.startsWith("photos/job-"))
                .filteredOn(f -> f.startsWith("papers/")).hasSizeGreaterThan(2);

        assertThat(erase("Somebody else", version()).body().path("faults").get(0).path("field").asString()).isEqualTo("name");
        assertThat(erase(NAME, version() - 1).status()).isEqualTo(409);
        assertThat(stillHolding(NAME)).as("what was refused erased nothing").contains("customer.name", "job.wish");
        List<String> audited = audits();
        assertThat(erase(NAME.toLowerCase(Locale.ROOT), version()).status()).isEqualTo(204);

        Map<String, String> columns = columns();
        assertThat(stillHolding(NAME, CONTACT)).as("closed documents alone").isNotEmpty().allMatch(c -> columns.get(c).equals("STAYS"))
                .isSubsetOf("money_paper.paper", "money_paper.pdf", "quote_paper.pdf");
        assertThat(jdbc.queryForObject("SELECT wish FROM job WHERE id = ?", String.class, job))
                .isEqualTo("as [erased] said on [erased], not Quenjas; [erased] again");
        assertThat(jdbc.queryForObject("SELECT b.name FROM job j JOIN bike b ON b.id = j.bike_id WHERE j.id = ?", String.class, job))
                .isEqualTo("Long tail of [erased]");
        assertThat(jdbc.queryForObject("SELECT agreed_drawn FROM bill WHERE job_id = ?", String.class, job)).isNull();
        theRestIsWhole(audited);
    }

    /** What the audits find; others forge histories in the same shop, to see that they are found. */
    private List<String> audits() {
        return Stream.of("/api/audit", "/api/money/audit", "/api/drawers/audit").map(a -> orla.get(a).body().toString()).toList();
    }

    private void theRestIsWhole(List<String> audited) {
        assertThat(audits()).isEqualTo(audited);
        assertThat(orla.get("/api/customers/" + customer).body().path("details").path("name").asString()).isEqualTo("Erased " + customer);
        assertThat(orla.get("/api/customers/" + customer).body().has("erased")).isTrue();
        for (String view : List.of("/api/jobs/%d/bill", "/api/jobs/%d/steps", "/api/jobs/%d/arrival", "/api/jobs/%d/money",
                "/api/jobs/%d/survey.json")) {
            assertThat(orla.get(view.formatted(job)).status()).as(view).isEqualTo(200);
        }
        assertThat(may().path("reason").asString()).isEqualTo("It was erased before.");
        assertThat(erase("Erased " + customer, version()).status()).as("twice").isEqualTo(409);
        assertThat(orla.put("/api/customers/" + customer,
                "{\"version\":%d,\"customer\":{\"name\":\"%s\",\"contact\":\"x\"}}".formatted(version(), NAME)).status())
                .as("nobody writes the name back").isEqualTo(409);
        assertThat(orla.get("/api/customers?text=Erased").body().size()).as("is not found to be booked for").isZero();
        long bike = jdbc.queryForObject("SELECT bike_id FROM job WHERE id = ?", Long.class, job);
        Answer again = orla.post("/api/jobs", ShopClient.booking(NAME, CONTACT, "x", ",\"bikeId\":" + bike));
        assertThat(again.status()).as("%s", again).isIn(400, 409, 422);
        assertThat(jdbc.queryForObject(
                "SELECT COUNT(*) FROM security_event WHERE what IN ('ERASED', 'TAKEN_OUT') AND detail LIKE CONCAT('%customer ', ?)",
                Integer.class, customer)).isEqualTo(2);
    }
}
