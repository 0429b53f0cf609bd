package hingeyard.app;

import hingeyard.core.Given;
import hingeyard.core.GivenKits;
import hingeyard.core.bike.BikeKind;
import hingeyard.formats.SurveyFile;
import hingeyard.formats.SurveyJson;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody of the shop who talks to the application by HTTP, as the front end does. */
public final class ShopClient {

    private static final JsonMapper JSON = new JsonMapper();

    /** Nobody waits longer for an answer, however slow the machine: a test that hangs tells nothing. */
    private static final Duration PATIENCE = Duration.ofMinutes(2);

    /** What came back. */
    public record Answer(int status, JsonNode body) {

        public String detail() {
            return body.path("detail").asString("");
        }
    }

    private final String url;
    private final Duration patience;
    private final CookieManager cookies;
    private final HttpClient http;

    private ShopClient(String url, Duration patience, CookieManager cookies, HttpClient http) {
        this.url = url;
        this.patience = patience;
        this.cookies = cookies;
        this.http = http;
    }

    public static ShopClient stranger(String url) {
        CookieManager cookies = new CookieManager();
        ShopClient client = new ShopClient(url, PATIENCE, cookies, HttpClient.newBuilder().cookieHandler(cookies).build());
        client.get("/api/session");
        return client;
    }

    /** The same person at the same device, to whom an answer counts as lost after this long. */
    ShopClient waiting(Duration patience) {
        return new ShopClient(url, patience, cookies, http);
    }

    /** The same person at the same device, who asks another instance of the application. */
    public ShopClient at(String instance) {
        return new ShopClient(instance, patience, cookies, http);
    }

    /** Signs in with the demo's password. */
    public static ShopClient signedIn(String url, String username) {
        ShopClient client = stranger(url);
        Answer answer = client.post("/api/session", "{\"username\":\"%s\",\"password\":\"wharf-%s\"}".formatted(username, username));
        if (answer.status != 200) {
            throw new IllegalStateException("sign-in of " + username + ": " + answer);
        }
        return client;
    }

    public String url() {
        return url;
    }

    public Answer get(String path) {
        return send(request(path).GET());
    }

    /** The same for somebody who reads inches. */
    public Answer getInInches(String path) {
        return send(request(path).header("Yard-Units", "imperial").GET());
    }

    public Answer post(String path, String json) {
        return send(request(path).header("Content-Type", "application/json").POST(HttpRequest.BodyPublishers.ofString(json)));
    }

    /** The same with an idempotency key. */
    public Answer post(String path, String json, String key) {
        return send(request(path).header("Content-Type", "application/json").header("Idempotency-Key", key)
                .POST(HttpRequest.BodyPublishers.ofString(json)));
    }

    public Answer put(String path, String json) {
        return send(request(path).header("Content-Type", "application/json").PUT(HttpRequest.BodyPublishers.ofString(json)));
    }

    public Answer delete(String path, String json) {
        return send(request(path).header("Content-Type", "application/json").method("DELETE", HttpRequest.BodyPublishers.ofString(json)));
    }

    /** The same with an idempotency key. */
    public Answer delete(String path, String json, String key) {
        return send(request(path).header("Content-Type", "application/json").header("Idempotency-Key", key)
                .method("DELETE", HttpRequest.BodyPublishers.ofString(json)));
    }

    /** Uploads a picture; a maker's approval with what it says. */
    public Answer photo(long job, String subject, String fileName, byte[] bytes) {
        return photo(job, subject, fileName, bytes,
                subject.startsWith("approval.") ? Map.of("paper", "Letter 12", "dated", "2026-01-15", "limit", "up to 250 W") : Map.of());
    }

    public Answer photo(long job, String subject, String fileName, byte[] bytes, Map<String, String> more) {
        Map<String, String> fields = new java.util.LinkedHashMap<>(more);
        fields.put("subject", subject);
        return file("/api/jobs/%d/photos".formatted(job), fileName, bytes, fields);
    }

