package hingeyard.app.wiring;

import hingeyard.app.RunningApp;
import hingeyard.app.ShopClient;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Requests over every operation of the API, each with something in it that cannot be. Same seed, same requests. */
public final class BadRequests {

    /**
     * @param statuses how often each was answered
     * @param broken   the answers that are a fault of ours
     */
    public record Outcome(int operations, Map<Integer, Integer> statuses, List<String> broken) {
    }

    private static final JsonMapper JSON = new JsonMapper();
    /** Ends the session, or never ends. */
    private static final List<String> LEFT_OUT = List.of("DELETE /api/session", "POST /api/session", "POST /api/session/switch",
            "GET /api/live");

    /** What stands in a body as it is written, not as a text: numbers no reader of JSON makes. */
    private static final String RAW = "@@";
    private static final List<String> NUMBERS = List.of("1e-999999999", "1e19", "1e308", "1e999999999", "-1", "0", "99999999999999999999",
            "1.5", "-0.0", "2147483648", "9223372036854775807", "\"\"", "\"abc\"", "\"NaN\"", "true", "null", "[]", "{}", "[1]");
    private static final List<String> TEXTS = List.of("", " ", "\u0000", "a\u0000b", "\uFFFE", "\uD800", "\u202Eabc", "x".repeat(5_000),
            "x".repeat(81), "%", "_", "'\";--", "<b>", "=1+1", "\uD83D\uDEB2", "\r\n", "../..", "0", "-", "null");
    private static final List<String> OTHER_KINDS = List.of("null", "5", "true", "[]", "{}", "[null]", "{\"\":null}", "1e400");
    private static final List<String> DAYS = List.of("", "0000-00-00", "9999-12-31", "-999999999-01-01", "+999999999-12-31", "2026-13-40",
            "2026-02-30", "today", "2026-11-30T00:00:00Z");
    private static final List<String> IN_PATHS = List.of("0", "-1", "99999999999999999999", "9223372036854775807", "1.5", "abc", "%00",
            "%20",
            "%EF%BF%BE", "%25", "..%2f", "x".repeat(300), "%F0%9F%9A%B2", "%27", ";a=b");
    private static final List<String> BODIES = List.of("", "{", "[", "nul", "\"", "[[[[", "{\"a\":", "\uFEFF{}", "[]", "null", "5", "\"x\"",
            "{}", "{\"a\":1e-999999999}", "[".repeat(20_000));

    private record Operation(String method, String path, List<JsonNode> inPath, List<JsonNode> inQuery, JsonNode body) {

        String name() {
            return method + " " + path;
        }
    }

    private record Sent(String name, String url, String type, String body) {
    }

    private final Random random;
    private JsonNode api;
    private long job;

    public BadRequests(long seed) {
        random = new Random(seed);
    }

    /** Sends so many to an application of its own demo. */
    public Outcome send(RunningApp.App app, int times) throws Exception {
        api = JSON.readTree(Files.readString(Path.of("..", "web", "openapi.json")));
        List<Operation> operations = operations();
        ShopClient orla = ShopClient.signedIn(app.url(), "orla");
        job = orla.book("Wrong requests");
        orla.place(job, "RACK", null);
        orla.survey(job, "");
        orla.bill(job, "TN9");
        CookieManager cookies = new CookieManager();
        HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
        signIn(app.url(), http, cookies);
        Map<Integer, Integer> statuses = new TreeMap<>();
        List<String> broken = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            Operation operation = operations.get(i % operations.size());
            Sent sent = made(app.url(), operation);
            int status = send(http, cookies, operation.method, sent, broken);
            statuses.merge(status, 1, Integer::sum);
        }
        return new Outcome(operations.size(), statuses, broken);
    }

    private List<Operation> operations() {
        List<Operation> operations = new ArrayList<>();
        api.path("paths").propertyStream().forEach(path -> path.getValue().propertyStream().forEach(op -> {
            List<JsonNode> parameters = op.getValue().path("parameters").valueStream().toList();
            JsonNode content = op.getValue().path("requestBody").path("content");
            Operation one = new Operation(op.getKey().toUpperCase(Locale.ROOT), path.getKey(),
                    parameters.stream().filter(p -> p.path("in").asString().equals("path")).toList(),
                    parameters.stream().filter(p -> p.path("in").asString().equals("query")).toList(),
                    content.isMissingNode() ? null : content.path("application/json").path("schema"));
            if (!LEFT_OUT.contains(one.name())) {
                operations.add(one);
            }
        }));
        return operations;
    }

    private static void signIn(String url, HttpClient http, CookieManager cookies) throws IOException, InterruptedException {
        http.send(HttpRequest.newBuilder(URI.create(url + "/api/session")).build(), HttpResponse.BodyHandlers.discarding());
        http.send(HttpRequest.newBuilder(URI.create(url + "/api/session")).header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token(cookies))
                .POST(HttpRequest.BodyPublishers.ofString("{\"username\":\"orla\",\"password\":\"wharf-orla\"}")).build(),
                HttpResponse.BodyHandlers.discarding());
        http.send(HttpRequest.newBuilder(URI.create(url + "/api/session")).build(), HttpResponse.BodyHandlers.discarding());
    }

    private static String token(CookieManager cookies) {
        return cookies.getCookieStore().getCookies().stream().filter(c -> c.getName().equals("XSRF-TOKEN")).map(c -> c.getValue())
                .findFirst().orElse("");
    }

    private int send(HttpClient http, CookieManager cookies, String method, Sent sent, List<String> broken) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(sent.url)).timeout(Duration.ofSeconds(60))
                .header("X-XSRF-TOKEN", token(cookies));
        if (!sent.type.isEmpty()) {
            request.header("Content-Type", sent.type);
        }
        HttpResponse<String> answer = http.send(
                request.method(method, HttpRequest.BodyPublishers.ofString(sent.body, StandardCharsets.UTF_8)).build(),
                HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() >= 500) {
            broken.add("%d %s %s %s -> %s".formatted(answer.statusCode(), sent.name, cut(sent.url), cut(sent.body), cut(answer.body())));
        }
        return answer.statusCode();
    }

    private static String cut(String text) {
        return text.length() > 300 ? text.substring(0, 300) + "…" : text;
    }

    /** One thing of it cannot be: something in the address, in the content, or the content itself. */
    private Sent made(String url, Operation operation) {
        int what = random.nextInt(10);
        String path = operation.path;
        for (JsonNode p : operation.inPath) {
            String value = what == 0 ? one(IN_PATHS) : plain(p.path("name").asString());
            path = path.replace("{" + p.path("name").asString() + "}", value);
        }
        List<String> query = new ArrayList<>();
        for (JsonNode p : operation.inQuery) {
            String value = what == 1 || operation.body == null ? one(random.nextBoolean() ? TEXTS : NUMBERS) : "1";
            query.add(p.path("name").asString() + "=" + URLEncoder.encode(value, StandardCharsets.UTF_8));
        }
        String address = url + path + (query.isEmpty() ? "" : "?" + String.join("&", query));
        if (operation.body == null) {
            return new Sent(operation.name(), address, "", "");
        }
        if (what == 2) {
            return new Sent(operation.name(), address, "application/json", one(BODIES));
        }
        if (what == 3) {
            return new Sent(operation.name(), address,
                    one(List.of("", "text/plain", "application/xml", "multipart/form-data", "multipart/form-data; boundary=x", "nonsense",
                            "application/json;charset=nope")),
                    one(BODIES));
        }
        JsonNode body = example(operation.body, 0);
        int changes = 1 + random.nextInt(2);
        for (int i = 0; i < changes; i++) {
            body = changed(body, operation.body);
        }
        return new Sent(operation.name(), address, "application/json", written(body));
    }

    private String plain(String name) {
        return switch (name) {
            case "number", "job" -> String.valueOf(job);
            case "kit", "sheet" -> "TN9";
            case "part", "other" -> "BS-600";
            case "measure" -> "bracket.shell-width";
            case "point" -> "tyres";
            case "rule" -> "handover.first-check";
            case "key", "step" -> "kit-check";
            default -> "1";
        };
    }

    private static String written(JsonNode body) {
        return JSON.writeValueAsString(body).replaceAll("\"" + RAW + "(.*?)" + RAW + "\"", "$1");
    }

    private <T> T one(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private JsonNode resolved(JsonNode schema) {
        String ref = schema.path("$ref").asString("");
        return ref.isEmpty() ? schema : api.path("components").path("schemas").path(ref.substring(ref.lastIndexOf('/') + 1));
    }

    /** A body as a screen would send it, or nearly. */
    private JsonNode example(JsonNode given, int depth) {
        JsonNode schema = resolved(given);
        if (schema.has("enum")) {
            return schema.path("enum").get(random.nextInt(schema.path("enum").size()));
        }
        switch (schema.path("type").asString("")) {
            case "object" -> {
                ObjectNode object = JSON.createObjectNode();
                if (depth < 5) {
                    schema.path("properties").propertyStream().forEach(p -> object.set(p.getKey(), example(p.getValue(), depth + 1)));
                }
                return object;
            }
            case "array" -> {
                ArrayNode array = JSON.createArrayNode();
                if (depth < 5) {
                    array.add(example(schema.path("items"), depth + 1));
                }
                return array;
            }
            case "integer", "number" -> {
                return JSON.getNodeFactory().numberNode(1);
            }
            case "boolean" -> {
                return JSON.getNodeFactory().booleanNode(false);
            }
            default -> {
                return JSON.getNodeFactory().stringNode(schema.path("format").asString("").equals("date") ? "2026-11-30" : "x");
            }
        }
    }

    /** The same with one place of it changed, whichever. */
    private JsonNode changed(JsonNode body, JsonNode given) {
        JsonNode schema = resolved(given);
        if (body instanceof ObjectNode object && !object.isEmpty() && random.nextInt(8) > 0) {
            List<String> names = object.propertyStream().map(Map.Entry::getKey).toList();
            String name = one(names);
            if (random.nextInt(8) == 0) {
                object.remove(name);
            } else {
                object.set(name, changed(object.get(name), schema.path("properties").path(name)));
            }
            return object;
        }
        if (body instanceof ArrayNode array && !array.isEmpty() && random.nextInt(4) > 0) {
            array.set(0, changed(array.get(0), schema.path("items")));
            return array;
        }
        String type = schema.path("type").asString("");
        if (random.nextInt(5) == 0) {
            return raw(one(OTHER_KINDS));
        }
        if (type.equals("integer") || type.equals("number")) {
            return raw(one(NUMBERS));
        }
        if (schema.path("format").asString("").equals("date")) {
            return JSON.getNodeFactory().stringNode(one(DAYS));
        }
        return type.equals("object") || type.equals("array") ? raw(one(OTHER_KINDS)) : JSON.getNodeFactory().stringNode(one(TEXTS));
    }

    private static JsonNode raw(String text) {
        return JSON.getNodeFactory().stringNode(RAW + text.replace("\"", "") + RAW);
    }
}