    /** Sends a file in a form with other fields. */
    public Answer file(String path, String fileName, byte[] bytes, Map<String, String> more) {
        String boundary = "yard-" + System.nanoTime();
        java.io.ByteArrayOutputStream body = new java.io.ByteArrayOutputStream();
        more.forEach((name, value) -> body.writeBytes("--%s\r\nContent-Disposition: form-data; name=\"%s\"\r\n\r\n%s\r\n"
                .formatted(boundary, name, value).getBytes(StandardCharsets.UTF_8)));
        body.writeBytes(
                ("--%s\r\nContent-Disposition: form-data; name=\"file\"; filename=\"%s\"\r\nContent-Type: application/octet-stream\r\n\r\n")
                        .formatted(boundary, fileName)
                        .getBytes(StandardCharsets.UTF_8));
        body.writeBytes(bytes);
        body.writeBytes(("\r\n--" + boundary + "--\r\n").getBytes(StandardCharsets.UTF_8));
        return send(request(path).header("Content-Type", "multipart/form-data; boundary=" + boundary)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray())));
    }

    /** What an address answers, as it is. */
    public HttpResponse<byte[]> bytes(String path) {
        try {
            return http.send(request(path).GET().build(), HttpResponse.BodyHandlers.ofByteArray());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** How many bytes an address answers to a browser, which takes them packed. */
    public int packed(String path) {
        try {
            return http.send(request(path).header("Accept-Encoding", "gzip").GET().build(), HttpResponse.BodyHandlers.ofByteArray())
                    .body().length;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** What a command is answered, headers and all. */
    public HttpResponse<String> answer(String path, String json) {
        try {
            return http.send(
                    request(path).header("Content-Type", "application/json").POST(HttpRequest.BodyPublishers.ofString(json)).build(),
                    HttpResponse.BodyHandlers.ofString());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** Puts a cookie in the browser that the server never gave. */
    public void plant(String name, String value) {
        cookies.getCookieStore().getCookies().stream().filter(c -> c.getName().equals(name)).forEach(c -> c.setValue(value));
    }

    public String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream().filter(c -> c.getName().equals(name)).map(HttpCookie::getValue).findFirst()
                .orElse("");
    }

    /** The stream of live events; the caller closes it. */
    public BufferedReader listen() throws IOException, InterruptedException {
        HttpResponse<InputStream> response = http.send(request("/api/live").GET().build(), HttpResponse.BodyHandlers.ofInputStream());
        return new BufferedReader(new InputStreamReader(response.body(), StandardCharsets.UTF_8));
    }

    private HttpRequest.Builder request(String path) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(url + path)).timeout(patience);
        cookies.getCookieStore().getCookies().stream().filter(c -> c.getName().equals("XSRF-TOKEN")).findFirst()
                .ifPresent(c -> request.header("X-XSRF-TOKEN", c.getValue()));
        return request;
    }

    private Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            boolean json = response.headers().firstValue("Content-Type").filter(t -> t.contains("json")).isPresent();
            return new Answer(response.statusCode(), json ? JSON.readTree(response.body()) : JSON.nullNode());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    // What the stories need again and again.

    /** Books a bike in and answers its job's number. */
    public long book(String bike) {
        Answer answer = post("/api/jobs", booking(bike));
        if (answer.status != 201) {
            throw new IllegalStateException("booking: " + answer);
        }
        return answer.body.path("number").asLong();
    }

    public static String booking(String bike) {
        return booking("Edda Holm", "ext. 77", bike, "");
    }

    /** @param more further properties, each with a comma in front */
    public static String booking(String customer, String contact, String bike, String more) {
        return """
                {"customer":{"name":"%s","contact":"%s"},"newCustomer":false,"bike":{"kind":"DIAMOND","model":"%s","size":"","frameNumber":"X-%d","paint":"#2b5d8a"},"jobKind":"MID_DRIVE",
                 "wish":"hills","need":{"DISTANCE":"20"},"wishes":[],"legalClass":"OPEN","arrivesOn":"%s"%s}""".formatted(customer, contact,
                bike, System.nanoTime(),
                java.time.LocalDate.now(), more);
    }

    public Answer measure(long job, String key, String text, String tool, long seen) {
        return post("/api/jobs/%d/measures/%s".formatted(job, key),
                "{\"text\":\"%s\",\"tool\":\"%s\",\"seen\":%d,\"sure\":false}".formatted(text, tool, seen));
    }

    public Answer place(long job, String to, Integer stand) {
        return post("/api/jobs/%d/place".formatted(job), stand == null ? "{\"to\":\"%s\"}".formatted(to)
                : "{\"to\":\"%s\",\"stand\":%d}".formatted(to, stand));
    }

    /**
     * Measures a bike from end to end, as a file of the shop's second measuring post brings it in.
     *
     * @param readings what differs from the usual tourer, {@code key=value} parted by {@code ;}
     */
    public Answer survey(long job, String readings) {
        String file = SurveyJson.write(new SurveyFile(BikeKind.DIAMOND, "Tourer", "", "", Given.survey(GivenKits.BIKE + ";" + readings)));
        Answer answer = post("/api/jobs/%d/survey/file".formatted(job),
                "{\"json\":%s,\"apply\":true,\"chosen\":[]}".formatted(JSON.writeValueAsString(file)));
        if (answer.status != 200) {
            throw new IllegalStateException("survey: " + answer);
        }
        return answer;
    }

    /** One kit's match on a job. */
    public JsonNode match(long job, String kit) {
        return get("/api/jobs/%d/match/%s".formatted(job, kit)).body;
    }

    public static JsonNode finding(JsonNode match, String check) {
        for (JsonNode finding : match.path("findings")) {
            if (finding.path("checkId").asString().equals(check)) {
                return finding;
            }
        }
        throw new IllegalStateException("no finding of " + check + " in " + match);
    }

    /** The checks of a match that want consent. */
    public static List<String> tradeOffs(JsonNode match) {
        List<String> checks = new ArrayList<>();
        match.path("findings").forEach(f -> {
            if (f.path("verdict").asString().equals("TRADE_OFF")) {
                checks.add(f.path("checkId").asString());
            }
        });
        return checks;
    }

    /** Somebody agreed yesterday, by phone. */
    public static Map<String, String> agreement() {
        return Map.of("who", "Edda Holm", "on", LocalDate.now(ZoneOffset.UTC).minusDays(1).toString(), "way", "PHONE");
    }

    /** Makes the bill of a match as it is now, with consent to whatever asks for it. */
    public Answer bill(long job, String kit) {
        JsonNode match = match(job, kit);
        return bill(job, kit, match.path("stamp").asString(), tradeOffs(match));
    }

    public Answer bill(long job, String kit, List<String> consented) {
        return bill(job, kit, match(job, kit).path("stamp").asString(), consented);
    }

    public Answer bill(long job, String kit, String stamp, List<String> consented) {
        return bill(job, kit, stamp, consented, List.of());
    }

    /** @param notTaken each {@code check|place|reason} */
    public Answer bill(long job, String kit, String stamp, List<String> consented, List<String> notTaken) {
        List<Map<String, Object>> left = notTaken.stream().map(n -> n.split("\\|"))
                .map(n -> Map.<String, Object>of("checkId", n[0], "remedy", Integer.parseInt(n[1]), "reason", n[2])).toList();
        return post("/api/jobs/%d/bill".formatted(job),
                JSON.writeValueAsString(
                        Map.of("kitCode", kit, "stamp", stamp, "consented", consented, "notTaken", left, "agreement", agreement())));
    }

    /** What a bill is asked for with, whose trade-offs are all agreed to. */
    static String billing(String kit, JsonNode match) {
        return JSON.writeValueAsString(Map.of("kitCode", kit, "stamp", match.path("stamp").asString(), "consented", tradeOffs(match),
                "notTaken", List.of(), "agreement", agreement()));
    }

    /** A step's tap that a tablet kept. @param tappedAt by the tablet's clock */
    public Answer tapped(long job, String key, String what, String json, String tappedAt) {
        return send(request("/api/jobs/%d/steps/%s/%s".formatted(job, key, what)).header("Content-Type", "application/json")
                .header("Yard-Tapped-At", tappedAt).POST(HttpRequest.BodyPublishers.ofString(json)));
    }

    /** A step's tap that says whose it is. @param by the account it was tapped with */
    public Answer tappedBy(long job, String key, String what, String json, String by) {
        return send(request("/api/jobs/%d/steps/%s/%s".formatted(job, key, what)).header("Content-Type", "application/json")
                .header("Yard-Tapped-By", by).POST(HttpRequest.BodyPublishers.ofString(json)));
    }

    public Answer step(long job, String key, String what, String json) {
        return post("/api/jobs/%d/steps/%s/%s".formatted(job, key, what), json);
    }

    public int free(String part) {
        for (JsonNode row : get("/api/drawers").body) {
            if (row.path("number").asString().equals(part)) {
                return row.path("free").asInt();
            }
        }
        throw new IllegalStateException("no part " + part);
    }
}
